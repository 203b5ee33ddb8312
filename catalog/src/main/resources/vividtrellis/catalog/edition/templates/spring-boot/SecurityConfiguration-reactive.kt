package {{package}}.security

import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication
import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.security.config.web.server.ServerHttpSecurity
import org.springframework.security.config.web.server.invoke
import org.springframework.security.web.server.SecurityWebFilterChain
{{#programs}}
import org.springframework.security.web.server.csrf.CsrfWebFilter
import org.springframework.security.web.server.util.matcher.AndServerWebExchangeMatcher
import org.springframework.security.web.server.util.matcher.NegatedServerWebExchangeMatcher
import org.springframework.security.web.server.util.matcher.ServerWebExchangeMatchers
{{/programs}}

/** Who may ask for what{{#byToken}}: whoever brings a token of the issuer that the settings name{{/byToken}}. */
@Configuration(proxyBeanMethods = false)
@ConditionalOnWebApplication(type = ConditionalOnWebApplication.Type.REACTIVE)
class SecurityConfiguration {
{{#programs}}
    /** A form on another site cannot send the JSON that programs send, so only the rest needs the extra token. */
    private val forms =
        AndServerWebExchangeMatcher(
            CsrfWebFilter.DEFAULT_CSRF_MATCHER,
            NegatedServerWebExchangeMatcher(ServerWebExchangeMatchers.pathMatchers("{{{programs}}}/**")),
        )

{{/programs}}
    @Bean
    fun access(http: ServerHttpSecurity): SecurityWebFilterChain =
        http {
            authorizeExchange {
{{#tellsHealth}}
                authorize("/actuator/health/**", permitAll)
{{#scraped}}
                // Whatever collects figures asks without an account; let nobody else reach it from outside.
                authorize("/actuator/prometheus", permitAll)
{{/scraped}}
{{/tellsHealth}}
                authorize(anyExchange, authenticated)
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
            // Nothing here trusts a cookie, so there is nothing that another site could misuse.
            csrf { disable() }
{{/byToken}}
{{#programs}}
            csrf { requireCsrfProtectionMatcher = forms }
{{/programs}}
        }
}
