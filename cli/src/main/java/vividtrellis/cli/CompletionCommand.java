package vividtrellis.cli;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.AutoComplete;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.ArgSpec;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Model.PositionalParamSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import vividtrellis.cli.api.CatalogAnswer;
import vividtrellis.cli.api.CatalogAnswer.Item;
import vividtrellis.cli.api.CatalogAnswer.Level;
import vividtrellis.cli.api.CatalogAnswer.Line;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.core.brief.Key;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.version.VersionedId;

/** Prints what lets a shell complete commands, options and the ids of the catalog. */
@Command(
    name = "completion",
    mixinStandardHelpOptions = true,
    description = {
      "Prints what lets a shell complete commands, options, picks and starters.",
      "The ids are those of the edition that the service has now."
    },
    footer = {
      "",
      "  vivid completion bash > ~/.local/share/bash-completion/completions/vivid",
      "  vivid completion zsh >> ~/.zshrc",
      "  vivid completion fish > ~/.config/fish/completions/vivid.fish"
    })
final class CompletionCommand implements Callable<Integer> {

  private static final List<String> PICKS = List.of("[PICK...]", "PICK");

  @Mixin private Common common;

  @Parameters(index = "0", paramLabel = "SHELL", description = "bash, zsh or fish.")
  private String shell = "";

  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    if (!List.of("bash", "zsh", "fish").contains(shell)) {
      throw new Failure(
          Failure.USAGE, "There is nothing for '" + shell + "'.", null, "say bash, zsh or fish");
    }
    List<String> words = words(common.service().get("/catalog").catalog());
    CommandLine vivid = ((AllCommands) spec.root().userObject()).all();
    String script =
        shell.equals("fish") ? fish(vivid, words) : AutoComplete.bash("vivid", with(vivid, words));
    PrintWriter out = spec.commandLine().getOut();
    out.print(
        common.json()
            ? Documents.write(
                Node.fields().with("shell", Node.text(shell)).with("script", Node.text(script)),
                Notation.JSON)
            : script);
    return 0;
  }

  /** Everything that can stand as a pick. */
  private static List<String> words(CatalogAnswer catalog) {
    List<String> words = new ArrayList<>();
    for (Key key : Key.values()) {
      words.add(key.word() + "=");
    }
    Stream.concat(catalog.starters().stream(), catalog.extras().stream())
        .forEach(each -> words.add("+" + each.id()));
    words(Key.BUILD, catalog.builds(), words);
    words(Key.LANGUAGE, catalog.languages(), words);
    words(Key.FRAMEWORK, catalog.frameworks(), words);
    return words;
  }

  private static void words(Key key, List<Item> options, List<String> words) {
    for (Item option : options) {
      String word = key.word() + "=" + option.id();
      words.add(word);
      Stream.concat(
              option.lines().stream().map(Line::line), option.levels().stream().map(Level::level))
          .forEach(version -> words.add(VersionedId.word(word, version)));
    }
  }

  /** The command, every pick of which is one of some words. */
  private static CommandLine with(CommandLine vivid, List<String> words) {
    CommandLine known = new CommandLine(vivid.getCommandSpec().name("vivid"));
    for (CommandLine each : known.getSubcommands().values()) {
      CommandSpec sub = each.getCommandSpec();
      for (PositionalParamSpec given : List.copyOf(sub.positionalParameters())) {
        if (isPick(given)) {
          sub.remove(given);
          sub.addPositional(given.toBuilder().completionCandidates(words).build());
        }
      }
    }
    return known;
  }

  private static boolean isPick(ArgSpec given) {
    return PICKS.contains(given.paramLabel());
  }

  private static String fish(CommandLine vivid, List<String> words) {
    StringBuilder text = new StringBuilder("# Completion of vivid for fish\n");
    vivid
        .getSubcommands()
        .forEach(
            (name, sub) -> {
              CommandSpec command = sub.getCommandSpec();
              String says = String.join(" ", command.usageMessage().description());
              text.append("complete -c vivid -n __fish_use_subcommand -f -a ")
                  .append(quoted(name))
                  .append(" -d ")
                  .append(quoted(says))
                  .append('\n');
              for (OptionSpec option : command.options()) {
                text.append("complete -c vivid -n ").append(quoted(in(name)));
                text.append(" -l ").append(option.longestName().replaceFirst("^--", ""));
                text.append(option.arity().max() > 0 ? " -r" : "")
                    .append(" -d ")
                    .append(quoted(String.join(" ", option.description())))
                    .append('\n');
              }
              if (command.positionalParameters().stream().anyMatch(CompletionCommand::isPick)) {
                text.append("complete -c vivid -n ")
                    .append(quoted(in(name)))
                    .append(" -a ")
                    .append(quoted(String.join(" ", words)))
                    .append('\n');
              }
            });
    return text.toString();
  }

  private static String in(String command) {
    return "__fish_seen_subcommand_from " + command;
  }

  private static String quoted(String text) {
    return "'" + text.replace("\\", "\\\\").replace("'", "\\'") + "'";
  }
}
