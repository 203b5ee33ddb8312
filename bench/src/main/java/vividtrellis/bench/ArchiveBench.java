package vividtrellis.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
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
import vividtrellis.core.compat.judging.Verdicts;
import vividtrellis.core.pack.Archive;
import vividtrellis.core.pack.Archives;
import vividtrellis.core.pack.Receipt;
import vividtrellis.core.plan.GenerationInputs;
import vividtrellis.core.plan.ProjectPlanner;
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

  private static final int ROUNDS = 5;

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
  private final GenerationInputs inputs = ShippedEdition.inputs();
  private final FileSet files = files();

  private FileSet files() {
    Verdict verdict = verdicts.settle(BRIEF, 2026);
    FileSet written = Renderer.render(ProjectPlanner.plan(verdict, edition, inputs));
    return Receipt.added(written, verdict.brief(), verdict.edition(), verdict.usedReach(), "0.1.0");
  }

  /** Judge, plan, write, pack. */
  @Benchmark
  public Archive briefToArchive() {
    return Archives.pack(files(), Archive.Format.ZIP, Archives.DEFAULT_TIME);
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

  /**
   * Measures both, one right after the other, several times, and takes medians: the speed of a
   * machine drifts, and some stop for seconds. Each is warm, as in a service that has run a while.
   */
  public static void main(String[] args) throws RunnerException {
    List<Double> ratios = new ArrayList<>();
    StringBuilder table = new StringBuilder();
    for (int round = 0; round < ROUNDS; round++) {
      Map<String, Double> medians = new TreeMap<>();
      for (RunResult result : runner().run()) {
        medians.put(
            result.getPrimaryResult().getLabel(),
            result.getPrimaryResult().getStatistics().getPercentile(50));
      }
      double made = medians.getOrDefault("briefToArchive", Double.NaN);
      double deflated = medians.getOrDefault("deflated", Double.NaN);
      ratios.add(made / deflated);
      table.append("%16.0f %12.0f %8.2f%n".formatted(made, deflated, made / deflated));
    }
    ratios.sort(null);
    System.out.printf("%n%16s %12s %8s%n%s", "brief to archive", "deflated", "ratio", table);
    System.out.printf("medians in us; the middle ratio is %.2f%n", ratios.get(ROUNDS / 2));
  }

  private static Runner runner() {
    return new Runner(
        new OptionsBuilder()
            .include(ArchiveBench.class.getName())
            .forks(1)
            .jvmArgs("-XX:+UseSerialGC", "-Xmx512m") // as ./up starts the service
            .warmupIterations(5)
            .warmupTime(TimeValue.seconds(5))
            .measurementIterations(5)
            .measurementTime(TimeValue.seconds(2))
            .build());
  }
}
