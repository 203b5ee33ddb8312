package {{package}};

import org.springframework.boot.builder.SpringApplicationBuilder;
import {{initializer}};

/** Lets a server of servlets start {@link {{entryClass}}}. */
public class ServletStart extends SpringBootServletInitializer {

    @Override
    protected SpringApplicationBuilder configure(SpringApplicationBuilder application) {
        return application.sources({{entryClass}}.class);
    }
}
