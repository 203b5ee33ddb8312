package {{package}}.security

import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.core.env.Environment
import org.springframework.security.core.userdetails.MapReactiveUserDetailsService
import org.springframework.security.core.userdetails.User
import org.springframework.security.provisioning.InMemoryUserDetailsManager

/** The account that the settings name, which the framework makes only where no tokens are trusted. */
@Configuration(proxyBeanMethods = false)
class AccountConfiguration {
    @Bean
    fun accounts(settings: Environment): {{#reactiveAccounts}}MapReactiveUserDetailsService{{/reactiveAccounts}}{{^reactiveAccounts}}InMemoryUserDetailsManager{{/reactiveAccounts}} {
        // A hash says of itself what it is, as in {bcrypt}; what does not is the password itself.
        val password = settings.getRequiredProperty("spring.security.user.password")
        return {{#reactiveAccounts}}MapReactiveUserDetailsService{{/reactiveAccounts}}{{^reactiveAccounts}}InMemoryUserDetailsManager{{/reactiveAccounts}}(
            User
                .withUsername(settings.getRequiredProperty("spring.security.user.name"))
                .password(if (password.startsWith("{")) password else "{noop}" + password)
                .roles()
                .build(),
        )
    }
}
