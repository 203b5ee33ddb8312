package {{package}};

import static com.github.tomakehurst.wiremock.client.WireMock.get;
import static com.github.tomakehurst.wiremock.client.WireMock.notFound;
import static com.github.tomakehurst.wiremock.client.WireMock.ok;
import static com.github.tomakehurst.wiremock.core.WireMockConfiguration.wireMockConfig;
import static org.assertj.core.api.Assertions.assertThat;

import com.github.tomakehurst.wiremock.junit5.WireMockExtension;
import io.micronaut.context.ApplicationContext;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Asks a stand-in for the other service, which answers as it is told. */
class OtherServiceClientTest {

    @RegisterExtension
    static final WireMockExtension OTHER = WireMockExtension.newInstance()
            .options(wireMockConfig().dynamicPort().bindAddress("127.0.0.1"))
            .build();

    @Test
    void findsWhatIsThere() {
        OTHER.stubFor(get("/things/tide").willReturn(ok("High at noon")));

        try (ApplicationContext application = start()) {
            assertThat(application.getBean(OtherServiceClient.class).find("tide"))
                    .contains("High at noon");
        }
    }

    @Test
    void findsNothingWhereThereIsNone() {
        OTHER.stubFor(get("/things/tide").willReturn(notFound()));

        try (ApplicationContext application = start()) {
            assertThat(application.getBean(OtherServiceClient.class).find("tide"))
                    .isEmpty();
        }
    }

    private static ApplicationContext start() {
        return ApplicationContext.run(Map.of("other-service.url", OTHER.baseUrl()), "test");
    }
}
