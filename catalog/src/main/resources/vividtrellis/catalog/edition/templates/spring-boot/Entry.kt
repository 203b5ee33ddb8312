package {{package}}

import org.springframework.boot.autoconfigure.SpringBootApplication
import org.springframework.boot.runApplication

@SpringBootApplication
class {{entryClass}}

fun main(args: Array<String>) {
{{#readsEnvironment}}
    runApplication<{{entryClass}}>(*args) {
        addListeners(NeededVariables())
    }
{{/readsEnvironment}}
{{^readsEnvironment}}
    runApplication<{{entryClass}}>(*args)
{{/readsEnvironment}}
}
