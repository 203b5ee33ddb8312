package {{package}}.{{samplePackage}};

import io.smallrye.common.annotation.RunOnVirtualThread;
import jakarta.ws.rs.GET;
import jakarta.ws.rs.Path;
import org.eclipse.microprofile.config.inject.ConfigProperty;

@Path("/about")
public class AboutResource {

    private final About about;

    AboutResource(
            @ConfigProperty(name = "quarkus.application.name") String name,
            @ConfigProperty(name = "about.summary") String summary) {
        this.about = new About(name, summary);
    }

    @GET
{{#virtualThreads}}
    @RunOnVirtualThread
{{/virtualThreads}}
    public About about() {
        return about;
    }
}
