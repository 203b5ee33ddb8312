package {{package}}

import org.springframework.core.env.Environment
import org.springframework.stereotype.Component
import org.springframework.web.client.HttpClientErrorException
import org.springframework.web.client.RestClient

/** Asks another service. Name it after the one that you call, and give it the calls that you need. */
@Component
class OtherServiceClient(
    builder: RestClient.Builder,
    settings: Environment,
) {
    private val http = builder.baseUrl(settings.getRequiredProperty("other-service.url")).build()

    /** What the other service knows under a name; nothing where it knows none. */
    fun find(name: String): String? =
        try {
            http
                .get()
                .uri("/things/{name}", name)
                .retrieve()
                .body(String::class.java)
        } catch (_: HttpClientErrorException.NotFound) {
            null
        }
}
