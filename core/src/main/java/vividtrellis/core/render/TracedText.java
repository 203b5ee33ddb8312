package vividtrellis.core.render;

import com.google.common.base.CharMatcher;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.brief.Trace;
import vividtrellis.core.template.Cause;

/** Text that grows line by line, each with its cause. */
final class TracedText {

  private final StringBuilder text = new StringBuilder();
  private final List<Trace> traces = new ArrayList<>();
  private int lines;

  /** The reasons of a cause in words; many stretches of a text have the same. */
  private final IdentityHashMap<Cause, String> said = new IdentityHashMap<>();

  /** What the last line is there for; most lines share it with the one before. */
  private @Nullable Cause last;

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
    if (cause.equals(last)) {
      Trace before = traces.remove(traces.size() - 1);
      traces.add(new Trace(before.from(), lines, before.picks(), before.because()));
    } else {
      String because = said.computeIfAbsent(cause, Cause::because);
      traces.add(new Trace(from, lines, cause.picks(), because));
    }
    last = cause;
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
