package {{package}}.{{web}};

import static org.assertj.core.api.Assertions.assertThat;

{{#announces}}
{{#byLayer}}
import {{package}}.messages.Fake{{Entity}}EventPublisher;
{{/byLayer}}
{{/announces}}
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
{{^secured}}
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
{{/secured}}
import java.net.http.HttpResponse.BodyHandlers;
import org.junit.jupiter.api.Test;
{{#outside}}
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
{{/outside}}
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment;
import org.springframework.boot.test.web.server.LocalServerPort;
{{#announces}}
import org.springframework.context.annotation.Import;
{{/announces}}
import org.springframework.test.context.ActiveProfiles;

/** Goes the whole way over HTTP, with the settings for tests. */
{{#outside}}
@EnabledIfEnvironmentVariable(
        named = "STORE_FOR_TESTS",
        matches = "yes",
        disabledReason = "set STORE_FOR_TESTS=yes where a server for tests listens at localhost:{{outside}}")
{{/outside}}
@SpringBootTest(webEnvironment = WebEnvironment.RANDOM_PORT)
@ActiveProfiles("test")
{{#announces}}
@Import(Fake{{Entity}}EventPublisher.class)
{{/announces}}
class {{Entity}}HttpTest {

{{^secured}}
    private static final String {{ENTITY}} = """
            {
{{#fields}}
              "{{name}}": {{{json}}}{{^-last}},{{/-last}}
{{/fields}}
            }
            """;

{{/secured}}
    private final HttpClient http = HttpClient.newHttpClient();

    @LocalServerPort
    int port;

{{^secured}}
    @Test
    void keepsOneUntilItIsRemoved() throws Exception {
        HttpRequest create = HttpRequest.newBuilder({{entities}}())
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString({{ENTITY}}))
                .build();
        HttpResponse<String> created = http.send(create, BodyHandlers.ofString());
        assertThat(created.statusCode()).isEqualTo(201);

        String location = created.headers().firstValue("Location").orElseThrow();
        HttpRequest find = HttpRequest.newBuilder({{entities}}().resolve(location)).build();
        assertThat(http.send(find, BodyHandlers.ofString()).body()).isEqualTo(created.body());

        HttpRequest remove =
                HttpRequest.newBuilder({{entities}}().resolve(location)).DELETE().build();
        assertThat(http.send(remove, BodyHandlers.discarding()).statusCode()).isEqualTo(204);
        assertThat(http.send(find, BodyHandlers.discarding()).statusCode()).isEqualTo(404);
    }
{{/secured}}
{{#secured}}
    @Test
    void asksWhoIsThere() throws Exception {
        HttpRequest find = HttpRequest.newBuilder({{entities}}())
                .header("Accept", "application/json")
                .build();

        assertThat(http.send(find, BodyHandlers.discarding()).statusCode()).isEqualTo(401);
    }
{{/secured}}

    private URI {{entities}}() {
        return URI.create("http://localhost:" + port + "/{{entityPath}}");
    }
}
