package vividtrellis.cli.view;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vividtrellis.core.brief.PickWords;
import vividtrellis.core.brief.Trace;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.Position;
import vividtrellis.core.pack.Receipt;

/** Traces as JSON, in the shape that outlines have, with each pick also as a word. */
public final class TraceJson {

  private TraceJson() {}

  public static String of(Receipt receipt, String path, boolean changed, List<Trace> traces) {
    List<Node> entries = new ArrayList<>();
    for (Trace trace : traces) {
      Map<String, Node> entry = new LinkedHashMap<>();
      entry.put("from", Node.text(Integer.toString(trace.from())));
      entry.put("to", Node.text(Integer.toString(trace.to())));
      entry.put("picks", Node.texts(trace.picks()));
      entry.put(
          "words",
          Node.texts(trace.picks().stream().map(p -> PickWords.word(receipt.brief(), p)).toList()));
      entry.put("because", Node.text(trace.because()));
      entries.add(new Node.Fields(entry, Position.NONE));
    }
    Map<String, Node> all = new LinkedHashMap<>();
    all.put("path", Node.text(path));
    all.put("changed", Node.text(changed ? "yes" : "no"));
    all.put("traces", new Node.Items(entries, Position.NONE));
    return Documents.write(new Node.Fields(all, Position.NONE), Notation.JSON).stripTrailing();
  }
}
