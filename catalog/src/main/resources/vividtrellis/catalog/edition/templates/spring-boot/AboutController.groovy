package {{package}}.{{samplePackage}}

import org.springframework.web.bind.annotation.GetMapping
import org.springframework.web.bind.annotation.RestController

@RestController
class AboutController {

    @GetMapping("/about")
    About about() {
        new About("{{artifact}}", "{{summary}}")
    }
}
