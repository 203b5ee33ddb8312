package {{package}}.{{web}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
{{/byLayer}}
{{#validated}}
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Digits;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
{{/validated}}
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
{{^validated}}
import java.util.LinkedHashMap;
import java.util.Map;
{{/validated}}
import java.util.UUID;
import org.jspecify.annotations.Nullable;
{{#hasPages}}
import org.springframework.format.annotation.DateTimeFormat;
{{/hasPages}}

/** {{An}} {{entityWords}} as it comes in. */
{{^validated}}
public record {{Entity}}Request({{#args}}{{#fields}}{{#hasPages}}{{#date}}@DateTimeFormat(iso = DateTimeFormat.ISO.DATE) {{/date}}{{/hasPages}}{{{boxed}}} {{name}}{{^-last}}, {{/-last}}{{/fields}}{{/args}}) {
{{/validated}}
{{#validated}}
public record {{Entity}}Request(
{{#fields}}
        {{{rules}}}{{#hasPages}}{{#date}}@DateTimeFormat(iso = DateTimeFormat.ISO.DATE) {{/date}}{{/hasPages}}{{{boxed}}} {{name}}{{^-last}},{{/-last}}{{#-last}}) {{=<% %>=}}{<%={{ }}=%>{{/-last}}
{{/fields}}
{{/validated}}

    /** As it is kept: no blanks around a text, and no more of a number or a time than every store takes. */
    {{Entity}}Draft toDraft() {
        return new {{Entity}}Draft({{#args}}{{#fields}}{{{cleaned}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}});
    }
{{#hasOptionalText}}

    private static {{#nullMarked}}@Nullable {{/nullMarked}}String stripped({{#nullMarked}}@Nullable {{/nullMarked}}String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }
{{/hasOptionalText}}
{{^validated}}

    /** What is wrong with it, by field; nothing if it can be kept. */
    Map<String, String> errors() {
        Map<String, String> errors = new LinkedHashMap<>();
{{#fields}}
{{#checked}}
        check({{#args}}errors, "{{name}}", {{{checked}}}, "{{message}}"{{/args}});
{{/checked}}
{{/fields}}
        return errors;
    }

    private static void check(Map<String, String> errors, String field, boolean holds, String message) {
        if (!holds) {
            errors.put(field, message);
        }
    }
{{#hasText}}

    private static boolean isText({{#nullMarked}}@Nullable {{/nullMarked}}String text, int least, int most) {
        return text != null && !text.isBlank() && text.strip().length() >= least && text.length() <= most;
    }
{{/hasText}}
{{#hasInteger}}

    private static boolean isWithin({{#nullMarked}}@Nullable {{/nullMarked}}Long number, long least, long most) {
        return number != null && number >= least && number <= most;
    }
{{/hasInteger}}
{{#hasDecimal}}

    private static boolean isWithin({{#nullMarked}}@Nullable {{/nullMarked}}BigDecimal number, String least, String most) {
        return number != null
                && number.scale() <= 4
                && number.compareTo(new BigDecimal(least)) >= 0
                && number.compareTo(new BigDecimal(most)) <= 0;
    }
{{/hasDecimal}}
{{/validated}}
}
