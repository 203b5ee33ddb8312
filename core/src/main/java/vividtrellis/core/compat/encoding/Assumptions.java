package vividtrellis.core.compat.encoding;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.IdList;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.Nearest;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Axis.Value;
import vividtrellis.core.compat.Verdict.Severity;
import vividtrellis.core.compat.finding.Change;
import vividtrellis.core.compat.finding.PendingFinding;
import vividtrellis.core.compat.finding.Sentences;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/**
 * What the picks of a brief fix, and what they name that the edition does not have. An unknown pick
 * leaves its axis as open as no pick, so that everything else is still judged.
 */
public final class Assumptions {

  /**
   * A pick that names nothing of the edition.
   *
   * @param pointer where it stands
   * @param sentence code of the sentence, with {@code args}
   * @param change the pick that was most likely meant, or its removal
   */
  public record Unknown(
      String pointer, String sentence, Map<String, String> args, List<Change> change) {
    public PendingFinding finding() {
      return PendingFinding.plain(Severity.BLOCKER, sentence, List.of(pointer), args, change);
    }
  }

  private final CompiledEdition compiled;
  private final Edition edition;
  private final Brief brief;
  private final List<Assumption> assumptions = new ArrayList<>();
  private final List<Unknown> unknown = new ArrayList<>();

  public Assumptions(Brief brief, CompiledEdition compiled) {
    this.compiled = compiled;
    this.edition = compiled.edition();
    this.brief = brief;
    for (Axis axis : Axis.values()) {
      brief.get(axis.key()).ifPresent(pick -> pick(axis, pick));
    }
    listed(IdList.STARTERS, edition.starters());
    listed(IdList.EXTRAS, edition.extras());
    brief
        .get(Key.EDITION)
        .filter(id -> !isServed(id))
        .ifPresent(
            id ->
                unknown.add(
                    new Unknown(
                        Key.EDITION.pointer(),
                        id.startsWith(edition.id() + "+") ? "unknown-reach" : "unknown-edition",
                        Map.of("value", id, "known", String.join(", ", known())),
                        List.of(
                            new Change.Set(Key.EDITION, edition.id()),
                            new Change.Remove(Key.EDITION)))));
  }

  /** The editions that can be pinned; of this one, also with the reach that is known here. */
  private List<String> known() {
    List<String> known = new ArrayList<>(compiled.editions());
    if (!edition.reach().id().isEmpty()) {
      known.add(edition.id() + "+" + edition.reach().id());
    }
    return known;
  }

  /**
   * Whether a pin of an edition can be met. It may name the reach that it was made with, which
   * makes no difference where nothing is left to be filled in.
   */
  private boolean isServed(String id) {
    return id.equals(edition.id())
        || id.equals(edition.id() + "+" + edition.reach().id())
        || (id.startsWith(edition.id() + "+") && isWhole());
  }

  /** Whether every choice is made: each axis that all completed briefs have is left one value. */
  private boolean isWhole() {
    @Nullable BitSet[] left = Assumption.left(assumptions);
    for (Axis axis : Axis.values()) {
      BitSet values = left[axis.number()];
      if (!axis.isOptional() && (values == null || values.cardinality() != 1)) {
        return false;
      }
    }
    return true;
  }

  public List<Assumption> all() {
    return List.copyOf(assumptions);
  }

  public List<Unknown> unknown() {
    return List.copyOf(unknown);
  }

  /** The starters of the edition that are picked, in the order given. */
  public Set<String> starters() {
    return known(IdList.STARTERS);
  }

  /** The extras of the edition that are picked, in the order given. */
  public Set<String> extras() {
    return known(IdList.EXTRAS);
  }

  private Set<String> known(IdList list) {
    return list.ids(brief).stream()
        .filter(id -> compiled.switchOf(list.word(), id).isPresent())
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  /** Every word that can be picked is known beforehand; any other names nothing. */
  private void pick(Axis axis, String pick) {
    Optional<Map<Axis, BitSet>> meaning = compiled.meaning(axis, pick);
    if (meaning.isPresent()) {
      assumptions.add(new Assumption(axis.key().pointer(), meaning.get(), -1));
    } else if (axis == Axis.JVM || axis == Axis.JDK) {
      unknownLevel(axis, pick);
    } else if (axis.variable().isOfWords()) {
      unknownWord(axis, pick);
    } else if (!isUnknown(axis, VersionedId.read(pick).id(), compiled.options(axis))) {
      unknownVersion(axis, VersionedId.read(pick).id(), pick);
    }
  }

  private String line(Value value) {
    return compiled.line(value).map(line -> line.line()).orElseGet(() -> value.required().line());
  }

  private List<String> lines(Axis axis, String id) {
    return compiled.values(axis).stream()
        .filter(value -> value.id().equals(id) && value.version() != null)
        .map(this::line)
        .distinct()
        .toList();
  }

  private boolean isUnknown(Axis axis, String id, List<? extends Option> options) {
    if (Edition.find(options, id).isPresent()) {
      return false;
    }
    unknownId(
        axis.key().pointer(),
        axis.key().word(),
        id,
        options,
        meant -> new Change.Set(axis.key(), meant),
        new Change.Remove(axis.key()));
    return true;
  }

  private List<String> ids(Axis axis) {
    return compiled.values(axis).stream().map(Value::id).toList();
  }

  private void unknownLevel(Axis axis, String pick) {
    String nearest = nearestVersion(pick, ids(axis));
    unknown.add(
        new Unknown(
            axis.key().pointer(),
            "unknown-version",
            Map.of(
                "label",
                axis == Axis.JVM ? "Java" : "JDK",
                "version",
                pick,
                "known",
                String.join(", ", ids(axis))),
            List.of(new Change.Set(axis.key(), nearest), new Change.Remove(axis.key()))));
  }

  private void unknownWord(Axis axis, String pick) {
    List<String> known = ids(axis);
    String nearest = Nearest.of(pick, known).orElse(known.get(0));
    unknown.add(
        new Unknown(
            axis.key().pointer(),
            axis.key().word() + "-unknown",
            Map.of("value", pick, "known", String.join(" or ", known)),
            List.of(new Change.Set(axis.key(), nearest), new Change.Remove(axis.key()))));
  }

  private void listed(IdList list, List<? extends Option> options) {
    List<String> given = list.ids(brief);
    Map<String, Integer> first = new LinkedHashMap<>();
    for (int i = 0; i < given.size(); i++) {
      String id = given.get(i);
      if (first.putIfAbsent(id, i) != null) {
        continue;
      }
      Optional<Integer> which = compiled.switchOf(list.word(), id);
      if (which.isPresent()) {
        assumptions.add(new Assumption(list.pointer(i), Map.of(), which.get()));
      } else {
        unknownId(
            list.pointer(i),
            list.word(),
            id,
            options,
            meant -> Change.swap(list, id, meant),
            Change.drop(list, id));
      }
    }
  }

  private interface Meant {
    Change as(String id);
  }

  private void unknownId(
      String pointer,
      String kind,
      String id,
      List<? extends Option> options,
      Meant meant,
      Change drop) {
    String retired = edition.retired().get(id);
    if (retired != null) {
      boolean named = Edition.find(options, VersionedId.read(retired).id()).isPresent();
      unknown.add(
          new Unknown(
              pointer,
              named ? "retired-id" : "retired-id-gone",
              Map.of("kind", kind, "value", id, "known", retired),
              named ? List.of(meant.as(retired), drop) : List.of(drop)));
      return;
    }
    String nearest = Nearest.of(id, options.stream().map(Option::id).toList()).orElse(null);
    unknown.add(
        new Unknown(
            pointer,
            "unknown-id",
            Map.of(
                "kind", kind,
                "value", id,
                "nearest",
                    nearest == null ? "" : Sentences.say("and-nearest", Map.of("value", nearest))),
            nearest == null ? List.of(drop) : List.of(meant.as(nearest), drop)));
  }

  private void unknownVersion(Axis axis, String id, String pick) {
    boolean levelled =
        Edition.find(edition.languages(), id).filter(Language::isLevelled).isPresent();
    List<String> known = levelled && axis == Axis.LANGUAGE ? ids(Axis.JVM) : lines(axis, id);
    String label =
        edition
            .options()
            .filter(option -> option.id().equals(id))
            .map(option -> option.about().label())
            .findFirst()
            .orElse(id);
    List<Change> changes = new ArrayList<>();
    if (known.isEmpty()) {
      changes.add(new Change.Set(axis.key(), id));
    } else {
      String nearest = nearestVersion(VersionedId.read(pick).version(), known);
      changes.add(new Change.Set(axis.key(), VersionedId.word(id, nearest)));
    }
    changes.add(new Change.Remove(axis.key()));
    unknown.add(
        new Unknown(
            axis.key().pointer(),
            known.isEmpty() ? "no-versions" : "unknown-version",
            Map.of(
                "label", label,
                "version", VersionedId.read(pick).version(),
                "known", String.join(", ", known)),
            changes));
  }

  /** The known version that is not lower than the one asked for, else the highest there is. */
  private static String nearestVersion(String version, List<String> known) {
    List<Version> sorted = known.stream().map(Version::new).sorted().toList();
    Optional<Version> asked =
        Version.isVersion(version)
            ? Optional.of(new Version(new Version(version).line()))
            : Optional.empty();
    return asked
        .flatMap(least -> sorted.stream().filter(each -> each.compareTo(least) >= 0).findFirst())
        .orElse(sorted.get(sorted.size() - 1))
        .text();
  }
}
