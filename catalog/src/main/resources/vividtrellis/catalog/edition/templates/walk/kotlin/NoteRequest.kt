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
import org.springframework.format.annotation.DateTimeFormat
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID
import java.math.RoundingMode
import java.time.temporal.ChronoUnit

/** {{An}} {{entityWords}} as it comes in; what is missing is null or blank. */
data class {{Entity}}Request(
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
    @param:DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
{{/date}}
{{/hasPages}}
    val {{name}}: {{{boxed}}},
{{/fields}}
) {
    /** As it is kept: no blanks around a text, and no more of a number or a time than every store takes. */
    fun toDraft() =
        {{Entity}}Draft(
{{#fields}}
            {{name}} = {{{cleaned}}},
{{/fields}}
        )
{{^validated}}

    /** What is wrong with it, by field; nothing if it can be kept. */
    fun errors(): Map<String, String> =
        buildMap {
{{#fields}}
{{#checked}}
            if (!({{{checked}}})) {
                put("{{name}}", "{{message}}")
            }
{{/checked}}
{{/fields}}
        }
{{#hasText}}

    private fun isText(
        text: String,
        least: Int,
        most: Int,
    ) = text.isNotBlank() && text.trim().length >= least && text.length <= most
{{/hasText}}
{{#hasInteger}}

    private fun isWithin(
        number: Long?,
        least: Long,
        most: Long,
    ) = number != null && number in least..most
{{/hasInteger}}
{{#hasDecimal}}

    private fun isWithin(
        number: BigDecimal?,
        least: String,
        most: String,
    ) = number != null && number.scale() <= 4 && number in BigDecimal(least)..BigDecimal(most)
{{/hasDecimal}}
{{/validated}}
}
