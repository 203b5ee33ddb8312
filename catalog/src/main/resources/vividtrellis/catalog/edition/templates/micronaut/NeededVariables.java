{{#readsEnvironment}}
package {{package}};

import io.micronaut.context.ApplicationContext;
import io.micronaut.context.env.Environment;
import io.micronaut.context.env.EnvironmentPropertySource;
import io.micronaut.context.env.PropertyEntry;
import io.micronaut.context.env.PropertyPlaceholderResolver;
import io.micronaut.context.env.PropertySource;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Ends the application with one line where the environment lacks what the settings read: what comes of it later is
 * harder to read.
 */
final class NeededVariables {

    private static final Pattern VARIABLE = Pattern.compile("\\$\\{([A-Z0-9_]+)}");

    private NeededVariables() {}

    /** Reads the settings as the application will, before anything of it is made. */
    static void check(String... args) {
        ApplicationContext application = ApplicationContext.builder().args(args).build();
        try (Environment environment = application.getEnvironment()) {
            Set<String> missing = missing(environment.start());
            if (!missing.isEmpty()) {
                System.err.println("These variables are not set: " + String.join(", ", missing)
                        + ". On your own machine, run it with: {{{wrapper}}} {{{runTask}}}");
                System.exit(1);
            }
        }
    }

    /** The variables that settings read, and that nothing gives a value. */
    static Set<String> missing(Environment environment) {
        Set<String> missing = new TreeSet<>();
        for (PropertySource source : environment.getPropertySources()) {
            if (!(source instanceof EnvironmentPropertySource)) {
                for (String key : source) {
                    environment
                            .getPropertyEntry(key)
                            .map(PropertyEntry::value)
                            .ifPresent(value -> addMissing(missing, environment, value.toString()));
                }
            }
        }
        return missing;
    }

    private static void addMissing(Set<String> missing, Environment environment, String value) {
        PropertyPlaceholderResolver variables = environment.getPlaceholderResolver();
        Matcher variable = VARIABLE.matcher(value);
        while (variable.find()) {
            if (variables.resolvePlaceholders(variable.group()).isEmpty()) {
                missing.add(variable.group(1));
            }
        }
    }
}
{{/readsEnvironment}}
