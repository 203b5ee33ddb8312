package vividtrellis.cli.view;

import java.util.List;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.core.brief.Trace;

/** Shows a text with the reason for each line at its left. */
public final class TraceView {

  private static final int WIDEST = 34;

  private TraceView() {}

  public static void show(Screen screen, String text, List<Trace> traces) {
    List<String> lines = text.lines().toList();
    int width = traces.stream().mapToInt(trace -> reason(trace).length()).max().orElse(0);
    int digits = Integer.toString(lines.size()).length();
    for (Trace trace : traces) {
      for (int line = trace.from(); line <= Math.min(trace.to(), lines.size()); line++) {
        String reason = Screen.pad(line == trace.from() ? reason(trace) : "", width);
        String number = " ".repeat(digits - Integer.toString(line).length()) + line;
        screen.line(
            (screen.soft(reason + "  " + number + "  ")
                    + Screen.plain(lines.get(line - 1).replace("\t", "    ")))
                .stripTrailing());
      }
    }
  }

  private static String reason(Trace trace) {
    String because = Screen.plain(trace.because());
    return because.length() <= WIDEST ? because : because.substring(0, WIDEST - 1) + "…";
  }
}
