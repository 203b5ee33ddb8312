package {{package}}.security

import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.security.config.Customizer
import org.springframework.security.config.annotation.web.builders.HttpSecurity
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer
import org.springframework.security.config.http.SessionCreationPolicy
import org.springframework.security.web.SecurityFilterChain

/** Who may ask for what: whoever brings a token of the issuer that the settings name. */
@Configuration(proxyBeanMethods = false)
class AccessRules {

    @Bean
    SecurityFilterChain access(HttpSecurity http) {
{{#tellsHealth}}
        return http.authorizeHttpRequests(requests -> requests.requestMatchers("/actuator/health/**")
                        .permitAll()
{{#scraped}}
                        // Whatever collects figures asks without an account; let nobody else reach it from outside.
                        .requestMatchers("/actuator/prometheus")
                        .permitAll()
{{/scraped}}
                        .anyRequest()
                        .authenticated())
{{/tellsHealth}}
{{^tellsHealth}}
        return http.authorizeHttpRequests(requests -> requests.anyRequest().authenticated())
{{/tellsHealth}}
                .oauth2ResourceServer(server -> server.jwt(Customizer.withDefaults()))
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                // Nothing here trusts a cookie, so there is nothing that another site could misuse.
                .csrf(AbstractHttpConfigurer::disable)
                .build()
    }
}
