{{#readsEnvironment}}
package {{package}};

import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.boot.env.OriginTrackedMapPropertySource;
import org.springframework.context.ApplicationListener;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.Environment;
import org.springframework.core.env.PropertySource;
import org.springframework.util.PlaceholderResolutionException;

/**
 * Ends the application with one line where the environment lacks what the settings read: what comes of it later is
 * harder to read.
 */
class NeededVariables implements ApplicationListener<ApplicationEnvironmentPreparedEvent> {

    @Override
    public void onApplicationEvent(ApplicationEnvironmentPreparedEvent event) {
        Set<String> missing = missing(event.getEnvironment());
        if (!missing.isEmpty()) {
            System.err.println("These variables are not set: " + String.join(", ", missing)
                    + ". On your own machine, run it with: {{{wrapper}}} {{{runTask}}}");
            System.exit(1);
        }
    }

    /** The variables that settings in files read, and that nothing gives a value. */
    static Set<String> missing(ConfigurableEnvironment environment) {
        Set<String> missing = new TreeSet<>();
        for (PropertySource<?> source : environment.getPropertySources()) {
            if (source instanceof OriginTrackedMapPropertySource settings) {
                for (String key : settings.getPropertyNames()) {
                    missing(environment, key).ifPresent(missing::add);
                }
            }
        }
        return missing;
    }

    private static Optional<String> missing(Environment environment, String key) {
        try {
            environment.getProperty(key);
            return Optional.empty();
        } catch (PlaceholderResolutionException e) {
            return Optional.of(e.getPlaceholder());
        }
    }
}
{{/readsEnvironment}}
