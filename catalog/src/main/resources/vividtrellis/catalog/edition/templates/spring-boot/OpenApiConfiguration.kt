package {{package}}

import io.swagger.v3.oas.models.OpenAPI
import io.swagger.v3.oas.models.info.Info
import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.core.env.Environment

/** What the description of the API says of the whole; its settings are named `api`. */
@Configuration(proxyBeanMethods = false)
class OpenApiConfiguration {
    @Bean
    fun api(settings: Environment): OpenAPI =
        OpenAPI().info(
            Info()
                .title(settings.getRequiredProperty("api.title"))
                .version(settings.getRequiredProperty("api.version")),
        )
}
