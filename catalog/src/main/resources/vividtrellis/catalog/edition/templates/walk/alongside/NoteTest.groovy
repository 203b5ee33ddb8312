package {{package}}.{{domain}}

import java.time.Instant
import java.time.LocalDate
import org.junit.jupiter.api.Test

class {{Entity}}Test {

    @Test
    void holdsWhatItWasGiven() {
        {{Entity}}Draft draft = new {{Entity}}Draft({{#args}}{{#fields}}{{{literalAlongside}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}})

        assert draft.{{#first}}{{name}}(){{/first}} == {{#first}}{{{literalAlongside}}}{{/first}}
    }
}
