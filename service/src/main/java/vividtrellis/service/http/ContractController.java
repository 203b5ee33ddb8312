package vividtrellis.service.http;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/**
 * The description of these calls, and the schema of a brief in it. Both are written by hand, and
 * held against what is answered by a test.
 */
@RestController
@RequestMapping("/api/v1")
class ContractController {

  private final Map<?, ?> description = read();
  private final Map<String, Object> briefSchema = briefSchema(description);

  /** The calls, as OpenAPI 3.1. */
  @GetMapping(path = "/openapi.json", produces = MediaType.APPLICATION_JSON_VALUE)
  Map<?, ?> description() {
    return description;
  }

  /** The form of a brief, as JSON Schema 2020-12. */
  @GetMapping(
      path = "/brief-schema.json",
      produces = {"application/schema+json", MediaType.APPLICATION_JSON_VALUE})
  Map<String, Object> briefSchema() {
    return briefSchema;
  }

  private static Map<?, ?> read() {
    try (InputStream in = ContractController.class.getResourceAsStream("/openapi.yaml")) {
      if (in == null) {
        throw new IllegalStateException("openapi.yaml is missing from the service jar");
      }
      // Not read as briefs are, where every scalar is a text.
      return new Yaml(new SafeConstructor(new LoaderOptions())).load(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Map<String, Object> briefSchema(Map<?, ?> description) {
    Map<?, ?> schemas = (Map<?, ?>) part(part(description, "components"), "schemas");
    Map<String, Object> schema = new LinkedHashMap<>();
    schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
    schema.put("title", "A brief of Vivid Trellis");
    schema.put("$ref", "#/components/schemas/Brief");
    // Under the same place as in the description, so that references hold.
    Map<String, Object> used = new LinkedHashMap<>();
    used.put("Brief", schemas.get("Brief"));
    used.put("Scalar", schemas.get("Scalar"));
    used.put("Entity", schemas.get("Entity"));
    schema.put("components", Map.of("schemas", used));
    return schema;
  }

  private static Object part(Object whole, String key) {
    return ((Map<?, ?>) whole).get(key);
  }
}
