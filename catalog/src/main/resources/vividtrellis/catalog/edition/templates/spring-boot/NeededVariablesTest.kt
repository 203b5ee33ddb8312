{{#readsEnvironment}}
package {{package}}

import org.assertj.core.api.Assertions.assertThat
import org.junit.jupiter.api.Test
import org.springframework.boot.env.OriginTrackedMapPropertySource
import org.springframework.core.env.MapPropertySource
import org.springframework.core.env.StandardEnvironment

class NeededVariablesTest {
    @Test
    fun namesWhatNothingGivesAValue() {
        val environment = StandardEnvironment()
        environment.propertySources.addLast(MapPropertySource("given", mapOf("SAMPLE_GIVEN" to "yes")))
        environment.propertySources.addLast(
            OriginTrackedMapPropertySource(
                "settings",
                mapOf("one" to "\${SAMPLE_GIVEN}", "two" to "\${SAMPLE_MISSING}"),
            ),
        )

        assertThat(NeededVariables.missing(environment)).containsExactly("SAMPLE_MISSING")
    }
}
{{/readsEnvironment}}
