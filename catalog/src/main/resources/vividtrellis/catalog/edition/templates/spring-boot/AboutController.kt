package {{package}}.{{samplePackage}}

import org.springframework.beans.factory.annotation.Value
import org.springframework.web.bind.annotation.GetMapping
import org.springframework.web.bind.annotation.RestController

@RestController
class AboutController(
    @Value("\${spring.application.name}") name: String,
    @Value("\${about.summary}") summary: String,
) {
    private val about = About(name, summary)

    @GetMapping("/about")
    fun about() = about
}
