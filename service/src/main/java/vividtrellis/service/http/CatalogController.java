package vividtrellis.service.http;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.ObjectMapper;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Contribution.Artifact;
import vividtrellis.core.catalog.Contribution.FilePart;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.OptionSearch;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.compat.finding.Licences;
import vividtrellis.core.compat.judging.Editions;
import vividtrellis.core.version.Version;
import vividtrellis.service.ProjectService;
import vividtrellis.service.http.ProjectController.BadQuery;

/** Tells what can be picked. */
@RestController
@RequestMapping("/api/v1")
class CatalogController {

  private static final int LONGEST_QUESTION = 200;

  private final ProjectService projects;
  private final ObjectMapper json;
  private volatile Told told;

  /**
   * Everything that was made ready of the editions.
   *
   * @param editions of which; each state of them is an object of its own
   * @param ready by edition, the whole of it as JSON: whoever opens the console asks for that
   */
  private record Told(Editions editions, Map<String, Served> served, Map<String, byte[]> ready) {}

  /** An edition as it is told, and what finds in it. */
  private record Served(
      Edition edition, Map<String, Object> told, Map<String, OptionSearch<Option>> searches) {}

  /** A Java level as it is told. */
  private record Level(int level, boolean longTerm) {}

  CatalogController(ProjectService projects, ObjectMapper json) {
    this.projects = projects;
    this.json = json;
    this.told = tell(projects.served());
  }

  private Told tell(Editions editions) {
    Map<String, Served> served =
        editions.ids().stream()
            .map(id -> editions.of(id).orElseThrow().edition())
            .collect(Collectors.toMap(Edition::id, this::served));
    return new Told(
        editions,
        served,
        served.values().stream()
            .collect(
                Collectors.toMap(
                    each -> each.edition().id(), each -> json.writeValueAsBytes(each.told()))));
  }

  /** What is told now; made anew once the editions changed, perhaps by two threads alike. */
  private Told told() {
    Told known = told;
    Editions now = projects.served();
    if (known.editions().equals(now)) {
      return known;
    }
    Told fresh = tell(now);
    told = fresh;
    return fresh;
  }

  /** The whole catalog, or what is found in each of its lists. */
  @GetMapping(path = "/catalog", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<?> catalog(
      @RequestParam(defaultValue = "") String q, @RequestParam(defaultValue = "") String edition) {
    Told all = told();
    Served asked = of(all, edition);
    if (q.isBlank()) {
      return ResponseEntity.ok()
          .eTag(asked.edition().identity())
          .contentType(MediaType.APPLICATION_JSON)
          .body(all.ready().get(asked.edition().id()));
    }
    Map<String, Object> found = new LinkedHashMap<>(asked.told());
    KINDS.keySet().forEach(kind -> found.put(kind, found(asked, asked.searches().get(kind), q)));
    return ResponseEntity.ok().body(found);
  }

  /** One list of the catalog, or what is found in it. */
  @GetMapping("/catalog/{kind}")
  ResponseEntity<Map<String, Object>> some(
      @PathVariable String kind,
      @RequestParam(defaultValue = "") String q,
      @RequestParam(defaultValue = "") String edition) {
    Served asked = of(told(), edition);
    OptionSearch<Option> search = asked.searches().get(kind);
    if (search == null) {
      throw new BadQuery(
          "kind", "There is no list '%s'; expected one of %s.".formatted(kind, KINDS.keySet()));
    }
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("edition", asked.edition().id());
    all.put(kind, found(asked, search, q));
    return ResponseEntity.ok().body(all);
  }

  private static List<Map<String, Object>> found(
      Served asked, OptionSearch<Option> search, String q) {
    if (q.length() > LONGEST_QUESTION) {
      throw new BadQuery(
          "q", "%d letters are the most that is searched for.".formatted(LONGEST_QUESTION));
    }
    return search.find(q).stream().map(each -> option(each, asked.edition())).toList();
  }

  private Served of(Told all, String id) {
    return Optional.ofNullable(all.served().get(id.isEmpty() ? projects.edition().id() : id))
        .orElseThrow(
            () ->
                new BadQuery(
                    "edition",
                    "There is no edition '%s'; there is %s.".formatted(id, projects.editions())));
  }

  private static final Map<String, Function<Edition, List<? extends Option>>> KINDS = kinds();

  private static Map<String, Function<Edition, List<? extends Option>>> kinds() {
    Map<String, Function<Edition, List<? extends Option>>> kinds = new LinkedHashMap<>();
    kinds.put("builds", Edition::builds);
    kinds.put("languages", Edition::languages);
    kinds.put("frameworks", Edition::frameworks);
    kinds.put("packagings", Edition::packagings);
    kinds.put("samples", Edition::samples);
    kinds.put("layouts", Edition::layouts);
    kinds.put("starters", Edition::starters);
    kinds.put("extras", Edition::extras);
    return kinds;
  }

  private Served served(Edition edition) {
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("edition", edition.id());
    if (!edition.reach().id().isEmpty()) {
      all.put("reach", Map.of("id", edition.reach().id(), "readOn", edition.reach().day()));
    }
    all.put("editions", projects.editions());
    all.put("service", projects.version());
    all.put("categories", edition.categories());
    all.put("licences", new Licences(edition).ids());
    Map<String, OptionSearch<Option>> searches = new LinkedHashMap<>();
    KINDS.forEach(
        (kind, list) -> {
          List<Option> options = List.copyOf(list.apply(edition));
          all.put(kind, options.stream().map(option -> option(option, edition)).toList());
          searches.put(kind, new OptionSearch<>(options));
        });
    return new Served(edition, all, searches);
  }

  private static Map<String, Object> option(Option option, Edition edition) {
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("id", option.id());
    all.put("label", option.about().label());
    all.put("summary", option.about().summary());
    all.put("documentation", option.about().documentation());
    all.put("planned", option.about().planned());
    if (option instanceof Starter starter) {
      all.put("category", starter.category());
      all.put("verb", starter.verb());
      all.put("kin", starter.kin());
      all.put("search", starter.search());
      all.put("needs", needs(starter, edition));
      all.put("brings", starter.bindings().stream().map(CatalogController::brings).toList());
    } else if (option instanceof Framework framework) {
      all.put("lines", framework.lines().stream().map(CatalogController::line).toList());
    } else if (option instanceof Language language) {
      all.put(
          "levels",
          language.levels().stream()
              .map(level -> new Level(level.level(), level.longTerm()))
              .toList());
      all.put("versions", texts(language.versions()));
    } else if (option instanceof vividtrellis.core.catalog.Options.BuildSystem build) {
      all.put("versions", texts(build.versions()));
    }
    return all;
  }

  /** What has to be there or should be there beside a starter, a sentence each. */
  private static List<String> needs(Starter starter, Edition edition) {
    return edition.rules().stream()
        .filter(rule -> rule instanceof Rule.Needs || rule instanceof Rule.Wants)
        .filter(
            rule ->
                rule.when().stream()
                    .anyMatch(
                        term ->
                            term.variable() == Term.Variable.STARTER
                                && !term.negated()
                                && starter.id().equals(term.id())))
        .map(rule -> rule.because().text())
        .distinct()
        .toList();
  }

  /** What a starter puts into a project, and when. */
  private static Map<String, Object> brings(Contribution binding) {
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("when", binding.when().stream().map(Term::toString).toList());
    all.put("artifacts", binding.artifacts().stream().map(Artifact::key).toList());
    all.put(
        "settings",
        binding.settings().values().stream()
            .flatMap(values -> values.keySet().stream())
            .distinct()
            .toList());
    all.put("services", List.copyOf(binding.services().values().keySet()));
    all.put("files", binding.files().stream().map(FilePart::path).distinct().toList());
    return all;
  }

  private static Map<String, Object> line(Line line) {
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("line", line.line());
    all.put("standing", line.standing().words());
    all.put("until", line.until());
    all.put("estimated", line.estimated());
    all.put("source", line.source());
    Map<String, String> standards = new LinkedHashMap<>();
    line.standards().forEach((name, level) -> standards.put(name, level.text()));
    all.put("standards", standards);
    all.put("newest", line.versions().get(0).text());
    all.put("versions", texts(line.versions()));
    return all;
  }

  private static List<String> texts(List<Version> versions) {
    return versions.stream().map(Version::text).toList();
  }
}
