package {{package}};

import jakarta.enterprise.context.ApplicationScoped;
import jakarta.ws.rs.WebApplicationException;
import jakarta.ws.rs.core.Response.Status;
import java.util.Optional;
import org.eclipse.microprofile.rest.client.inject.RestClient;

/** Asks another service. */
@ApplicationScoped
class OtherServiceClient {

    private final OtherService service;

    OtherServiceClient(@RestClient OtherService service) {
        this.service = service;
    }

    /** What the other service knows under a name; nothing where it knows none. */
    Optional<String> find(String name) {
        try {
            return Optional.of(service.find(name));
        } catch (WebApplicationException e) {
            if (e.getResponse().getStatus() == Status.NOT_FOUND.getStatusCode()) {
                return Optional.empty();
            }
            throw e;
        }
    }
}
