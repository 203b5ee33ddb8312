package vividtrellis.core.document;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.json.JsonFactory;

/** JSON to tree, token by token, so that a number keeps the text it was written with. */
final class JsonTree {

  private static final JsonFactory FACTORY =
      JsonFactory.builder().enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION).build();

  private static final Pattern ADVICE =
      Pattern.compile(
          " *(\\([^()]*(`|Feature|Source:)[^()]*\\)|: maybe a \\(non-standard\\).*|; maybe a"
              + " .*|\\(start marker at .*)");
  private static final Pattern LIBRARY = Pattern.compile("[a-z][A-Z]|[A-Z]{2}[a-z]|`|jackson");
  private static final int LONGEST_MESSAGE = 200;

  private JsonTree() {}

  static Node read(String text) {
    try (JsonParser parser = FACTORY.createParser(ObjectReadContext.empty(), text)) {
      if (parser.nextToken() == null) {
        return new Node.Scalar(null, Position.NONE);
      }
      Node root = node(parser, 0);
      if (parser.nextToken() != null) {
        throw UnreadableDocument.whole(
            "There is more after the end of the JSON document (" + at(parser) + ").", null);
      }
      return root;
    } catch (JacksonException e) {
      TokenStreamLocation place = e.getLocation();
      String where =
          place == null ? "" : " at " + new Position(place.getLineNr(), place.getColumnNr());
      throw UnreadableDocument.whole(
          "This is not JSON that can be read" + where + ": " + firstLine(e) + ".", null);
    }
  }

  private static Node node(JsonParser parser, int depth) {
    Position at = at(parser);
    if (depth > Bounds.DEEPEST) {
      throw UnreadableDocument.whole(
          "%s is nested deeper than %d levels.".formatted(at, Bounds.DEEPEST), null);
    }
    switch (parser.currentToken()) {
      case START_OBJECT -> {
        Map<String, Node> values = new LinkedHashMap<>();
        while (parser.nextToken() != JsonToken.END_OBJECT) {
          String key = Bounds.whole(parser.currentName(), at(parser));
          parser.nextToken();
          values.put(key, node(parser, depth + 1));
        }
        return new Node.Fields(values, at);
      }
      case START_ARRAY -> {
        List<Node> values = new ArrayList<>();
        while (parser.nextToken() != JsonToken.END_ARRAY) {
          values.add(node(parser, depth + 1));
        }
        return new Node.Items(values, at);
      }
      case VALUE_NULL -> {
        return new Node.Scalar(null, at);
      }
      default -> {
        return new Node.Scalar(Bounds.whole(parser.getString(), at), at);
      }
    }
  }

  private static Position at(JsonParser parser) {
    TokenStreamLocation place = parser.currentTokenLocation();
    return new Position(place.getLineNr(), place.getColumnNr());
  }

  /** What the library says, without what it advises: that is for who calls it, and names it. */
  private static String firstLine(JacksonException e) {
    String message = String.valueOf(e.getOriginalMessage()).lines().findFirst().orElse("");
    String plain = ADVICE.matcher(message).replaceAll("");
    return plain.isBlank() || LIBRARY.matcher(plain).find() || plain.length() > LONGEST_MESSAGE
        ? "wrong syntax"
        : plain;
  }
}
