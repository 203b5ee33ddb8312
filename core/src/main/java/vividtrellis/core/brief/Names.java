package vividtrellis.core.brief;

import com.google.common.base.CharMatcher;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import javax.lang.model.SourceVersion;
import vividtrellis.core.entity.EntityNames;

/**
 * The names that follow from a project's name and group. For {@code berth-booking} of {@code
 * example.saltmarsh}:
 *
 * <pre>
 * artifact, directory, container   berth-booking
 * title                            Berth Booking
 * package                          example.saltmarsh.berthbooking
 * entry class                      BerthBooking
 * database                         berth_booking
 * </pre>
 *
 * <p>A part of a package that Java, a language of the project or a common file system refuses gets
 * an underscore. A database whose name means something to a database server is called {@code
 * db_order}; it has at most {@value #LONGEST_DATABASE} letters. An entry class that would hide a
 * type every Java file sees, or one that its own file imports or the project has already, is called
 * a Service ({@code record} becomes {@code RecordService}), or a Server where there is such a
 * service.
 *
 * @param artifact also the name of the directory and of a container
 * @param title for people
 * @param group reversed domain
 * @param packageName of the code
 * @param entryClass the class that starts the application
 * @param database also the account of a local database
 * @param entity that a sample is about, as the user says it; empty where there is none
 * @param taken by framework and languages, which all of them keep clear of
 */
public record Names(
    String artifact,
    String title,
    String group,
    String packageName,
    String entryClass,
    String database,
    String entity,
    Taken taken) {

  /** The database bears the name of its account, and MySQL takes none that is longer. */
  static final int LONGEST_DATABASE = 32;

  private static final CharMatcher PART =
      CharMatcher.inRange('a', 'z').or(CharMatcher.inRange('0', '9')).or(CharMatcher.is('_'));

  private static final Set<String> TAKEN_TYPES = takenTypes();
  private static final Set<String> REFUSED_FILES = refusedFiles();
  private static final Set<String> SQL_WORDS = Set.copyOf(lines("sql-reserved-words.txt"));

  /**
   * Derives what the brief does not set by hand.
   *
   * @param brief its name must be a valid one
   */
  public static Names of(Brief brief) {
    return of(brief, Taken.NONE);
  }

  /**
   * Derives what the brief does not set by hand.
   *
   * @param brief its name must be a valid one
   * @param taken by framework and languages
   */
  public static Names of(Brief brief, Taken taken) {
    String name = brief.get(Key.NAME).orElse("");
    String group = Domain.read(brief.get(Key.GROUP).orElse(Domain.DEFAULT_GROUP)).group();
    return new Names(
        name,
        brief.get(Key.TITLE).orElse(title(name)),
        group,
        brief.get(Key.PACKAGE).orElse(packageOf(group, name, taken.words())),
        brief.get(Key.ENTRY).orElse(entryClass(name, takenTypes(brief, taken))),
        brief.get(Key.DATABASE).orElse(database(name)),
        entity(brief, taken),
        taken);
  }

  private static String database(String name) {
    String plain = name.replace('-', '_');
    String free = refusedByDatabases(plain) ? "db_" + plain : plain;
    return CharMatcher.is('_')
        .trimTrailingFrom(free.substring(0, Math.min(free.length(), LONGEST_DATABASE)));
  }

  /** Whether a name means something to a database server. */
  static boolean refusedByDatabases(String name) {
    // PostgreSQL keeps all accounts that begin so for itself.
    return SQL_WORDS.contains(name) || name.startsWith("pg_");
  }

  /** Whether every file in Java sees a type of this name, or each test imports one. */
  static boolean hidesAType(String name) {
    return TAKEN_TYPES.contains(name);
  }

  /** The package as directories. */
  public String packagePath() {
    return packageName.replace('.', '/');
  }

  /** Whether a common file system refuses a file of this name, whatever its ending. */
  static boolean refusedByFileSystems(String name) {
    return REFUSED_FILES.contains(name.toLowerCase(Locale.ROOT));
  }

  private static String title(String name) {
    return Arrays.stream(name.split("-", -1))
        .filter(word -> !word.isEmpty())
        .map(Names::capital)
        .collect(Collectors.joining(" "));
  }

  private static String packageOf(String group, String name, Set<String> words) {
    String parts =
        Arrays.stream(group.split("\\.", -1))
            .map(part -> segment(part, words))
            .collect(Collectors.joining("."));
    return parts + "." + segment(name, words);
  }

  private static String segment(String text, Set<String> words) {
    String letters = PART.retainFrom(text.toLowerCase(Locale.ROOT));
    if (letters.isEmpty() || Character.isDigit(letters.charAt(0))) {
      letters = "_" + letters;
    }
    boolean refused =
        SourceVersion.isKeyword(letters)
            || words.contains(letters)
            || refusedByFileSystems(letters);
    return refused ? letters + "_" : letters;
  }

  /**
   * What the entity is called where names have different forms; takes longer than all else here.
   *
   * @throws IllegalStateException where there is none
   */
  public EntityNames entityNames() {
    if (entity.isEmpty()) {
      throw new IllegalStateException("No sample of this edition is about an entity");
    }
    Set<String> words = new HashSet<>(taken.words());
    words.addAll(taken.code().variables());
    return EntityNames.of(entity, words, SQL_WORDS);
  }

  /** The name of the entity, or of the usual one; empty for none. */
  private static String entity(Brief brief, Taken taken) {
    String word = brief.get(Key.ENTITY).orElse(taken.code().usual());
    return word.substring(0, Math.max(0, word.indexOf(':'))).strip();
  }

  /** What the entry class cannot be called. */
  static Set<String> takenTypes(Brief brief, Taken taken) {
    Set<String> types = new HashSet<>(taken.types());
    types.addAll(taken.typesOf(entity(brief, taken)));
    return types;
  }

  private static String entryClass(String name, Set<String> takenTypes) {
    String type =
        Arrays.stream(name.split("-", -1))
            .filter(word -> !word.isEmpty())
            .map(Names::capital)
            .collect(Collectors.joining());
    boolean taken = hidesAType(type) || takenTypes.contains(type);
    // An entity of the same name has a service already.
    return !taken ? type : type + (takenTypes.contains(type + "Service") ? "Server" : "Service");
  }

  private static String capital(String word) {
    return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
  }

  private static Set<String> takenTypes() {
    Set<String> types = new HashSet<>(lines("java-lang-types.txt"));
    // Each test imports the one; what starts a project in Kotlin is given the other.
    types.addAll(List.of("Test", "Array"));
    return Set.copyOf(types);
  }

  private static List<String> lines(String resource) {
    try (InputStream in = Names.class.getResourceAsStream(resource)) {
      if (in == null) {
        throw new IllegalStateException(resource + " is missing from the core jar");
      }
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(line -> !line.startsWith("#"))
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Set<String> refusedFiles() {
    Set<String> names = new HashSet<>(List.of("con", "prn", "aux", "nul"));
    for (int i = 1; i <= 9; i++) {
      names.add("com" + i);
      names.add("lpt" + i);
    }
    return Set.copyOf(names);
  }
}
