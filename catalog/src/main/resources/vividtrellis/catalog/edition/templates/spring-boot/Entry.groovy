package {{package}}

import org.springframework.boot.SpringApplication
import org.springframework.boot.autoconfigure.SpringBootApplication

@SpringBootApplication
class {{entryClass}} {

    static void main(String[] args) {
{{#readsEnvironment}}
        def application = new SpringApplication({{entryClass}})
        application.addListeners(new NeededVariables())
        application.run(args)
{{/readsEnvironment}}
{{^readsEnvironment}}
        SpringApplication.run({{entryClass}}, args)
{{/readsEnvironment}}
    }
}
