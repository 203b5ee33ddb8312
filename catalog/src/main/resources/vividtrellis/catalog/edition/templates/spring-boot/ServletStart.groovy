package {{package}}

import org.springframework.boot.builder.SpringApplicationBuilder
import {{initializer}}

/** What a server of servlets looks for; it hands over to {@link {{entryClass}}}. */
class ServletStart extends SpringBootServletInitializer {

    @Override
    protected SpringApplicationBuilder configure(SpringApplicationBuilder application) {
        application.sources({{entryClass}})
    }
}
