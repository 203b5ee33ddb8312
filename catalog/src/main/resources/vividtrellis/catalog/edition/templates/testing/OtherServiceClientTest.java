package {{package}};

import static com.github.tomakehurst.wiremock.client.WireMock.get;
import static com.github.tomakehurst.wiremock.client.WireMock.notFound;
import static com.github.tomakehurst.wiremock.client.WireMock.ok;
import static com.github.tomakehurst.wiremock.core.WireMockConfiguration.wireMockConfig;
import static org.assertj.core.api.Assertions.assertThat;

import com.github.tomakehurst.wiremock.junit5.WireMockExtension;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.mock.env.MockEnvironment;
{{#asksAtOnce}}
import org.springframework.web.client.RestClient;
{{/asksAtOnce}}
{{^asksAtOnce}}
import org.springframework.web.reactive.function.client.WebClient;
{{/asksAtOnce}}

/** Asks a stand-in for the other service, which answers as it is told. */
class OtherServiceClientTest {

    @RegisterExtension
    static final WireMockExtension OTHER = WireMockExtension.newInstance()
            .options(wireMockConfig().dynamicPort().bindAddress("127.0.0.1"))
            .build();

    private final MockEnvironment settings = new MockEnvironment().withProperty("other-service.url", OTHER.baseUrl());
    private final OtherServiceClient client = new OtherServiceClient({{#asksAtOnce}}RestClient{{/asksAtOnce}}{{^asksAtOnce}}WebClient{{/asksAtOnce}}.builder(), settings);

    @Test
    void findsWhatIsThere() {
        OTHER.stubFor(get("/things/tide").willReturn(ok("High at noon")));

        assertThat(client.find("tide"){{#asksAtOnce}}).contains("High at noon"){{/asksAtOnce}}{{^asksAtOnce}}.block()).isEqualTo("High at noon"){{/asksAtOnce}};
    }

    @Test
    void findsNothingWhereThereIsNone() {
        OTHER.stubFor(get("/things/tide").willReturn(notFound()));

        assertThat(client.find("tide"){{#asksAtOnce}}).isEmpty(){{/asksAtOnce}}{{^asksAtOnce}}.blockOptional()).isEmpty(){{/asksAtOnce}};
    }
}
