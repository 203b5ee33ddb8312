package {{package}};

import org.springframework.boot.SpringApplication;

/** Starts the application beside what it talks to, each in a container: for work where there is Docker. */
class {{entryClass}}WithContainers {

    public static void main(String[] args) {
        var application = SpringApplication.from({{entryClass}}::main);
        application.with(LocalServices.class).run(args);
    }
}
