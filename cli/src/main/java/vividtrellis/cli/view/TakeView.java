package vividtrellis.cli.view;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import vividtrellis.cli.files.Directory.Fate;
import vividtrellis.cli.files.Directory.Step;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.cli.terminal.Shell;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.Position;
import vividtrellis.core.document.UnreadableDocument;
import vividtrellis.core.pack.Receipt;

/** Says where a project lies, what was made and kept, and what to type next; or what would be. */
public final class TakeView {

  private static final Map<Fate, String> WOULD =
      Map.of(
          Fate.NEW, "new",
          Fate.SAME, "there already",
          Fate.KEPT, "would be kept",
          Fate.REPLACED, "would be replaced",
          Fate.BESIDE, "would go beside",
          Fate.JOINED, "would be joined",
          Fate.CLASH, "there and differs");

  private final PrintWriter out;
  private final boolean json;
  private final Screen screen;
  private final List<Node> told = new ArrayList<>();
  private String variant = "";

  public TakeView(PrintWriter out, boolean json) {
    this.out = out;
    this.json = json;
    this.screen = new Screen(out);
  }

  /** What is told from here on is about this variant of the brief. */
  public void about(String variant, List<String> differences) {
    this.variant = variant;
    if (!json) {
      screen.line(
          screen.strong(variant)
              + "  "
              + (differences.isEmpty()
                  ? "as the brief itself"
                  : Screen.plain(String.join(" ", differences))));
    }
  }

  /** All is told; programs get it as one document. */
  public void end() {
    if (json) {
      out.print(
          Documents.write(
              variant.isEmpty()
                  ? told.get(0)
                  : Node.fields().with("variants", new Node.Items(told, Position.NONE)),
              Notation.JSON));
    }
  }

  private Node.Fields begun() {
    return variant.isEmpty() ? Node.fields() : Node.fields().with("variant", Node.text(variant));
  }

  /** About a directory. */
  public void tell(Path root, List<Step> steps, boolean look) {
    if (json) {
      json(root, steps, look);
      return;
    }
    long written = steps.stream().filter(step -> step.fate().writes()).count();
    if (look) {
      summary(steps);
      screen.line(
          count(written) + " would be written into " + screen.strong(Shell.place(root)) + ":");
      for (Step step : steps) {
        String size = Integer.toString(step.entry().content().length);
        screen.line(
            "  "
                + Screen.pad(WOULD.getOrDefault(step.fate(), ""), 18)
                + " ".repeat(Math.max(0, 7 - size.length()))
                + size
                + "  "
                + Screen.plain(step.written()));
      }
      long clashes = steps.stream().filter(step -> step.fate() == Fate.CLASH).count();
      screen.line(
          clashes == 0
              ? "  Next:  the same without --look"
              : "  Next:  the same with --on-clash keep, replace or beside, and without --look");
      return;
    }
    screen.line(
        screen.possible()
            + " "
            + count(written)
            + (written == 1 ? " is in " : " are in ")
            + screen.strong(Shell.place(root))
            + ".");
    for (Step step : steps) {
      if (step.fate() != Fate.NEW && step.fate() != Fate.SAME) {
        String beside = step.fate() == Fate.BESIDE ? "  as " + step.written() : "";
        screen.line("  " + Screen.pad(step.fate().word(), 10) + Screen.plain(step.path() + beside));
      }
    }
    boolean gradle = steps.stream().anyMatch(step -> step.path().equals("gradlew"));
    String folder = Shell.quotedPlace(root);
    screen.line("  Next:  cd " + folder + " && " + (gradle ? "./gradlew build" : "./mvnw verify"));
  }

  /** About an archive. */
  public void tell(Path file, int size, boolean look) {
    if (json) {
      told.add(
          begun()
              .with("written", Node.text(file.toString()))
              .with("looked", Node.text(look ? "yes" : "no"))
              .with("files", Node.texts(List.of(String.valueOf(file.getFileName()))))
              .with("size", Node.text(Integer.toString(size))));
      return;
    }
    if (look) {
      String there = Files.exists(file) ? "  It is there already, which would stop it." : "";
      screen.line(
          "An archive of "
              + size
              + " bytes would be written to "
              + screen.strong(Shell.place(file))
              + "."
              + there);
      return;
    }
    screen.line(screen.possible() + " The archive is in " + screen.strong(Shell.place(file)) + ".");
  }

  private void json(Path root, List<Step> steps, boolean look) {
    List<Node> fates = new ArrayList<>();
    for (Step step : steps) {
      fates.add(
          Node.fields()
              .with("path", Node.text(step.path()))
              .with("fate", Node.text(step.fate().word()))
              .with("written", Node.text(step.fate().writes() ? step.written() : "")));
    }
    told.add(
        begun()
            .with("written", Node.text(root.toString()))
            .with("looked", Node.text(look ? "yes" : "no"))
            .with("files", Node.texts(steps.stream().map(Step::path).toList()))
            .with("fates", new Node.Items(fates, Position.NONE)));
  }

  private static String count(long files) {
    return files == 1 ? "1 file" : files + " files";
  }

  /** The project in words, from the receipt that comes with it. */
  private void summary(List<Step> steps) {
    for (Step step : steps) {
      if (step.path().equals(Receipt.PATH)) {
        try {
          words(Receipt.read(new String(step.entry().content(), StandardCharsets.UTF_8)).brief());
        } catch (UnreadableDocument e) {
          // A newer service may write another receipt; the files are shown all the same.
        }
      }
    }
  }

  private void words(Brief brief) {
    String base =
        "%s of %s: %s, %s, built with %s, as a %s."
            .formatted(
                brief.get(Key.NAME).orElse(""),
                brief.get(Key.GROUP).orElse(""),
                brief.get(Key.LANGUAGE).orElse(""),
                brief.get(Key.FRAMEWORK).orElse(""),
                brief.get(Key.BUILD).orElse(""),
                brief.get(Key.PACKAGING).orElse(""));
    screen.paragraph(0, base);
    if (!brief.starters().isEmpty()) {
      screen.paragraph(0, "Starters: " + String.join(", ", brief.starters()) + ".");
    }
    if (!brief.extras().isEmpty()) {
      screen.paragraph(0, "Extras: " + String.join(", ", brief.extras()) + ".");
    }
    screen.paragraph(0, "Sample code: " + brief.get(Key.SAMPLE).orElse("none") + ".");
    screen.line("");
  }
}
