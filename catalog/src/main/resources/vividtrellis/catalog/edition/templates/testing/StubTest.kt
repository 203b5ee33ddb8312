package {{package}}

import com.github.tomakehurst.wiremock.client.WireMock.get
import com.github.tomakehurst.wiremock.client.WireMock.getRequestedFor
import com.github.tomakehurst.wiremock.client.WireMock.okJson
import com.github.tomakehurst.wiremock.client.WireMock.urlEqualTo
import com.github.tomakehurst.wiremock.core.WireMockConfiguration.wireMockConfig
import com.github.tomakehurst.wiremock.junit5.WireMockExtension
import org.junit.jupiter.api.Assertions.assertEquals
import org.junit.jupiter.api.Test
import org.junit.jupiter.api.extension.RegisterExtension
import java.net.URI

/** A stand-in for a service that yours asks. Put a client of your own where this one asks by hand. */
class StubTest {
    @Test
    fun answersAsItIsTold() {
        other.stubFor(get("/tides/today").willReturn(okJson("""{"high": "12:04"}""")))

        val answer = URI.create(other.baseUrl() + "/tides/today").toURL().readText()

        assertEquals("""{"high": "12:04"}""", answer)
        other.verify(getRequestedFor(urlEqualTo("/tides/today")))
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
