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
{{^validated}}

    /** Whether it can be kept: both are there, and neither is too long for it. */
    boolean isWhole() {
        return isText(title, 200) && isText(body, 4000)
    }

    private static boolean isText(String text, int most) {
        return text != null && !text.isBlank() && text.length() <= most
    }
{{/validated}}
}
