package vividtrellis.service.http;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import tools.jackson.databind.json.JsonMapper;
import vividtrellis.service.ProjectService;
import vividtrellis.service.TestProjectService;
import vividtrellis.service.records.RecordKeeper;

class HttpTest {

  private final ProjectService projects =
      TestProjectService.at(Clock.fixed(Instant.parse("2031-05-01T00:00:00Z"), ZoneOffset.UTC));
  private final RecordKeeper records = mock();
  private final MockMvc mvc =
      MockMvcBuilders.standaloneSetup(
              Controllers.projects(projects, records),
              new CatalogController(projects, JsonMapper.builder().build()))
          .setControllerAdvice(new Problems())
          .addFilters(new Headers(projects))
          .build();

  private static MockHttpServletRequestBuilder yaml(String path, String body) {
    return post("/api/v1" + path).contentType("application/yaml").content(body);
  }

  @Test
  void aCheckHasTheAgreedShape() throws Exception {
    mvc.perform(yaml("/checks", "project: {name: tide-board}\nstarters: [http-api, sql-orm]"))
        .andExpect(status().isOk())
        .andExpect(header().string("Vivid-Trellis", "9.9; edition=2026-11"))
        .andExpect(jsonPath("$.verdict").value("blocked"))
        .andExpect(jsonPath("$.brief.project.name").value("tide-board"))
        .andExpect(jsonPath("$.brief.language").doesNotExist())
        .andExpect(jsonPath("$.findings[0].severity").value("blocker"))
        .andExpect(jsonPath("$.findings[0].rule").value("sql-orm-needs-driver"))
        .andExpect(jsonPath("$.findings[0].picks[0]").value("/starters/1"))
        .andExpect(jsonPath("$.findings[0].evidence[0].kind").value("recorded-build"))
        .andExpect(jsonPath("$.findings[0].remedies[0].patch[0].op").value("add"))
        .andExpect(jsonPath("$.findings[0].remedies[0].patch[0].path").value("/starters/-"))
        .andExpect(jsonPath("$.findings[0].remedies[0].patch[0].value").value("postgresql"))
        .andExpect(jsonPath("$.findings[0].remedies[4].patch[0].value").doesNotExist())
        .andExpect(jsonPath("$.offers[?(@.id=='h2')].possible", hasItem(true)));
    mvc.perform(yaml("/checks", "project: {name: tide-board}\nsettings: {port: 8085}"))
        .andExpect(jsonPath("$.verdict").value("fits"))
        .andExpect(jsonPath("$.brief.settings.port").value(8085))
        .andExpect(jsonPath("$.brief.project.year").value(2031))
        .andExpect(jsonPath("$.filledIn[?(@.pick=='/jvm')].value", hasItem(25)));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "projct: {name: x}            | #/projct       | project",
        "project: {name: [x]}         | #/project/name | ",
        "project: {name: x            | #              | ",
        "a: &b c                      | #              | ",
      })
  void whatCannotBeReadIsA400ThatSaysWhere(String body, String pointer, String suggestion)
      throws Exception {
    for (String path : new String[] {"/checks", "/outlines", "/archives"}) {
      mvc.perform(yaml(path, body))
          .andExpect(status().isBadRequest())
          .andExpect(header().string("Content-Type", "application/problem+json"))
          .andExpect(jsonPath("$.type").value("urn:vivid-trellis:problem:unreadable-brief"))
          .andExpect(jsonPath("$.errors[0].pointer").value(pointer))
          .andExpect(
              suggestion == null
                  ? jsonPath("$.errors[0].detail").isNotEmpty()
                  : jsonPath("$.errors[0].suggestion").value(suggestion));
    }
  }

  @Test
  void aBlockedBriefIsA422WithItsFindingsAndLeavesNoRecord() throws Exception {
    for (String path : new String[] {"/outlines", "/archives"}) {
      mvc.perform(yaml(path, "project: {name: Bad Name}"))
          .andExpect(status().isUnprocessableContent())
          .andExpect(jsonPath("$.findings[0].rule").value("name-space"))
          .andExpect(jsonPath("$.errors[0].pointer").value("#/project/name"))
          .andExpect(jsonPath("$.errors[0].suggestion").value("Call it bad-name"));
    }
    verify(records, never()).keep(any());
  }

  @Test
  void bothArchiveCallsGiveTheSameAndAreRecorded() throws Exception {
    byte[] posted =
        mvc.perform(yaml("/archives", "project: {name: tide-board}\nstarters: [http-api]"))
            .andExpect(status().isOk())
            .andExpect(header().string("Content-Type", "application/zip"))
            .andExpect(header().string("Content-Disposition", containsString("tide-board.zip")))
            .andExpect(header().string("Content-Digest", containsString("sha-256=:")))
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    var response =
        mvc.perform(get("/api/v1/archives?pick=name:tide-board&pick=starter:http-api"))
            .andExpect(status().isOk())
            .andReturn()
            .getResponse();

    org.assertj.core.api.Assertions.assertThat(response.getContentAsByteArray()).isEqualTo(posted);
    verify(records, org.mockito.Mockito.times(2)).keep(any());
    mvc.perform(
            get("/api/v1/archives?pick=name:tide-board&pick=starter:http-api")
                .header("If-None-Match", response.getHeader("ETag")))
        .andExpect(status().isNotModified());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "/archives?pick=nmae:x                | 400",
        "/archives?pick=x                     | 400",
        "/archives?pcik=name:x                | 400",
        "/archives?pick=name:x&format=rar     | 400",
        "/archives                            | 422",
        "/archives?pick=name:..%2F..%2Fetc    | 422",
        "/catalog                             | 200",
      })
  void addressesAreReadStrictly(String address, int expected) throws Exception {
    mvc.perform(get(java.net.URI.create("/api/v1" + address))).andExpect(status().is(is(expected)));
  }

  @Test
  void otherMistakesAreProblemsTooAndFaultsTellNothingOfTheInside() throws Exception {
    mvc.perform(post("/api/v1/checks").contentType("text/plain").content("x"))
        .andExpect(status().isUnsupportedMediaType())
        .andExpect(jsonPath("$.type").value("urn:vivid-trellis:problem:wrong-media-type"));
    mvc.perform(get("/api/v1/checks"))
        .andExpect(status().isMethodNotAllowed())
        .andExpect(jsonPath("$.type").value("urn:vivid-trellis:problem:wrong-method"));
    mvc.perform(yaml("/checks", "x".repeat(200_000)))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.errors[0].detail", containsString("larger")));
    mvc.perform(
            post("/api/v1/checks")
                .contentType("application/json")
                .content(new byte[] {'"', (byte) 0xff}))
        .andExpect(status().isBadRequest());
    doThrow(new IllegalStateException("secret")).when(records).keep(any());
    mvc.perform(yaml("/archives", "project: {name: tide-board}"))
        .andExpect(status().isInternalServerError())
        .andExpect(jsonPath("$.detail", org.hamcrest.Matchers.not(containsString("secret"))));
  }

  @Test
  void theCatalogSaysWhatCanBePicked() throws Exception {
    String tag =
        mvc.perform(get("/api/v1/catalog"))
            .andExpect(jsonPath("$.edition").value("2026-11"))
            .andExpect(jsonPath("$.frameworks[0].lines[0].line").value("4.1"))
            .andExpect(jsonPath("$.starters[*].id", hasItem("health-metrics")))
            .andExpect(jsonPath("$.starters[0].summary").isNotEmpty())
            .andReturn()
            .getResponse()
            .getHeader("ETag");
    mvc.perform(get("/api/v1/catalog").header("If-None-Match", tag))
        .andExpect(status().isNotModified());
  }

  @Test
  void theLatticeHasTheAgreedShape() throws Exception {
    String body = "project: {name: tide-board}\nframework: spring-boot@4.1\nlanguage: java@25\n";
    mvc.perform(yaml("/lattice", body))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.columns[0].framework").value("spring-boot"))
        .andExpect(jsonPath("$.columns[0].line").value("4.1"))
        .andExpect(jsonPath("$.columns[0].standing").value("in support"))
        .andExpect(jsonPath("$.rows[*].jvm", hasItem(21)))
        .andExpect(jsonPath("$.cells.length()").value(70))
        .andExpect(jsonPath("$.cells[?(@.picked)].line", hasItem("4.1")))
        .andExpect(jsonPath("$.cells[?(@.picked)].jvm", hasItem(25)))
        .andExpect(jsonPath("$.cells[?(@.line=='3.4' && @.jvm==27)].state", hasItem("impossible")))
        .andExpect(
            jsonPath(
                "$.cells[?(@.line=='4.1' && @.jvm==17)].lose.starters[0]", hasItem("sql-typed")))
        .andExpect(
            jsonPath("$.cells[?(@.line=='4.1' && @.jvm==25)].because")
                .value(hasItem((Object) null)));
    mvc.perform(yaml("/lattice", "project: {name: Bad Name}\nlanguage: kotlin\n"))
        .andExpect(status().isOk())
        .andExpect(
            jsonPath(
                "$.cells[?(@.line=='3.5' && @.jvm==27)].because",
                hasItem(containsString("Kotlin"))));
    mvc.perform(yaml("/lattice", "nonsense: 1"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.errors[0].pointer").value("#/nonsense"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "/catalog/starters?q=send%20mial          | 200 | mail",
        "/catalog/starters                        | 200 | http-api",
        "/catalog/languages?q=kotlin              | 200 | kotlin",
        "/catalog/builds?q=gradle                 | 200 | gradle-kotlin",
        "/catalog/extras?q=image                  | 200 | container",
        "/catalog/starters?q=zzqqxx               | 200 | ",
        "/catalog/sarters?q=mail                  | 400 | ",
        "/catalog?q=kotln                         | 200 | kotlin",
        "/catalog?q=kotln                         | 200 | -maven",
        "/catalog?edition=2026-11                 | 200 | ",
        "/catalog?edition=1999-01                 | 400 | ",
      })
  void theCatalogIsSearched(String address, int expected, String first) throws Exception {
    var answer =
        mvc.perform(get(java.net.URI.create("/api/v1" + address))).andExpect(status().is(expected));
    if (first != null) {
      answer.andExpect(
          jsonPath(
              "$..id", first.startsWith("-") ? not(hasItem(first.substring(1))) : hasItem(first)));
    }
    if (expected >= 400) {
      answer.andExpect(header().string("Content-Type", "application/problem+json"));
    }
  }

  @Test
  void aWayOutIsAppliedByOneCall() throws Exception {
    String body = "project: {name: tide-board}\nstarters: [http-api, sql-orm]";
    mvc.perform(yaml("/checks?apply=2", body))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.verdict").value("fits"))
        .andExpect(jsonPath("$.applied.brief.starters[2]").value("mysql"))
        .andExpect(jsonPath("$.applied.title").isNotEmpty());
    for (String wrong : new String[] {"0", "99", "-1", "x"}) {
      mvc.perform(yaml("/checks?apply=" + wrong, body))
          .andExpect(status().isBadRequest())
          .andExpect(header().string("Content-Type", "application/problem+json"));
    }
  }

  @Test
  void aComparisonHasTheAgreedShape() throws Exception {
    String left = "{project: {name: tide-board}, framework: spring-boot@3.5, starters: [http-api]}";
    String right =
        "{project: {name: tide-board}, framework: spring-boot@4.1, starters: [http-api, postgresql,"
            + " sql-orm, migrations-flyway]}";
    mvc.perform(yaml("/comparisons", "left: " + left + "\nright: " + right))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.files[?(@.path=='pom.xml')].change", hasItem("changed")))
        .andExpect(
            jsonPath(
                "$.files[?(@.path=='pom.xml')].diff",
                hasItem(containsString("+        <version>4.1.2</version>"))))
        .andExpect(jsonPath("$.files[?(@.path=='mvnw')].change", hasItem("same")))
        .andExpect(jsonPath("$.files[?(@.path=='mvnw')].diff", hasItem("")))
        .andExpect(
            jsonPath(
                "$.files[?(@.path=='src/main/resources/db/migration/.gitkeep')].change",
                hasItem("added")));
    mvc.perform(yaml("/comparisons", "left: " + left))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.errors[0].pointer").value("#/right"));
    mvc.perform(yaml("/comparisons", "left: {projct: {}}\nright: " + right + "\nmiddle: {}"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.errors[*].pointer", hasItem("#/left/projct")))
        .andExpect(jsonPath("$.errors[*].pointer", hasItem("#/middle")));
    mvc.perform(yaml("/comparisons", "left: " + left + "\nright: {project: {name: Bad Name}}"))
        .andExpect(status().isUnprocessableContent())
        .andExpect(jsonPath("$.errors[0].pointer").value("#/right/project/name"));
  }
}
