package vividtrellis.core.catalog;

import java.util.List;
import java.util.Set;
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
   */
  public record About(String id, String label, String summary, String documentation) {}

  /** Anything that can be picked and contributes to a project when it is. */
  public sealed interface Option {
    /** What it is. */
    About about();

    /** What it puts into a project, and when. */
    List<Contribution> bindings();

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
   * A language whose version is a Java level.
   *
   * @param levels newest first; never empty
   */
  public record Language(About about, List<Level> levels, List<Contribution> bindings)
      implements Option {}

  /**
   * A Java level.
   *
   * @param level 17, 21, …
   * @param longTerm whether its makers call it a long-term one
   */
  public record Level(int level, boolean longTerm) {
    /** The level in the form that ranges compare. */
    public Version version() {
      return new Version(Integer.toString(level));
    }
  }

  /**
   * A framework.
   *
   * @param lines newest first; never empty
   * @param takenTypes simple names that no class of a project may have, since the framework uses
   *     them for its own parts
   */
  public record Framework(
      About about, List<Line> lines, Set<String> takenTypes, List<Contribution> bindings)
      implements Option {}

  /**
   * A line of a framework.
   *
   * @param line as in {@code 4.1}
   * @param standing stable or pre-release
   * @param versions newest first; never empty
   */
  public record Line(String line, String standing, List<Version> versions) {}

  /** Something that is picked by its id alone: packaging, sample depth, layout, extra. */
  public record Choice(About about, List<Contribution> bindings) implements Option {}

  /**
   * A capability.
   *
   * @param verb the clause it is in the sentence of a brief ("lives in PostgreSQL")
   * @param category the kind of clause it goes to
   * @param search words by which people look for it
   */
  public record Starter(
      About about, String verb, String category, List<String> search, List<Contribution> bindings)
      implements Option {}

  /** A kind of starter, in the order in which the sentence has them. */
  public record Category(String id, String label) {}
}
