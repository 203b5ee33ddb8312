package vividtrellis.service;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.Lattice;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.judging.Editions;
import vividtrellis.core.compat.judging.Verdicts;
import vividtrellis.core.pack.Archive;
import vividtrellis.core.pack.Archives;
import vividtrellis.core.pack.Receipt;
import vividtrellis.core.plan.GenerationInputs;
import vividtrellis.core.plan.ProjectPlanner;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.Renderer;

/**
 * The straight line from a brief to an archive, with what varies between machines and days filled
 * in once, here.
 */
public final class ProjectService {

  private final Supplier<Editions> editions;
  private final GenerationInputs inputs;
  private final Clock clock;
  private final Instant entryTime;
  private final String version;

  /**
   * Joins the steps.
   *
   * @param editions gives those that are served now
   * @param entryTime the time of every entry of an archive
   * @param version of this service
   */
  public ProjectService(
      Supplier<Editions> editions,
      GenerationInputs inputs,
      Clock clock,
      Instant entryTime,
      String version) {
    this.editions = editions;
    this.inputs = inputs;
    this.clock = clock;
    this.entryTime = entryTime;
    this.version = version;
  }

  /** The editions that are served now; the same object as long as nothing changed. */
  public Editions served() {
    return editions.get();
  }

  /** The current edition. */
  public Edition edition() {
    return served().current().edition();
  }

  /** An edition by its id; empty if it is not served. */
  public Optional<Edition> edition(String id) {
    return served().of(id).map(Verdicts::edition);
  }

  /** Ids of all editions that a brief can pin. */
  public List<String> editions() {
    return served().ids();
  }

  /** The version of this service. */
  public String version() {
    return version;
  }

  /** Judges a brief; the year that is filled in is this one. */
  public Verdict check(Brief brief) {
    return served().of(brief).judge(brief, year());
  }

  /** The same without offers, for who wants the project only. */
  public Verdict settle(Brief brief) {
    return served().of(brief).settle(brief, year());
  }

  /** The year that is filled in now. */
  int year() {
    return clock.instant().atZone(ZoneOffset.UTC).getYear();
  }

  /** The grid of framework lines by Java levels that a brief leaves. */
  public Lattice lattice(Brief brief) {
    return served().of(brief).lattice(brief);
  }

  /**
   * Writes the files of a brief, the receipt among them.
   *
   * @throws BlockedBrief when it does not fit, or when this version cannot write all of it
   */
  public FileSet files(Verdict verdict) {
    if (!verdict.isWritable()) {
      throw new BlockedBrief(verdict);
    }
    FileSet files =
        Renderer.render(
            ProjectPlanner.plan(verdict, edition(verdict.edition()).orElseThrow(), inputs));
    return Receipt.added(files, verdict.brief(), verdict.edition(), verdict.usedReach(), version);
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
    private final String pointer;

    BlockedBrief(Verdict verdict) {
      this(verdict, "");
    }

    private BlockedBrief(Verdict verdict, String pointer) {
      super("the brief is blocked");
      this.verdict = verdict;
      this.pointer = pointer;
    }

    /** The same, of a brief that stands somewhere in a document. */
    public BlockedBrief at(String place) {
      return new BlockedBrief(verdict, place);
    }

    /** Where the brief stands in the document that was sent; empty for all of it. */
    public String pointer() {
      return pointer;
    }

    /** Why. */
    public Verdict verdict() {
      return verdict;
    }
  }
}
