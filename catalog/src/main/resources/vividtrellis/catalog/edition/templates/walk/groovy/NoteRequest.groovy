package {{package}}.{{web}}

{{#validated}}
import jakarta.validation.constraints.NotBlank
import jakarta.validation.constraints.Size

{{/validated}}
/** A note as it comes in. */
class NoteRequest {

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

    /** What is wrong with it, by field; nothing if it can be kept. */
    Map<String, String> errors() {
        Map<String, String> errors = [:]
        check(errors, 'title', title, 200)
        check(errors, 'body', body, 4000)
        return errors
    }

    private static void check(Map<String, String> errors, String field, String text, int most) {
        if (text == null || text.isBlank() || text.length() > most) {
            errors.put(field, 'must be a text of at most ' + most + ' characters')
        }
    }
{{/validated}}
}
