package vividtrellis.core.catalog;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.version.Version;

/** The kinds of options of an edition. Each says in one sentence what it is for, with a link. */
public final class Options {

  private Options() {}

  /**
   * What every option tells of itself.
   *
   * @param id the word in a brief
   * @param label the name for people
   * @param summary one sentence
   * @param documentation address of its own documentation
   * @param planned whether it can be checked already, but this version cannot write it yet
   */
  public record About(
      String id, String label, String summary, String documentation, boolean planned) {}

  /** Anything that can be picked and contributes to a project when it is. */
  public sealed interface Option {
    /** What it is. */
    About about();

    /** What it puts into a project, and when. */
    List<Contribution> bindings();

    /** Words by which people look for it, beside its own name. */
    default List<String> search() {
      return List.of();
    }

    /** The word in a brief. */
    default String id() {
      return about().id();
    }
  }

  /**
   * A build system.
   *
   * @param versions newest first; never empty
   */
  public record BuildSystem(About about, List<Version> versions, List<Contribution> bindings)
      implements Option {}

  /**
   * A language. Either its version is a Java level, or it has versions of its own.
   *
   * @param levels newest first; empty for a language with versions of its own
   * @param versions newest first; empty for a language whose version is the level
   * @param reservedWords that no package can be called, beside those of Java
   * @param probes where the audit reads what its versions can do; none where nothing is read
   * @param readings what was read there, by version
   */
  public record Language(
      About about,
      List<Level> levels,
      List<Version> versions,
      Set<String> reservedWords,
      List<Probe> probes,
      Map<Version, Readings> readings,
      List<Contribution> bindings)
      implements Option {
    /** Whether a version of this language is a Java level. */
    public boolean isLevelled() {
      return !levels.isEmpty();
    }

    Language reading(Map<Version, Readings> other) {
      return new Language(about, levels, versions, reservedWords, probes, other, bindings);
    }
  }

  /**
   * A Java level.
   *
   * @param level 17, 21, …
   * @param version the level in the form that ranges compare
   * @param longTerm whether its makers call it a long-term one
   */
  public record Level(int level, Version version, boolean longTerm) {
    /** One of a number. */
    public static Level of(int level, boolean longTerm) {
      return new Level(level, new Version(Integer.toString(level)), longTerm);
    }
  }

  /**
   * A framework.
   *
   * @param lines newest first; empty for one without versions, such as none at all
   * @param takenTypes simple names that no class of a project may have, since the framework uses
   *     them for its own parts
   * @param packages that hold its own code, which no code of a project belongs into
   * @param fills what it has a build replace in texts, such as {@code @word@}, where {@code word}
   *     stands for any
   * @param modules that its projects consist of, each after those that it needs; the last is the
   *     one that is run; none where a project is one whole
   * @param settings how it takes them
   * @param bom {@code group:artifact} of what manages its versions, in every version that it has;
   *     {@code null} for a framework without one
   * @param probes where the audit reads what its versions can do; none where nothing is read
   * @param manages language to the {@code group:artifact} whose managed version is the language's
   * @param stacks the ways in which it can serve, of several the one that wins first
   * @param readings what was read there, by version
   */
  public record Framework(
      About about,
      List<Line> lines,
      Set<String> takenTypes,
      Set<String> packages,
      Set<String> fills,
      List<Module> modules,
      Settings settings,
      List<Stack> stacks,
      @Nullable String bom,
      List<Probe> probes,
      Map<String, String> manages,
      Map<Version, Readings> readings,
      List<Contribution> bindings)
      implements Option {
    /** The line that a version belongs to. */
    public Optional<Line> lineOf(Version version) {
      return lines.stream().filter(line -> line.versions().contains(version)).findFirst();
    }

    Framework reading(Map<Version, Readings> other) {
      return new Framework(
          about,
          lines,
          takenTypes,
          packages,
          fills,
          modules,
          settings,
          stacks,
          bom,
          probes,
          manages,
          other,
          bindings);
    }

    /** The version of a language that a version of this framework comes with, if any was read. */
    public Optional<Version> managed(String language, Version version) {
      return Optional.ofNullable(readings.get(version)).map(read -> read.manages().get(language));
    }
  }

  /**
   * A part of a project with a build file of its own.
   *
   * @param id name of its folder
   * @param needs ids of modules before it that its code uses
   */
  public record Module(String id, List<String> needs) {
    /** Copies its list. */
    public Module {
      needs = List.copyOf(needs);
    }
  }

  /**
   * A way in which an application serves; it results from what lies on its class path.
   *
   * @param id the word in bindings
   * @param label for people, as in "it answers …"
   * @param by {@code group:artifact} of what makes it so, any of them
   * @param with {@code group:artifact} of what has to be there as well, any of them; empty if
   *     nothing has
   */
  public record Stack(String id, String label, List<String> by, List<String> with) {

    /** Whether it results from what lies on a class path, {@code group:artifact} each. */
    public boolean isOf(Set<String> classPath) {
      return by.stream().anyMatch(classPath::contains)
          && (with.isEmpty() || with.stream().anyMatch(classPath::contains));
    }
  }

  /** What is read from a class file of a published artifact. Each gives one Java level. */
  public enum Reads {
    /** The level that the class was compiled for: nothing older loads it. */
    FLOOR,
    /** The highest level whose class files the framework can look at, by the names of constants. */
    READER,
    /** The highest level whose class files its mock library can look at, read the same way. */
    MOCK_READER,
    /** The highest level that a compiler writes class files for, read the same way. */
    TARGET;

    /** The word in catalogs. */
    public String word() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
  }

  /**
   * Where a limit can be read.
   *
   * @param ofJdk whether it is the JDK that has to meet the limit, not the level of the code
   * @param artifact {@code group:artifact}, with {@code :classifier} where it is one of several
   *     files, in the version that the BOM manages, else in that of what is probed
   * @param type the class to look at, with its package
   */
  public record Probe(Reads reads, boolean ofJdk, String artifact, String type) {}

  /**
   * What was read of one version. Written by the audit, never by hand.
   *
   * @param levels by what was read, the Java level
   * @param manages language to the version that the BOM manages
   * @param brings stack to the starters that bring it along
   */
  public record Readings(
      Map<Reads, Integer> levels, Map<String, Version> manages, Map<String, Set<String>> brings) {}

  /** How far a line, or a version, can be relied on. */
  public enum Standing {
    SUPPORTED("in support"),
    PAST("past support"),
    PRE_RELEASE("pre-release");

    private final String words;

    Standing(String words) {
      this.words = words;
    }

    /** For people. */
    public String words() {
      return words;
    }
  }

  /**
   * A line of a framework.
   *
   * @param line as in {@code 4.1}
   * @param until the month in which support ends or ended, as in {@code 2026-12}; {@code null} if
   *     that is open
   * @param estimated whether the standing was computed from dates of release, since no source says
   * @param longTerm whether it is supported for longer than lines that come after it
   * @param source what the standing rests on
   * @param standards by name the level of each that it is written for, such as {@code servlet}
   * @param versions newest first; never empty
   */
  public record Line(
      String line,
      Standing standing,
      @Nullable String until,
      boolean estimated,
      boolean longTerm,
      String source,
      Map<String, Version> standards,
      List<Version> versions) {
    /** The standing of one of its versions. */
    public Standing standing(Version version) {
      return version.isPreRelease() ? Standing.PRE_RELEASE : standing;
    }
  }

  /**
   * Something that is picked by its id alone: packaging, sample depth, layout, extra.
   *
   * @param search words by which people look for it
   * @param standard what runs it has to know this standard, in the level that the framework is
   *     written for; {@code null} for nothing special
   * @param entity what it is about where a brief does not say, in one word; {@code null} for
   *     something that is about nothing
   */
  public record Choice(
      About about,
      List<String> search,
      @Nullable String standard,
      @Nullable String entity,
      List<Contribution> bindings)
      implements Option {}

  /**
   * A capability.
   *
   * @param verb the clause it is in the sentence of a brief ("lives in PostgreSQL")
   * @param category the kind of clause it goes to
   * @param kin the job it does, if others do the same: one can stand in for another
   * @param serves the stack that it is there for, if it is about serving
   * @param search words by which people look for it
   */
  public record Starter(
      About about,
      String verb,
      String category,
      @Nullable String kin,
      @Nullable String serves,
      List<String> search,
      List<Contribution> bindings)
      implements Option {}

  /** A kind of starter, in the order in which the sentence has them. */
  public record Category(String id, String label) {}
}
