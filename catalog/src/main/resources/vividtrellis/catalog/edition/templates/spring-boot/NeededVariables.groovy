{{#readsEnvironment}}
package {{package}}

import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent
import org.springframework.boot.env.OriginTrackedMapPropertySource
import org.springframework.context.ApplicationListener
import org.springframework.core.env.ConfigurableEnvironment
import org.springframework.util.PlaceholderResolutionException

/**
 * Ends the application with one line where the environment lacks what the settings read: what comes of it later is
 * harder to read.
 */
class NeededVariables implements ApplicationListener<ApplicationEnvironmentPreparedEvent> {

    @Override
    void onApplicationEvent(ApplicationEnvironmentPreparedEvent event) {
        def missing = missing(event.environment)
        if (!missing.empty) {
            System.err.println('These variables are not set: ' + missing.join(', ') +
                    '. On your own machine, run it with: {{{wrapper}}} {{{runTask}}}')
            System.exit(1)
        }
    }

    /** The variables that settings in files read, and that nothing gives a value. */
    static SortedSet<String> missing(ConfigurableEnvironment environment) {
        SortedSet<String> missing = new TreeSet<>()
        for (source in environment.propertySources) {
            if (source instanceof OriginTrackedMapPropertySource) {
                for (key in source.propertyNames) {
                    try {
                        environment.getProperty(key)
                    } catch (PlaceholderResolutionException e) {
                        missing.add(e.placeholder)
                    }
                }
            }
        }
        return missing
    }
}
{{/readsEnvironment}}
