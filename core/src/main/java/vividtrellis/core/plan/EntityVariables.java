package vividtrellis.core.plan;

import com.google.common.base.Suppliers;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.EntityWord;
import vividtrellis.core.entity.Entity;
import vividtrellis.core.entity.EntityClashes;
import vividtrellis.core.entity.EntityNames;
import vividtrellis.core.entity.EntityReader;
import vividtrellis.core.entity.Field;
import vividtrellis.core.entity.Samples;
import vividtrellis.core.plan.Contributions.Contributed;
import vividtrellis.core.template.Cause;
import vividtrellis.core.template.TemplateContext;

/** The words of a sample's entity, and of each of its fields. */
final class EntityVariables {

  private static final String YES = "yes";

  /** What can be chosen of yes and no. */
  private static final List<String> BOTH = List.of("true", "false");

  /** Longer ones need another type in some databases: a row has only so much room. */
  private static final int SHORT_TEXT = 255;

  private final TemplateContext context;
  private final Contributions picked;
  private final Entity entity;
  private final Cause cause;

  private EntityVariables(TemplateContext context, Contributions picked, Entity entity) {
    this.context = context;
    this.picked = picked;
    this.entity = entity;
    this.cause = Cause.of(Key.ENTITY.pointer(), Key.ENTITY.word() + " " + entity.name());
  }

  /** Those of the entity of a brief, if it has one. */
  static Optional<EntityVariables> of(TemplateContext context, Contributions picked) {
    return picked
        .brief()
        .get(Key.ENTITY)
        .flatMap(word -> Optional.ofNullable(EntityReader.read(word, EntityClashes.NONE).entity()))
        .map(entity -> new EntityVariables(context, picked, entity));
  }

  /** Puts the names of the entity. */
  void names() {
    boolean own =
        picked.edition().samples().stream()
            .noneMatch(
                sample ->
                    picked.brief().get(Key.ENTITY).equals(Optional.ofNullable(sample.entity())));
    context.put(EntityWord.OWN.word(), yes(own), cause);
    EntityNames names = picked.names().entityNames();
    put(EntityWord.TYPE, names.type());
    put(EntityWord.CONSTANT, names.constant());
    put(EntityWord.ONE, names.one());
    put(EntityWord.SEVERAL, names.several());
    put(EntityWord.WORDS, names.words());
    put(EntityWord.MANY_WORDS, names.manyWords());
    put(EntityWord.MANY_TITLE, names.manyCapital());
    put(EntityWord.ARTICLE, names.article());
    put(EntityWord.ARTICLE_CAPITAL, names.article().replace('a', 'A'));
    put(EntityWord.PATH, names.path());
    put(EntityWord.TABLE, names.table());
    put(EntityWord.FOLDER, names.folder());
  }

  private void put(EntityWord word, String value) {
    context.put(word.word(), value, cause);
  }

  /**
   * Puts its fields, once all other words are there.
   *
   * @param contributions what picks say of a field
   */
  void fields(List<Contributed> contributions) {
    Map<String, String> ofBindings = ofBindings(contributions);
    Samples samples = new Samples();
    List<Map<String, ?>> fields = new ArrayList<>();
    List<Field> all = entity.fields();
    all.forEach(field -> fields.add(words(field, samples, ofBindings)));
    context.put(EntityWord.FIELDS.word(), fields);
    context.put(EntityWord.FIRST.word(), fields.subList(0, 1));
    // A text is refused by what is typed; anything else only by not being there.
    int refused =
        Stream.concat(
                all.stream().filter(field -> !field.optional() && field.type() == Field.Type.TEXT),
                all.stream().filter(field -> !field.optional()))
            .findFirst()
            .map(all::indexOf)
            .orElse(-1);
    context.put(
        EntityWord.REFUSED.word(), refused < 0 ? List.of() : fields.subList(refused, refused + 1));
    List<Map<String, ?>> unique = new ArrayList<>();
    all.stream().filter(Field::unique).forEach(field -> unique.add(fields.get(all.indexOf(field))));
    context.put(EntityWord.UNIQUE.word(), unique);
    has(EntityWord.HAS_UNIQUES, all, Field::unique);
    has(EntityWord.HAS_OPTIONAL, all, Field::optional);
    has(
        EntityWord.HAS_OPTIONAL_TEXT,
        all,
        field -> field.optional() && field.type() == Field.Type.TEXT);
    has(EntityWord.HAS_TEXT, all, field -> field.type() == Field.Type.TEXT);
    has(EntityWord.HAS_INTEGER, all, field -> field.type() == Field.Type.INTEGER);
    has(EntityWord.HAS_DECIMAL, all, field -> field.type() == Field.Type.DECIMAL);
    has(EntityWord.HAS_UUID, all, field -> field.type() == Field.Type.UUID);
  }

  private void has(EntityWord word, List<Field> fields, Predicate<Field> what) {
    context.put(word.word(), yes(fields.stream().anyMatch(what)));
  }

  private Map<String, Object> words(Field field, Samples samples, Map<String, String> ofBindings) {
    Map<String, Object> words = new HashMap<>();
    words.put(EntityWord.NAME.word(), marked(field.name()));
    words.put(EntityWord.CAPITAL.word(), marked(field.capital()));
    words.put(EntityWord.COLUMN.word(), marked(field.column()));
    words.put(EntityWord.COLUMN_CONSTANT.word(), marked(field.column().toUpperCase(Locale.ROOT)));
    words.put(EntityWord.LABEL.word(), marked(field.title()));
    words.put(EntityWord.LABEL_WORDS.word(), marked(field.column().replace('_', ' ')));
    boolean isLong = field.type() == Field.Type.TEXT && field.longest() > SHORT_TEXT;
    words.put(EntityWord.LONG.word(), yes(isLong));
    words.put(EntityWord.MAY_BE_MISSING.word(), yes(field.optional()));
    words.put(EntityWord.MUST_BE_THERE.word(), yes(!field.optional()));
    words.put(EntityWord.IS_UNIQUE.word(), yes(field.unique()));
    words.put(EntityWord.LEAST.word(), field.least().map(this::marked).orElse(""));
    words.put(EntityWord.MOST.word(), field.most().map(this::marked).orElse(""));
    words.put(EntityWord.SAMPLE.word(), samples.one(field));
    words.put(EntityWord.OTHER.word(), samples.other(field));
    boolean plain =
        Set.of(Field.Type.INTEGER, Field.Type.DECIMAL, Field.Type.BOOLEAN).contains(field.type());
    words.put(EntityWord.QUOTED.word(), yes(!plain));
    words.put(
        EntityWord.CHOICES.word(),
        (field.type() == Field.Type.BOOLEAN ? BOTH : field.choices())
            .stream()
                .map(word -> Map.of("word", marked(word), "constant", constant(field, word)))
                .toList());
    for (Field.Type type : Field.Type.values()) {
      words.put(type.word(), yes(type == field.type()));
    }
    // Few templates ask for all of them, and one word may be in another.
    Supplier<TemplateContext> beside = Suppliers.memoize(() -> context.with(words));
    ofBindings.forEach(
        (word, template) -> words.put(word, new Late(() -> beside.get().filled(template))));
    return words;
  }

  /** A text that is made when it is first asked for. */
  private static final class Late {
    private final Supplier<String> making;
    private boolean begun;
    private @Nullable String text;

    Late(Supplier<String> making) {
      this.making = making;
    }

    @Override
    public String toString() {
      String made = text;
      if (made == null) {
        if (begun) {
          throw new IllegalStateException("A word of a field is made of itself");
        }
        begun = true;
        made = making.get();
        text = made;
      }
      return made;
    }
  }

  /** As with words of the whole project, who says more of the project counts. */
  private static Map<String, String> ofBindings(List<Contributed> contributions) {
    Map<String, Contributed> best = new LinkedHashMap<>();
    for (Contributed each : contributions) {
      for (String word : each.what().fieldWords().keySet()) {
        best.merge(word, each, (one, other) -> other.named() > one.named() ? other : one);
      }
    }
    return best.entrySet().stream()
        .collect(
            Collectors.toMap(
                Map.Entry::getKey,
                each -> each.getValue().what().fieldWords().get(each.getKey()),
                (one, other) -> one,
                LinkedHashMap::new));
  }

  private static String constant(Field field, String word) {
    return field.type() == Field.Type.BOOLEAN ? word : Field.constant(word);
  }

  private String marked(String value) {
    return context.marked(value, cause);
  }

  private static String yes(boolean is) {
    return is ? YES : "";
  }
}
