package vividtrellis.core.brief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import vividtrellis.core.brief.IdList.Place;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;

/**
 * The small language in which single picks are said.
 *
 * <pre>
 * word = KEY "=" VALUE        a pick of the brief, by its key: framework=frame@4.1
 *      | "+" ID               one starter or extra more
 * pick = KEY ":" VALUE        the same in an address: name:berth-booking, starter:http-api
 * </pre>
 *
 * <p>{@code project.} and {@code settings.} may be left out of a key. An empty value takes the pick
 * back. The variants are one value, in YAML's short form. Examples: {@code name=berth-booking},
 * {@code project.name=berth-booking}, {@code +http-api}, {@code variants={lean: {sample: none}}};
 * {@code pick=extra:container}.
 */
public final class PickWords {

  private static final String VARIANTS = "variants";

  /** What a word may begin with, for who mistypes it. */
  private static final List<String> KNOWN =
      Stream.concat(
              Arrays.stream(Key.values()).map(Key::word), Stream.of(VARIANTS, "starters", "extras"))
          .toList();

  private PickWords() {}

  /**
   * A word that is none, or names no pick.
   *
   * <p>The message says what was given, what was expected and, where one is near, which key was
   * meant.
   */
  public static final class UnknownWord extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final String word;
    private final transient Optional<String> nearest;

    UnknownWord(String word, String message, Optional<String> nearest) {
      super(message);
      this.word = word;
      this.nearest = nearest;
    }

    /** The word as given. */
    public String word() {
      return word;
    }

    /** The key that was most likely meant. */
    public Optional<String> nearest() {
      return nearest;
    }
  }

  /**
   * Changes a brief by a command line word.
   *
   * @param extras the ids that are extras, so that {@code +ID} goes to the right list
   * @throws UnknownWord when the word has no such form or names no pick
   */
  public static Brief applyWord(Brief brief, String word, List<String> extras) {
    if (word.length() > 1 && word.startsWith("+")) {
      String id = word.substring(1);
      boolean extra = extras.contains(id);
      IdList list = extra ? IdList.EXTRAS : IdList.STARTERS;
      List<String> others = list.ids(brief).stream().filter(each -> !each.equals(id)).toList();
      return list.and(list.with(brief, others), id);
    }
    int split = word.indexOf('=');
    if (split < 1) {
      throw new UnknownWord(
          word,
          "'%s' is no pick; expected KEY=VALUE or +STARTER, as in name=berth-booking +http-api."
              .formatted(word),
          Optional.empty());
    }
    return set(brief, word, word.substring(0, split), word.substring(split + 1));
  }

  /**
   * Changes a brief by a {@code pick} of an address.
   *
   * @throws UnknownWord when the pick has no such form or names no pick
   */
  public static Brief applyPick(Brief brief, String pick) {
    int split = pick.indexOf(':');
    if (split < 1) {
      throw new UnknownWord(
          pick,
          "'%s' is no pick; expected KEY:VALUE, as in name:berth-booking.".formatted(pick),
          Optional.empty());
    }
    String key = pick.substring(0, split);
    String value = pick.substring(split + 1);
    Optional<IdList> list = IdList.of(key);
    return list.isPresent() ? list.get().and(brief, value) : set(brief, pick, key, value);
  }

  /**
   * The word by which a pick is said on a command line; for a pointer that leads to no pick of the
   * brief, the pointer itself.
   *
   * @param pointer JSON Pointer into the brief
   */
  public static String word(Brief brief, String pointer) {
    for (Key key : Key.values()) {
      if (key.pointer().equals(pointer)) {
        return brief.get(key).map(value -> key.word() + "=" + value).orElse(pointer);
      }
    }
    return Place.read(pointer)
        .flatMap(place -> place.id(brief))
        .map(id -> "+" + id)
        .orElse(pointer);
  }

  /**
   * All picks of a brief as command line words; they make the same brief again, without variants.
   */
  public static List<String> words(Brief brief) {
    List<String> words = new ArrayList<>();
    brief.texts().forEach((key, value) -> words.add(key.word() + "=" + value));
    brief.starters().forEach(id -> words.add("+" + id));
    brief.extras().forEach(id -> words.add("+" + id));
    return words;
  }

  /**
   * All picks of a brief as an address says them; they make the same brief again, without variants.
   */
  public static List<String> picks(Brief brief) {
    List<String> picks = new ArrayList<>();
    brief.texts().forEach((key, value) -> picks.add(key.word() + ":" + value));
    brief.starters().forEach(id -> picks.add("starter:" + id));
    brief.extras().forEach(id -> picks.add("extra:" + id));
    return picks;
  }

  /** Whether a command line word says the variants of a brief. */
  public static boolean saysVariants(String word) {
    return word.startsWith(VARIANTS + "=");
  }

  private static Brief set(Brief brief, String word, String name, String value) {
    if (name.equals(VARIANTS)) {
      return brief.withVariants(variants(word, value));
    }
    if (name.equals("starters") || name.equals("extras")) {
      List<String> list =
          Arrays.stream(value.split(",", -1)).map(String::strip).filter(s -> !s.isEmpty()).toList();
      return name.equals("extras") ? brief.withExtras(list) : brief.withStarters(list);
    }
    Key key =
        Key.of(name)
            .orElseThrow(
                () -> {
                  Optional<String> nearest = Nearest.of(name, KNOWN);
                  return new UnknownWord(
                      word,
                      "There is no pick '%s'%s."
                          .formatted(
                              name, nearest.map(n -> "; the nearest is '" + n + "'").orElse("")),
                      nearest);
                });
    if (value.isEmpty()) {
      Map<Key, String> left = new EnumMap<>(Key.class);
      left.putAll(brief.texts());
      left.remove(key);
      return new Brief(left, brief.starters(), brief.extras(), brief.variants());
    }
    return brief.with(key, value);
  }

  private static Node.Fields variants(String word, String value) {
    if (value.isEmpty()) {
      return Node.fields();
    }
    if (Documents.read(value, Notation.YAML) instanceof Node.Fields variants) {
      return variants;
    }
    throw new UnknownWord(
        word,
        "The variants in '%s' are no mapping; expected something like variants={lean: {sample: none}}."
            .formatted(Shown.of(word)),
        Optional.empty());
  }
}
