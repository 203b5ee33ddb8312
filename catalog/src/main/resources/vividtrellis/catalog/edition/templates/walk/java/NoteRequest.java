package {{package}}.{{web}};

{{#validated}}
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;

/** A note as it comes in. */
public record NoteRequest(
        @NotBlank @Size(max = 200) String title,
        @NotBlank @Size(max = 4000) String body) {}
{{/validated}}
{{^validated}}
import java.util.LinkedHashMap;
import java.util.Map;

/** A note as it comes in. */
public record NoteRequest(String title, String body) {

    /** What is wrong with it, by field; nothing if it can be kept. */
    Map<String, String> errors() {
        Map<String, String> errors = new LinkedHashMap<>();
        check(errors, "title", title, 200);
        check(errors, "body", body, 4000);
        return errors;
    }

    private static void check(Map<String, String> errors, String field, String text, int most) {
        if (text == null || text.isBlank() || text.length() > most) {
            errors.put(field, "must be a text of at most " + most + " characters");
        }
    }
}
{{/validated}}
