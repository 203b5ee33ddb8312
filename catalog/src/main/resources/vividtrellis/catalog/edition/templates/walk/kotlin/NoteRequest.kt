package {{package}}.{{web}}

{{#validated}}
import jakarta.validation.constraints.NotBlank
import jakarta.validation.constraints.Size

/** A note as it comes in. */
data class NoteRequest(
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
data class NoteRequest(
    val title: String = "",
    val body: String = "",
) {
    /** What is wrong with it, by field; nothing if it can be kept. */
    fun errors() =
        buildMap {
            if (!isText(title, 200)) put("title", "must be a text of at most 200 characters")
            if (!isText(body, 4000)) put("body", "must be a text of at most 4000 characters")
        }

    private fun isText(
        text: String,
        most: Int,
    ) = text.isNotBlank() && text.length <= most
}
{{/validated}}
