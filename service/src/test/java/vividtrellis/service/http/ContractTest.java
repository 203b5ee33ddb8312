package vividtrellis.service.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.web.bind.annotation.RequestMapping;
import org.yaml.snakeyaml.Yaml;
import tools.jackson.databind.json.JsonMapper;
import vividtrellis.core.brief.Key;
import vividtrellis.service.ProjectService;
import vividtrellis.service.TestProjectService;
import vividtrellis.service.records.RecordKeeper;

/** What is answered is what the description says, no more and no less. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ContractTest {

  private static final String HERE = "https://trellis.example/openapi.json";

  private final ProjectService projects = TestProjectService.at(Clock.systemUTC());
  private final List<Object> controllers =
      List.of(
          Controllers.projects(projects, mock(RecordKeeper.class)),
          new CatalogController(projects, JsonMapper.builder().build()),
          new DownloadsController(),
          new ContractController());
  private final MockMvc mvc =
      MockMvcBuilders.standaloneSetup(controllers.toArray())
          .setControllerAdvice(new Problems())
          .build();
  private final String description = ask(get(URI.create("/api/v1/openapi.json")));
  private final Map<String, Map<String, Object>> paths = paths(description);
  private final SchemaRegistry schemas =
      SchemaRegistry.withDefaultDialect(
          SpecificationVersion.DRAFT_2020_12,
          builder -> builder.schemas(Map.of(HERE, description)));

  private String ask(MockHttpServletRequestBuilder asked) {
    try {
      return mvc.perform(asked)
          .andReturn()
          .getResponse()
          .getContentAsString(StandardCharsets.UTF_8);
    } catch (Exception e) {
      throw new AssertionError(e);
    }
  }

  @SuppressWarnings("unchecked")
  private static Map<String, Map<String, Object>> paths(String description) {
    Map<String, Object> all = new Yaml().load(description);
    return (Map<String, Map<String, Object>>) all.get("paths");
  }

  private List<Error> faults(String pointer, String text) {
    return schemas
        .getSchema(SchemaLocation.of(HERE + "#" + pointer))
        .validate(text, InputFormat.JSON);
  }

  private static final String SMALL = "{\"project\":{\"name\":\"tide-board\"}}";

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "GET  | /catalog                  |                                  | 200 |",
        "GET  | /catalog?q=jms            |                                  | 200 |",
        "GET  | /catalog?edition=1999-01  |                                  | 400 |",
        "GET  | /catalog/starters?q=jms   |                                  | 200 |"
            + " /catalog/{kind}",
        "GET  | /catalog/frameworks       |                                  | 200 |"
            + " /catalog/{kind}",
        "GET  | /downloads                |                                  | 200 |",
        "POST | /checks                   | {'project':{'name':'tide-board'},"
            + "'language':'kotlin','starters':['http-api']}                 | 200 |",
        "POST | /checks                   | {'project':{'name':'Tide Board'},"
            + "'jvm':17,'starters':['sql-orm','kafca']}                     | 200 |",
        "POST | /checks?apply=1           | {'project':{},'starters':['h2']} | 200 |",
        "POST | /checks                   | {'projct':{}}                    | 400 |",
        "POST | /lattice                  | {'starters':['sql-orm']}         | 200 |",
        "POST | /outlines                 | {'project':{'name':'tide-board'}} | 200 |",
        "POST | /outlines                 | {'project':{}}                   | 422 |",
        "POST | /comparisons              | {'left':{'project':{'name':'a'}},"
            + "'right':{'project':{'name':'b'}}}                            | 200 |",
        "POST | /comparisons              | {'left':{}}                      | 400 |",
        "GET  | /archives?pick=name:UPPER |                                  | 422 |",
        "GET  | /archives?pick=nme:x      |                                  | 400 |",
      })
  void anAnswerHasTheFormThatIsDescribed(
      String method, String address, String body, int status, String described) throws Exception {
    String path = described == null ? address.replaceFirst("\\?.*", "") : described;
    var asked = request(HttpMethod.valueOf(method), URI.create("/api/v1" + address));
    if (body != null) {
      asked.contentType("application/json").content(body.replace('\'', '"'));
    }
    MockHttpServletResponse answer = mvc.perform(asked).andReturn().getResponse();
    String text = answer.getContentAsString(StandardCharsets.UTF_8);

    assertThat(answer.getStatus()).as(text).isEqualTo(status);
    assertThat(paths.get(path))
        .as("%s is described", path)
        .containsKey(method.toLowerCase(Locale.ROOT));
    String type = status == 200 ? "application~1json" : "application~1problem+json";
    String responses =
        "/paths/%s/%s/responses/%d"
            .formatted(path.replace("/", "~1"), method.toLowerCase(Locale.ROOT), status);
    String content = "/content/" + type + "/schema";
    assertThat(faults(resolved(responses) + content, text)).as(text).isEmpty();
  }

  /** Where a response is described, which may be under another name. */
  private String resolved(String pointer) {
    Object at = new Yaml().load(description);
    for (String step : pointer.substring(1).split("/", -1)) {
      at = ((Map<?, ?>) at).get(step.replace("~1", "/"));
    }
    Object other = ((Map<?, ?>) at).get("$ref");
    return other == null ? pointer : other.toString().substring(1);
  }

  @Test
  void everyCallIsDescribedAndNoOther() {
    Set<String> mapped = new TreeSet<>();
    for (Object controller : controllers) {
      Stream.of(controller.getClass().getDeclaredMethods())
          .map(
              method ->
                  org.springframework.core.annotation.AnnotatedElementUtils.findMergedAnnotation(
                      method, RequestMapping.class))
          .filter(mapping -> mapping != null)
          .forEach(mapping -> mapped.add(mapping.method()[0].name() + " " + mapping.path()[0]));
    }
    Set<String> said =
        paths.entrySet().stream()
            .flatMap(
                path ->
                    path.getValue().keySet().stream()
                        .map(method -> method.toUpperCase(Locale.ROOT) + " " + path.getKey()))
            .collect(Collectors.toCollection(TreeSet::new));

    assertThat(said).isEqualTo(mapped);
  }

  @Test
  void theSchemaOfABriefKnowsEveryKeyAndTheDemoBriefs() throws IOException {
    String schema = ask(get(URI.create("/api/v1/brief-schema.json")));
    var brief =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(schema);

    for (Key key : Key.values()) {
      String one = "{\"%s\": \"x\"}".formatted(key.word());
      String text = key.block().isEmpty() ? one : "{\"%s\": %s}".formatted(key.block(), one);
      assertThat(brief.validate(text, InputFormat.JSON)).as(text).isEmpty();
    }
    assertThat(brief.validate("{\"projct\": {}}", InputFormat.JSON)).isNotEmpty();
    assertThat(brief.validate("{\"starters\": \"h2\"}", InputFormat.JSON)).isNotEmpty();
    try (Stream<Path> demos = Files.list(Path.of("../demo"))) {
      List<Path> all = demos.filter(file -> file.toString().endsWith(".yaml")).toList();
      assertThat(all).isNotEmpty();
      for (Path demo : all) {
        assertThat(brief.validate(Files.readString(demo), InputFormat.YAML))
            .as("%s", demo)
            .isEmpty();
      }
    }
    assertThat(faults("/components/schemas/Brief", SMALL)).isEmpty();
  }
}
