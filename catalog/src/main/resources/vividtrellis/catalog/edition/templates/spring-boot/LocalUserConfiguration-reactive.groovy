package {{package}}.security

import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.core.env.Environment
import org.springframework.security.core.userdetails.MapReactiveUserDetailsService
import org.springframework.security.core.userdetails.User
import org.springframework.security.core.userdetails.UserDetails

/** The account that the settings name, which the framework makes only where no tokens are trusted. */
@Configuration(proxyBeanMethods = false)
class LocalUserConfiguration {

    @Bean
    MapReactiveUserDetailsService accounts(Environment settings) {
        // Where the settings name no password, nobody knows it.
        String unknown = UUID.randomUUID()
        UserDetails local = User.withUsername(settings.getProperty('spring.security.user.name', 'user'))
                .password('{noop}' + settings.getProperty('spring.security.user.password', unknown))
                .roles()
                .build()
        return new MapReactiveUserDetailsService(local)
    }
}
