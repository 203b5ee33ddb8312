package {{package}};

import static com.github.tomakehurst.wiremock.client.WireMock.get;
import static com.github.tomakehurst.wiremock.client.WireMock.getRequestedFor;
import static com.github.tomakehurst.wiremock.client.WireMock.okJson;
import static com.github.tomakehurst.wiremock.client.WireMock.urlEqualTo;
import static com.github.tomakehurst.wiremock.core.WireMockConfiguration.wireMockConfig;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.github.tomakehurst.wiremock.junit5.WireMockExtension;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A stand-in for a service that yours asks. Put a client of your own where this one asks by hand. */
class StubTest {

    @RegisterExtension
    static final WireMockExtension OTHER = WireMockExtension.newInstance()
            .options(wireMockConfig().dynamicPort().bindAddress("127.0.0.1"))
            .build();

    @Test
    void answersAsItIsTold() throws Exception {
        OTHER.stubFor(get("/tides/today").willReturn(okJson("{\"high\": \"12:04\"}")));

        URI address = URI.create(OTHER.baseUrl() + "/tides/today");
        String answer = HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(address).build(), BodyHandlers.ofString())
                .body();

        assertEquals("{\"high\": \"12:04\"}", answer);
        OTHER.verify(getRequestedFor(urlEqualTo("/tides/today")));
    }
}
