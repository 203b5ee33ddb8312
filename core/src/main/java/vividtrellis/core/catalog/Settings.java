package vividtrellis.core.catalog;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How a framework takes its settings. Bindings give them by profile; where a profile's lie, and how
 * they are written there, is the framework's own.
 *
 * @param formats that it reads, of {@link #FORMATS}; the first is filled in; none for a framework
 *     without settings
 * @param profiles in the order in which they are told of; none for a framework without settings
 * @param dotted how a part of a key that has dots of its own is written, with {@code part} in its
 *     place
 * @param environment how a value names a variable of the environment, with {@code NAME} in its
 *     place; empty where none does
 */
public record Settings(
    List<String> formats, List<Profile> profiles, String dotted, String environment) {

  /** What settings can be written as. */
  public static final List<String> FORMATS = List.of("yaml", "properties");

  /** A thread of the virtual machine's own for each request, which costs little while it waits. */
  public static final String VIRTUAL = "virtual";

  /** What requests can be served by; the first is filled in where nothing speaks against it. */
  public static final List<String> THREADS = List.of(VIRTUAL, "platform");

  /** Of what has none. */
  public static final Settings NONE = new Settings(List.of(), List.of(), "part", "");

  /** What stands for a part of a key. */
  static final String PART = "part";

  /** What stands for a variable. */
  static final String NAME = "NAME";

  private static final Pattern VARIABLE = Pattern.compile("[A-Z][A-Z0-9_]*");

  /**
   * When some settings hold.
   *
   * @param id the word for it in bindings
   * @param path template of the file they lie in, which several profiles may share
   * @param prefix what their keys begin with there; empty for nothing
   * @param purpose what the file is for; of several profiles in one file the first says it
   * @param away whether they hold away from one's own machine, where the environment fills them in
   */
  public record Profile(String id, String path, String prefix, String purpose, boolean away) {}

  /**
   * The words of a kind of picks that has the same in all editions.
   *
   * @throws IllegalArgumentException for any other kind
   */
  public static List<String> words(Term.Variable kind) {
    return switch (kind) {
      case FORMAT -> FORMATS;
      case THREADS -> THREADS;
      default -> throw new IllegalArgumentException(kind.word() + " has no words of its own");
    };
  }

  /** Copies its lists. */
  public Settings {
    formats = List.copyOf(formats);
    profiles = List.copyOf(profiles);
  }

  static Settings read(Section framework) {
    List<Profile> profiles =
        framework.sections(
            "profiles",
            each ->
                new Profile(
                    each.text("id"),
                    each.text("path"),
                    Optional.ofNullable(each.optional("prefix")).orElse(""),
                    each.text("purpose"),
                    "yes".equals(each.optional("away"))));
    List<String> formats = framework.parsed("formats", Settings::format);
    if (formats.isEmpty() && !profiles.isEmpty()) {
      formats = FORMATS;
    }
    String dotted = Optional.ofNullable(framework.optional("dotted-key")).orElse(PART);
    String environment = Optional.ofNullable(framework.optional("environment")).orElse("");
    if (!dotted.contains(PART)) {
      framework.fault(framework.at("dotted-key"), "'dotted-key' holds 'part', as in \"part\"");
    }
    if (!environment.isEmpty() && !environment.contains(NAME)) {
      framework.fault(framework.at("environment"), "'environment' holds 'NAME', as in ${NAME}");
    }
    return new Settings(formats, profiles, dotted, environment);
  }

  private static String format(String word) {
    if (!FORMATS.contains(word)) {
      throw new IllegalArgumentException(
          "settings cannot be written as '" + word + "'; expected one of " + FORMATS);
    }
    return word;
  }

  /** A part of a key as it is written. */
  public String written(String part) {
    return part.contains(".") ? dotted.replace(PART, part) : part;
  }

  /** The variables of the environment that a value reads, in its order. */
  public List<String> variables(String value) {
    int name = environment.indexOf(NAME);
    List<String> found = new ArrayList<>();
    if (name > 0) {
      String before = environment.substring(0, name);
      String after = environment.substring(name + NAME.length());
      Matcher variable = VARIABLE.matcher(value);
      int at = value.indexOf(before);
      while (at >= 0) {
        variable.region(at + before.length(), value.length());
        if (variable.lookingAt() && value.startsWith(after, variable.end())) {
          found.add(variable.group());
        }
        at = value.indexOf(before, at + 1);
      }
    }
    return found;
  }
}
