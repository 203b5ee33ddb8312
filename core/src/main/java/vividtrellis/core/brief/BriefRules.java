package vividtrellis.core.brief;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javax.lang.model.SourceVersion;
import org.jspecify.annotations.Nullable;

/**
 * What is wrong with the names, texts and settings of a brief by themselves, each with a value that
 * works. Complete: all of it is told together.
 */
public final class BriefRules {

  private static final int LONGEST_NAME = 50;
  private static final int LONGEST_GROUP = 100;
  private static final int LONGEST_PACKAGE = 150;
  private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9]*(-[a-z0-9]+)*");
  private static final Pattern GROUP =
      Pattern.compile("[a-z0-9_]([a-z0-9_-]*[a-z0-9_])?(\\.[a-z0-9_]([a-z0-9_-]*[a-z0-9_])?)*");
  private static final Pattern VERSION = Pattern.compile("[0-9A-Za-z][0-9A-Za-z._+-]{0,49}");
  private static final Pattern LICENCE = Pattern.compile("[A-Za-z0-9][A-Za-z0-9.+-]{0,63}");
  private static final Pattern YEAR = Pattern.compile("(19|20)[0-9]{2}");
  private static final Pattern FORMAT = Pattern.compile("yaml|properties");

  /**
   * No account in it, since the address ends up in a build file; build systems refuse plain HTTP.
   */
  private static final Pattern MIRROR =
      Pattern.compile(
          "https://[A-Za-z0-9.-]{1,200}(:[0-9]{1,5})?(/[A-Za-z0-9._~+-]{1,100}){0,20}/?");

  /** What Spring Boot has Maven replace in settings. */
  private static final Pattern REPLACED = Pattern.compile("@([A-Za-z][A-Za-z0-9._-]*)@");

  /** What builds and frameworks replace. */
  private static final Pattern EXPANDED = Pattern.compile("[$@#]\\{|" + REPLACED);

  private static final List<String> RESERVED_PACKAGES =
      List.of("java", "javax", "jakarta", "jdk", "sun", "com.sun", "org.springframework");

  /** Domains under which people have mailboxes and accounts, turned round. */
  private static final List<String> MAIL_DOMAINS =
      List.of("com.gmail", "com.outlook", "com.hotmail", "com.yahoo", "com.icloud", "de.gmx");

  private static final List<String> ACCOUNT_DOMAINS =
      List.of("io.github", "com.github", "io.gitlab", "com.gitlab", "org.codeberg");

  private final Brief brief;
  private final Set<String> words;
  private final List<Complaint> complaints = new ArrayList<>();

  private BriefRules(Brief brief, Set<String> words) {
    this.brief = brief;
    this.words = words;
  }

  /**
   * Everything that is wrong or worth knowing, in the order of the brief.
   *
   * @param words of its languages, beside those of Java, that no package can be called
   */
  public static List<Complaint> complaints(Brief brief, Set<String> words) {
    BriefRules rules = new BriefRules(brief, words);
    rules.name();
    rules.group();
    rules.packageName();
    rules.text(Key.TITLE, 100);
    rules.text(Key.SUMMARY, 400);
    rules.text(Key.ORGANISATION, 100);
    rules.form(Key.VERSION, VERSION, "version-form", "0.1.0");
    rules.form(Key.LICENCE, LICENCE, "licence-form", null);
    rules.form(Key.YEAR, YEAR, "year-form", null);
    rules.port();
    rules.form(Key.FORMAT, FORMAT, "format-unknown", "yaml");
    rules.form(Key.MIRROR, MIRROR, "mirror-form", null);
    return List.copyOf(rules.complaints);
  }

  private void block(String code, Key key, Map<String, String> args, @Nullable String better) {
    complaints.add(new Complaint(code, key, true, args, better));
  }

  private void name() {
    String name = brief.get(Key.NAME).orElse("");
    String fault = nameFault(name);
    if (fault != null) {
      Map<String, String> args = Map.of("value", name, "most", LONGEST_NAME + "");
      block(fault, Key.NAME, args, workingName(name));
    }
  }

  private boolean isWord(String text) {
    return SourceVersion.isKeyword(text) || words.contains(text);
  }

  private @Nullable String nameFault(String name) {
    if (name.isEmpty()) {
      return "name-missing";
    }
    if (name.length() > LONGEST_NAME) {
      return "name-too-long";
    }
    if (Character.isDigit(name.charAt(0))) {
      return "name-leading-digit";
    }
    if (!isName(name)) {
      return lettersFault(name);
    }
    if (isWord(name)) {
      return "name-keyword";
    }
    return Names.refusedByFileSystems(name) ? "name-refused-by-file-systems" : null;
  }

  // The length first: a form with parts that repeat takes the stack apart on a text of thousands.

  private static boolean isName(String text) {
    return text.length() <= LONGEST_NAME && NAME.matcher(text).matches();
  }

  private static boolean isGroup(String text) {
    return text.length() <= LONGEST_GROUP && GROUP.matcher(text).matches();
  }

  private static String lettersFault(String name) {
    if (name.chars().anyMatch(Character::isWhitespace)) {
      return "name-space";
    }
    if (name.contains("/") || name.contains("\\") || name.contains("..")) {
      return "name-path";
    }
    boolean capitals = name.chars().anyMatch(Character::isUpperCase);
    return capitals && isName(name.toLowerCase(Locale.ROOT)) ? "name-capital" : "name-letters";
  }

  /** A name of the right form that is as near to the given one as can be. */
  private String workingName(String name) {
    String plain =
        Normalizer.normalize(name.substring(0, Math.min(name.length(), 200)), Normalizer.Form.NFD)
            .replaceAll("\\p{M}+", "")
            .replaceAll("([a-z0-9])([A-Z])", "$1-$2")
            .toLowerCase(Locale.ROOT)
            .replaceAll("[^a-z0-9]+", "-")
            .replaceAll("^-+|-+$", "");
    if (plain.isEmpty()) {
      return "my-service";
    }
    if (Character.isDigit(plain.charAt(0))) {
      plain = "service-" + plain;
    }
    if (isWord(plain) || Names.refusedByFileSystems(plain)) {
      plain = plain + "-service";
    }
    return plain.substring(0, Math.min(plain.length(), LONGEST_NAME)).replaceAll("-+$", "");
  }

  private void group() {
    String given = brief.get(Key.GROUP).orElse(Domain.DEFAULT_GROUP);
    Map<String, String> args = Map.of("value", given, "most", LONGEST_GROUP + "");
    if (given.length() > LONGEST_GROUP) {
      block("group-too-long", Key.GROUP, args, Domain.DEFAULT_GROUP);
      return;
    }
    if (!isGroup(given)) {
      block("group-letters", Key.GROUP, args, workingGroup(given));
      return;
    }
    Domain domain = Domain.read(given);
    String reserved = reserved(domain.group());
    if (reserved != null) {
      block(
          "group-reserved",
          Key.GROUP,
          Map.of("value", given, "prefix", reserved),
          Domain.DEFAULT_GROUP);
    } else if (domain.turnedRound()) {
      note("group-turned-round", Map.of("value", given, "group", domain.group()), null);
    } else if (domain.other().isPresent() && brief.get(Key.GROUP).isPresent()) {
      String other = domain.other().get();
      note("group-both-ways", Map.of("value", given, "other", other), other);
    }
    personal(domain.group());
  }

  /** Package names are seen by everybody and are hard to change later. */
  private void personal(String group) {
    List<String> labels = List.of(group.split("\\.", -1));
    String first = String.join(".", labels.subList(0, Math.min(2, labels.size())));
    if (labels.size() > 1 && MAIL_DOMAINS.contains(first)) {
      note("personal-mail-domain", Map.of("value", group), Domain.DEFAULT_GROUP);
    } else if (labels.size() > 2 && ACCOUNT_DOMAINS.contains(first)) {
      note("personal-account", Map.of("value", group), null);
    } else if (labels.size() > 1 && labels.get(0).equals("name")) {
      note("personal-name-domain", Map.of("value", group), null);
    }
  }

  private void note(String code, Map<String, String> args, @Nullable String better) {
    complaints.add(new Complaint(code, Key.GROUP, false, args, better));
  }

  private static String workingGroup(String given) {
    String host = given.replaceFirst("^[a-zA-Z]+://", "").replaceFirst("[/?#:].*$", "");
    String plain =
        Arrays.stream(host.toLowerCase(Locale.ROOT).split("[^a-z0-9_-]+", -1))
            .map(label -> label.replaceAll("^-+|-+$", ""))
            .filter(label -> !label.isEmpty())
            .collect(Collectors.joining("."));
    return plain.isEmpty() ? Domain.DEFAULT_GROUP : plain;
  }

  private void packageName() {
    if (brief.get(Key.PACKAGE).isEmpty()) {
      return;
    }
    String given = brief.require(Key.PACKAGE);
    String better =
        Names.of(
                new Brief(withoutPackage(), List.of(), List.of(), brief.variants()),
                new Taken(Set.of(), words))
            .packageName();
    Map<String, String> args = Map.of("value", given, "most", LONGEST_PACKAGE + "");
    if (given.length() > LONGEST_PACKAGE) {
      block("package-too-long", Key.PACKAGE, args, better);
      return;
    }
    for (String part : given.split("\\.", -1)) {
      Map<String, String> about = Map.of("value", given, "part", part);
      if (!part.matches("[a-z_][a-z0-9_]*")) {
        block("package-letters", Key.PACKAGE, about, better);
        return;
      }
      if (isWord(part)) {
        block("package-keyword", Key.PACKAGE, about, better);
        return;
      }
      if (Names.refusedByFileSystems(part)) {
        block("package-refused-by-file-systems", Key.PACKAGE, about, better);
        return;
      }
    }
    String reserved = reserved(given);
    if (reserved != null) {
      block("package-reserved", Key.PACKAGE, Map.of("value", given, "prefix", reserved), better);
    }
  }

  private Map<Key, String> withoutPackage() {
    return brief.texts().entrySet().stream()
        .filter(each -> each.getKey() == Key.NAME || each.getKey() == Key.GROUP)
        .filter(each -> each.getKey() != Key.NAME || isName(each.getValue()))
        .filter(each -> each.getKey() != Key.GROUP || isGroup(each.getValue()))
        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
  }

  private static @Nullable String reserved(String name) {
    return RESERVED_PACKAGES.stream()
        .filter(prefix -> name.equals(prefix) || name.startsWith(prefix + "."))
        .findFirst()
        .orElse(null);
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
                : given.codePoints().anyMatch(BriefRules::invisible)
                    ? "text-invisible"
                    : EXPANDED.matcher(given).find() ? "text-expands" : null;
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

  private static @Nullable String workingText(String given, int most) {
    String plain =
        given
            .codePoints()
            .limit(4L * most)
            .map(c -> c == '\n' || c == '\r' || c == '\t' ? ' ' : c)
            .filter(c -> !invisible(c) && !isForbidden(c))
            .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
            .toString()
            .replaceAll("[$@#]\\{", "(")
            .replaceAll(" +", " ")
            .strip();
    while (REPLACED.matcher(plain).find()) {
      plain = REPLACED.matcher(plain).replaceAll("$1");
    }
    int end = Math.min(plain.length(), most);
    if (end > 0 && end < plain.length() && Character.isHighSurrogate(plain.charAt(end - 1))) {
      end--;
    }
    return plain.isEmpty() ? null : plain.substring(0, end);
  }

  /** Whether a code point moves text around or is not seen at all. */
  static boolean invisible(int c) {
    int type = Character.getType(c);
    return type == Character.CONTROL
        || type == Character.FORMAT
        || type == Character.SURROGATE
        || type == Character.PRIVATE_USE
        || type == Character.LINE_SEPARATOR
        || type == Character.PARAGRAPH_SEPARATOR;
  }

  private void form(Key key, Pattern form, String code, @Nullable String better) {
    brief
        .get(key)
        .filter(value -> !form.matcher(value).matches())
        .ifPresent(value -> block(code, key, Map.of("value", value), better));
  }

  private void port() {
    brief
        .get(Key.PORT)
        .filter(port -> !port.matches("[1-9][0-9]{0,4}") || Integer.parseInt(port) > 65535)
        .ifPresent(port -> block("port-range", Key.PORT, Map.of("value", port), "8080"));
  }
}
