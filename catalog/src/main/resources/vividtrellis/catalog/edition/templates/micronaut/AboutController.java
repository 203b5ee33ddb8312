package {{package}}.{{samplePackage}};

import io.micronaut.context.annotation.Value;
import io.micronaut.http.annotation.Controller;
import io.micronaut.http.annotation.Get;

@Controller("/about")
class AboutController {

    private final About about;

    AboutController(@Value("${micronaut.application.name}") String name, @Value("${about.summary}") String summary) {
        this.about = new About(name, summary);
    }

    @Get
    About about() {
        return about;
    }
}
