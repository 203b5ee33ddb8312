package vividtrellis.core.compat.finding;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.IdList;
import vividtrellis.core.brief.Key;
import vividtrellis.core.compat.Verdict.PatchOp;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Node;

/** One change of picks: what a way out consists of. Gives the changed brief and the patch. */
public sealed interface Change {

  /** How much it disturbs to let a pick go. */
  int LETTING_GO = 7;

  /** The brief after the change. */
  Brief apply(Brief brief);

  /** The operation on the document of a brief that does the same. */
  PatchOp patch(Brief brief);

  /**
   * How much it disturbs; smaller is gentler: adding what is missing or mending a name (0), a patch
   * (1), a line up (2) or down (3), a level up (4) or down (5), one thing in another's place (6),
   * letting a pick go ({@link #LETTING_GO}).
   */
  int disruption();

  /** Whether nothing that was asked for is given up by it. */
  default boolean keepsAll(Brief brief) {
    return disruption() != LETTING_GO;
  }

  /** Sets a single-valued pick. */
  record Set(Key key, String value) implements Change {
    @Override
    public Brief apply(Brief brief) {
      return brief.with(key, value);
    }

    @Override
    public PatchOp patch(Brief brief) {
      Object plain = plain(key, value);
      if (brief.get(key).isPresent()) {
        return new PatchOp("replace", key.pointer(), plain);
      }
      boolean blockThere =
          key.block().isEmpty()
              || brief.texts().keySet().stream().anyMatch(k -> k.block().equals(key.block()));
      return blockThere
          ? new PatchOp("add", key.pointer(), plain)
          : new PatchOp("add", "/" + key.block(), Map.of(key.word(), plain));
    }

    @Override
    public int disruption() {
      return switch (key) {
        case BUILD, EDITION, PACKAGING, SAMPLE, LAYOUT, ALONGSIDE -> 6;
        case FRAMEWORK -> 2;
        case LANGUAGE, JVM, JDK -> 4;
        default -> 0;
      };
    }

    private static Object plain(Key key, String value) {
      Node.Fields one = Node.fields().with(key.word(), Node.text(value));
      return ((Map<?, ?>) Documents.plain(one)).values().iterator().next();
    }
  }

  /**
   * Moves a pick to another version or another option.
   *
   * @param disruption how much that disturbs, seen from what was picked
   */
  record Move(Key key, String value, int disruption) implements Change {
    @Override
    public Brief apply(Brief brief) {
      return brief.with(key, value);
    }

    @Override
    public PatchOp patch(Brief brief) {
      return new Set(key, value).patch(brief);
    }
  }

  /** Takes a single-valued pick back. */
  record Remove(Key key) implements Change {
    @Override
    public Brief apply(Brief brief) {
      Map<Key, String> left = new EnumMap<>(Key.class);
      left.putAll(brief.texts());
      left.remove(key);
      return new Brief(left, brief.starters(), brief.extras(), brief.variants());
    }

    @Override
    public PatchOp patch(Brief brief) {
      return new PatchOp("remove", key.pointer(), null);
    }

    @Override
    public int disruption() {
      return LETTING_GO;
    }
  }

  /**
   * Puts one starter or extra in, out, or in another's place.
   *
   * @param list which of them
   * @param out which to take out; {@code null} to add
   * @param in which to put in; {@code null} to drop
   */
  record Listed(IdList list, @Nullable String out, @Nullable String in) implements Change {
    @Override
    public Brief apply(Brief brief) {
      List<String> ids = new ArrayList<>(list.ids(brief));
      int at = out == null ? ids.size() : ids.lastIndexOf(out);
      if (out != null && at >= 0) {
        ids.remove(at);
      }
      if (in != null && !ids.contains(in)) {
        ids.add(Math.max(at, 0), in);
      }
      return list.with(brief, ids);
    }

    @Override
    public PatchOp patch(Brief brief) {
      List<String> ids = list.ids(brief);
      if (out == null) {
        return ids.isEmpty()
            ? new PatchOp("add", list.pointer(), List.of(String.valueOf(in)))
            : new PatchOp("add", list.pointer() + "/-", in);
      }
      String place = list.pointer(ids.lastIndexOf(out));
      return in == null || ids.contains(in)
          ? new PatchOp("remove", place, null)
          : new PatchOp("replace", place, in);
    }

    @Override
    public int disruption() {
      return out == null ? 0 : in == null ? LETTING_GO : 6;
    }

    /** What is put in another's place, and is there already, only takes that one away. */
    @Override
    public boolean keepsAll(Brief brief) {
      return out == null || (in != null && !list.ids(brief).contains(in));
    }
  }

  /** Adds a starter or extra. */
  static Change add(IdList list, String id) {
    return new Listed(list, null, id);
  }

  /** Drops a starter or extra. */
  static Change drop(IdList list, String id) {
    return new Listed(list, id, null);
  }

  /** Puts a starter or extra in another's place. */
  static Change swap(IdList list, String out, String in) {
    return new Listed(list, out, in);
  }
}
