package vividtrellis.cli.interview;

import java.util.List;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;

/** Asks for a text, such as the name. */
record TextStep(Key key, String what) implements InterviewStep {

  @Override
  public boolean ask(Interview interview) {
    String preset = interview.brief().get(key).orElse(key == Key.NAME ? "" : interview.value(key));
    if (key == Key.GROUP && preset.isEmpty()) {
      preset = "org.example";
    }
    while (true) {
      String answer =
          interview.ask(what + (preset.isEmpty() ? ": " : " [" + preset + "]: "), List.of());
      if (answer.equals(Interview.BACK)) {
        return false;
      }
      if (answer.isEmpty() && key != Key.NAME && interview.brief().get(key).isEmpty()) {
        shown(interview);
        return true;
      }
      String text = answer.isEmpty() ? preset : answer;
      if (text.isEmpty()) {
        interview.screen().line("  " + interview.screen().impossible() + " There has to be one.");
        continue;
      }
      Brief changed = interview.brief().with(key, text);
      if (interview.take(changed, key.pointer())) {
        shown(interview);
        return true;
      }
      preset = Interview.offered(interview.judge(changed), key.pointer()).orElse(preset);
    }
  }

  /** What follows from it. */
  private void shown(Interview interview) {
    if (key == Key.GROUP) {
      Screen screen = interview.screen();
      screen.line(
          "  "
              + screen.note()
              + " The package is "
              + screen.strong(interview.value(Key.PACKAGE))
              + ".");
    }
  }
}
