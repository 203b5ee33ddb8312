package {{package}}.{{web}}

{{#validated}}
import jakarta.validation.constraints.NotBlank
import jakarta.validation.constraints.Size

/** A note as it comes in. */
data class NewNote(
    @field:NotBlank
    @field:Size(max = 200)
    val title: String = "",
    @field:NotBlank
    @field:Size(max = 4000)
    val body: String = "",
)
{{/validated}}
{{^validated}}
/** A note as it comes in. */
data class NewNote(
    val title: String = "",
    val body: String = "",
) {
    /** Whether it can be kept: both are there, and neither is too long for it. */
    fun isWhole() = isText(title, 200) && isText(body, 4000)

    private fun isText(
        text: String,
        most: Int,
    ) = text.isNotBlank() && text.length <= most
}
{{/validated}}
