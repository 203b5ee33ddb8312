package {{package}};

import static com.github.tomakehurst.wiremock.client.WireMock.get;
import static com.github.tomakehurst.wiremock.client.WireMock.notFound;
import static com.github.tomakehurst.wiremock.client.WireMock.ok;
import static com.github.tomakehurst.wiremock.core.WireMockConfiguration.wireMockConfig;
import static org.assertj.core.api.Assertions.assertThat;

import com.github.tomakehurst.wiremock.WireMockServer;
import io.quarkus.rest.client.reactive.QuarkusRestClientBuilder;
import io.quarkus.test.junit.QuarkusTest;
import java.net.URI;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Asks a stand-in for the other service, which answers as it is told. */
@QuarkusTest
class OtherServiceClientTest {

    private final WireMockServer other =
            new WireMockServer(wireMockConfig().dynamicPort().bindAddress("127.0.0.1"));

    @BeforeEach
    void start() {
        other.start();
    }

    @AfterEach
    void stop() {
        other.stop();
    }

    @Test
    void findsWhatIsThere() {
        other.stubFor(get("/things/tide").willReturn(ok("High at noon")));

        assertThat(client().find("tide")).contains("High at noon");
    }

    @Test
    void findsNothingWhereThereIsNone() {
        other.stubFor(get("/things/tide").willReturn(notFound()));

        assertThat(client().find("tide")).isEmpty();
    }

    private OtherServiceClient client() {
        return new OtherServiceClient(QuarkusRestClientBuilder.newBuilder()
                .baseUri(URI.create(other.baseUrl()))
                .build(OtherService.class));
    }
}
