package {{package}}.{{web}};

{{#validated}}
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;

/** A note as it comes in. */
public record NewNote(
        @NotBlank @Size(max = 200) String title,
        @NotBlank @Size(max = 4000) String body) {}
{{/validated}}
{{^validated}}
/** A note as it comes in. */
public record NewNote(String title, String body) {}
{{/validated}}
