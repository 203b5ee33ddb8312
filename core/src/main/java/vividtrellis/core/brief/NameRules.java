package vividtrellis.core.brief;

import com.google.common.base.Strings;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.lang.model.SourceVersion;
import org.jspecify.annotations.Nullable;

/** What is wrong with the names of a brief by themselves, each with one that works. */
final class NameRules {

  private static final int LONGEST_NAME = 50;
  private static final int LONGEST_GROUP = 100;
  private static final int LONGEST_PACKAGE = 150;
  private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9]*(-[a-z0-9]+)*");
  private static final Pattern GROUP =
      Pattern.compile("[a-z0-9_]([a-z0-9_-]*[a-z0-9_])?(\\.[a-z0-9_]([a-z0-9_-]*[a-z0-9_])?)*");

  /** The name of a file, too, and with a word behind it that of its test. */
  private static final Pattern ENTRY = Pattern.compile("[A-Z][A-Za-z0-9]{0,59}");

  private static final Pattern DATABASE =
      Pattern.compile("[a-z][a-z0-9_]{0,%d}".formatted(Names.LONGEST_DATABASE - 1));

  private static final List<String> RESERVED_PACKAGES =
      List.of("java", "javax", "jakarta", "jdk", "sun", "com.sun");

  /** Domains under which people have mailboxes and accounts, turned round. */
  private static final List<String> MAIL_DOMAINS =
      List.of("com.gmail", "com.outlook", "com.hotmail", "com.yahoo", "com.icloud", "de.gmx");

  private static final List<String> ACCOUNT_DOMAINS =
      List.of("io.github", "com.github", "io.gitlab", "com.gitlab", "org.codeberg");

  private final Brief brief;
  private final Taken taken;
  private final List<Complaint> complaints = new ArrayList<>();

  private NameRules(Brief brief, Taken taken) {
    this.brief = brief;
    this.taken = taken;
  }

  /** Everything that is wrong or worth knowing, in the order of the brief. */
  static List<Complaint> complaints(Brief brief, Taken taken) {
    NameRules rules = new NameRules(brief, taken);
    rules.name();
    rules.group();
    rules.packageName();
    rules.entry();
    rules.database();
    return rules.complaints;
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
    return SourceVersion.isKeyword(text) || taken.words().contains(text);
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
    String better = derived().packageName();
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

  private void entry() {
    String given = brief.get(Key.ENTRY).orElse("");
    if (given.isEmpty()) {
      return;
    }
    Map<String, String> args = Map.of("value", given);
    String better = Strings.emptyToNull(derived().entryClass());
    if (!ENTRY.matcher(given).matches()) {
      block("entry-form", Key.ENTRY, args, better);
    } else if (Names.hidesAType(given) || Names.takenTypes(brief, taken).contains(given)) {
      block("entry-taken", Key.ENTRY, args, better);
    } else if (Names.refusedByFileSystems(given)) {
      block("entry-refused-by-file-systems", Key.ENTRY, args, better);
    }
  }

  private void database() {
    String given = brief.get(Key.DATABASE).orElse("");
    if (given.isEmpty()) {
      return;
    }
    Map<String, String> args = Map.of("value", given, "most", Names.LONGEST_DATABASE + "");
    String better = Strings.emptyToNull(derived().database());
    if (!DATABASE.matcher(given).matches()) {
      block("database-form", Key.DATABASE, args, better);
    } else if (Names.refusedByDatabases(given)) {
      block("database-taken", Key.DATABASE, args, better);
    }
  }

  /** The names that follow where none is set by hand. */
  private Names derived() {
    return Names.of(new Brief(named(), List.of(), List.of(), brief.variants()), taken);
  }

  private Map<Key, String> named() {
    return brief.texts().entrySet().stream()
        .filter(each -> each.getKey() == Key.NAME || each.getKey() == Key.GROUP)
        .filter(each -> each.getKey() != Key.NAME || isName(each.getValue()))
        .filter(each -> each.getKey() != Key.GROUP || isGroup(each.getValue()))
        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
  }

  private @Nullable String reserved(String name) {
    return Stream.concat(RESERVED_PACKAGES.stream(), taken.packages().stream())
        .filter(prefix -> name.equals(prefix) || name.startsWith(prefix + "."))
        .findFirst()
        .orElse(null);
  }
}
