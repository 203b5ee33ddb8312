package {{package}}

import org.springframework.boot.builder.SpringApplicationBuilder
import {{initializer}}

/** Lets a server of servlets start {@link {{entryClass}}}. */
class ServletStart extends SpringBootServletInitializer {

    @Override
    protected SpringApplicationBuilder configure(SpringApplicationBuilder application) {
        application.sources({{entryClass}})
    }
}
