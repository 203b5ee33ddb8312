package {{package}}.security

import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.core.Ordered
import org.springframework.core.annotation.Order
import org.springframework.http.MediaType
import org.springframework.security.config.Customizer
import org.springframework.security.config.annotation.web.builders.HttpSecurity
import {{issuerConfigurer}}
import org.springframework.security.web.SecurityFilterChain
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint
import org.springframework.security.web.util.matcher.MediaTypeRequestMatcher

/** What the token issuer answers itself comes before all other rules of access. */
@Configuration(proxyBeanMethods = false)
class TokenIssuerConfiguration {

    @Bean
    @Order(Ordered.HIGHEST_PRECEDENCE)
    SecurityFilterChain issuerAccess(HttpSecurity http) {
        OAuth2AuthorizationServerConfigurer issuer = new OAuth2AuthorizationServerConfigurer()
        return http.securityMatcher(issuer.getEndpointsMatcher())
                .with(issuer, each -> each.oidc(Customizer.withDefaults()))
                .authorizeHttpRequests(requests -> requests.anyRequest().authenticated())
                .oauth2ResourceServer(server -> server.jwt(Customizer.withDefaults()))
                // Whoever comes with a browser signs in first; programs are told that they have to.
                .exceptionHandling(faults -> faults.defaultAuthenticationEntryPointFor(
                        new LoginUrlAuthenticationEntryPoint('/login'),
                        new MediaTypeRequestMatcher(MediaType.TEXT_HTML)))
                .build()
    }
}
