package {{package}}

import org.springframework.boot.SpringApplication

/** Starts the application beside what it talks to, each in a container: for work where there is Docker. */
class {{entryClass}}WithContainers {

    static void main(String[] args) {
        def application = SpringApplication.from({{entryClass}}::main)
        application.with(LocalServices).run(args)
    }
}
