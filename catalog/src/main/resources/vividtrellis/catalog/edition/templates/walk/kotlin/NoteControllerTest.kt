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
{{#guarded}}
import {{package}}.security.SecurityConfiguration
{{/guarded}}
{{#byLayer}}
import {{package}}.service.{{Entity}}Service
{{/byLayer}}
import org.hamcrest.Matchers.matchesPattern
import org.junit.jupiter.api.Test
import org.springframework.beans.factory.annotation.Autowired
{{#byToken}}
import org.springframework.boot.test.context.TestConfiguration
{{/byToken}}
import {{webMvcTest}}
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
import org.springframework.security.oauth2.jwt.JwtDecoder
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.jwt
{{/byToken}}
{{#bySession}}
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user
{{/bySession}}
import org.springframework.test.context.ActiveProfiles
import org.springframework.test.web.servlet.MockHttpServletRequestDsl
import org.springframework.test.web.servlet.MockMvc
import org.springframework.test.web.servlet.delete
import org.springframework.test.web.servlet.get
import org.springframework.test.web.servlet.post
import org.springframework.test.web.servlet.put
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

@WebMvcTest({{Entity}}Controller::class)
@ActiveProfiles("test")
@Import({{Entity}}Service::class, Fake{{Entity}}Repository::class{{#announces}}, Fake{{Entity}}EventPublisher::class{{/announces}}{{#guarded}}, SecurityConfiguration::class{{/guarded}})
class {{Entity}}ControllerTest(
    @param:Autowired private val mvc: MockMvc,
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
        fun tokens() = JwtDecoder { throw BadJwtException("No token is known here") }
    }

{{/byToken}}
    /** Says that it is somebody who may. */
    private fun MockHttpServletRequestDsl.allowed() {
{{#bySession}}
        with(user("keeper"))
{{/bySession}}
{{#byToken}}
        with(jwt())
{{/byToken}}
        accept = MediaType.APPLICATION_JSON
    }

    @Test
    fun showsOne() {
        val kept = keep()

        mvc.get("/{{entityPath}}/{id}", kept.id) { allowed() }.andExpect {
            status { isOk() }
            header { string("ETag", "\"0\"") }
{{#first}}
            jsonPath("$.{{name}}") { value({{{jsonValue}}}) }
{{/first}}
        }
        mvc.get("/{{entityPath}}/0") { allowed() }.andExpect {
            status { isNotFound() }
            jsonPath("$.detail") { value("There is no {{entityWords}} 0.") }
        }
    }

    @Test
    fun showsNoMoreThanAPage() {
        keep()
        keep()

        mvc.get("/{{entityPath}}?page=0&size=1") { allowed() }.andExpect {
            status { isOk() }
            jsonPath("$.length()") { value(1) }
        }
    }

    @Test
    fun keepsOne() {
        mvc
            .post("/{{entityPath}}") {
                allowed()
                contentType = MediaType.APPLICATION_JSON
                content = json
            }.andExpect {
                status { isCreated() }
                header { string("Location", matchesPattern("http://localhost/{{entityPath}}/[0-9]+")) }
            }
    }
{{#refused}}

    @Test
    fun refusesOneWithout{{Name}}() {
        mvc
            .post("/{{entityPath}}") {
                allowed()
                contentType = MediaType.APPLICATION_JSON
                content = json.replace({{{jsonInKotlin}}}, {{{nothingInKotlin}}})
            }.andExpect {
                status { isBadRequest() }
                jsonPath("$.errors.{{name}}") { exists() }
            }
    }
{{/refused}}

    @Test
    fun changesOneThatNobodyElseChanged() {
        val kept = keep()

        for (expected in listOf(HttpStatus.OK, HttpStatus.PRECONDITION_FAILED)) {
            mvc
                .put("/{{entityPath}}/{id}", kept.id) {
                    allowed()
                    header("If-Match", "\"0\"")
                    contentType = MediaType.APPLICATION_JSON
                    content = json
                }.andExpect { status { isEqualTo(expected.value()) } }
        }
    }

    @Test
    fun removesOne() {
        val kept = keep()

        for (expected in listOf(HttpStatus.NO_CONTENT, HttpStatus.NOT_FOUND)) {
            mvc.delete("/{{entityPath}}/{id}", kept.id) { allowed() }.andExpect { status { isEqualTo(expected.value()) } }
        }
    }
{{#guarded}}

    @Test
    fun asksWhoIsThere() {
        mvc.get("/{{entityPath}}") { accept = MediaType.APPLICATION_JSON }.andExpect { status { isUnauthorized() } }
    }
{{/guarded}}

    private fun keep(): {{Entity}} {
        val draft =
            {{Entity}}Draft(
{{#fields}}
                {{name}} = {{{literal}}},
{{/fields}}
            )
        return {{entities}}.create(draft, Instant.EPOCH)
    }
}
