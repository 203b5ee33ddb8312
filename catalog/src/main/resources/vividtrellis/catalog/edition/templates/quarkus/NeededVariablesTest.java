{{#readsEnvironment}}
package {{package}};

import static org.junit.jupiter.api.Assertions.assertEquals;

import io.smallrye.config.PropertiesConfigSource;
import io.smallrye.config.SmallRyeConfig;
import io.smallrye.config.SmallRyeConfigBuilder;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class NeededVariablesTest {

    @Test
    void namesWhatNothingGivesAValue() {
        Map<String, String> settings =
                Map.of("SAMPLE_GIVEN", "yes", "sample.one", "${SAMPLE_GIVEN}", "sample.two", "${SAMPLE_MISSING}");
        SmallRyeConfig config = new SmallRyeConfigBuilder()
                .addDefaultInterceptors()
                .withSources(new PropertiesConfigSource(settings, "settings", 100))
                .build();

        assertEquals(Set.of("SAMPLE_MISSING"), NeededVariables.missing(config));
    }
}
{{/readsEnvironment}}
