package {{package}}

import org.springframework.boot.builder.SpringApplicationBuilder
import {{initializer}}

/** Lets a server of servlets start [{{entryClass}}]. */
class ServletStart : SpringBootServletInitializer() {
    override fun configure(builder: SpringApplicationBuilder): SpringApplicationBuilder {
        builder.sources({{entryClass}}::class.java)
        return builder
    }
}
