package {{package}}

import org.springframework.boot.SpringApplication
import org.springframework.boot.autoconfigure.SpringBootApplication

@SpringBootApplication
class {{entryClass}} {

    static void main(String[] args) {
        SpringApplication.run({{entryClass}}, args)
    }
}
