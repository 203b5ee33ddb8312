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
        environment.getPropertySources().addLast(new MapPropertySource("given", Map.of("BERTHS_GIVEN", "yes")));
        environment
                .getPropertySources()
                .addLast(new OriginTrackedMapPropertySource(
                        "settings", Map.of("one", "${BERTHS_GIVEN}", "two", "${BERTHS_MISSING}")));

        assertThat(NeededVariables.missing(environment)).containsExactly("BERTHS_MISSING");
    }
}
{{/readsEnvironment}}
