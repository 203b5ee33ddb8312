package {{package}}.{{samplePackage}};

import static org.assertj.core.api.Assertions.assertThat;

import io.quarkus.test.common.http.TestHTTPResource;
import io.quarkus.test.junit.QuarkusTest;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import org.junit.jupiter.api.Test;

@QuarkusTest
class AboutResourceTest {

    private final HttpClient http = HttpClient.newHttpClient();

    @TestHTTPResource("/about")
    URI about;

    @Test
    void tellsItsName() throws Exception {
        HttpRequest ask = HttpRequest.newBuilder(about).build();

        HttpResponse<String> said = http.send(ask, BodyHandlers.ofString());

        assertThat(said.statusCode()).isEqualTo(200);
        assertThat(said.body()).contains("\"name\":\"{{artifact}}\"");
    }
}
