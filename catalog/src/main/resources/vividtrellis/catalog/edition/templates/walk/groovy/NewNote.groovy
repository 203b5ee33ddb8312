package {{package}}.{{web}}

{{#validated}}
import jakarta.validation.constraints.NotBlank
import jakarta.validation.constraints.Size

{{/validated}}
/** A note as it comes in. */
class NewNote {

{{#validated}}
    @NotBlank
    @Size(max = 200)
{{/validated}}
    String title = ''

{{#validated}}
    @NotBlank
    @Size(max = 4000)
{{/validated}}
    String body = ''
}
