package {{package}};

{{#describesFaults}}
import io.swagger.v3.oas.models.Components;
{{/describesFaults}}
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
{{#describesFaults}}
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
{{/describesFaults}}
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.env.Environment;

/** What the description of the API says of the whole{{#describesFaults}} and of all faults{{/describesFaults}}; its settings are named {@code api}. */
@Configuration(proxyBeanMethods = false)
class OpenApiConfiguration {

    @Bean
    OpenAPI api(Environment settings) {
        Info whole = new Info()
                .title(settings.getRequiredProperty("api.title"))
                .version(settings.getRequiredProperty("api.version"));
{{^describesFaults}}
        return new OpenAPI().info(whole);
{{/describesFaults}}
{{#describesFaults}}
        Schema<?> details = new ObjectSchema()
                .addProperty("type", new StringSchema().format("uri"))
                .addProperty("title", new StringSchema())
                .addProperty("status", new IntegerSchema())
                .addProperty("detail", new StringSchema())
                .addProperty("instance", new StringSchema().format("uri"));
        Components shared = new Components()
                .addSchemas("ProblemDetail", details)
                .addResponses("BadRequest", problem("Something of it is missing or cannot be kept"))
                .addResponses("NotFound", problem("There is no such {{entityWords}}"))
{{#hasUniques}}
                .addResponses("Conflict", problem("There is one with the same already"))
{{/hasUniques}}
                .addResponses("PreconditionFailed", problem("Somebody else changed it since it was read"));
        return new OpenAPI().info(whole).components(shared);
{{/describesFaults}}
    }
{{#describesFaults}}

    /** What went wrong is told in problem details (RFC 9457). */
    private static ApiResponse problem(String description) {
        MediaType content = new MediaType().schema(new Schema<>().$ref("ProblemDetail"));
        return new ApiResponse()
                .description(description)
                .content(new Content().addMediaType("application/problem+json", content));
    }
{{/describesFaults}}
}
