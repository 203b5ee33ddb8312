package {{package}};

import java.util.Optional;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import org.springframework.web.client.HttpClientErrorException;
import org.springframework.web.client.RestClient;

/** Asks another service. Name it after the one that you call, and give it the calls that you need. */
@Component
class OtherServiceClient {

    private final RestClient http;

    OtherServiceClient(RestClient.Builder builder, Environment settings) {
        http = builder.baseUrl(settings.getRequiredProperty("other-service.url"))
                .build();
    }

    /** What the other service knows under a name; nothing where it knows none. */
    Optional<String> find(String name) {
        try {
            return Optional.ofNullable(
                    http.get().uri("/things/{name}", name).retrieve().body(String.class));
        } catch (HttpClientErrorException.NotFound e) {
            return Optional.empty();
        }
    }
}
