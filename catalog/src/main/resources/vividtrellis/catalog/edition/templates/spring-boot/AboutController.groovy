package {{package}}.{{samplePackage}}

import org.springframework.beans.factory.annotation.Value
import org.springframework.web.bind.annotation.GetMapping
import org.springframework.web.bind.annotation.RestController

@RestController
class AboutController {

    private final About about

    AboutController(@Value('${spring.application.name}') String name, @Value('${about.summary}') String summary) {
        this.about = new About(name, summary)
    }

    @GetMapping('/about')
    About about() {
        about
    }
}
