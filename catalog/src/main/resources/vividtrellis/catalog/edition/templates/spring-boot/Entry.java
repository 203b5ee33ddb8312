package {{package}};

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

@SpringBootApplication
public class {{entryClass}} {

    public static void main(String[] args) {
        SpringApplication.run({{entryClass}}.class, args);
    }
}
