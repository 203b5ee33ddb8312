package vividtrellis.core.entity;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What an entity and its fields can be called, and what works where they cannot. */
final class EntityNaming {

  /** Lines of code, which have a few of them in a row, stay readable. */
  private static final int LONGEST = 24;

  private static final Pattern NAME =
      Pattern.compile("[A-Z][A-Za-z0-9]{0,%d}".formatted(LONGEST - 1));

  /**
   * In every library here, such a name becomes the same column; {@code xAxis} and {@code b2c} not.
   */
  private static final Pattern FIELD = Pattern.compile("[a-z]([a-z]+([A-Z][a-z]+)*)?[0-9]{0,3}");

  /**
   * What every entity has anyway, and what languages and template engines know of every value by a
   * name of their own.
   */
  private static final Set<String> KEPT =
      Set.of(
          "id",
          "version",
          "created",
          "changed",
          "errors",
          "draft",
          "now",
          "before",
          "class",
          "copy",
          "clone",
          "equals",
          "finalize",
          "iterator",
          "notify",
          "wait",
          "property",
          "properties");

  /** What is taken for the beginning of an accessor, not of a name. */
  private static final Pattern ACCESSOR =
      Pattern.compile("(is|get|set|with|to|meta|hash|notify|component)([A-Z0-9].*)");

  private EntityNaming() {}

  static @Nullable String fault(String name, EntityClashes clashes) {
    if (!NAME.matcher(name).matches()) {
      return "entity-name";
    }
    return clashes.refusesEntity(name) ? "entity-taken" : null;
  }

  static @Nullable String fieldFault(String name, EntityClashes clashes) {
    if (name.length() > LONGEST || !FIELD.matcher(name).matches()) {
      return "field-name";
    }
    if (KEPT.contains(name) || ACCESSOR.matcher(name).matches()) {
      return "field-kept";
    }
    return clashes.refusesField(name) ? "field-word" : null;
  }

  /** A name that is as near as can be; {@code null} for none. */
  static @Nullable String working(String given, EntityClashes clashes) {
    String words = words(given);
    String plain = words.substring(0, Math.min(words.length(), LONGEST - "Entry".length()));
    return Stream.of(plain, plain + "Entry")
        .filter(name -> fault(name, clashes) == null)
        .findFirst()
        .orElse(null);
  }

  /** A name for a field that is as near as can be; {@code null} for none. */
  static @Nullable String workingField(String entity, String given, EntityClashes clashes) {
    Matcher accessor = ACCESSOR.matcher(given);
    String words = words(accessor.matches() ? accessor.group(2) : given);
    if (words.isEmpty()) {
      return null;
    }
    String plain = words.substring(0, Math.min(words.length(), LONGEST / 2));
    return Stream.of(
            plain, words(entity.substring(0, Math.min(entity.length(), LONGEST / 2))) + plain)
        .map(name -> name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1))
        .filter(name -> fieldFault(name, clashes) == null)
        .findFirst()
        .orElse(null);
  }

  /** Its words, each with a capital unless it is a single letter, and a number only at the end. */
  private static String words(String given) {
    String plain =
        Normalizer.normalize(given.substring(0, Math.min(given.length(), 60)), Normalizer.Form.NFD)
            .replaceAll("\\p{M}+", "")
            .replace("ß", "ss");
    String number = plain.replaceFirst("(?s)^.*?([0-9]{0,3})$", "$1");
    StringBuilder words = new StringBuilder();
    int before = 0;
    for (String part : plain.split("[^A-Za-z]+|(?<=[a-z])(?=[A-Z])", -1)) {
      String word = part.toLowerCase(Locale.ROOT);
      if (!word.isEmpty()) {
        boolean apart = words.length() == 0 || (word.length() > 1 && before > 1);
        words.append(apart ? word.substring(0, 1).toUpperCase(Locale.ROOT) : word.substring(0, 1));
        words.append(word.substring(1));
        before = word.length();
      }
    }
    return words.length() == 0 ? "" : words + number;
  }
}
