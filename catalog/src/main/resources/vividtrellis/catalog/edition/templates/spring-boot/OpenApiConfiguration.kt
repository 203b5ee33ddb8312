package {{package}}

{{#describesFaults}}
import io.swagger.v3.oas.models.Components
{{/describesFaults}}
import io.swagger.v3.oas.models.OpenAPI
import io.swagger.v3.oas.models.info.Info
{{#describesFaults}}
import io.swagger.v3.oas.models.media.Content
import io.swagger.v3.oas.models.media.IntegerSchema
import io.swagger.v3.oas.models.media.MediaType
import io.swagger.v3.oas.models.media.ObjectSchema
import io.swagger.v3.oas.models.media.Schema
import io.swagger.v3.oas.models.media.StringSchema
import io.swagger.v3.oas.models.responses.ApiResponse
{{/describesFaults}}
import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.core.env.Environment

/** What the description of the API says of the whole{{#describesFaults}} and of all faults{{/describesFaults}}; its settings are named `api`. */
@Configuration(proxyBeanMethods = false)
class OpenApiConfiguration {
{{^describesFaults}}
    @Bean
    fun api(settings: Environment): OpenAPI =
        OpenAPI().info(
            Info()
                .title(settings.getRequiredProperty("api.title"))
                .version(settings.getRequiredProperty("api.version")),
        )
{{/describesFaults}}
{{#describesFaults}}
    @Bean
    fun api(settings: Environment): OpenAPI {
        val whole =
            Info()
                .title(settings.getRequiredProperty("api.title"))
                .version(settings.getRequiredProperty("api.version"))
        val details =
            ObjectSchema()
                .addProperty("type", StringSchema().format("uri"))
                .addProperty("title", StringSchema())
                .addProperty("status", IntegerSchema())
                .addProperty("detail", StringSchema())
                .addProperty("instance", StringSchema().format("uri"))
        val shared =
            Components()
                .addSchemas("ProblemDetail", details)
                .addResponses("BadRequest", problem("Something of it is missing or cannot be kept"))
                .addResponses("NotFound", problem("There is no such {{entityWords}}"))
{{#hasUniques}}
                .addResponses("Conflict", problem("There is one with the same already"))
{{/hasUniques}}
                .addResponses("PreconditionFailed", problem("Somebody else changed it since it was read"))
        return OpenAPI().info(whole).components(shared)
    }

    /** What went wrong is told in problem details (RFC 9457). */
    private fun problem(description: String): ApiResponse {
        val content = MediaType().schema(Schema<Any>().`$ref`("ProblemDetail"))
        return ApiResponse()
            .description(description)
            .content(Content().addMediaType("application/problem+json", content))
    }
{{/describesFaults}}
}
