package vividtrellis.core.tree;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import vividtrellis.core.document.Node;
import vividtrellis.core.template.Cause;
import vividtrellis.core.template.TemplateContext;
import vividtrellis.core.template.TemplateContext.Filled;
import vividtrellis.core.tree.TracedPart.Branch;
import vividtrellis.core.tree.TracedPart.Leaf;

/** Makes parts from trees of a catalog, and joins those of several picks. */
public final class TreeMerge {

  private TreeMerge() {}

  /**
   * Takes over a tree of a catalog. A value that is filled with nothing drops out, and so does a
   * branch in which nothing is left for that reason.
   */
  public static List<TracedPart> of(Node.Fields fields, TemplateContext context, Cause cause) {
    List<TracedPart> parts = new ArrayList<>();
    fields.values().forEach((name, value) -> add(parts, name, value, context, cause));
    return parts;
  }

  private static void add(
      List<TracedPart> parts, String name, Node value, TemplateContext context, Cause cause) {
    if (value instanceof Node.Scalar scalar) {
      if (scalar.text() == null) {
        parts.add(new Leaf(name, null, cause));
        return;
      }
      Filled filled = context.value(scalar.text());
      if (!filled.text().isEmpty() || scalar.text().isEmpty()) {
        Cause all = filled.cause().map(cause::and).orElse(cause);
        parts.add(new Leaf(name, filled.text(), all));
      }
      return;
    }
    List<TracedPart> nested = new ArrayList<>();
    boolean list = value instanceof Node.Items;
    if (value instanceof Node.Items items) {
      items.values().forEach(each -> add(nested, "", each, context, cause));
    } else {
      nested.addAll(of((Node.Fields) value, context, cause));
    }
    boolean empty =
        value instanceof Node.Items items
            ? items.values().isEmpty()
            : ((Node.Fields) value).values().isEmpty();
    if (empty || !nested.isEmpty()) {
      parts.add(new Branch(name, list, nested, cause));
    }
  }

  /** Both in one: names are joined, lists get what they lack, else the first wins. */
  public static List<TracedPart> joined(List<TracedPart> first, List<TracedPart> second) {
    List<TracedPart> all = new ArrayList<>(first);
    for (TracedPart more : second) {
      int at = more.name().isEmpty() ? alike(all, more) : named(all, more.name());
      if (at < 0) {
        all.add(more);
      } else {
        all.set(at, joined(all.get(at), more));
      }
    }
    return all;
  }

  private static TracedPart joined(TracedPart one, TracedPart two) {
    boolean entry = one.name().isEmpty() && id(one).isEmpty();
    if (one instanceof Branch a && two instanceof Branch b && !entry) {
      return new Branch(a.name(), a.list(), joined(a.parts(), b.parts()), a.cause());
    }
    return one instanceof Leaf leaf
        ? new Leaf(leaf.name(), leaf.value(), leaf.cause().and(two.cause()))
        : one;
  }

  private static int named(List<TracedPart> parts, String name) {
    for (int i = 0; i < parts.size(); i++) {
      if (parts.get(i).name().equals(name)) {
        return i;
      }
    }
    return -1;
  }

  private static int alike(List<TracedPart> parts, TracedPart part) {
    for (int i = 0; i < parts.size(); i++) {
      boolean same = !id(part).isEmpty() && id(part).equals(id(parts.get(i)));
      if (same || alike(parts.get(i), part)) {
        return i;
      }
    }
    return -1;
  }

  /** What an entry of a list is called, if it says so: two of one name are one. */
  private static String id(TracedPart part) {
    if (part instanceof Branch branch) {
      for (TracedPart each : branch.parts()) {
        if (each instanceof Leaf leaf && leaf.name().equals("id")) {
          return String.valueOf(leaf.value());
        }
      }
    }
    return "";
  }

  /** Whether two parts say the same, whatever put them there. */
  private static boolean alike(TracedPart one, TracedPart two) {
    if (!one.name().equals(two.name())) {
      return false;
    }
    if (one instanceof Leaf a && two instanceof Leaf b) {
      return Objects.equals(a.value(), b.value());
    }
    if (one instanceof Branch a
        && two instanceof Branch b
        && a.parts().size() == b.parts().size()) {
      for (int i = 0; i < a.parts().size(); i++) {
        if (!alike(a.parts().get(i), b.parts().get(i))) {
          return false;
        }
      }
      return true;
    }
    return false;
  }
}
