package {{package}}

import org.springframework.boot.builder.SpringApplicationBuilder
import {{initializer}}

/** What a server of servlets looks for; it hands over to [{{entryClass}}]. */
class ServletStart : SpringBootServletInitializer() {
    override fun configure(builder: SpringApplicationBuilder) = builder.sources({{entryClass}}::class.java)
}
