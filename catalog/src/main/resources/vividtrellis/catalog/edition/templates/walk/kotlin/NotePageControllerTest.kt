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
import org.assertj.core.api.Assertions.assertThat
import org.hamcrest.Matchers.containsString
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
{{#byToken}}
import org.springframework.security.oauth2.jwt.BadJwtException
import org.springframework.security.oauth2.jwt.JwtDecoder
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.jwt
{{/byToken}}
{{#bySession}}
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user
{{/bySession}}
import org.springframework.test.context.ActiveProfiles
import org.springframework.test.web.servlet.MockHttpServletRequestDsl
import org.springframework.test.web.servlet.MockMvc
import org.springframework.test.web.servlet.get
import org.springframework.test.web.servlet.post
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

@WebMvcTest({{Entity}}PageController::class)
@ActiveProfiles("test")
@Import({{Entity}}Service::class, Fake{{Entity}}Repository::class{{#announces}}, Fake{{Entity}}EventPublisher::class{{/announces}}{{#guarded}}, SecurityConfiguration::class{{/guarded}})
class {{Entity}}PageControllerTest(
    @param:Autowired private val mvc: MockMvc,
    @param:Autowired private val {{entities}}: Fake{{Entity}}Repository,
) {
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
        with(csrf())
{{/bySession}}
{{#byToken}}
        with(jwt())
{{/byToken}}
        secure = false
    }

    @Test
    fun showsThemWithoutTakingTheirTextForMarkup() {
        keep()

        mvc.get("/pages/{{entityPath}}") { allowed() }.andExpect {
            status { isOk() }
            content { string(containsString("{{#first}}{{value}}{{#text}} &lt;b&gt;{{/text}}{{/first}}")) }
        }
    }

    @Test
    fun keepsWhatTheFormSends() {
        mvc
            .post("/pages/{{entityPath}}") {
                allowed()
{{#fields}}
                param("{{name}}", "{{value}}")
{{/fields}}
            }.andExpect { redirectedUrl("/pages/{{entityPath}}") }
        assertThat({{entities}}.findAll(0, 100).map { it.{{#first}}{{name}}{{/first}} }).contains({{#first}}{{{literal}}}{{/first}})
    }
{{#refused}}

    @Test
    fun saysWhatIsMissing() {
        mvc
            .post("/pages/{{entityPath}}") {
                allowed()
                param("{{name}}", "{{#text}} {{/text}}")
            }.andExpect {
                status { isOk() }
                content { string(containsString("role=\"alert\"")) }
            }
    }
{{/refused}}

    @Test
    fun removesOne() {
        val id = keep().id

        mvc
            .post("/pages/{{entityPath}}/{id}/remove", id) {
                allowed()
            }.andExpect { redirectedUrl("/pages/{{entityPath}}") }
        assertThat({{entities}}.findById(id)).isNull()
    }

    private fun keep(): {{Entity}} {
        val draft =
            {{Entity}}Draft(
{{#fields}}
                {{name}} = {{{markup}}},
{{/fields}}
            )
        return {{entities}}.create(draft, Instant.EPOCH)
    }
}
