package {{package}};

import io.micronaut.http.annotation.Get;
import io.micronaut.http.client.annotation.Client;
import java.util.Optional;

/** Asks another service. Name it after the one that you call, and give it the calls that you need. */
@Client("${other-service.url}")
interface OtherServiceClient {

    /** What the other service knows under a name; nothing where it knows none. */
    @Get(uri = "/things/{name}", consumes = "text/plain")
    Optional<String> find(String name);
}
