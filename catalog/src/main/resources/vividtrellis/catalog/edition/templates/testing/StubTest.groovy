package {{package}}

import static com.github.tomakehurst.wiremock.client.WireMock.get
import static com.github.tomakehurst.wiremock.client.WireMock.getRequestedFor
import static com.github.tomakehurst.wiremock.client.WireMock.okJson
import static com.github.tomakehurst.wiremock.client.WireMock.urlEqualTo
import static com.github.tomakehurst.wiremock.core.WireMockConfiguration.wireMockConfig
import static org.junit.jupiter.api.Assertions.assertEquals

import com.github.tomakehurst.wiremock.junit5.WireMockExtension
import org.junit.jupiter.api.Test
import org.junit.jupiter.api.extension.RegisterExtension

/** A stand-in for a service that yours asks. Put a client of your own where this one asks by hand. */
class StubTest {

    @RegisterExtension
    static final WireMockExtension OTHER = WireMockExtension.newInstance()
            .options(wireMockConfig().dynamicPort().bindAddress('127.0.0.1'))
            .build()

    @Test
    void answersAsItIsTold() {
        OTHER.stubFor(get('/tides/today').willReturn(okJson('{"high": "12:04"}')))

        def answer = URI.create(OTHER.baseUrl() + '/tides/today').toURL().text

        assertEquals('{"high": "12:04"}', answer)
        OTHER.verify(getRequestedFor(urlEqualTo('/tides/today')))
    }
}
