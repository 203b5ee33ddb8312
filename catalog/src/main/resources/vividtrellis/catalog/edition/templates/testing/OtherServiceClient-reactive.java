package {{package}};

import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import org.springframework.web.reactive.function.client.WebClient;
import org.springframework.web.reactive.function.client.WebClientResponseException;
import reactor.core.publisher.Mono;

/** Asks another service. Name it after the one that you call, and give it the calls that you need. */
@Component
class OtherServiceClient {

    private final WebClient http;

    OtherServiceClient(WebClient.Builder builder, Environment settings) {
        http = builder.baseUrl(settings.getRequiredProperty("other-service.url"))
                .build();
    }

    /** What the other service knows under a name; nothing where it knows none. */
    Mono<String> find(String name) {
        return http.get()
                .uri("/things/{name}", name)
                .retrieve()
                .bodyToMono(String.class)
                .onErrorResume(WebClientResponseException.NotFound.class, fault -> Mono.empty());
    }
}
