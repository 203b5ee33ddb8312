{{#readsEnvironment}}
package {{package}}

import org.junit.jupiter.api.Test
import org.springframework.boot.env.OriginTrackedMapPropertySource
import org.springframework.core.env.MapPropertySource
import org.springframework.core.env.StandardEnvironment

class NeededVariablesTest {

    @Test
    void namesWhatNothingGivesAValue() {
        def environment = new StandardEnvironment()
        environment.propertySources.addLast(new MapPropertySource('given', [SAMPLE_GIVEN: 'yes']))
        environment.propertySources.addLast(new OriginTrackedMapPropertySource(
                'settings', [one: '${SAMPLE_GIVEN}', two: '${SAMPLE_MISSING}']))

        assert NeededVariables.missing(environment) as List == ['SAMPLE_MISSING']
    }
}
{{/readsEnvironment}}
