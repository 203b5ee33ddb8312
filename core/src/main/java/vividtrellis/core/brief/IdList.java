package vividtrellis.core.brief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The picks of a brief that are lists of ids. */
public enum IdList {
  STARTERS("starter"),
  EXTRAS("extra");

  private static final Pattern PLACE = Pattern.compile("/([a-z]+)/([0-9]{1,4})");

  private final String word;

  IdList(String word) {
    this.word = word;
  }

  /**
   * Where one pick of a list stands.
   *
   * @param at counted from 0
   */
  public record Place(IdList list, int at) {
    /** Reads a JSON Pointer; empty where it leads into no list. */
    public static Optional<Place> read(String pointer) {
      Matcher form = PLACE.matcher(pointer);
      return form.matches()
          ? Arrays.stream(values())
              .filter(list -> list.key().equals(form.group(1)))
              .findFirst()
              .map(list -> new Place(list, Integer.parseInt(form.group(2))))
          : Optional.empty();
    }

    /** The id that stands there; empty beyond the end. */
    public Optional<String> id(Brief brief) {
      List<String> ids = list.ids(brief);
      return at < ids.size() ? Optional.of(ids.get(at)) : Optional.empty();
    }

    /** As a JSON Pointer into the brief. */
    public String pointer() {
      return list.pointer() + "/" + at;
    }
  }

  /** The list of a word, as in {@code starter:http-api}; empty for any other. */
  public static Optional<IdList> of(String word) {
    return Arrays.stream(values()).filter(list -> list.word.equals(word)).findFirst();
  }

  /** The word for one of it. */
  public String word() {
    return word;
  }

  /** The key in a brief. */
  public String key() {
    return word + "s";
  }

  /** The list as a JSON Pointer into the brief. */
  public String pointer() {
    return "/" + key();
  }

  /** A place in it as a JSON Pointer into the brief. */
  public String pointer(int at) {
    return new Place(this, at).pointer();
  }

  /** Where an id stands in a brief, as a JSON Pointer; the id must be there. */
  public String pointer(Brief brief, String id) {
    return pointer(ids(brief).indexOf(id));
  }

  /** The ids of a brief, in the order given. */
  public List<String> ids(Brief brief) {
    return this == EXTRAS ? brief.extras() : brief.starters();
  }

  /** A copy with other ids. */
  public Brief with(Brief brief, List<String> ids) {
    return this == EXTRAS ? brief.withExtras(ids) : brief.withStarters(ids);
  }

  /** A copy with one more at the end. */
  Brief and(Brief brief, String id) {
    List<String> ids = new ArrayList<>(ids(brief));
    ids.add(id);
    return with(brief, ids);
  }
}
