package {{package}};

import io.micronaut.runtime.Micronaut;

/** Where the application starts. */
public final class {{entryClass}} {

    private {{entryClass}}() {}

    public static void main(String[] args) {
{{#readsEnvironment}}
        NeededVariables.check(args);
{{/readsEnvironment}}
        Micronaut.run({{entryClass}}.class, args);
    }
}
