package vividtrellis.service;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.brief.Key;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.judging.Editions;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.pack.Archive;
import vividtrellis.service.ProjectService.BlockedBrief;

/**
 * Archives, made once and handed out again while there is room for them: links and automation ask
 * for the same ones all day. Safe for many threads.
 */
public final class ReadyArchives {

  private final ProjectService projects;
  private final Cache<Wish, MadeArchive> made;

  /**
   * What tells two archives apart.
   *
   * @param editions those that were served then; each state of them is an object of its own
   * @param asked the brief in the words it was sent in: to read it takes longer than to find it
   */
  private record Wish(Editions editions, String asked, int year, Archive.Format format) {}

  /**
   * Begins with none.
   *
   * @param mostBytes what all of them together may take
   */
  public ReadyArchives(ProjectService projects, long mostBytes) {
    this.projects = projects;
    this.made =
        Caffeine.newBuilder()
            .maximumWeight(mostBytes)
            .<Wish, MadeArchive>weigher(
                (wish, each) ->
                    each.archive().size() + 2 * (wish.asked().length() + each.brief().length()))
            .build();
  }

  /**
   * The archive of a brief, if it lies ready.
   *
   * @param asked the brief as it was sent
   */
  public Optional<MadeArchive> ready(String asked, Archive.Format format) {
    return Optional.ofNullable(made.getIfPresent(wish(asked, format)));
  }

  /**
   * Makes the archive of a brief, and keeps it.
   *
   * @param asked the brief as it was sent
   * @throws BlockedBrief when it does not fit
   */
  public MadeArchive make(String asked, Brief brief, Archive.Format format) {
    Wish wish = wish(asked, format);
    Verdict verdict = projects.settle(brief);
    MadeArchive archive =
        new MadeArchive(
            projects.archive(verdict, format),
            verdict.brief().require(Key.NAME),
            Briefs.write(verdict.brief(), Notation.JSON),
            verdict.edition());
    made.put(wish, archive);
    return archive;
  }

  private Wish wish(String asked, Archive.Format format) {
    return new Wish(projects.served(), asked, projects.year(), format);
  }
}
