package vividtrellis.gradle;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Sorts the entries of an archive into the jars of a home, each called by its name again. */
final class Jars {

  /** The jar of all libraries that stand in the archive itself, and of those that tests use. */
  static final String LIBRARIES = "third-party";

  private static final String AGENT = "org/gradle/instrumentation/agent/Agent.class";
  private static final String COMPILE_TASK =
      "org/gradle/internal/compiler/java/IncrementalCompileTask.class";
  private static final String COMPILE_TASK_1 = COMPILE_TASK.replace(".class", "$1.class");
  private static final String KOTLIN_API = "org/gradle/kotlin/dsl/support/KotlinApi.class";

  /** Classes of ours for modules that the archive lacks. */
  static final List<String> STAND_INS = List.of(AGENT, COMPILE_TASK, COMPILE_TASK_1, KOTLIN_API);

  private static final String TESTING = "third-party-testing";

  /** What signs or indexes the archive as one, and file systems that nobody asks for. */
  private static final Pattern LEFT_OUT =
      Pattern.compile(
          "META-INF/(MANIFEST\\.MF|INDEX\\.LIST|.*\\.(SF|DSA|RSA)|\\.gradle-runtime-shaded"
              + "|services/java\\.nio\\..*)");

  /** What comes from jars of its own: a home that had it twice would load it twice. */
  private static final Pattern APART =
      Pattern.compile(
          "(groovy|org/codehaus/groovy|org/apache/groovy|META-INF/groovy|org/apache/tools"
              + "|org/slf4j/(event|helpers|spi))/.*|org/slf4j/[A-Za-z]*\\.class");

  private static final Pattern OF_TESTS =
      Pattern.compile("(junit|org/junit|org/testng|org/hamcrest|org/opentest4j|com/beust)/.*");

  private static final String SERVICES = "META-INF/services/";

  private final Archive archive;
  private final String claimed;
  private final List<String> everywhere;
  private final Map<String, Map<String, byte[]>> jars = new TreeMap<>();

  private Jars(Archive archive, String claimed, List<String> everywhere) {
    this.archive = archive;
    this.claimed = claimed;
    this.everywhere = everywhere;
  }

  /**
   * Sorts them.
   *
   * @param claimed the version that the home says it is
   * @param everywhere file names of libraries that each module needs besides those that it lists
   * @return by jar, without version and ending, its entries
   */
  static Map<String, Map<String, byte[]>> of(
      Archive archive, String claimed, List<String> everywhere) throws IOException {
    Jars jars = new Jars(archive, claimed, everywhere);
    for (Map.Entry<String, byte[]> each : archive.entries().entrySet()) {
      jars.put(each.getKey(), each.getValue());
    }
    jars.standIn("gradle-instrumentation-agent", AGENT, List.of());
    jars.standIn("gradle-java-compiler-plugin", COMPILE_TASK, List.of());
    jars.standIn("gradle-java-compiler-plugin", COMPILE_TASK_1, List.of());
    jars.standIn("gradle-kotlin-dsl", KOTLIN_API, List.of("gradle-core"));
    jars.add(
        "gradle-kotlin-dsl",
        SERVICES + "org.gradle.initialization.GradleApiSpecProvider",
        text("org.gradle.kotlin.dsl.support.KotlinApi\n"));
    return jars.jars;
  }

  private void put(String name, byte[] bytes) throws IOException {
    if (LEFT_OUT.matcher(name).matches() || APART.matcher(name).matches()) {
      return;
    }
    if (name.startsWith(SERVICES)) {
      service(name, new String(bytes, StandardCharsets.UTF_8));
      return;
    }
    String path = Relocation.undone(name);
    byte[] written = name.endsWith(".class") ? Relocation.undone(bytes) : changed(name, bytes);
    if (path.startsWith("org/slf4j/impl/")) {
      add("gradle-logging", path, written);
    } else if (archive.owners(name).isEmpty()) {
      add(OF_TESTS.matcher(path).matches() ? TESTING : LIBRARIES, path, written);
    } else {
      archive.owners(name).forEach(module -> add(module, path, written));
    }
  }

  private void add(String jar, String path, byte[] bytes) {
    jars.computeIfAbsent(jar, any -> new TreeMap<>()).put(path, bytes);
  }

  private byte[] changed(String name, byte[] bytes) {
    String text = new String(bytes, StandardCharsets.UTF_8);
    if (name.equals(Archive.RECEIPT)) {
      return text(text.replaceAll("(?m)^(baseVersion|versionNumber)=.*", "$1=" + claimed));
    }
    if (name.endsWith("-classpath.properties")) {
      return needs(name);
    }
    if (name.equals("gradle-plugins.properties")
        || name.equals("gradle-implementation-plugins.properties")) {
      String plugins = text.replaceFirst("(?s).*plugins=", "").strip();
      return text(
          Stream.of(plugins.split(",", -1))
              .filter(archive.modules()::contains)
              .collect(Collectors.joining(",", "plugins=", "\n")));
    }
    return bytes;
  }

  private byte[] needs(String name) {
    Map<String, String> needs = archive.properties(name);
    String runtime =
        Stream.concat(Stream.of(needs.getOrDefault("runtime", "")), everywhere.stream())
            .filter(each -> !each.isEmpty())
            .collect(Collectors.joining(","));
    needs.put("runtime", runtime);
    StringBuilder lines = new StringBuilder();
    needs.forEach((key, value) -> lines.append(key).append('=').append(value).append('\n'));
    return text(lines.toString());
  }

  /** A service is told where the class that gives it is. */
  private void service(String name, String lines) {
    for (String line : lines.split("\n", -1)) {
      String type = line.replaceAll("#.*", "").strip();
      if (!type.isEmpty()) {
        String jar =
            archive.owners(type.replace('.', '/') + ".class").stream()
                .findFirst()
                .orElse(type.contains("junit") ? TESTING : LIBRARIES);
        jars.computeIfAbsent(jar, any -> new TreeMap<>())
            .merge(
                Relocation.undone(name),
                text(Relocation.undone(type) + "\n"),
                (before, more) -> text(string(before) + string(more)));
      }
    }
  }

  /** A module that the archive lacks, of one class that is ours. */
  private void standIn(String module, String type, List<String> projects) throws IOException {
    try (InputStream in = Jars.class.getResourceAsStream("/" + type)) {
      if (in == null) {
        throw new IOException(type + " is missing from this tool");
      }
      add(module, type, in.readAllBytes());
    }
    add(
        module,
        module + "-classpath.properties",
        text("projects=" + String.join(",", projects) + "\nruntime=\n"));
  }

  private static byte[] text(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private static String string(byte[] bytes) {
    return new String(bytes, StandardCharsets.UTF_8);
  }
}
