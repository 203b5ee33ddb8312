package {{package}}.{{samplePackage}};

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import io.micronaut.runtime.server.EmbeddedServer;
import io.micronaut.test.extensions.junit5.annotation.MicronautTest;
import jakarta.inject.Inject;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import org.junit.jupiter.api.Test;

@MicronautTest
class AboutControllerTest {

    private final HttpClient http = HttpClient.newHttpClient();

    @Inject
    EmbeddedServer server;

    @Test
    void tellsItsName() throws Exception {
        HttpRequest ask =
                HttpRequest.newBuilder(server.getURI().resolve("/about")).build();

        HttpResponse<String> said = http.send(ask, BodyHandlers.ofString());

        assertEquals(200, said.statusCode());
        assertTrue(said.body().contains("\"name\":\"{{artifact}}\""));
    }
}
