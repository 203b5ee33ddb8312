package {{package}};

import io.micronaut.runtime.Micronaut;
{{#described}}
import io.swagger.v3.oas.annotations.OpenAPIDefinition;
import io.swagger.v3.oas.annotations.info.Info;
{{/described}}

/** Where the application starts. */
{{#described}}
@OpenAPIDefinition(info = @Info(title = "{{title}}", version = "{{version}}"))
{{/described}}
public final class {{entryClass}} {

    private {{entryClass}}() {}

    public static void main(String[] args) {
{{#readsEnvironment}}
        NeededVariables.check(args);
{{/readsEnvironment}}
        Micronaut.run({{entryClass}}.class, args);
    }
}
