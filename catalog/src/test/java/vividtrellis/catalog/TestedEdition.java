package vividtrellis.catalog;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.maven.model.Model;
import org.apache.maven.model.io.xpp3.MavenXpp3Reader;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
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

  private static final Map<TestedEdition, Verdicts> LOADED = new ConcurrentHashMap<>();

  private final String id;
  private final String label;
  private final String dotted;

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

  public Edition edition() {
    return verdicts().edition();
  }

  /** With what a check remembers, so it is kept. */
  public Verdicts verdicts() {
    return LOADED.computeIfAbsent(this, TestedEdition::load);
  }

  private Verdicts load() {
    return new Verdicts(
        EditionLoader.load(name -> ShippedEdition.file(shippedWords(name)).map(this::words)));
  }

  /** What a brief says when it picks a line of the first framework. */
  public String on(String line) {
    return edition().frameworks().get(0).id() + "@" + line;
  }

  public Verdict judge(Brief brief) {
    return verdicts().judge(brief, 2026);
  }

  /** The files of a project at a line of the first framework, all else filled in. */
  FileSet files(String line, String... starters) {
    return files(
        Brief.empty()
            .with(Key.NAME, "fare-ledger")
            .with(Key.GROUP, "saltmarsh.example")
            .with(Key.FRAMEWORK, on(line))
            .withStarters(List.of(starters)));
  }

  /** The files of a brief, which must fit. */
  FileSet files(Brief brief) {
    Verdict verdict = judge(brief);
    assertThat(verdict.fits()).as("%s", verdict.findings()).isTrue();
    return files(verdict);
  }

  /** The build file of a project, read with Maven's own parser. */
  static Model pom(FileSet files) throws Exception {
    return new MavenXpp3Reader().read(new StringReader(text(files, "pom.xml")));
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
