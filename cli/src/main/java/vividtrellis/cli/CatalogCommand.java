package vividtrellis.cli;

import java.io.PrintWriter;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Shows what can be picked. */
@Command(
    name = "catalog",
    mixinStandardHelpOptions = true,
    description = "Shows what can be picked.",
    footer = {
      "",
      "  vivid catalog frameworks",
      "  vivid catalog starters --search 'send mail'",
      "  vivid catalog --json | jq -r '.starters[].id'"
    })
final class CatalogCommand implements Callable<Integer> {

  /** The lists by the word that asks for them, in the order in which they are shown. */
  private static final Map<String, String> LISTS = new LinkedHashMap<>();

  static {
    LISTS.put("starters", "Starters");
    LISTS.put("languages", "Languages");
    LISTS.put("frameworks", "Frameworks");
    LISTS.put("builds", "Build systems");
    LISTS.put("extras", "Extras");
    LISTS.put("packagings", "Packaging");
    LISTS.put("samples", "Sample code");
    LISTS.put("layouts", "Layout");
  }

  private static final Set<String> VERSIONED = Set.of("builds", "languages", "frameworks");

  @Mixin private Common common;

  @Parameters(
      paramLabel = "LIST",
      arity = "0..1",
      description = {
        "starters, languages, frameworks, builds, extras,",
        "packagings, samples or layouts; all unless given."
      })
  private @Nullable String list;

  @Option(
      names = "--search",
      paramLabel = "TEXT",
      description = "Find by product, standard, task or old name; a wrong letter does no harm.")
  private @Nullable String search;

  @Spec private CommandSpec spec;

  /** Where one list or a search is shown, there is room for where to read on. */
  private boolean atLength() {
    return list != null || search != null;
  }

  @Override
  public Integer call() {
    if (list != null && !LISTS.containsKey(list)) {
      throw new Failure(
          Failure.USAGE,
          "There is no list called " + list,
          null,
          "say one of " + String.join(", ", LISTS.keySet()));
    }
    String question =
        search == null ? "" : "?q=" + URLEncoder.encode(search, StandardCharsets.UTF_8);
    ApiClient.Answer answer =
        common.service().get("/catalog" + (list == null ? "" : "/" + list) + question);
    PrintWriter out = spec.commandLine().getOut();
    if (common.json()) {
      out.println(answer.text());
      return 0;
    }
    Screen screen = new Screen(out);
    if (atLength()) {
      some(screen, answer.json());
    } else {
      everything(screen, answer.json());
    }
    return 0;
  }

  private void some(Screen screen, Json catalog) {
    List<String> wanted = list == null ? LISTS.keySet().stream().toList() : List.of(list);
    for (String each : wanted) {
      List<Json> found = catalog.list(each);
      if (VERSIONED.contains(each) && !found.isEmpty()) {
        versions(screen, LISTS.get(each), found);
      } else {
        choices(screen, LISTS.get(each), found);
      }
    }
    if (wanted.stream().allMatch(each -> catalog.list(each).isEmpty())) {
      screen.line(
          "Nothing%s is found by %s. vivid catalog%s shows all there is."
              .formatted(
                  list == null ? "" : " in " + list, search, list == null ? "" : " " + list));
    }
  }

  private void everything(Screen screen, Json catalog) {
    screen.line(
        screen.strong("Edition " + catalog.text("edition"))
            + screen.soft("  served by Vivid Trellis " + catalog.text("service")));
    versions(screen, "Build systems", catalog.list("builds"));
    versions(screen, "Languages", catalog.list("languages"));
    versions(screen, "Frameworks", catalog.list("frameworks"));
    choices(screen, "Packaging", catalog.list("packagings"));
    choices(screen, "Sample code", catalog.list("samples"));
    choices(screen, "Layout", catalog.list("layouts"));
    for (Json category : catalog.list("categories")) {
      choices(
          screen,
          "Starters: " + category.text("label").toLowerCase(Locale.ROOT),
          catalog.list("starters").stream()
              .filter(s -> s.text("category").equals(category.text("id")))
              .toList());
    }
    choices(screen, "Extras: beside it", catalog.list("extras"));
    screen.line("");
    screen.line(screen.soft("With a list or --search, each comes with its documentation."));
  }

  private static void title(Screen screen, String title) {
    screen.line("");
    screen.line(screen.strong(title));
  }

  private void choices(Screen screen, String title, List<Json> options) {
    if (!options.isEmpty()) {
      title(screen, title);
      options.forEach(option -> option(screen, option));
    }
  }

  private void option(Screen screen, Json option) {
    String planned = option.text("planned").equals("true") ? " Checked, not written yet." : "";
    screen.row("  " + Screen.pad(option.text("id"), 22), option.text("summary") + planned);
    if (atLength()) {
      screen.line(" ".repeat(24) + screen.soft(option.text("documentation")));
    }
  }

  private void versions(Screen screen, String title, List<Json> options) {
    title(screen, title);
    for (Json option : options) {
      option(screen, option);
      for (Json level : option.list("levels")) {
        String longTerm = level.text("longTerm").equals("true") ? "long-term" : "";
        version(screen, level.text("level"), longTerm);
      }
      for (Json line : option.list("lines")) {
        version(screen, line.text("line"), standing(line));
      }
      option.list("versions").forEach(version -> version(screen, version.text(), ""));
    }
  }

  private static void version(Screen screen, String version, String standing) {
    screen.line(("    @" + Screen.pad(version, 19) + screen.soft(standing)).stripTrailing());
  }

  private String standing(Json line) {
    String until = line.text("until").isEmpty() ? "" : " since " + line.text("until");
    String estimated = line.text("estimated").equals("true") ? " (estimated)" : "";
    String shown = line.text("standing") + until + estimated + ", newest " + line.text("newest");
    String others =
        line.list("versions").stream()
            .map(Json::text)
            .filter(version -> !version.equals(line.text("newest")))
            .collect(Collectors.joining(", "));
    return atLength() && !others.isEmpty() ? shown + ", also " + others : shown;
  }
}
