package vividtrellis.core.render;

import com.google.common.base.CharMatcher;
import java.util.ArrayList;
import java.util.List;
import vividtrellis.core.brief.Trace;
import vividtrellis.core.template.Cause;

/** Text that grows line by line, each with its cause. */
final class TracedText {

  private final StringBuilder text = new StringBuilder();
  private final List<Trace> traces = new ArrayList<>();
  private int lines;

  /** Adds one line; a line break is added to it. */
  void line(String line, Cause cause) {
    text.append(line).append('\n');
    note(1, cause);
  }

  /** Adds whole lines; a last one without a line break gets one. */
  void lines(String block, Cause cause) {
    if (!block.isEmpty()) {
      String whole = block.endsWith("\n") ? block : block + '\n';
      text.append(whole);
      note(CharMatcher.is('\n').countIn(whole), cause);
    }
  }

  private void note(int count, Cause cause) {
    int from = lines + 1;
    lines += count;
    if (!traces.isEmpty()) {
      Trace last = traces.get(traces.size() - 1);
      if (last.picks().equals(cause.picks()) && last.because().equals(cause.because())) {
        traces.set(traces.size() - 1, new Trace(last.from(), lines, last.picks(), last.because()));
        return;
      }
    }
    traces.add(new Trace(from, lines, cause.picks(), cause.because()));
  }

  boolean isEmpty() {
    return text.isEmpty();
  }

  String text() {
    return text.toString();
  }

  List<Trace> traces() {
    return List.copyOf(traces);
  }
}
