package {{package}}

import com.github.tomakehurst.wiremock.client.WireMock.get
import com.github.tomakehurst.wiremock.client.WireMock.notFound
import com.github.tomakehurst.wiremock.client.WireMock.ok
import com.github.tomakehurst.wiremock.core.WireMockConfiguration.wireMockConfig
import com.github.tomakehurst.wiremock.junit5.WireMockExtension
import org.assertj.core.api.Assertions.assertThat
import org.junit.jupiter.api.Test
import org.junit.jupiter.api.extension.RegisterExtension
import org.springframework.mock.env.MockEnvironment
{{#asksAtOnce}}
import org.springframework.web.client.RestClient
{{/asksAtOnce}}
{{^asksAtOnce}}
import org.springframework.web.reactive.function.client.WebClient
{{/asksAtOnce}}

/** Asks a stand-in for the other service, which answers as it is told. */
class OtherServiceClientTest {
    private val settings = MockEnvironment().withProperty("other-service.url", other.baseUrl())
    private val client = OtherServiceClient({{#asksAtOnce}}RestClient{{/asksAtOnce}}{{^asksAtOnce}}WebClient{{/asksAtOnce}}.builder(), settings)

    @Test
    fun findsWhatIsThere() {
        other.stubFor(get("/things/tide").willReturn(ok("High at noon")))

        assertThat(client.find("tide"){{^asksAtOnce}}.block(){{/asksAtOnce}}).isEqualTo("High at noon")
    }

    @Test
    fun findsNothingWhereThereIsNone() {
        other.stubFor(get("/things/tide").willReturn(notFound()))

        assertThat(client.find("tide"){{^asksAtOnce}}.block(){{/asksAtOnce}}).isNull()
    }

    companion object {
        @RegisterExtension
        @JvmField
        val other: WireMockExtension =
            WireMockExtension
                .newInstance()
                .options(wireMockConfig().dynamicPort().bindAddress("127.0.0.1"))
                .build()
    }
}
