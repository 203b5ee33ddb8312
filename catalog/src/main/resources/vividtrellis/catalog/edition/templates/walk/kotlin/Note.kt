package {{package}}.{{domain}}

/** A note that somebody wrote; its number is given when it is kept. */
data class Note(
    val id: Long,
    val title: String,
    val body: String,
)
