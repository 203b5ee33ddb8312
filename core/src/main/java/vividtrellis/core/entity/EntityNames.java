package vividtrellis.core.entity;

import com.google.common.base.CaseFormat;
import com.google.common.base.CharMatcher;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.lang.model.SourceVersion;
import org.atteo.evo.inflector.English;

/**
 * How an entity is called where names have different forms. For {@code OpenBerth}:
 *
 * <pre>
 * one, several          openBerth, openBerths     variables
 * words, manyWords      open berth, open berths   in a sentence
 * path                  open-berths               of addresses and files
 * table                 open_berth                in a database
 * folder                openberths                of its package
 * </pre>
 *
 * @param type the class
 * @param one variable that holds one
 * @param several variable that holds more of them; never the same as {@code one}
 * @param words in a sentence, in the singular
 * @param manyWords in a sentence, in the plural
 * @param article {@code a} or {@code an}
 * @param path in addresses
 * @param table in a database
 * @param folder the last part of the package where features have packages of their own
 */
public record EntityNames(
    String type,
    String one,
    String several,
    String words,
    String manyWords,
    String article,
    String path,
    String table,
    String folder) {

  /** Between a small letter or digit and a capital, and before the last capital of several. */
  private static final String WORDS = "(?<=[a-z0-9])(?=[A-Z])|(?<=[A-Z])(?=[A-Z][a-z])";

  /** What the library says otherwise than people do. */
  private static final Map<String, String> PEOPLE_SAY =
      Map.of(
          "person", "people",
          "ox", "oxen",
          "german", "germans",
          "matrix", "matrices",
          "aircraft", "aircraft",
          "equipment", "equipment",
          "information", "information",
          "luggage", "luggage",
          "staff", "staff",
          "software", "software");

  private static final CharMatcher VOWEL = CharMatcher.anyOf("aeiou");

  /** Begin with a vowel that is spoken like a consonant. */
  private static final List<String> SPOKEN_AS_CONSONANT =
      List.of("uni", "use", "usa", "uti", "eu", "one", "uk");

  /**
   * The forms of a name.
   *
   * @param type as the user says it, {@code OpenBerth}
   * @param words that no variable and no package can be called
   * @param sqlWords that no table can be called
   */
  public static EntityNames of(String type, Set<String> words, Set<String> sqlWords) {
    List<String> parts =
        Arrays.stream(type.split(WORDS, -1)).map(part -> part.toLowerCase(Locale.ROOT)).toList();
    String last = parts.get(parts.size() - 1);
    List<String> before = parts.subList(0, parts.size() - 1);
    String singular = String.join(" ", parts);
    String plural =
        Stream.concat(before.stream(), Stream.of(plural(last))).collect(Collectors.joining(" "));
    String one = variable(singular);
    String several = variable(plural);
    boolean alike = one.equals(several);
    boolean taken = refused(one, words) || refused(several, words);
    String folder = plural.replace(" ", "");
    String table = singular.replace(' ', '_');
    String tables = plural.replace(' ', '_');
    return new EntityNames(
        type,
        taken ? "the" + capital(one) : one,
        (taken ? "the" + capital(several) : several) + (alike ? "List" : ""),
        singular,
        plural,
        article(singular),
        plural.replace(' ', '-'),
        !sqlWords.contains(table) ? table : !sqlWords.contains(tables) ? tables : table + "_entry",
        refused(folder, words) ? folder + "_" : folder);
  }

  private static boolean refused(String name, Set<String> words) {
    return SourceVersion.isKeyword(name) || words.contains(name);
  }

  /** Words that end in a number have none. */
  private static String plural(String word) {
    return Character.isDigit(word.charAt(word.length() - 1))
        ? word
        : PEOPLE_SAY.getOrDefault(word, English.plural(word));
  }

  private static String variable(String words) {
    return CaseFormat.LOWER_UNDERSCORE.to(CaseFormat.LOWER_CAMEL, words.replace(' ', '_'));
  }

  private static String capital(String word) {
    return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
  }

  private static String article(String words) {
    boolean spoken = SPOKEN_AS_CONSONANT.stream().anyMatch(words::startsWith);
    return VOWEL.matches(words.charAt(0)) && !spoken ? "an" : "a";
  }

  /** In a sentence that begins with it, {@code Open berths}. */
  public String manyCapital() {
    return capital(manyWords);
  }

  /** As a constant, {@code OPEN_BERTH}. */
  public String constant() {
    return words.replace(' ', '_').toUpperCase(Locale.ROOT);
  }
}
