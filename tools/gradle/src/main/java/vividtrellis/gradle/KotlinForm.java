package vividtrellis.gradle;

import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import vividtrellis.gradle.script.ScriptText;

/**
 * Lets a home build a project of the Kotlin form, though the archive lacks the module that reads
 * scripts in Kotlin: settings and {@code plugins} block are read as Groovy, which they are as well,
 * and all else is compiled by the real Kotlin compiler.
 */
public final class KotlinForm {

  /** Named only: it runs inside Gradle, whose classes are not here. */
  private static final String HOST = ScriptText.class.getPackageName() + ".KotlinScript";

  private KotlinForm() {}

  /**
   * Adds to a project the scripts that lead to its own.
   *
   * @param project folder with {@code settings.gradle.kts} and {@code build.gradle.kts}; the former
   *     is renamed
   * @throws IOException when a script is missing or cannot be written
   */
  public static void adapt(Path project) throws IOException {
    Path settings = project.resolve("settings.gradle.kts");
    Files.move(settings, project.resolve("settings.gradle"));
    String script = Files.readString(project.resolve("build.gradle.kts"));
    String host =
        """
        buildscript { dependencies { classpath files('%s') } }
        %s
        apply plugin: %s
        """
            .formatted(quoted(place().toString()), ScriptText.of(script).plugins(), HOST);
    Files.writeString(project.resolve("build.gradle"), host);
  }

  private static Path place() throws IOException {
    try {
      return Path.of(ScriptText.class.getProtectionDomain().getCodeSource().getLocation().toURI());
    } catch (URISyntaxException e) {
      throw new IOException("it is not to be seen where " + HOST + " is from", e);
    }
  }

  private static String quoted(String text) {
    return text.replace("\\", "\\\\").replace("'", "\\'");
  }
}
