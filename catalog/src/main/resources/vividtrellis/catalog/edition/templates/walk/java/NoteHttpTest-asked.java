package {{package}}.{{web}};

import static org.assertj.core.api.Assertions.assertThat;

import io.micronaut.runtime.server.EmbeddedServer;
import io.micronaut.test.extensions.junit5.annotation.MicronautTest;
import io.quarkus.test.common.http.TestHTTPResource;
import io.quarkus.test.junit.QuarkusTest;
import jakarta.inject.Inject;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import org.junit.jupiter.api.Test;
{{#outside}}
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
{{/outside}}

/** Goes the whole way over HTTP, with the settings for tests. */
{{#outside}}
@EnabledIfEnvironmentVariable(
        named = "STORE_FOR_TESTS",
        matches = "yes",
        disabledReason = "set STORE_FOR_TESTS=yes where a server for tests listens at localhost:{{outside}}")
{{/outside}}
{{#embeddedServer}}
@MicronautTest{{#rolledBack}}(transactional = false){{/rolledBack}}
{{/embeddedServer}}
{{^embeddedServer}}
@QuarkusTest
{{/embeddedServer}}
class {{Entity}}HttpTest {

    private static final String {{ENTITY}} = """
            {
{{#fields}}
              "{{name}}": {{{json}}}{{^-last}},{{/-last}}
{{/fields}}
            }
            """;

    private final HttpClient http = HttpClient.newHttpClient();

{{#embeddedServer}}
    @Inject
    EmbeddedServer server;
{{/embeddedServer}}
{{^embeddedServer}}
    @TestHTTPResource("/")
    URI server;
{{/embeddedServer}}

    @Test
    void keepsOneUntilItIsRemoved() throws Exception {
        HttpResponse<String> created = send("POST", "/{{entityPath}}", {{ENTITY}});
        assertThat(created.statusCode()).isEqualTo(201);

        String location = created.headers().firstValue("Location").orElseThrow();
        assertThat(send("GET", location, "").body()).isEqualTo(created.body());
        assertThat(send("DELETE", location, "").statusCode()).isEqualTo(204);
        assertThat(send("GET", location, "").statusCode()).isEqualTo(404);
    }

    @Test
    void changesOneThatNobodyElseChanged() throws Exception {
        HttpResponse<String> created = send("POST", "/{{entityPath}}", {{ENTITY}});
        String location = created.headers().firstValue("Location").orElseThrow();

        HttpResponse<String> changed = send("PUT", location, {{ENTITY}}, "If-Match", "\"0\"");
        assertThat(changed.statusCode()).isEqualTo(200);
        HttpResponse<String> late = send("PUT", location, {{ENTITY}}, "If-Match", "\"0\"");
        assertThat(late.statusCode()).isEqualTo(412);
        assertThat(send("DELETE", location, "").statusCode()).isEqualTo(204);
    }

{{#refused}}
    @Test
    void refusesOneWithout{{Name}}() throws Exception {
        HttpResponse<String> refused = send({{#args}}"POST", "/{{entityPath}}", {{ENTITY}}.replace({{{jsonInJava}}}, {{{nothingInJava}}}){{/args}});
        assertThat(refused.statusCode()).isEqualTo(400);
        assertThat(refused.body()).contains("\"{{name}}\"");
    }

{{/refused}}
    private HttpResponse<String> send(String method, String path, String body, String... headers)
            throws IOException, InterruptedException {
        URI address = server{{#embeddedServer}}.getURI(){{/embeddedServer}}.resolve(path);
        HttpRequest.Builder request = HttpRequest.newBuilder(address)
                .method(method, body.isEmpty() ? BodyPublishers.noBody() : BodyPublishers.ofString(body));
        if (!body.isEmpty()) {
            request.header("Content-Type", "application/json");
        }
        for (int i = 0; i < headers.length; i += 2) {
            request.header(headers[i], headers[i + 1]);
        }
        return http.send(request.build(), BodyHandlers.ofString());
    }
}
