package {{package}}.security

import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.security.config.annotation.web.builders.HttpSecurity
import org.springframework.security.config.annotation.web.invoke
import org.springframework.security.config.http.SessionCreationPolicy
import org.springframework.security.web.SecurityFilterChain

/** Who may ask for what: whoever brings a token of the issuer that the settings name. */
@Configuration(proxyBeanMethods = false)
class AccessRules {
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
            oauth2ResourceServer { jwt { } }
            sessionManagement { sessionCreationPolicy = SessionCreationPolicy.STATELESS }
            // Nothing here trusts a cookie, so there is nothing that another site could misuse.
            csrf { disable() }
        }
        return http.build()
    }
}
