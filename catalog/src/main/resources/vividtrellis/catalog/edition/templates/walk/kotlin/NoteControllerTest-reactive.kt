package {{package}}.{{web}}

{{#byLayer}}
import {{package}}.domain.Fake{{Entity}}Repository
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.Fake{{Entity}}EventPublisher
{{/byLayer}}
{{/announces}}
{{#byLayer}}
import {{package}}.service.{{Entity}}Service
{{/byLayer}}
import org.junit.jupiter.api.Test
import org.springframework.beans.factory.annotation.Autowired
{{#byToken}}
import org.springframework.boot.test.context.TestConfiguration
{{/byToken}}
import {{webFluxTest}}
{{#byToken}}
import org.springframework.context.annotation.Bean
{{/byToken}}
import org.springframework.context.annotation.Import
{{#byToken}}
import org.springframework.context.annotation.Profile
{{/byToken}}
import org.springframework.http.HttpStatus
import org.springframework.http.MediaType
{{#byToken}}
import org.springframework.security.oauth2.jwt.BadJwtException
import org.springframework.security.oauth2.jwt.ReactiveJwtDecoder
{{/byToken}}
{{#secured}}
import org.springframework.security.test.web.reactive.server.SecurityMockServerConfigurers.csrf
{{/secured}}
{{#byToken}}
import org.springframework.security.test.web.reactive.server.SecurityMockServerConfigurers.mockJwt
{{/byToken}}
{{#bySession}}
import org.springframework.security.test.web.reactive.server.SecurityMockServerConfigurers.mockUser
{{/bySession}}
import org.springframework.test.context.ActiveProfiles
import org.springframework.test.web.reactive.server.WebTestClient
{{#byToken}}
import reactor.core.publisher.Mono
{{/byToken}}
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

@WebFluxTest({{Entity}}Controller::class)
@ActiveProfiles("test")
@Import({{Entity}}Service::class, Fake{{Entity}}Repository::class{{#announces}}, Fake{{Entity}}EventPublisher::class{{/announces}})
class {{Entity}}ControllerTest(
    @param:Autowired private val client: WebTestClient,
    @param:Autowired private val {{entities}}: Fake{{Entity}}Repository,
) {
    private val json =
        """
        {
{{#fields}}
          "{{name}}": {{{json}}}{{^-last}},{{/-last}}
{{/fields}}
        }
        """.trimIndent()

{{#byToken}}
    /** No token is known here; the tests say who asks. */
    @TestConfiguration(proxyBeanMethods = false)
    @Profile("test")
    class Tokens {
        @Bean
        fun tokens() = ReactiveJwtDecoder { Mono.error(BadJwtException("No token is known here")) }
    }

{{/byToken}}
{{#secured}}
    /** Asks as somebody who may. */
    private fun allowed(): WebTestClient = client.mutateWith(csrf()){{#bySession}}.mutateWith(mockUser("keeper")){{/bySession}}{{#byToken}}.mutateWith(mockJwt()){{/byToken}}

{{/secured}}
    @Test
    fun showsOne() {
        val kept = keep()

        {{#secured}}allowed(){{/secured}}{{^secured}}client{{/secured}}
            .get()
            .uri("/{{entityPath}}/{id}", kept.id)
            .exchange()
            .expectStatus()
            .isOk()
            .expectHeader()
            .valueEquals("ETag", "\"0\"")
            .expectBody()
{{#first}}
            .jsonPath("$.{{name}}")
            .isEqualTo({{{jsonValue}}})
{{/first}}
        {{#secured}}allowed(){{/secured}}{{^secured}}client{{/secured}}
            .get()
            .uri("/{{entityPath}}/0")
            .exchange()
            .expectStatus()
            .isNotFound()
            .expectBody()
            .jsonPath("$.detail")
            .isEqualTo("There is no {{entityWords}} 0.")
    }

    @Test
    fun showsNoMoreThanAPage() {
        keep()
        keep()

        {{#secured}}allowed(){{/secured}}{{^secured}}client{{/secured}}
            .get()
            .uri("/{{entityPath}}?page=0&size=1")
            .exchange()
            .expectStatus()
            .isOk()
            .expectBody()
            .jsonPath("$.length()")
            .isEqualTo(1)
    }

    @Test
    fun keepsOne() {
        {{#secured}}allowed(){{/secured}}{{^secured}}client{{/secured}}
            .post()
            .uri("/{{entityPath}}")
            .contentType(MediaType.APPLICATION_JSON)
            .bodyValue(json)
            .exchange()
            .expectStatus()
            .isCreated()
            .expectHeader()
            .valueMatches("Location", "/{{entityPath}}/[0-9]+")
    }
{{#refused}}

    @Test
    fun refusesOneWithout{{Name}}() {
        {{#secured}}allowed(){{/secured}}{{^secured}}client{{/secured}}
            .post()
            .uri("/{{entityPath}}")
            .contentType(MediaType.APPLICATION_JSON)
            .bodyValue(json.replace({{{jsonInKotlin}}}, {{{nothingInKotlin}}}))
            .exchange()
            .expectStatus()
            .isBadRequest()
            .expectBody()
            .jsonPath("$.errors.{{name}}")
            .exists()
    }
{{/refused}}

    @Test
    fun changesOneThatNobodyElseChanged() {
        val kept = keep()

        for (expected in listOf(HttpStatus.OK, HttpStatus.PRECONDITION_FAILED)) {
            {{#secured}}allowed(){{/secured}}{{^secured}}client{{/secured}}
                .put()
                .uri("/{{entityPath}}/{id}", kept.id)
                .header("If-Match", "\"0\"")
                .contentType(MediaType.APPLICATION_JSON)
                .bodyValue(json)
                .exchange()
                .expectStatus()
                .isEqualTo(expected)
        }
    }

    @Test
    fun removesOne() {
        val kept = keep()

        for (expected in listOf(HttpStatus.NO_CONTENT, HttpStatus.NOT_FOUND)) {
            {{#secured}}allowed(){{/secured}}{{^secured}}client{{/secured}}
                .delete()
                .uri("/{{entityPath}}/{id}", kept.id)
                .exchange()
                .expectStatus()
                .isEqualTo(expected)
        }
    }

    private fun keep(): {{Entity}} {
        val draft =
            {{Entity}}Draft(
{{#fields}}
                {{name}} = {{{literal}}},
{{/fields}}
            )
        return {{#flows}}checkNotNull({{entities}}.create(draft, Instant.EPOCH).block()){{/flows}}{{^flows}}{{entities}}.create(draft, Instant.EPOCH){{/flows}}
    }
}
