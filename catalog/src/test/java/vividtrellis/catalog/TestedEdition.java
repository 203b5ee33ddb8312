package vividtrellis.catalog;

import vividtrellis.core.brief.Brief;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.EditionLoader;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.judging.Verdicts;
import vividtrellis.core.plan.ProjectPlanner;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.FileSet.GeneratedFile;
import vividtrellis.core.render.Renderer;

/**
 * The shipped edition, and the same with its framework called something else in ids, labels,
 * artifacts and names of templates. Whatever the code knew of the framework by its name would be
 * lost in the second.
 */
public enum TestedEdition {
  SHIPPED("spring-boot", "Spring Boot", "spring.boot"),
  RENAMED("tide-frame", "Tide Frame", "tide.frame");

  private final String id;
  private final String label;
  private final String dotted;
  private Edition edition;
  private Verdicts verdicts;

  /** The dotted word is the id in Gradle's lists, which turn dashes into dots. */
  TestedEdition(String id, String label, String dotted) {
    this.id = id;
    this.label = label;
    this.dotted = dotted;
  }

  /** A text of the shipped edition in the words of this one. */
  public String words(String text) {
    return said(text, SHIPPED, this);
  }

  /** A text of this edition in the words of the shipped one. */
  public String shippedWords(String text) {
    return said(text, this, SHIPPED);
  }

  private static String said(String text, TestedEdition from, TestedEdition to) {
    return text.replace(from.id, to.id)
        .replace(from.label, to.label)
        .replace(from.dotted, to.dotted);
  }

  public synchronized Edition edition() {
    if (edition == null) {
      edition = EditionLoader.load(n -> ShippedEdition.file(shippedWords(n)).map(this::words));
    }
    return edition;
  }

  /** With what a check remembers, so it is kept. */
  public synchronized Verdicts verdicts() {
    if (verdicts == null) {
      verdicts = new Verdicts(edition());
    }
    return verdicts;
  }

  /** What a brief says when it picks a line of the first framework. */
  public String on(String line) {
    return edition().frameworks().get(0).id() + "@" + line;
  }

  public Verdict judge(Brief brief) {
    return verdicts().judge(brief, 2026);
  }

  /** The files that a verdict gives, without a receipt. */
  public FileSet files(Verdict verdict) {
    return files(verdict, edition());
  }

  static FileSet files(Verdict verdict, Edition edition) {
    return Renderer.render(ProjectPlanner.plan(verdict, edition, ShippedEdition.inputs()));
  }

  /** The text of the file at that path, which must be there. */
  public static String text(FileSet files, String path) {
    return files.files().stream()
        .filter(file -> file.path().equals(path))
        .map(GeneratedFile::text)
        .findFirst()
        .orElseThrow(() -> new AssertionError(path + " is not written"));
  }
}
