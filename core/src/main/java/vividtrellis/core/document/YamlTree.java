package vividtrellis.core.document;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Parse;
import org.snakeyaml.engine.v2.common.ScalarStyle;
import org.snakeyaml.engine.v2.events.AliasEvent;
import org.snakeyaml.engine.v2.events.Event;
import org.snakeyaml.engine.v2.events.MappingEndEvent;
import org.snakeyaml.engine.v2.events.MappingStartEvent;
import org.snakeyaml.engine.v2.events.NodeEvent;
import org.snakeyaml.engine.v2.events.ScalarEvent;
import org.snakeyaml.engine.v2.events.SequenceEndEvent;
import org.snakeyaml.engine.v2.events.SequenceStartEvent;
import org.snakeyaml.engine.v2.exceptions.MarkedYamlEngineException;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;

/**
 * YAML to tree, from the parser's events: they keep each scalar's text and place, and an alias is
 * seen before anything is expanded.
 */
final class YamlTree {

  private static final Set<String> NULLS = Set.of("", "~", "null", "Null", "NULL");

  private final Iterator<Event> events;

  private YamlTree(Iterator<Event> events) {
    this.events = events;
  }

  static Node read(String text) {
    LoadSettings settings = LoadSettings.builder().setCodePointLimit(4 * 1024 * 1024).build();
    try {
      return new YamlTree(new Parse(settings).parseString(text).iterator()).document();
    } catch (MarkedYamlEngineException e) {
      String where = e.getProblemMark().map(m -> at(m).toString() + ": ").orElse("");
      throw UnreadableDocument.whole(
          "This is not YAML that can be read; " + where + e.getProblem() + ".", null);
    } catch (YamlEngineException
        | IndexOutOfBoundsException
        | IllegalArgumentException
        | NoSuchElementException e) {
      // The last three escape from the library where an escape or the document ends too early.
      throw UnreadableDocument.whole("This is not YAML that can be read.", null);
    }
  }

  private Node document() {
    Node root = null;
    while (events.hasNext()) {
      Event event = events.next();
      switch (event.getEventId()) {
        case StreamStart, StreamEnd, DocumentStart, DocumentEnd, Comment -> {}
        default -> {
          if (root != null) {
            throw UnreadableDocument.whole(
                "There is more than one document here (%s); one is read."
                    .formatted(position(event)),
                "Remove the line --- and what follows it.");
          }
          root = node(event, 0);
        }
      }
    }
    return root == null ? new Node.Scalar(null, Position.NONE) : root;
  }

  private Node node(Event event, int depth) {
    Position at = position(event);
    if (depth > Bounds.DEEPEST) {
      throw UnreadableDocument.whole(
          "%s is nested deeper than %d levels.".formatted(at, Bounds.DEEPEST), null);
    }
    refuseReferences(event, at);
    if (event instanceof ScalarEvent scalar) {
      boolean plain = scalar.getScalarStyle() == ScalarStyle.PLAIN;
      String text = Bounds.whole(scalar.getValue(), at);
      return new Node.Scalar(plain && NULLS.contains(text) ? null : text, at);
    }
    if (event instanceof SequenceStartEvent) {
      List<Node> values = new ArrayList<>();
      for (Event next = events.next(); !(next instanceof SequenceEndEvent); next = events.next()) {
        values.add(node(next, depth + 1));
      }
      return new Node.Items(values, at);
    }
    if (event instanceof MappingStartEvent) {
      return new Node.Fields(fields(depth), at);
    }
    throw UnreadableDocument.whole("%s: %s is not read.".formatted(at, event.getEventId()), null);
  }

  private Map<String, Node> fields(int depth) {
    Map<String, Node> values = new LinkedHashMap<>();
    for (Event next = events.next(); !(next instanceof MappingEndEvent); next = events.next()) {
      Position at = position(next);
      if (!(next instanceof ScalarEvent key)) {
        throw UnreadableDocument.whole(at + ": a key must be a plain text.", null);
      }
      refuseReferences(next, at);
      Bounds.whole(key.getValue(), at);
      if (values.put(key.getValue(), node(events.next(), depth + 1)) != null) {
        throw UnreadableDocument.whole(
            "%s: the key '%s' is there twice.".formatted(at, key.getValue()),
            "Keep one of the two.");
      }
    }
    return values;
  }

  private static void refuseReferences(Event event, Position at) {
    boolean anchored =
        (event instanceof NodeEvent named && named.getAnchor().isPresent())
            || event instanceof AliasEvent;
    if (anchored) {
      throw UnreadableDocument.whole(
          at + ": anchors (&) and aliases (*) are not read here.", "Write the value out.");
    }
    Optional<String> tag = Optional.empty();
    if (event instanceof ScalarEvent scalar) {
      tag = scalar.getTag();
    } else if (event instanceof org.snakeyaml.engine.v2.events.CollectionStartEvent collection) {
      tag = collection.getTag();
    }
    if (tag.isPresent() && !tag.get().equals("!")) {
      throw UnreadableDocument.whole(
          at + ": tags (" + tag.get() + ") are not read here.", "Remove the tag.");
    }
  }

  private static Position position(Event event) {
    return event.getStartMark().map(YamlTree::at).orElse(Position.NONE);
  }

  private static Position at(org.snakeyaml.engine.v2.exceptions.Mark mark) {
    return new Position(mark.getLine() + 1, mark.getColumn() + 1);
  }
}
