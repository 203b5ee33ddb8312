package {{package}}.{{samplePackage}}

/** What the service says of itself. */
data class About(
    val name: String,
    val summary: String,
)
