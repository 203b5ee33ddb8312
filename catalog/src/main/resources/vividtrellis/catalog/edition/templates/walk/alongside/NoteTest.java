package {{package}}.{{domain}};

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class {{Entity}}Test {

    @Test
    void holdsWhatItWasGiven() {
        {{Entity}}Draft draft = new {{Entity}}Draft({{#args}}{{#fields}}{{{literalAlongside}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}});

        assertThat(draft.get{{#first}}{{Name}}{{/first}}()).isEqualTo({{#first}}{{{literalAlongside}}}{{/first}});
    }
}
