{{#readsEnvironment}}
package {{package}}

import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent
import org.springframework.boot.env.OriginTrackedMapPropertySource
import org.springframework.context.ApplicationListener
import org.springframework.core.env.ConfigurableEnvironment
import org.springframework.util.PlaceholderResolutionException
import java.util.SortedSet
import kotlin.system.exitProcess

/**
 * Ends the application with one line where the environment lacks what the settings read: what comes of it later is
 * harder to read.
 */
internal class NeededVariables : ApplicationListener<ApplicationEnvironmentPreparedEvent> {
    override fun onApplicationEvent(event: ApplicationEnvironmentPreparedEvent) {
        val missing = missing(event.environment)
        if (missing.isNotEmpty()) {
            System.err.println(
                "These variables are not set: " + missing.joinToString() +
                    ". On your own machine, run it with: {{{wrapper}}} {{{runTask}}}",
            )
            exitProcess(1)
        }
    }

    companion object {
        /** The variables that settings in files read, and that nothing gives a value. */
        fun missing(environment: ConfigurableEnvironment): SortedSet<String> =
            environment.propertySources
                .filterIsInstance<OriginTrackedMapPropertySource>()
                .flatMap { it.propertyNames.toList() }
                .mapNotNull { missing(environment, it) }
                .toSortedSet()

        private fun missing(
            environment: ConfigurableEnvironment,
            key: String,
        ): String? =
            try {
                environment.getProperty(key)
                null
            } catch (e: PlaceholderResolutionException) {
                e.placeholder
            }
    }
}
{{/readsEnvironment}}
