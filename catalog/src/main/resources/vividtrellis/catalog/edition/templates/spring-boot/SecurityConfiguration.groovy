package {{package}}.security

import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
{{#programs}}
import org.springframework.http.HttpStatus
{{/programs}}
import org.springframework.security.config.Customizer
import org.springframework.security.config.annotation.web.builders.HttpSecurity
{{#byToken}}
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer
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
import org.springframework.security.web.util.matcher.RequestMatcher
{{/programs}}

/** Who may ask for what{{#byToken}}: whoever brings a token of the issuer that the settings name{{/byToken}}. */
@Configuration(proxyBeanMethods = false)
class SecurityConfiguration {

{{#programs}}
    /** Programs ask for JSON below this path; people use pages. */
{{#antPaths}}
    private static final RequestMatcher PROGRAMS = new AntPathRequestMatcher('{{{programs}}}/**')
{{/antPaths}}
{{^antPaths}}
    private static final RequestMatcher PROGRAMS = PathPatternRequestMatcher.withDefaults().matcher('{{{programs}}}/**')
{{/antPaths}}

{{/programs}}
    @Bean
    SecurityFilterChain access(HttpSecurity http) {
{{#tellsHealth}}
        return http.authorizeHttpRequests(requests -> requests.requestMatchers('/actuator/health/**')
                        .permitAll()
{{#scraped}}
                        // Whatever collects figures asks without an account; let nobody else reach it from outside.
                        .requestMatchers('/actuator/prometheus')
                        .permitAll()
{{/scraped}}
                        .anyRequest()
                        .authenticated())
{{/tellsHealth}}
{{^tellsHealth}}
        return http.authorizeHttpRequests(requests -> requests.anyRequest().authenticated())
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
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                // Nothing here trusts a cookie, so there is nothing that another site could misuse.
                .csrf(AbstractHttpConfigurer::disable)
{{/byToken}}
{{#programs}}
                .exceptionHandling(faults -> faults.defaultAuthenticationEntryPointFor(
                        new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED), PROGRAMS))
                // A form on another site cannot send JSON, so only pages need the extra token.
                .csrf(csrf -> csrf.ignoringRequestMatchers(PROGRAMS))
{{/programs}}
                .build()
    }
}
