package {{package}}.{{domain}}

import org.assertj.core.api.Assertions.assertThat
import org.junit.jupiter.api.Test
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

class {{Entity}}Test {
    @Test
    fun holdsWhatItWasGiven() {
        val draft = {{Entity}}Draft({{#args}}{{#fields}}{{{literalAlongside}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}})

        assertThat(draft.{{#first}}{{name}}(){{/first}}).isEqualTo({{#first}}{{{literalAlongside}}}{{/first}})
    }
}
