package {{package}}.security

import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.http.HttpStatus
import org.springframework.security.config.annotation.web.builders.HttpSecurity
import org.springframework.security.config.annotation.web.invoke
import org.springframework.security.web.SecurityFilterChain
import org.springframework.security.web.authentication.HttpStatusEntryPoint
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint
import org.springframework.security.web.util.matcher.RequestMatcher

/** Who may ask for what. */
@Configuration(proxyBeanMethods = false)
class AccessRules {
    /** Programs ask for JSON below this path; people use pages. */
    private val programs = RequestMatcher { it.requestURI.startsWith("/notes") }

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
            exceptionHandling {
                defaultAuthenticationEntryPointFor(HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED), programs)
            }
            // A form on another site cannot send JSON, so only pages need the extra token.
            csrf { ignoringRequestMatchers(programs) }
        }
        return http.build()
    }
}
