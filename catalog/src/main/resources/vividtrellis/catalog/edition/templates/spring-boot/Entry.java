package {{package}};

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

@SpringBootApplication
public class {{entryClass}} {

    public static void main(String[] args) {
{{#readsEnvironment}}
        var application = new SpringApplication({{entryClass}}.class);
        application.addListeners(new NeededVariables());
        application.run(args);
{{/readsEnvironment}}
{{^readsEnvironment}}
        SpringApplication.run({{entryClass}}.class, args);
{{/readsEnvironment}}
    }
}
