package {{package}}.{{web}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
{{/byLayer}}
{{#validated}}
import jakarta.validation.constraints.DecimalMax
import jakarta.validation.constraints.DecimalMin
import jakarta.validation.constraints.Digits
import jakarta.validation.constraints.Max
import jakarta.validation.constraints.Min
import jakarta.validation.constraints.NotBlank
import jakarta.validation.constraints.NotNull
import jakarta.validation.constraints.Size
{{/validated}}
import java.math.RoundingMode
import java.time.Instant
import java.time.LocalDate
import java.time.temporal.ChronoUnit
import org.springframework.format.annotation.DateTimeFormat

/** {{An}} {{entityWords}} as it comes in. */
class {{Entity}}Request {
{{#fields}}

{{#ruled}}
    {{{ruled}}}
{{/ruled}}
{{#andSized}}
    {{{andSized}}}
{{/andSized}}
{{#andAtLeast}}
    {{{andAtLeast}}}
{{/andAtLeast}}
{{#andAtMost}}
    {{{andAtMost}}}
{{/andAtMost}}
{{#andDigits}}
    {{{andDigits}}}
{{/andDigits}}
{{#hasPages}}
{{#date}}
    @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
{{/date}}
{{/hasPages}}
    {{{boxed}}} {{name}}{{#text}}{{#required}} = ''{{/required}}{{/text}}
{{/fields}}

    /** As it is kept: no blanks around a text, and no more of a number or a time than every store takes. */
    {{Entity}}Draft toDraft() {
        new {{Entity}}Draft({{#args}}{{#fields}}{{{cleaned}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}})
    }
{{^validated}}

    /** What is wrong with it, by field; nothing if it can be kept. */
    Map<String, String> errors() {
        Map<String, String> errors = [:]
{{#fields}}
{{#checked}}
        if (!({{{checked}}})) {
            errors.put('{{name}}', '{{message}}')
        }
{{/checked}}
{{/fields}}
        return errors
    }
{{#hasText}}

    private static boolean isText(String text, int least, int most) {
        text != null && !text.isBlank() && text.strip().length() >= least && text.length() <= most
    }
{{/hasText}}
{{#hasInteger}}

    private static boolean isWithin(Long number, long least, long most) {
        number != null && number >= least && number <= most
    }
{{/hasInteger}}
{{#hasDecimal}}

    private static boolean isWithin(BigDecimal number, String least, String most) {
        number != null && number.scale() <= 4 && number >= new BigDecimal(least) && number <= new BigDecimal(most)
    }
{{/hasDecimal}}
{{/validated}}
}
