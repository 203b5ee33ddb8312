{{#readsEnvironment}}
package {{package}};

import static org.junit.jupiter.api.Assertions.assertEquals;

import io.micronaut.context.ApplicationContext;
import io.micronaut.context.env.Environment;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class NeededVariablesTest {

    @Test
    void namesWhatNothingGivesAValue() {
        Map<String, Object> settings =
                Map.of("SAMPLE_GIVEN", "yes", "sample.one", "${SAMPLE_GIVEN}", "sample.two", "${SAMPLE_MISSING}");
        ApplicationContext application =
                ApplicationContext.builder(settings, "test").build();
        try (Environment environment = application.getEnvironment()) {
            assertEquals(Set.of("SAMPLE_MISSING"), NeededVariables.missing(environment.start()));
        }
    }
}
{{/readsEnvironment}}
