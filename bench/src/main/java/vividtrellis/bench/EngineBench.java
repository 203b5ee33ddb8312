package vividtrellis.bench;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.infra.Blackhole;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.ChainedOptionsBuilder;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.openjdk.jmh.util.Statistics;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.compat.judging.Verdicts;

/** One round: check with offers, then the lattice, for a brief drawn before. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class EngineBench {

  /**
   * Starters, framework versions and rules; or the edition that is served, or its first framework.
   */
  @Param({
    "shipped",
    "narrow",
    "125x15x312",
    "250x30x625",
    "500x30x1250",
    "1000x60x2500",
    "2000x60x5000"
  })
  public String size = "";

  /** Whether the picks of the briefs go together. */
  @Param({"fits", "blocked"})
  public String briefs = "";

  private Verdicts verdicts = new Verdicts(ShippedEdition.load());
  private final List<Brief> drawn = new ArrayList<>();
  private int next;

  /** Makes the edition, and sixty-four briefs of up to eight starters that are as asked for. */
  @Setup
  public void draw() {
    Edition edition = ShippedEdition.load();
    if (size.equals("narrow")) {
      edition = Narrow.edition();
    } else if (!size.equals("shipped")) {
      String[] counts = size.split("x", -1);
      edition =
          Synthetic.edition(
              Integer.parseInt(counts[0]),
              Integer.parseInt(counts[1]),
              Integer.parseInt(counts[2]));
    }
    verdicts = new Verdicts(edition);
    List<String> ids = edition.starters().stream().map(Starter::id).toList();
    Random random = new Random(7);
    while (drawn.size() < 64) {
      Brief brief =
          Brief.empty()
              .with(Key.NAME, "berth-booking")
              .withStarters(
                  random
                      .ints(1 + random.nextInt(8), 0, ids.size())
                      .distinct()
                      .mapToObj(ids::get)
                      .toList());
      if (random.nextBoolean()) {
        String line = edition.frameworks().get(0).lines().get(0).line();
        brief = brief.with(Key.FRAMEWORK, edition.frameworks().get(0).id() + "@" + line);
      }
      if (verdicts.judge(brief, 2026).fits() == briefs.equals("fits")) {
        drawn.add(brief);
      }
    }
  }

  /** A check with its offers, and the lattice. */
  @Benchmark
  public void round(Blackhole hole) {
    Brief brief = drawn.get(next++ & 63);
    hole.consume(verdicts.judge(brief, 2026));
    hole.consume(verdicts.lattice(brief));
  }

  /** Prints the table, of all sizes or of those that are named. */
  public static void main(String[] args) throws RunnerException {
    ChainedOptionsBuilder options =
        new OptionsBuilder()
            .include(EngineBench.class.getName())
            .forks(1)
            // The collector that ./up starts the service with, and a heap that is there from the
            // start, as a service has it after a while.
            .jvmArgsAppend("-XX:+UseSerialGC", "-Xms1g", "-Xmx1g", "-XX:+AlwaysPreTouch")
            // The compiler of the virtual machine is busy for the first half minute.
            .warmupIterations(12)
            .warmupTime(TimeValue.seconds(3))
            .measurementIterations(3)
            .measurementTime(TimeValue.seconds(2));
    if (args.length > 0) {
      options = options.param("size", args);
    }
    Collection<RunResult> results = new Runner(options.build()).run();
    double first = 0;
    System.out.printf(
        "%n%-16s %-8s %10s %10s %10s %8s%n",
        "edition", "briefs", "median ms", "p99 ms", "worst ms", "ratio");
    for (RunResult result : results) {
      Statistics times = result.getPrimaryResult().getStatistics();
      double median = times.getPercentile(50) / 1000;
      first = first == 0 ? median : first;
      System.out.printf(
          "%-16s %-8s %10.3f %10.3f %10.3f %8.1f%n",
          result.getParams().getParam("size"),
          result.getParams().getParam("briefs"),
          median,
          times.getPercentile(99) / 1000,
          times.getMax() / 1000,
          median / first);
    }
  }
}
