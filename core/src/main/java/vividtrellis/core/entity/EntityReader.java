package vividtrellis.core.entity;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Reads what a walk through is about, and says everything that is wrong with it together. */
public final class EntityReader {

  /** More would be a data model, which this is not. */
  public static final int MOST_FIELDS = 20;

  /** The longest that a whole entity is read. */
  public static final int LONGEST_WORD = 4000;

  /** The longest text that can be unique: databases bound what an index holds. */
  private static final int LONGEST_UNIQUE = 255;

  private static final int LONGEST_FORM = 400;
  private static final int MOST_CHOICES = 20;
  private static final Pattern CHOICE =
      Pattern.compile("[a-z][a-z0-9]{0,29}(-[a-z0-9]{1,29}){0,5}");
  private static final Pattern FORM =
      Pattern.compile(
          "(?<type>[A-Za-z][A-Za-z0-9|-]*?)\\s*(?<range>%s)?\\s*(?<optional>\\?)?(?<unique>\\s+unique)?"
              .formatted(Range.FORM));

  /** What languages and databases call a type, to what it is called here. */
  private static final Map<String, String> MEANT =
      Map.ofEntries(
          Map.entry("string", "text"),
          Map.entry("varchar", "text"),
          Map.entry("int", "integer"),
          Map.entry("long", "integer"),
          Map.entry("number", "decimal"),
          Map.entry("double", "decimal"),
          Map.entry("float", "decimal"),
          Map.entry("bool", "boolean"),
          Map.entry("localdate", "date"),
          Map.entry("day", "date"),
          Map.entry("datetime", "instant"),
          Map.entry("timestamp", "instant"),
          Map.entry("time", "instant"));

  /**
   * One thing that is wrong.
   *
   * @param code stable; the sentence for it stands in the catalogue of texts
   * @param args what the sentence mentions
   */
  public record Fault(String code, Map<String, String> args) {}

  /**
   * What was read.
   *
   * @param entity {@code null} where something is wrong
   * @param faults none where nothing is
   * @param mended the word of an entity that is near and without fault; {@code null} where none is
   *     known, or nothing is wrong
   */
  public record Reading(@Nullable Entity entity, List<Fault> faults, @Nullable String mended) {}

  private final EntityClashes clashes;
  private final List<Fault> faults = new ArrayList<>();

  /** What was read, with what is wrong in the other form that works; empty once there is none. */
  private final Map<String, String> mended = new LinkedHashMap<>();

  private boolean isMended = true;

  private EntityReader(EntityClashes clashes) {
    this.clashes = clashes;
  }

  /**
   * Reads the one word of a command line: {@code Berth: label text..80 unique, length decimal?}.
   */
  public static Reading read(String word, EntityClashes clashes) {
    EntityReader reader = new EntityReader(clashes);
    int colon = word.indexOf(':');
    if (word.length() > LONGEST_WORD) {
      reader.fault("entity-too-long", Map.of("most", LONGEST_WORD + ""));
      reader.isMended = false;
    } else if (colon < 0) {
      reader.fault("entity-form", Map.of("value", word));
      String name = EntityNaming.working(word, clashes);
      return new Reading(null, reader.faults, name == null ? null : name + ": name text..200");
    } else {
      return reader.read(word.substring(0, colon).strip(), reader.fields(word, colon));
    }
    return new Reading(null, reader.faults, null);
  }

  private Map<String, String> fields(String word, int colon) {
    Map<String, String> holds = new LinkedHashMap<>();
    if (word.substring(colon + 1).isBlank()) {
      return holds;
    }
    for (String each : word.substring(colon + 1).split(",", -1)) {
      String field = each.strip();
      int end = field.indexOf(' ');
      String name = end < 0 ? field : field.substring(0, end);
      if (holds.put(name, end < 0 ? "" : field.substring(end).strip()) != null) {
        fault("field-twice", Map.of("field", name));
        isMended = false;
      }
    }
    return holds;
  }

  private Reading read(String name, Map<String, String> holds) {
    String type = name;
    String naming = EntityNaming.fault(name, clashes);
    if (naming != null) {
      fault(naming, Map.of("value", name));
      type = EntityNaming.working(name, clashes);
    }
    if (holds.isEmpty() || holds.size() > MOST_FIELDS) {
      fault("entity-fields", Map.of("most", MOST_FIELDS + "", "count", holds.size() + ""));
      isMended = false;
    }
    List<Field> fields = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    String entity = type == null ? "Thing" : type;
    holds.forEach((field, form) -> field(entity, field, form, seen, fields));
    if (faults.isEmpty()) {
      return new Reading(new Entity(name, fields), List.of(), null);
    }
    boolean known = type != null && isMended && mended.size() == holds.size();
    return new Reading(null, List.copyOf(faults), known ? Entity.word(entity, mended) : null);
  }

  private void field(
      String entity, String name, String text, Set<String> seen, List<Field> fields) {
    String better = name;
    String naming = EntityNaming.fieldFault(name, clashes);
    if (naming != null) {
      fault(naming, Map.of("field", name));
      better = EntityNaming.workingField(entity, name, clashes);
    }
    if (!seen.add(name.toLowerCase(Locale.ROOT))) {
      fault("field-twice", Map.of("field", name));
      isMended = false;
    }
    String form = form(entity, name, text, fields);
    if (better == null || form == null) {
      isMended = false;
    } else {
      mended.put(better, form);
    }
  }

  /** Reads what stands behind the name, and gives it back, or what works instead. */
  private @Nullable String form(String entity, String name, String text, List<Field> fields) {
    Matcher form = FORM.matcher(text);
    if (text.length() > LONGEST_FORM || !form.matches()) {
      fault("field-form", Map.of("field", name, "value", text));
      return "text..200";
    }
    String said = form.group("type");
    List<String> choices = said.contains("|") ? List.of(said.split("\\|", -1)) : List.of();
    Field.Type type = choices.isEmpty() ? type(name, said) : Field.Type.CHOICE;
    if (type == null) {
      return MEANT.get(said.toLowerCase(Locale.ROOT));
    }
    Range range = form.group("range") == null ? Range.ANY : Range.read(form.group("range"));
    boolean optional = form.group("optional") != null;
    boolean unique = form.group("unique") != null;
    Field field = new Field(name, type, choices, range, optional, unique);
    fields.add(field);
    if (type == Field.Type.CHOICE && !choices(entity, field)) {
      return null;
    }
    String rangeFault = rangeFault(type, range);
    if (rangeFault != null) {
      fault(rangeFault, Map.of("field", name, "range", range.toString(), "type", said));
      return new Field(name, type, choices, Range.ANY, optional, false).form();
    }
    if (unique && (type == Field.Type.BOOLEAN || type == Field.Type.CHOICE)) {
      fault("field-unique", Map.of("field", name, "type", said));
      return new Field(name, type, choices, range, optional, false).form();
    }
    if (unique && type == Field.Type.TEXT && field.longest() > LONGEST_UNIQUE) {
      fault("field-unique-long", Map.of("field", name, "most", LONGEST_UNIQUE + ""));
      Range shorter = Range.read(".." + LONGEST_UNIQUE);
      return new Field(name, type, choices, shorter, optional, true).form();
    }
    return text;
  }

  private Field.@Nullable Type type(String name, String said) {
    List<Field.Type> plain =
        Stream.of(Field.Type.values()).filter(type -> type != Field.Type.CHOICE).toList();
    for (Field.Type type : plain) {
      if (type.word().equals(said)) {
        return type;
      }
    }
    String known = plain.stream().map(Field.Type::word).collect(Collectors.joining(", "));
    fault("field-type", Map.of("field", name, "value", said, "known", known));
    return null;
  }

  private boolean choices(String entity, Field field) {
    List<String> choices = field.choices();
    boolean formed = choices.stream().allMatch(word -> CHOICE.matcher(word).matches());
    boolean apart = Set.copyOf(choices).size() == choices.size();
    if (!formed || !apart || choices.size() > MOST_CHOICES) {
      fault(
          "field-choices",
          Map.of(
              "field", field.name(),
              "value", String.join("|", choices),
              "most", MOST_CHOICES + ""));
      return false;
    }
    if (clashes.refusesChoice(entity, field.capital())) {
      fault("field-choice-type", Map.of("field", field.name(), "value", field.capital()));
      return false;
    }
    return true;
  }

  private static @Nullable String rangeFault(Field.Type type, Range range) {
    if (range.equals(Range.ANY)) {
      return null;
    }
    if (!type.hasRange()) {
      return "field-range-of-type";
    }
    if (range.isEmpty()) {
      return "field-range-empty";
    }
    if (type != Field.Type.DECIMAL && !range.isWhole()) {
      return "field-range-whole";
    }
    return type == Field.Type.TEXT && !range.isWithin(Field.LONGEST_TEXT)
        ? "field-range-length"
        : null;
  }

  private void fault(String code, Map<String, String> args) {
    faults.add(new Fault(code, args));
  }
}
