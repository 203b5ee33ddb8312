package vividtrellis.core.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What is wrong with the names, texts and settings of a brief by themselves, each with a value that
 * works. Complete: all of it is told together.
 */
public final class BriefRules {

  private static final Pattern VERSION = Pattern.compile("[0-9A-Za-z][0-9A-Za-z._+-]{0,49}");
  private static final Pattern LICENCE = Pattern.compile("[A-Za-z0-9][A-Za-z0-9.+-]{0,63}");
  private static final Pattern YEAR = Pattern.compile("(19|20)[0-9]{2}");

  /**
   * No account in it, since the address ends up in a build file; build systems refuse plain HTTP.
   */
  private static final Pattern MIRROR =
      Pattern.compile(
          "https://[A-Za-z0-9.-]{1,200}(:[0-9]{1,5})?(/[A-Za-z0-9._~+-]{1,100}){0,20}/?");

  /** What builds replace, and template engines of documents. */
  private static final Pattern EXPANDED = Pattern.compile("[$@#]\\{");

  /** What {@code word} stands for where a framework has a build replace something. */
  private static final String WORD = "([A-Za-z][A-Za-z0-9._-]*)";

  private final Brief brief;

  /** What the framework has a build replace. */
  private final List<Pattern> filled;

  private final List<Complaint> complaints = new ArrayList<>();

  private BriefRules(Brief brief, Taken taken) {
    this.brief = brief;
    this.filled = taken.fills().stream().map(BriefRules::form).map(Pattern::compile).toList();
  }

  private static String form(String fills) {
    int word = fills.indexOf("word");
    return Pattern.quote(fills.substring(0, word))
        + WORD
        + Pattern.quote(fills.substring(word + "word".length()));
  }

  /**
   * Everything that is wrong or worth knowing, in the order of the brief.
   *
   * @param taken by the framework and the languages that it picks
   */
  public static List<Complaint> complaints(Brief brief, Taken taken) {
    BriefRules rules = new BriefRules(brief, taken);
    rules.complaints.addAll(NameRules.complaints(brief, taken));
    rules.text(Key.TITLE, 100);
    rules.text(Key.SUMMARY, 400);
    rules.text(Key.ORGANISATION, 100);
    rules.form(Key.VERSION, VERSION, "version-form", "0.1.0");
    rules.form(Key.LICENCE, LICENCE, "licence-form", null);
    rules.form(Key.YEAR, YEAR, "year-form", null);
    rules.port(Key.PORT, "8080");
    rules.port(Key.MANAGEMENT_PORT, "8081");
    rules.form(Key.MIRROR, MIRROR, "mirror-form", null);
    rules.complaints.addAll(EntityRules.complaints(brief, taken));
    return List.copyOf(rules.complaints);
  }

  private void block(String code, Key key, Map<String, String> args, @Nullable String better) {
    complaints.add(new Complaint(code, key, true, args, better));
  }

  /**
   * Free texts go into XML, Java and Markdown: one line, nothing invisible, nothing a build
   * expands.
   */
  private void text(Key key, int most) {
    String given = brief.get(key).orElse("");
    Optional<String> forbidden = firstForbidden(given);
    String fault =
        given.length() > most
            ? "text-too-long"
            : forbidden.isPresent()
                ? "text-forbidden"
                : given.codePoints().anyMatch(Shown::invisible)
                    ? "text-invisible"
                    : isExpanded(given) ? "text-expands" : null;
    if (fault != null) {
      block(
          fault,
          key,
          Map.of(
              "value", given,
              "key", key.word(),
              "most", Integer.toString(most),
              "sign", forbidden.orElse("")),
          workingText(given, most));
    }
  }

  private boolean isExpanded(String given) {
    return EXPANDED.matcher(given).find()
        || filled.stream().anyMatch(form -> form.matcher(given).find());
  }

  /**
   * The first character that no XML, and no YAML, may hold, with its place; empty if there is none.
   */
  private static Optional<String> firstForbidden(String given) {
    int place = 1;
    for (int c : given.codePoints().toArray()) {
      if (isForbidden(c)) {
        return Optional.of("U+%04X at place %d".formatted(c, place));
      }
      place++;
    }
    return Optional.empty();
  }

  /** Characters that Unicode sets aside for nobody: XML and YAML refuse some, editors the rest. */
  private static boolean isForbidden(int c) {
    return (c & 0xFFFE) == 0xFFFE || (c >= 0xFDD0 && c <= 0xFDEF);
  }

  private @Nullable String workingText(String given, int most) {
    String plain =
        given
            .codePoints()
            .limit(4L * most)
            .map(c -> c == '\n' || c == '\r' || c == '\t' ? ' ' : c)
            .filter(c -> !Shown.invisible(c) && !isForbidden(c))
            .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
            .toString()
            .replaceAll("[$@#]\\{", "(")
            .replaceAll(" +", " ")
            .strip();
    for (Pattern form : filled) {
      while (form.matcher(plain).find()) {
        plain = form.matcher(plain).replaceAll("$1");
      }
    }
    int end = Math.min(plain.length(), most);
    if (end > 0 && end < plain.length() && Character.isHighSurrogate(plain.charAt(end - 1))) {
      end--;
    }
    return plain.isEmpty() ? null : plain.substring(0, end);
  }

  private void form(Key key, Pattern form, String code, @Nullable String better) {
    brief
        .get(key)
        .filter(value -> !form.matcher(value).matches())
        .ifPresent(value -> block(code, key, Map.of("value", value), better));
  }

  private void port(Key key, String better) {
    brief
        .get(key)
        .filter(port -> !port.matches("[1-9][0-9]{0,4}") || Integer.parseInt(port) > 65535)
        .ifPresent(port -> block("port-range", key, Map.of("value", port), better));
  }
}
