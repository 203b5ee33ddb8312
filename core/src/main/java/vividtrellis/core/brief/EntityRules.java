package vividtrellis.core.brief;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.lang.model.SourceVersion;
import vividtrellis.core.entity.EntityClashes;
import vividtrellis.core.entity.EntityReader;
import vividtrellis.core.entity.Field;
import vividtrellis.core.entity.Range;

/** What is wrong with the entity of a brief, against all that the project is called otherwise. */
final class EntityRules implements EntityClashes {

  /** What an entity knows by its simple name, in which a choice is a type of its own. */
  private static final Set<String> BESIDE_CHOICES =
      Set.of("BigDecimal", "Instant", "LocalDate", "UUID", "Uuid", "Companion", "Immutable");

  private final Taken taken;

  private EntityRules(Taken taken) {
    this.taken = taken;
  }

  /** Everything that is wrong, each with the whole entity as it works, where that is known. */
  static List<Complaint> complaints(Brief brief, Taken taken) {
    List<Complaint> complaints = new ArrayList<>();
    String word = brief.get(Key.ENTITY).orElse("");
    if (!word.isEmpty()) {
      EntityReader.Reading read = EntityReader.read(word, new EntityRules(taken));
      for (EntityReader.Fault fault : read.faults()) {
        Map<String, String> args = new HashMap<>();
        fault.args().forEach((name, value) -> args.put(name, Shown.of(value)));
        complaints.add(new Complaint(fault.code(), Key.ENTITY, true, args, read.mended()));
      }
    }
    return complaints;
  }

  @Override
  public boolean refusesEntity(String type) {
    Set<String> made = taken.typesOf(type);
    return Names.refusedByFileSystems(type) || made.stream().anyMatch(this::isTaken);
  }

  @Override
  public boolean refusesField(String field) {
    String column = new Field(field, Field.Type.TEXT, List.of(), Range.ANY, false, false).column();
    return SourceVersion.isKeyword(field)
        || taken.words().contains(field)
        || Names.refusedByDatabases(column);
  }

  @Override
  public boolean refusesChoice(String entity, String type) {
    return type.equals(entity) || Names.hidesAType(type) || BESIDE_CHOICES.contains(type);
  }

  private boolean isTaken(String type) {
    return Names.hidesAType(type) || taken.types().contains(type) || taken.seen().contains(type);
  }
}
