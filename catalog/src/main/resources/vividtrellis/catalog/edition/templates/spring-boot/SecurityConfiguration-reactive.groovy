package {{package}}.security

import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication
import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.security.config.Customizer
import org.springframework.security.config.web.server.ServerHttpSecurity
import org.springframework.security.web.server.SecurityWebFilterChain
{{#programs}}
import org.springframework.security.web.server.csrf.CsrfWebFilter
import org.springframework.security.web.server.util.matcher.AndServerWebExchangeMatcher
import org.springframework.security.web.server.util.matcher.NegatedServerWebExchangeMatcher
import org.springframework.security.web.server.util.matcher.ServerWebExchangeMatcher
import org.springframework.security.web.server.util.matcher.ServerWebExchangeMatchers
{{/programs}}

/** Who may ask for what{{#byToken}}: whoever brings a token of the issuer that the settings name{{/byToken}}. */
@Configuration(proxyBeanMethods = false)
@ConditionalOnWebApplication(type = ConditionalOnWebApplication.Type.REACTIVE)
class SecurityConfiguration {

{{#programs}}
    /** A form on another site cannot send the JSON that programs send, so only the rest needs the extra token. */
    private static final ServerWebExchangeMatcher FORMS = new AndServerWebExchangeMatcher(
            CsrfWebFilter.DEFAULT_CSRF_MATCHER,
            new NegatedServerWebExchangeMatcher(ServerWebExchangeMatchers.pathMatchers('{{{programs}}}/**')))

{{/programs}}
    @Bean
    SecurityWebFilterChain access(ServerHttpSecurity http) {
{{#tellsHealth}}
        return http.authorizeExchange(requests -> requests.pathMatchers('/actuator/health/**')
                        .permitAll()
{{#scraped}}
                        // Whatever collects figures asks without an account; let nobody else reach it from outside.
                        .pathMatchers('/actuator/prometheus')
                        .permitAll()
{{/scraped}}
                        .anyExchange()
                        .authenticated())
{{/tellsHealth}}
{{^tellsHealth}}
        return http.authorizeExchange(requests -> requests.anyExchange().authenticated())
{{/tellsHealth}}
{{#hasForm}}
                .formLogin(Customizer.withDefaults())
                .httpBasic(Customizer.withDefaults())
{{/hasForm}}
{{#byProvider}}
                .oauth2Login(Customizer.withDefaults())
{{/byProvider}}
{{#trustsTokens}}
                .oauth2ResourceServer(server -> server.jwt(Customizer.withDefaults()))
{{/trustsTokens}}
{{#byToken}}
                // Nothing here trusts a cookie, so there is nothing that another site could misuse.
                .csrf(ServerHttpSecurity.CsrfSpec::disable)
{{/byToken}}
{{#programs}}
                .csrf(csrf -> csrf.requireCsrfProtectionMatcher(FORMS))
{{/programs}}
                .build()
    }
}
