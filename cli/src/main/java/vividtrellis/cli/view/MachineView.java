package vividtrellis.cli.view;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import vividtrellis.cli.api.CheckAnswer;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.core.brief.Key;

/** Shows which JDKs of this machine a project could be built and run with. */
public final class MachineView {

  private final CheckAnswer asked;
  private final CheckAnswer whole;
  private final String needed;

  /**
   * For a brief that fits.
   *
   * @param asked what the service says of the brief as it was given
   * @param whole what it says of the same brief with all picks filled in
   */
  public MachineView(CheckAnswer asked, CheckAnswer whole) {
    this.asked = asked;
    this.whole = whole;
    this.needed = whole.value(Key.JDK);
  }

  public void show(Screen screen) {
    List<Path> places =
        List.of(
            Path.of("/usr/lib/jvm"),
            Path.of(System.getProperty("user.home", "/"), ".jdks"),
            Path.of("/Library/Java/JavaVirtualMachines"));
    List<InstalledJdks.Jdk> jdks = InstalledJdks.jdks(System.getenv(), places);
    screen.line("");
    screen.line(screen.strong("JDKs of this machine"));
    if (jdks.isEmpty()) {
      screen.paragraph(2, "None was found. Install one, or point JAVA_HOME at it.");
      return;
    }
    for (InstalledJdks.Jdk jdk : jdks) {
      screen.row(
          "  "
              + (suits(jdk) ? screen.possible() : screen.impossible())
              + " "
              + Screen.pad(jdk.version(), 12)
              + (jdk.used() ? " in use  " : "         "),
          jdk.home().toString());
    }
    if (jdks.stream().noneMatch(jdk -> jdk.used() && suits(jdk))) {
      screen.paragraph(2, advice(jdks));
    }
  }

  private String advice(List<InstalledJdks.Jdk> jdks) {
    String advice =
        jdks.stream()
            .filter(this::suits)
            .findFirst()
            .map(jdk -> "The one in use does not suit. Point JAVA_HOME at " + jdk.home() + ".")
            .orElse("None of them suits; JDK " + needed + " is the lowest that does.");
    return advice
        + jdks.stream()
            .filter(InstalledJdks.Jdk::used)
            .filter(jdk -> possible(asked, jdk).orElse(false))
            .findFirst()
            .map(jdk -> " Or pick jdk=" + jdk.level() + ": the other picks take it too.")
            .orElse("");
  }

  /** What the service says of a JDK; of one that it does not know, that it is not too old. */
  private boolean suits(InstalledJdks.Jdk jdk) {
    return possible(whole, jdk)
        .orElse(needed.matches("[0-9]{1,3}") && jdk.level() >= Integer.parseInt(needed));
  }

  private static Optional<Boolean> possible(CheckAnswer verdict, InstalledJdks.Jdk jdk) {
    return verdict
        .offer(Key.JDK.word(), Integer.toString(jdk.level()))
        .map(CheckAnswer.Offer::possible);
  }
}
