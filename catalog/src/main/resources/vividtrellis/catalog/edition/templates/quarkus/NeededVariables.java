{{#readsEnvironment}}
package {{package}};

import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eclipse.microprofile.config.Config;
import org.eclipse.microprofile.config.ConfigProvider;
import org.eclipse.microprofile.config.ConfigValue;

/**
 * Ends the application with one line where the environment lacks what the settings read: what comes of it later is
 * harder to read.
 */
final class NeededVariables {

    private static final Pattern VARIABLE = Pattern.compile("\\$\\{([A-Z0-9_]+)}");

    private NeededVariables() {}

    /** Reads the settings as the application will, before anything of it is made. */
    static void check() {
        // Whoever reads settings may log, and the first to do so settles how all do.
        System.setProperty("java.util.logging.manager", "org.jboss.logmanager.LogManager");
        Set<String> missing = missing(ConfigProvider.getConfig());
        if (!missing.isEmpty()) {
            System.err.println("These variables are not set: " + String.join(", ", missing)
                    + ". On your own machine, run it with: {{{wrapper}}} {{{runTask}}}");
            System.exit(1);
        }
    }

    /** The variables that settings read, and that nothing gives a value. */
    static Set<String> missing(Config config) {
        Set<String> missing = new TreeSet<>();
        for (String name : config.getPropertyNames()) {
            ConfigValue value = config.getConfigValue(name);
            if (value.getValue() == null && value.getRawValue() != null) {
                Matcher variable = VARIABLE.matcher(value.getRawValue());
                while (variable.find()) {
                    if (config.getConfigValue(variable.group(1)).getValue() == null) {
                        missing.add(variable.group(1));
                    }
                }
            }
        }
        return missing;
    }
}
{{/readsEnvironment}}
