{{#readsEnvironment}}
package {{package}};

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.boot.env.OriginTrackedMapPropertySource;
import org.springframework.core.env.MapPropertySource;
import org.springframework.core.env.StandardEnvironment;

class NeededVariablesTest {

    @Test
    void namesWhatNothingGivesAValue() {
        StandardEnvironment environment = new StandardEnvironment();
        environment.getPropertySources().addLast(new MapPropertySource("given", Map.of("SAMPLE_GIVEN", "yes")));
        environment
                .getPropertySources()
                .addLast(new OriginTrackedMapPropertySource(
                        "settings", Map.of("one", "${SAMPLE_GIVEN}", "two", "${SAMPLE_MISSING}")));

        assertThat(NeededVariables.missing(environment)).containsExactly("SAMPLE_MISSING");
    }
}
{{/readsEnvironment}}
