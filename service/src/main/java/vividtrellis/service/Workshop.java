package vividtrellis.service;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.Verdicts;
import vividtrellis.core.pack.Archive;
import vividtrellis.core.pack.Archives;
import vividtrellis.core.plan.ProjectPlanner;
import vividtrellis.core.plan.Surroundings;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.Renderer;

/**
 * The straight line from a brief to an archive, with what varies between machines and days filled
 * in once, here.
 */
public final class Workshop {

  private final Verdicts verdicts;
  private final Surroundings surroundings;
  private final Clock clock;
  private final Instant entryTime;
  private final String version;

  /**
   * Joins the steps.
   *
   * @param entryTime the time of every entry of an archive
   * @param version of this service
   */
  public Workshop(
      Verdicts verdicts,
      Surroundings surroundings,
      Clock clock,
      Instant entryTime,
      String version) {
    this.verdicts = verdicts;
    this.surroundings = surroundings;
    this.clock = clock;
    this.entryTime = entryTime;
    this.version = version;
  }

  /** The edition that is served. */
  public Edition edition() {
    return verdicts.edition();
  }

  /** The version of this service. */
  public String version() {
    return version;
  }

  /** Judges a brief; the year that is filled in is this one. */
  public Verdict check(Brief brief) {
    return verdicts.judge(brief, clock.instant().atZone(ZoneOffset.UTC).getYear());
  }

  /**
   * Writes the files of a brief.
   *
   * @throws BlockedBrief when it does not fit
   */
  public FileSet files(Verdict verdict) {
    return Renderer.render(
        ProjectPlanner.plan(
            verdict.brief(),
            verdict.selection().orElseThrow(() -> new BlockedBrief(verdict)),
            edition(),
            surroundings));
  }

  /**
   * Packs the files of a brief.
   *
   * @throws BlockedBrief when it does not fit
   */
  public Archive archive(Verdict verdict, Archive.Format format) {
    return Archives.pack(files(verdict), format, entryTime);
  }

  /** No project can be made from a brief; the verdict says why. */
  public static final class BlockedBrief extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient Verdict verdict;

    BlockedBrief(Verdict verdict) {
      super("the brief is blocked");
      this.verdict = verdict;
    }

    /** Why. */
    public Verdict verdict() {
      return verdict;
    }
  }
}
