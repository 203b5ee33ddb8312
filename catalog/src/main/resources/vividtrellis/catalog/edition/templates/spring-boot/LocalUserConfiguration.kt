package {{package}}.security

import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.core.env.Environment
import org.springframework.security.core.userdetails.User
import org.springframework.security.provisioning.InMemoryUserDetailsManager
import java.util.UUID

/** The account that the settings name, which the framework makes only where no tokens are trusted. */
@Configuration(proxyBeanMethods = false)
class LocalUserConfiguration {
    @Bean
    fun accounts(settings: Environment): InMemoryUserDetailsManager {
        // Where the settings name no password, nobody knows it.
        val unknown = UUID.randomUUID().toString()
        return InMemoryUserDetailsManager(
            User
                .withUsername(settings.getProperty("spring.security.user.name", "user"))
                .password("{noop}" + settings.getProperty("spring.security.user.password", unknown))
                .roles()
                .build(),
        )
    }
}
