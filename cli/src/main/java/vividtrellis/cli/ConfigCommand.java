package vividtrellis.cli;

import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.Position;

/** Shows a person's own defaults. */
@Command(
    name = "config",
    mixinStandardHelpOptions = true,
    description = {
      "Shows your own defaults, which begin a brief that is made of words or answers.",
      "They stand in config.yaml: server, group, build, language, and extras as a list."
    },
    footer = {"", "  vivid config", "  vivid config --explain"})
final class ConfigCommand implements Callable<Integer> {

  @Mixin private Common common;

  @Option(names = "--explain", description = "Say of each value where it comes from.")
  private boolean explain;

  @Spec private CommandSpec spec;

  private record Value(String key, String value, String origin) {}

  @Override
  public Integer call() {
    Config config = Config.read();
    List<Value> values = new ArrayList<>();
    values.add(new Value(Config.SERVER, common.address(), common.origin()));
    for (String key : Config.TEXTS.subList(1, Config.TEXTS.size())) {
      values.add(
          config
              .text(key)
              .map(value -> new Value(key, value, config.file().toString()))
              .orElse(new Value(key, "", "not set; filled in so that everything fits")));
    }
    values.add(
        config.extras().isEmpty()
            ? new Value(Config.EXTRAS, "", "not set; none are added")
            : new Value(
                Config.EXTRAS, String.join(", ", config.extras()), config.file().toString()));
    if (common.json()) {
      List<Node> all = new ArrayList<>();
      for (Value each : values) {
        all.add(
            Node.fields()
                .with("key", Node.text(each.key))
                .with("value", Node.text(each.value))
                .with("origin", Node.text(each.origin)));
      }
      spec.commandLine()
          .getOut()
          .print(
              Documents.write(
                  Node.fields()
                      .with("file", Node.text(config.file().toString()))
                      .with("values", new Node.Items(all, Position.NONE)),
                  Notation.JSON));
      return 0;
    }
    Screen screen = new Screen(spec.commandLine().getOut());
    boolean there = Files.exists(config.file());
    screen.line(
        screen.strong(config.file().toString()) + (there ? "" : screen.soft("  not there yet")));
    for (Value each : values) {
      screen.row(
          "  " + Screen.pad(each.key, 10) + Screen.pad(each.value.isEmpty() ? "-" : each.value, 28),
          explain ? each.origin : "");
    }
    return 0;
  }
}
