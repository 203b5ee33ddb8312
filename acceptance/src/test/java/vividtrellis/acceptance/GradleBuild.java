package vividtrellis.acceptance;

import static java.nio.file.StandardOpenOption.CREATE;
import static java.nio.file.StandardOpenOption.WRITE;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.version.Version;
import vividtrellis.gradle.Daemons;
import vividtrellis.gradle.GradleHome;
import vividtrellis.gradle.KotlinForm;

/**
 * Builds Gradle projects by code of Gradle that was put together here, whatever version a project
 * asks for: none of those that are offered is in a registry.
 */
final class GradleBuild implements AutoCloseable {

  private static final Path STATE = Product.CHECKOUT.resolve(".state/gradle");
  static final Path PARTS = Product.CHECKOUT.resolve("tools/gradle/target/parts");

  /** The plugin of Spring Boot 4 asks for at least this; what is older gets what the code is. */
  private static final String CLAIMED = "8.14.5";

  private static final Version ASKS = new Version("4.0.0");

  /** Plugins come from the same registry as everything else. */
  private static final String INIT =
      "beforeSettings { it.pluginManagement { repositories { mavenCentral() } } }\n"
          + ResolvedPaths.SHOWING;

  private static final long MOST_KEPT = 3_000_000_000L;
  private static final int PATIENCE_SECONDS = 600;

  private final Path jdk;
  private final String own;
  private final Map<String, GradleHome> homes = new LinkedHashMap<>();

  /** Tests run beside each other, and these homes and their daemons are of one at a time. */
  private final FileChannel alone;

  /** With the JDK that Gradle itself runs on; projects find theirs. */
  GradleBuild(Path jdk) throws IOException {
    this.jdk = jdk;
    this.own = ownVersion();
    Files.createDirectories(STATE);
    this.alone = FileChannel.open(STATE.resolve("lock"), CREATE, WRITE);
    alone.lock();
  }

  Command.Result build(Path project, Selection selection) throws Exception {
    Version version = selection.frameworkVersion();
    String claimed = version == null || version.compareTo(ASKS) < 0 ? own : CLAIMED;
    GradleHome home = home(claimed);
    if (isKotlin(selection)) {
      KotlinForm.adapt(project);
    }
    List<String> words =
        List.of(
            "-I",
            STATE.resolve("plugins.gradle").toString(),
            "-Porg.gradle.java.installations.auto-download=false",
            "build",
            "shownPaths");
    return new Command(project, home.command(jdk, userHome(claimed), words))
        .with(jdk)
        .run(PATIENCE_SECONDS);
  }

  /** The version that its code is of. */
  static String ownVersion() throws IOException {
    return GradleHome.code(PARTS);
  }

  /** A home that is of this version, or says so. */
  GradleHome home(String claimed) throws IOException {
    GradleHome home = homes.get(claimed);
    if (home == null) {
      home = GradleHome.assemble(PARTS, STATE.resolve("home-" + claimed), claimed);
      homes.put(claimed, home);
      Files.writeString(STATE.resolve("plugins.gradle"), INIT);
    }
    return home;
  }

  /** By what a project was built, where it was not by the version that it asks for. */
  String note(Selection selection) {
    String by = "built here by code of Gradle " + own + ", not by " + selection.buildVersion();
    return isKotlin(selection) ? by + "; its plugins block read as Groovy" : by;
  }

  private static boolean isKotlin(Selection selection) {
    return selection.build().equals("gradle-kotlin");
  }

  static Path userHome(String claimed) {
    return STATE.resolve("user-" + claimed);
  }

  @Override
  public void close() throws IOException {
    for (String claimed : homes.keySet()) {
      Path userHome = userHome(claimed);
      Daemons.end(userHome);
      if (size(userHome) > MOST_KEPT) {
        RealBuild.delete(userHome);
      }
    }
    alone.close();
  }

  private static long size(Path folder) throws IOException {
    try (Stream<Path> all = Files.walk(folder)) {
      return all.mapToLong(each -> each.toFile().length()).sum();
    }
  }
}
