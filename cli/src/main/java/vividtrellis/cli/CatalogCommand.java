package vividtrellis.cli;

import java.io.PrintWriter;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import vividtrellis.cli.api.ApiClient;
import vividtrellis.cli.api.CatalogAnswer;
import vividtrellis.cli.api.CatalogAnswer.Category;
import vividtrellis.cli.api.CatalogAnswer.Item;
import vividtrellis.cli.api.CatalogAnswer.Level;
import vividtrellis.cli.api.CatalogAnswer.Line;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.cli.terminal.Screen;

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

  /** A list of the catalog. */
  private record Listed(String title, Function<CatalogAnswer, List<Item>> of) {}

  /** The lists by the word that asks for them, in the order in which they are shown. */
  private static final Map<String, Listed> LISTS = new LinkedHashMap<>();

  static {
    LISTS.put("starters", new Listed("Starters", CatalogAnswer::starters));
    LISTS.put("languages", new Listed("Languages", CatalogAnswer::languages));
    LISTS.put("frameworks", new Listed("Frameworks", CatalogAnswer::frameworks));
    LISTS.put("builds", new Listed("Build systems", CatalogAnswer::builds));
    LISTS.put("extras", new Listed("Extras", CatalogAnswer::extras));
    LISTS.put("packagings", new Listed("Packaging", CatalogAnswer::packagings));
    LISTS.put("samples", new Listed("Sample code", CatalogAnswer::samples));
    LISTS.put("layouts", new Listed("Layout", CatalogAnswer::layouts));
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
      some(screen, answer.catalog());
    } else {
      everything(screen, answer.catalog());
    }
    return 0;
  }

  private void some(Screen screen, CatalogAnswer catalog) {
    List<String> wanted = list == null ? LISTS.keySet().stream().toList() : List.of(list);
    boolean any = false;
    for (String each : wanted) {
      Listed listed = Objects.requireNonNull(LISTS.get(each));
      List<Item> found = listed.of().apply(catalog);
      any |= !found.isEmpty();
      if (VERSIONED.contains(each) && !found.isEmpty()) {
        versions(screen, listed.title(), found);
      } else {
        choices(screen, listed.title(), found);
      }
    }
    if (!any) {
      screen.line(
          "Nothing%s is found by %s. vivid catalog%s shows all there is."
              .formatted(
                  list == null ? "" : " in " + list, search, list == null ? "" : " " + list));
    }
  }

  private void everything(Screen screen, CatalogAnswer catalog) {
    screen.line(
        screen.strong("Edition " + catalog.edition())
            + screen.soft("  served by Vivid Trellis " + catalog.service()));
    versions(screen, "Build systems", catalog.builds());
    versions(screen, "Languages", catalog.languages());
    versions(screen, "Frameworks", catalog.frameworks());
    choices(screen, "Packaging", catalog.packagings());
    choices(screen, "Sample code", catalog.samples());
    choices(screen, "Layout", catalog.layouts());
    for (Category category : catalog.categories()) {
      choices(
          screen,
          "Starters: " + category.label().toLowerCase(Locale.ROOT),
          catalog.starters().stream().filter(s -> s.category().equals(category.id())).toList());
    }
    choices(screen, "Extras: beside it", catalog.extras());
    screen.line("");
    screen.line(screen.soft("With a list or --search, each comes with its documentation."));
  }

  private static void title(Screen screen, String title) {
    screen.line("");
    screen.line(screen.strong(title));
  }

  private void choices(Screen screen, String title, List<Item> options) {
    if (!options.isEmpty()) {
      title(screen, title);
      options.forEach(option -> option(screen, option));
    }
  }

  private void option(Screen screen, Item option) {
    String planned = option.planned() ? " Checked, not written yet." : "";
    screen.row("  " + Screen.pad(option.id(), 22), option.summary() + planned);
    if (atLength()) {
      screen.line(" ".repeat(24) + screen.soft(option.documentation()));
    }
  }

  private void versions(Screen screen, String title, List<Item> options) {
    title(screen, title);
    for (Item option : options) {
      option(screen, option);
      for (Level level : option.levels()) {
        String longTerm = level.longTerm() ? "long-term" : "";
        version(screen, level.level(), longTerm);
      }
      for (Line line : option.lines()) {
        version(screen, line.line(), standing(line));
      }
      option.versions().forEach(version -> version(screen, version, ""));
    }
  }

  private static void version(Screen screen, String version, String standing) {
    screen.line(("    @" + Screen.pad(version, 19) + screen.soft(standing)).stripTrailing());
  }

  private String standing(Line line) {
    String until = line.until().isEmpty() ? "" : " since " + line.until();
    String estimated = line.estimated() ? " (estimated)" : "";
    String shown = line.standing() + until + estimated + ", newest " + line.newest();
    String others =
        line.versions().stream()
            .filter(version -> !version.equals(line.newest()))
            .collect(Collectors.joining(", "));
    return atLength() && !others.isEmpty() ? shown + ", also " + others : shown;
  }
}
