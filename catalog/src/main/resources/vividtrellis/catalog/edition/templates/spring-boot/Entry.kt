package {{package}}

import org.springframework.boot.autoconfigure.SpringBootApplication
import org.springframework.boot.runApplication

@SpringBootApplication
class {{entryClass}}

fun main(args: Array<String>) {
    runApplication<{{entryClass}}>(*args)
}
