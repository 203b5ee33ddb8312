package {{package}}.security

import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
{{#programs}}
import org.springframework.http.HttpStatus
{{/programs}}
import org.springframework.security.config.annotation.web.builders.HttpSecurity
import org.springframework.security.config.annotation.web.invoke
{{#byToken}}
import org.springframework.security.config.http.SessionCreationPolicy
{{/byToken}}
import org.springframework.security.web.SecurityFilterChain
{{#programs}}
import org.springframework.security.web.authentication.HttpStatusEntryPoint
{{^antPaths}}
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher
{{/antPaths}}
{{#antPaths}}
import org.springframework.security.web.util.matcher.AntPathRequestMatcher
{{/antPaths}}
{{/programs}}

/** Who may ask for what{{#byToken}}: whoever brings a token of the issuer that the settings name{{/byToken}}. */
@Configuration(proxyBeanMethods = false)
class SecurityConfiguration {
{{#programs}}
    /** Programs ask for JSON below this path; people use pages. */
{{#antPaths}}
    private val programs = AntPathRequestMatcher("{{{programs}}}/**")
{{/antPaths}}
{{^antPaths}}
    private val programs = PathPatternRequestMatcher.withDefaults().matcher("{{{programs}}}/**")
{{/antPaths}}

{{/programs}}
    @Bean
    fun access(http: HttpSecurity): SecurityFilterChain {
        http {
            authorizeHttpRequests {
{{#tellsHealth}}
                authorize("/actuator/health/**", permitAll)
{{#scraped}}
                // Whatever collects figures asks without an account; let nobody else reach it from outside.
                authorize("/actuator/prometheus", permitAll)
{{/scraped}}
{{/tellsHealth}}
                authorize(anyRequest, authenticated)
            }
{{#hasForm}}
            formLogin { }
            httpBasic { }
{{/hasForm}}
{{#byProvider}}
            oauth2Login { }
{{/byProvider}}
{{#trustsTokens}}
            oauth2ResourceServer { jwt { } }
{{/trustsTokens}}
{{#byToken}}
            sessionManagement { sessionCreationPolicy = SessionCreationPolicy.STATELESS }
            // Nothing here trusts a cookie, so there is nothing that another site could misuse.
            csrf { disable() }
{{/byToken}}
{{#programs}}
            exceptionHandling {
                defaultAuthenticationEntryPointFor(HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED), programs)
            }
            // A form on another site cannot send JSON, so only pages need the extra token.
            csrf { ignoringRequestMatchers(programs) }
{{/programs}}
        }
        return http.build()
    }
}
