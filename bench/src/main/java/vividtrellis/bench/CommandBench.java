package vividtrellis.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * How long {@code vivid check} takes from typing to its end, against a service that runs, beside
 * the bare start of a virtual machine that does nothing. By turns, so that both meet the same
 * machine.
 */
public final class CommandBench {

  private static final int ROUNDS = 25;
  private static final int UNCOUNTED = 3;

  private CommandBench() {}

  /** What the bare start runs. */
  public static final class Nothing {
    private Nothing() {}

    /** Does nothing. */
    public static void main(String[] args) {}
  }

  /** Prints both times and their ratio. */
  public static void main(String[] args) throws IOException, InterruptedException {
    List<String> bare =
        List.of(
            "java",
            "-XX:TieredStopAtLevel=1",
            "-XX:+UseSerialGC",
            "-cp",
            System.getProperty("java.class.path").split(":", 2)[0],
            Nothing.class.getName());
    List<String> check = List.of("./vivid", "check", "demo/berth-booking.yaml");
    List<Double> bares = new ArrayList<>();
    List<Double> checks = new ArrayList<>();
    for (int round = -UNCOUNTED; round < ROUNDS; round++) {
      double one = millis(bare);
      double other = millis(check);
      if (round >= 0) {
        bares.add(one);
        checks.add(other);
      }
    }
    System.out.printf("%-28s %10s %10s%n", "", "median ms", "worst ms");
    System.out.printf("%-28s %10.0f %10.0f%n", "bare start", middle(bares), Collections.max(bares));
    System.out.printf(
        "%-28s %10.0f %10.0f%n", "vivid check", middle(checks), Collections.max(checks));
    System.out.printf("ratio of the medians: %.1f%n", middle(checks) / middle(bares));
  }

  private static double middle(List<Double> times) {
    return times.stream().sorted().toList().get(times.size() / 2);
  }

  private static double millis(List<String> command) throws IOException, InterruptedException {
    long start = System.nanoTime();
    Process process =
        new ProcessBuilder(command)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
    int code = process.waitFor();
    if (code != 0) {
      throw new IOException(String.join(" ", command) + " ended with " + code);
    }
    return (System.nanoTime() - start) / 1e6;
  }
}
