package {{package}};

import io.quarkus.runtime.Quarkus;
import io.quarkus.runtime.annotations.QuarkusMain;

/** Where the application starts. */
@QuarkusMain
public final class {{entryClass}} {

    private {{entryClass}}() {}

    public static void main(String[] args) {
{{#readsEnvironment}}
        NeededVariables.check();
{{/readsEnvironment}}
        Quarkus.run(args);
    }
}
