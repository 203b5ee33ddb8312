package vividtrellis.cli;

import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Shows what can be picked. */
@Command(
    name = "catalog",
    mixinStandardHelpOptions = true,
    description = "Shows what can be picked.",
    footer = {"", "  vivid catalog", "  vivid catalog --json | jq -r '.starters[].id'"})
final class CatalogCommand implements Callable<Integer> {

  @Mixin private Common common;
  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    Service.Answer answer = common.service().get("/catalog");
    PrintWriter out = spec.commandLine().getOut();
    if (common.json()) {
      out.println(answer.text());
      return 0;
    }
    Screen screen = new Screen(out);
    Json catalog = answer.json();
    screen.line(
        screen.strong("Edition " + catalog.text("edition"))
            + screen.soft("  served by Vivid Trellis " + catalog.text("service")));
    versions(screen, "Build systems", catalog.list("builds"), "versions", "");
    versions(screen, "Languages", catalog.list("languages"), "levels", "level");
    versions(screen, "Frameworks", catalog.list("frameworks"), "lines", "line");
    choices(screen, "Packaging", catalog.list("packagings"));
    choices(screen, "Sample code", catalog.list("samples"));
    choices(screen, "Layout", catalog.list("layouts"));
    for (Json category : catalog.list("categories")) {
      choices(
          screen,
          "Starters: " + category.text("label").toLowerCase(java.util.Locale.ROOT),
          catalog.list("starters").stream()
              .filter(s -> s.text("category").equals(category.text("id")))
              .toList());
    }
    choices(screen, "Extras", catalog.list("extras"));
    return 0;
  }

  private static void choices(Screen screen, String title, List<Json> options) {
    if (options.isEmpty()) {
      return;
    }
    screen.line("");
    screen.line(screen.strong(title));
    for (Json option : options) {
      screen.row("  " + Screen.pad(option.text("id"), 20), option.text("summary"));
    }
  }

  private static void versions(
      Screen screen, String title, List<Json> options, String list, String key) {
    screen.line("");
    screen.line(screen.strong(title));
    for (Json option : options) {
      screen.row("  " + Screen.pad(option.text("id"), 20), option.text("summary"));
      for (Json version : option.list(list)) {
        String text = key.isEmpty() ? version.text() : version.text(key);
        screen.line("    @" + Screen.pad(text, 17) + screen.soft(standing(version)));
      }
    }
  }

  private static String standing(Json version) {
    if (!version.text("standing").isEmpty()) {
      return version.text("standing") + ", newest " + version.text("newest");
    }
    return version.text("longTerm").equals("true") ? "long-term" : "";
  }
}
