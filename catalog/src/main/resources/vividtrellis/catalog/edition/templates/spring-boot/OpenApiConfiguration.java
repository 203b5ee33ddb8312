package {{package}};

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.env.Environment;

/** What the description of the API says of the whole; its settings are named {@code api}. */
@Configuration(proxyBeanMethods = false)
class OpenApiConfiguration {

    @Bean
    OpenAPI api(Environment settings) {
        Info whole = new Info()
                .title(settings.getRequiredProperty("api.title"))
                .version(settings.getRequiredProperty("api.version"));
        return new OpenAPI().info(whole);
    }
}
