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
        environment.propertySources.addLast(MapPropertySource("given", mapOf("BERTHS_GIVEN" to "yes")))
        environment.propertySources.addLast(
            OriginTrackedMapPropertySource(
                "settings",
                mapOf("one" to "\${BERTHS_GIVEN}", "two" to "\${BERTHS_MISSING}"),
            ),
        )

        assertThat(NeededVariables.missing(environment)).containsExactly("BERTHS_MISSING")
    }
}
{{/readsEnvironment}}
