package vividtrellis.core.catalog;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The words that templates of a sample can hold about its entity. Those {@linkplain #isOfField() of
 * its fields} stand in {@code {{#fields}}}, beside those that bindings give under {@code
 * field-words}.
 */
public enum EntityWord {
  TYPE("Entity", "the class of what the sample is about"),
  CONSTANT("ENTITY", "the same as a constant"),
  ONE("entity", "a variable that holds one"),
  SEVERAL("entities", "a variable that holds more of them"),
  WORDS("entityWords", "it in a sentence"),
  MANY_WORDS("entitiesWords", "more of them in a sentence"),
  MANY_TITLE("entitiesTitle", "the same with a capital"),
  ARTICLE("an", "a or an, before it"),
  ARTICLE_CAPITAL("An", "A or An, before it"),
  PATH("entityPath", "in addresses and names of files"),
  TABLE("entityTable", "its table"),
  FOLDER("entityFolder", "its package, where features have their own"),
  OWN("ownEntity", "yes where it is another one than the sample is about by itself"),
  FIELDS("fields", "what it holds, a list"),
  FIRST("first", "a list of the first field alone"),
  REFUSED(
      "refused", "a list of the field that tests leave out, of those that must be there; or empty"),
  UNIQUE("uniques", "a list of the fields of which no two may have the same"),
  HAS_UNIQUES("hasUniques", "yes where there is one"),
  HAS_OPTIONAL("hasOptional", "yes where a field may be missing"),
  HAS_OPTIONAL_TEXT("hasOptionalText", "yes where a text may be missing"),
  HAS_TEXT("hasText", "yes where there is a text"),
  HAS_INTEGER("hasInteger", "yes where there is a whole number"),
  HAS_DECIMAL("hasDecimal", "yes where there is a number with decimals"),
  HAS_UUID("hasUuid", "yes where there is a UUID"),
  NAME("name", true, "the field as a variable"),
  CAPITAL("Name", true, "the same as a part of a name"),
  COLUMN("column", true, "the same in a database"),
  COLUMN_CONSTANT("COLUMN", true, "the same as a constant"),
  LABEL("fieldTitle", true, "the same for people"),
  LABEL_WORDS("fieldWords", true, "the same in a sentence"),
  MAY_BE_MISSING("optional", true, "yes where it may be missing"),
  MUST_BE_THERE("required", true, "yes where it may not"),
  IS_UNIQUE("unique", true, "yes where no two may have the same"),
  LEAST("least", true, "the least length or value; empty for none"),
  MOST("most", true, "the greatest; of a text always there"),
  LONG("long", true, "yes for a text of more than 255 signs"),
  SAMPLE("value", true, "one that tests and the readme use"),
  OTHER("otherValue", true, "another one"),
  QUOTED("quoted", true, "yes where that stands in quotes in JSON"),
  CHOICES("choices", true, "the words of a choice, a list of word and constant"),
  TEXT("text", true, "yes for a text"),
  INTEGER("integer", true, "yes for a whole number"),
  DECIMAL("decimal", true, "yes for a number with decimals"),
  BOOLEAN("boolean", true, "yes for yes or no"),
  DATE("date", true, "yes for a day"),
  INSTANT("instant", true, "yes for a point in time"),
  UUID("uuid", true, "yes for a UUID"),
  CHOICE("choice", true, "yes for a choice of words");

  private final String word;
  private final boolean ofField;
  private final String meaning;

  EntityWord(String word, String meaning) {
    this(word, false, meaning);
  }

  EntityWord(String word, boolean ofField, String meaning) {
    this.word = word;
    this.ofField = ofField;
    this.meaning = meaning;
  }

  /** As it stands between braces. */
  public String word() {
    return word;
  }

  /** Whether it is one of each field. */
  public boolean isOfField() {
    return ofField;
  }

  /** What it stands for. */
  public String meaning() {
    return meaning;
  }

  static Set<String> words() {
    return Arrays.stream(values()).map(EntityWord::word).collect(Collectors.toUnmodifiableSet());
  }

  /** Of the entries of {@link #CHOICES}. */
  static Set<String> ofChoices() {
    return Set.of("word", "constant");
  }
}
