package vividtrellis.acceptance;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;

/** Runs a program to its end, within a time. */
final class Command {

  /** For programs of Java that end soon: what they compile by the way is not worth more. */
  static final String QUICK = "-XX:TieredStopAtLevel=1";

  private static final String OPTIONS = "JAVA_TOOL_OPTIONS";

  private final ProcessBuilder builder;
  private @Nullable String input;

  Command(Path folder, List<String> words) {
    this.builder = new ProcessBuilder(words).directory(folder.toFile());
  }

  Command with(Map<String, String> environment) {
    builder.environment().putAll(environment);
    return this;
  }

  /** With a JDK, for a build: a few programs of Java, each of which ends soon. */
  Command with(Path jdk) {
    return with(Map.of("JAVA_HOME", jdk.toString(), OPTIONS, QUICK + " -XX:+UseSerialGC"));
  }

  Command saying(String text) {
    this.input = text;
    return this;
  }

  /** What came of it. */
  @SuppressWarnings("ArrayRecordComponent") // nobody compares results
  record Result(int code, String out, String err, byte[] bytes) {
    String both() {
      return out + err;
    }
  }

  Result run(int seconds) throws IOException, InterruptedException {
    Path in = Files.createTempFile("vivid-in", "");
    Path out = Files.createTempFile("vivid-out", "");
    Path err = Files.createTempFile("vivid-err", "");
    try {
      Files.writeString(in, input == null ? "" : input);
      Process process =
          builder
              .redirectInput(in.toFile())
              .redirectOutput(out.toFile())
              .redirectError(err.toFile())
              .start();
      if (!process.waitFor(seconds, TimeUnit.SECONDS)) {
        process.descendants().forEach(ProcessHandle::destroyForcibly);
        process.destroyForcibly().waitFor();
        throw new AssertionError(builder.command() + " took longer than " + seconds + " s");
      }
      byte[] bytes = Files.readAllBytes(out);
      return new Result(
          process.exitValue(),
          new String(bytes, StandardCharsets.UTF_8),
          Files.readString(err),
          bytes);
    } finally {
      Files.delete(in);
      Files.delete(out);
      Files.delete(err);
    }
  }
}
