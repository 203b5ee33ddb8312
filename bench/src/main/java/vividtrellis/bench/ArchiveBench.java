package vividtrellis.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.Verdicts;
import vividtrellis.core.pack.Archive;
import vividtrellis.core.pack.Archives;
import vividtrellis.core.pack.Receipt;
import vividtrellis.core.plan.ProjectPlanner;
import vividtrellis.core.plan.Surroundings;
import vividtrellis.core.render.FileSet;
import vividtrellis.core.render.FileSet.GeneratedFile;
import vividtrellis.core.render.Renderer;

/**
 * From a brief to the bytes of its archive, a walk through with ten starters, beside what the JDK
 * alone takes to deflate the same files.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class ArchiveBench {

  private static final Brief BRIEF =
      Brief.empty()
          .with(Key.NAME, "berth-booking")
          .with(Key.GROUP, "saltmarsh.example")
          .with(Key.SAMPLE, "walkthrough")
          .withStarters(
              List.of(
                  "http-api",
                  "validation",
                  "sql-orm",
                  "postgresql",
                  "migrations-flyway",
                  "pages-thymeleaf",
                  "sign-in-form",
                  "kafka",
                  "health-metrics",
                  "cache-caffeine"))
          .withExtras(List.of("container", "compose", "ci-github", "editor"));

  private final Edition edition = ShippedEdition.load();
  private final Verdicts verdicts = new Verdicts(edition);
  private final Surroundings surroundings = ShippedEdition.surroundings();
  private final FileSet files = files();

  private FileSet files() {
    Verdict verdict = verdicts.settle(BRIEF, 2026);
    FileSet written =
        Renderer.render(
            ProjectPlanner.plan(
                verdict.brief(), verdict.selection().orElseThrow(), edition, surroundings));
    return Receipt.added(written, verdict.brief(), verdict.edition(), "0.1.0");
  }

  /** Judge, plan, write, pack. */
  @Benchmark
  public Archive briefToArchive() {
    return Archives.pack(files(), Archive.Format.ZIP, Archives.DEFAULT_TIME);
  }

  /** The verdict alone: a part of the above. */
  @Benchmark
  public Verdict verdictAlone() {
    return verdicts.settle(BRIEF, 2026);
  }

  /** The same files through the JDK's own deflater. */
  @Benchmark
  public byte[] deflated() {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream out = new ZipOutputStream(bytes)) {
      for (GeneratedFile file : files.files()) {
        out.putNextEntry(new ZipEntry(file.path()));
        out.write(file.text().getBytes(StandardCharsets.UTF_8));
        out.closeEntry();
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bytes.toByteArray();
  }

  /** Prints each beside the deflater. */
  public static void main(String[] args) throws RunnerException {
    Collection<RunResult> results =
        new Runner(
                new OptionsBuilder()
                    .include(ArchiveBench.class.getName())
                    .forks(1)
                    .warmupIterations(4)
                    .warmupTime(TimeValue.seconds(2))
                    .measurementIterations(4)
                    .measurementTime(TimeValue.seconds(2))
                    .build())
            .run();
    double deflated =
        results.stream()
            .filter(each -> each.getPrimaryResult().getLabel().equals("deflated"))
            .mapToDouble(each -> each.getPrimaryResult().getScore())
            .findFirst()
            .orElse(1);
    System.out.printf("%n%-16s %10s %8s%n", "what", "mean us", "ratio");
    for (RunResult result : results) {
      double score = result.getPrimaryResult().getScore();
      System.out.printf(
          "%-16s %10.0f %8.2f%n", result.getPrimaryResult().getLabel(), score, score / deflated);
    }
  }
}
