package {{package}}.security;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.util.matcher.RequestMatcher;

/** Who may ask for what. */
@Configuration(proxyBeanMethods = false)
public class AccessRules {

    /** Programs ask for JSON below this path; people use pages. */
    private static final RequestMatcher PROGRAMS =
            request -> request.getRequestURI().startsWith("/notes");

    @Bean
    SecurityFilterChain access(HttpSecurity http) throws Exception {
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
{{#hasForm}}
                .formLogin(Customizer.withDefaults())
                .httpBasic(Customizer.withDefaults())
{{/hasForm}}
{{#byProvider}}
                .oauth2Login(Customizer.withDefaults())
{{/byProvider}}
                .exceptionHandling(faults -> faults.defaultAuthenticationEntryPointFor(
                        new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED), PROGRAMS))
                // A form on another site cannot send JSON, so only pages need the extra token.
                .csrf(csrf -> csrf.ignoringRequestMatchers(PROGRAMS))
                .build();
    }
}
