package vividtrellis.service.http;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.version.Version;
import vividtrellis.service.Workshop;

/** Tells what can be picked. */
@RestController
@RequestMapping("/api/v1")
class CatalogController {

  private final Workshop workshop;
  private final Map<String, Object> catalog;

  CatalogController(Workshop workshop) {
    this.workshop = workshop;
    this.catalog = catalog(workshop.edition());
  }

  @GetMapping("/catalog")
  ResponseEntity<Map<String, Object>> catalog() {
    return ResponseEntity.ok().eTag(workshop.edition().digest()).body(catalog);
  }

  private Map<String, Object> catalog(Edition edition) {
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("edition", edition.id());
    all.put("service", workshop.version());
    all.put(
        "builds",
        edition.builds().stream()
            .map(build -> about(build, "versions", texts(build.versions())))
            .toList());
    all.put(
        "languages",
        edition.languages().stream()
            .map(language -> about(language, "levels", language.levels()))
            .toList());
    all.put(
        "frameworks",
        edition.frameworks().stream()
            .map(framework -> about(framework, "lines", lines(framework.lines())))
            .toList());
    all.put("packagings", abouts(edition.packagings()));
    all.put("samples", abouts(edition.samples()));
    all.put("layouts", abouts(edition.layouts()));
    all.put("categories", edition.categories());
    all.put("starters", edition.starters().stream().map(CatalogController::starter).toList());
    all.put("extras", abouts(edition.extras()));
    return all;
  }

  private static List<Map<String, Object>> lines(
      List<vividtrellis.core.catalog.Options.Line> lines) {
    return lines.stream()
        .map(
            line ->
                Map.<String, Object>of(
                    "line", line.line(),
                    "standing", line.standing(),
                    "newest", line.versions().get(0).text(),
                    "versions", texts(line.versions())))
        .toList();
  }

  private static List<String> texts(List<Version> versions) {
    return versions.stream().map(Version::text).toList();
  }

  private static Map<String, Object> starter(Starter starter) {
    Map<String, Object> all = about(starter, "category", starter.category());
    all.put("verb", starter.verb());
    all.put("search", starter.search());
    return all;
  }

  private static List<Map<String, Object>> abouts(List<? extends Option> options) {
    return options.stream().map(option -> about(option, "id", option.id())).toList();
  }

  private static Map<String, Object> about(Option option, String key, Object value) {
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("id", option.id());
    all.put("label", option.about().label());
    all.put("summary", option.about().summary());
    all.put("documentation", option.about().documentation());
    all.put(key, value);
    return all;
  }
}
