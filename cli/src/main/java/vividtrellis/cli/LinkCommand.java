package vividtrellis.cli;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import vividtrellis.cli.api.CatalogAnswer;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.cli.terminal.Shell;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.PickWords;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;

/** Shows how to come to the same again: as a link, with curl, and with this command line. */
@Command(
    name = "link",
    mixinStandardHelpOptions = true,
    description = "Shows how others get the same: a link to share, a line for curl, one for vivid.",
    footer = {
      "",
      "  vivid link berth-booking.yaml",
      "  vivid link name=tide-board language=java@25 +http-api",
      "",
      "The link opens the workbench with these picks. It pins the edition, and what is known of"
          + " the",
      "registry, so that it gives the same project for as long as the service keeps both; where"
          + " all",
      "versions are picked, only the edition counts."
    })
final class LinkCommand implements Callable<Integer> {

  @Mixin private Common common;
  @Mixin private BriefInput input;
  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    Brief brief = pinned(input.brief(common.service()));
    String query =
        PickWords.picks(brief).stream()
            .map(each -> "pick=" + encoded(each))
            .collect(Collectors.joining("&"));
    String link = common.address() + "/#" + query;
    String name = brief.get(Key.NAME).filter(each -> each.matches("[a-z0-9-]+")).orElse("project");
    String curl =
        "curl --fail -o "
            + name
            + ".zip '"
            + common.address()
            + "/api/v1/archives?format=zip&"
            + query
            + "'";
    String words =
        "vivid take "
            + PickWords.words(brief).stream().map(Shell::quoted).collect(Collectors.joining(" "))
            + " --into "
            + name;
    if (common.json()) {
      spec.commandLine()
          .getOut()
          .print(
              Documents.write(
                  Node.fields()
                      .with("link", Node.text(link))
                      .with("curl", Node.text(curl))
                      .with("vivid", Node.text(words))
                      .with("brief", Node.text(Briefs.write(brief, Notation.YAML))),
                  Notation.JSON));
      return 0;
    }
    Screen screen = new Screen(spec.commandLine().getOut());
    screen.line("link   " + link);
    screen.line("curl   " + curl);
    screen.line("vivid  " + words);
    return 0;
  }

  /** With the edition that answers now, unless one is pinned already. */
  private Brief pinned(Brief brief) {
    if (brief.get(Key.EDITION).isPresent()) {
      return brief;
    }
    CatalogAnswer catalog = common.service().get("/catalog").catalog();
    String reach = catalog.reach().isEmpty() ? "" : "+" + catalog.reach();
    return brief.with(Key.EDITION, catalog.edition() + reach);
  }

  private static String encoded(String pick) {
    return URLEncoder.encode(pick, StandardCharsets.UTF_8)
        .replace("+", "%20")
        .replace("%3A", ":")
        .replace("%40", "@")
        .replace("%2F", "/");
  }
}
