package {{package}}.{{web}}

import static org.assertj.core.api.Assertions.assertThat
import static org.hamcrest.Matchers.containsString
{{#bySession}}
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user
{{/bySession}}
{{#byToken}}
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.jwt
{{/byToken}}
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.Fake{{Entity}}Repository
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
import java.time.Instant
import java.time.LocalDate
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
{{/byToken}}
import org.springframework.test.context.ActiveProfiles
import org.springframework.test.web.servlet.MockMvc
{{#secured}}
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder
{{/secured}}

@WebMvcTest({{Entity}}PageController)
@ActiveProfiles('test')
@Import([Fake{{Entity}}Repository, {{Entity}}Service{{#announces}}, Fake{{Entity}}EventPublisher{{/announces}}{{#guarded}}, SecurityConfiguration{{/guarded}}])
class {{Entity}}PageControllerTest {

    @Autowired
    MockMvc mvc

    @Autowired
    Fake{{Entity}}Repository {{entities}}

{{#byToken}}
    /** No token is known here; the tests say who asks. */
    @TestConfiguration(proxyBeanMethods = false)
    @Profile('test')
    static class Tokens {

        @Bean
        JwtDecoder tokens() {
            return { token -> throw new BadJwtException('No token is known here') } as JwtDecoder
        }
    }

{{/byToken}}
{{#secured}}
    /** A request of somebody who may. */
    private static MockHttpServletRequestBuilder allowed(MockHttpServletRequestBuilder request) {
        return request{{#bySession}}.with(user('keeper')).with(csrf()){{/bySession}}{{#byToken}}.with(jwt()){{/byToken}}
    }

{{/secured}}
    @Test
    void showsThemWithoutTakingTheirTextForMarkup() {
        keep()

        mvc.perform({{#secured}}allowed({{/secured}}get('/pages/{{entityPath}}'){{#secured}}){{/secured}})
                .andExpect(status().isOk())
                .andExpect(content().string(containsString('{{#first}}{{value}}{{#text}} &lt;b&gt;{{/text}}{{/first}}')))
    }

    @Test
    void keepsWhatTheFormSends() {
{{#ownEntity}}
        mvc.perform({{#secured}}allowed({{/secured}}post('/pages/{{entityPath}}'){{#secured}}){{/secured}}
{{#fields}}
                        .param('{{name}}', '{{value}}'){{#-last}}){{/-last}}
{{/fields}}
{{/ownEntity}}
{{^ownEntity}}
        mvc.perform({{#secured}}allowed({{/secured}}post('/pages/{{entityPath}}'){{#secured}}){{/secured}}{{#fields}}.param('{{name}}', '{{value}}'){{/fields}})
{{/ownEntity}}
                .andExpect(redirectedUrl('/pages/{{entityPath}}'))
        assertThat({{entities}}.findAll(0, 100)*.{{#first}}{{name}}{{/first}}).contains({{#first}}{{{literal}}}{{/first}})
    }
{{#refused}}

    @Test
    void saysWhatIsMissing() {
        mvc.perform({{#secured}}allowed({{/secured}}post('/pages/{{entityPath}}'){{#secured}}){{/secured}}.param('{{name}}', '{{#text}} {{/text}}'))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString('role="alert"')))
    }
{{/refused}}

    @Test
    void removesOne() {
        long id = keep().id

        mvc.perform({{#secured}}allowed({{/secured}}post('/pages/{{entityPath}}/{id}/remove', id){{#secured}}){{/secured}}).andExpect(redirectedUrl('/pages/{{entityPath}}'))
        assertThat({{entities}}.findById(id)).isEmpty()
    }

    private {{Entity}} keep() {
        {{Entity}}Draft draft = new {{Entity}}Draft({{#args}}{{#fields}}{{{markup}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}})
        return {{entities}}.create(draft, Instant.EPOCH)
    }
}
