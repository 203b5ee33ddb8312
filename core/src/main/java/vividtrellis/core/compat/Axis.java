package vividtrellis.core.compat;

import com.google.common.collect.ImmutableMap;
import com.google.common.collect.Maps;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.BuildSystem;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Standing;
import vividtrellis.core.catalog.Settings;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/**
 * A pick that takes exactly one value, in the order in which picks are filled in. The several
 * versions that meet in one project are axes of their own: the language's version, the Java level,
 * the JDK, the framework's version, the build system's.
 */
public enum Axis {
  FRAMEWORK(0, Key.FRAMEWORK),
  LANGUAGE(1, Key.LANGUAGE),
  JVM(2, Key.JVM),
  JDK(3, Key.JDK),
  BUILD(4, Key.BUILD),
  PACKAGING(5, Key.PACKAGING),
  SAMPLE(6, Key.SAMPLE),
  LAYOUT(7, Key.LAYOUT),
  ALONGSIDE(8, Key.ALONGSIDE),
  FORMAT(9, Key.FORMAT),
  THREADS(10, Key.THREADS);

  /** No second language. */
  public static final String NONE = "none";

  /** Every condition of every binding and rule asks for one. */
  private static final ImmutableMap<Variable, Axis> OF_KINDS =
      Maps.immutableEnumMap(Maps.uniqueIndex(List.of(values()), Axis::variable));

  private final int number;
  private final Key key;
  private final Variable variable;

  Axis(int number, Key key) {
    this.number = number;
    this.key = key;
    this.variable = Variable.valueOf(name());
  }

  /** Of its choice in a problem; they count up from 0 in the order above. */
  public int number() {
    return number;
  }

  /** The kind of picks that it is for; each kind but starters and extras has one. */
  public Variable variable() {
    return variable;
  }

  /**
   * That of a kind of which one can be picked.
   *
   * @throws IllegalArgumentException for one of which any number can
   */
  public static Axis of(Variable variable) {
    Axis axis = OF_KINDS.get(variable);
    if (axis == null) {
      throw new IllegalArgumentException(variable.word() + " is no axis");
    }
    return axis;
  }

  /** Whether a completed brief may do without it: no second language, threads of the system. */
  public boolean isOptional() {
    return this == ALONGSIDE || this == THREADS;
  }

  /** The pick in a brief. */
  public Key key() {
    return key;
  }

  /**
   * A value.
   *
   * @param id of the option; a Java level is its own id
   * @param version {@code null} where the option has none of its own
   */
  public record Value(String id, @Nullable Version version) {
    /** As a completed brief has it. */
    public String word() {
      return version == null || version.text().equals(id) ? id : VersionedId.word(id, version);
    }

    /** The version, of a value that is known to have one. */
    public Version required() {
      if (version == null) {
        throw new IllegalStateException(id + " has no version");
      }
      return version;
    }
  }

  /** Its values in an edition, most preferred first. */
  public List<Value> values(Edition edition) {
    return switch (this) {
      case FRAMEWORK -> frameworks(edition);
      case LANGUAGE -> languages(edition.languages());
      case JVM -> levels(edition, Comparator.comparing(Level::level).reversed());
      case JDK -> levels(edition, Comparator.comparing(Level::level));
      case BUILD -> builds(edition.builds());
      case PACKAGING, SAMPLE, LAYOUT -> ids(edition.options(variable()));
      case FORMAT, THREADS ->
          Settings.words(variable()).stream().map(word -> new Value(word, null)).toList();
      case ALONGSIDE -> {
        List<Value> values = new ArrayList<>(List.of(new Value(NONE, null)));
        values.addAll(languages(edition.languages()));
        yield values;
      }
    };
  }

  /** Supported before past support before pre-release; within each, as the catalog has them. */
  private static List<Value> frameworks(Edition edition) {
    List<Value> values = new ArrayList<>();
    for (Framework framework : edition.frameworks()) {
      for (Standing standing : Standing.values()) {
        for (Line line : framework.lines()) {
          for (Version version : line.versions()) {
            if (line.standing(version) == standing) {
              values.add(new Value(framework.id(), version));
            }
          }
        }
      }
      if (framework.lines().isEmpty()) {
        values.add(new Value(framework.id(), null));
      }
    }
    return values;
  }

  private static List<Value> languages(List<Language> languages) {
    List<Value> values = new ArrayList<>();
    for (Language language : languages) {
      if (language.isLevelled()) {
        values.add(new Value(language.id(), null));
      }
      language.versions().forEach(version -> values.add(new Value(language.id(), version)));
    }
    return values;
  }

  private static List<Value> levels(Edition edition, Comparator<Level> order) {
    return edition.levels().stream()
        .sorted(Comparator.comparing(Level::longTerm).reversed().thenComparing(order))
        .map(level -> new Value(level.version().text(), level.version()))
        .toList();
  }

  private static List<Value> builds(List<BuildSystem> builds) {
    List<Value> values = new ArrayList<>();
    for (BuildSystem build : builds) {
      build.versions().forEach(version -> values.add(new Value(build.id(), version)));
    }
    return values;
  }

  private static List<Value> ids(List<? extends Option> options) {
    return options.stream().map(option -> new Value(option.id(), null)).toList();
  }
}
