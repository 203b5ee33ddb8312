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
)
{{/validated}}
