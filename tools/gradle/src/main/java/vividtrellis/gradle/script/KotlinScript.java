package vividtrellis.gradle.script;

import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.reflect.InvocationTargetException;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.gradle.api.GradleException;
import org.gradle.api.Plugin;
import org.gradle.api.Project;

/** Compiles {@code build.gradle.kts}, but for its {@code plugins} block, and runs it. */
public final class KotlinScript implements Plugin<Project> {

  /** The language that scripts are read in by the Gradle whose code this is. */
  private static final String LANGUAGE = "1.8";

  private static final String OF_GRADLE =
      "(gradle-(?!kotlin).*|groovy-\\d.*|ant-\\d.*|kotlin-stdlib-\\d.*|javax\\.inject.*"
          + "|slf4j-api.*|third-party.*)\\.jar";
  private static final String OF_COMPILER =
      "(kotlin-(compiler|daemon)-embeddable.*|kotlin-(stdlib|reflect|script-runtime)-\\d.*"
          + "|third-party.*)\\.jar";

  @Override
  public void apply(Project project) {
    try {
      run(project, Files.readString(project.file("build.gradle.kts").toPath()));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (ReflectiveOperationException e) {
      throw new GradleException("build.gradle.kts was compiled, but cannot be run", e);
    }
  }

  private static void run(Project project, String script)
      throws IOException, ReflectiveOperationException {
    Path home = Objects.requireNonNull(project.getGradle().getGradleHomeDir()).toPath();
    Path made = project.getLayout().getBuildDirectory().get().getAsFile().toPath();
    Path sources = Files.createDirectories(made.resolve("script/src"));
    Path classes = Files.createDirectories(made.resolve("script/classes"));
    String rest = ScriptText.of(script).rest();
    Accessors accessors = new Accessors(project, rest);
    Files.writeString(sources.resolve("Accessors.kt"), accessors.text());
    Files.writeString(sources.resolve("Dsl.kt"), resource("Dsl.kt"));
    Files.writeString(sources.resolve("Build.kt"), body(rest));
    Set<File> path = new LinkedHashSet<>(files(home, OF_GRADLE));
    path.addAll(project.getBuildscript().getConfigurations().getByName("classpath").getFiles());
    path.addAll(accessors.sources());
    compile(home, path, classes, sources);
    List<URL> urls = new ArrayList<>(List.of(classes.toUri().toURL()));
    for (File each : files(home, "kotlin-stdlib-\\d.*\\.jar")) {
      urls.add(each.toURI().toURL());
    }
    // Stays open: what the script registers is run later.
    URLClassLoader loader =
        new URLClassLoader(urls.toArray(URL[]::new), project.getBuildscript().getClassLoader());
    try {
      loader.loadClass("BuildKt").getMethod("build", Project.class).invoke(null, project);
    } catch (InvocationTargetException e) {
      if (e.getCause() instanceof RuntimeException cause) {
        throw cause;
      }
      throw e;
    }
  }

  /** The script as a function, on the lines that it has as a script. */
  private static String body(String rest) throws IOException {
    Stream<String> imports =
        Stream.concat(
            resource("/default-imports.txt")
                .lines()
                .filter(each -> each.startsWith("import ") && !each.contains("testkit"))
                .map(each -> each.replace(";", "")),
            Stream.concat(
                Stream.of("import java.io.*", "import org.gradle.kotlin.dsl.*"),
                rest.lines().filter(each -> each.startsWith("import "))));
    return "@file:Suppress(\"UNUSED\") "
        + imports.collect(Collectors.joining("; "))
        + "; fun Project.build() {"
        + rest.replaceAll("(?m)^import .*$", "")
        + "\n}\n";
  }

  private static String resource(String name) throws IOException {
    InputStream own = KotlinScript.class.getResourceAsStream(name);
    try (InputStream in =
        own != null ? own : Project.class.getClassLoader().getResourceAsStream(name.substring(1))) {
      if (in == null) {
        throw new IOException(name + " is neither here nor in Gradle");
      }
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static List<File> files(Path home, String names) {
    File[] all = home.resolve("lib").toFile().listFiles();
    return all == null
        ? List.of()
        : Arrays.stream(all).filter(each -> each.getName().matches(names)).sorted().toList();
  }

  private static String joined(Iterable<File> files) {
    List<String> paths = new ArrayList<>();
    files.forEach(each -> paths.add(each.getPath()));
    return String.join(File.pathSeparator, paths);
  }

  private static void compile(Path home, Set<File> path, Path classes, Path sources)
      throws IOException {
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx512m",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                joined(files(home, OF_COMPILER)),
                "org.jetbrains.kotlin.cli.jvm.K2JVMCompiler",
                "-no-stdlib",
                "-no-reflect",
                "-nowarn",
                "-jvm-target",
                "17",
                "-language-version",
                LANGUAGE,
                "-api-version",
                LANGUAGE,
                "-Xskip-metadata-version-check",
                "-Xjsr305=strict",
                "-P",
                "plugin:org.jetbrains.kotlin.samWithReceiver:annotation=org.gradle.api.HasImplicitReceiver",
                "-P",
                "plugin:org.jetbrains.kotlin.assignment:annotation=org.gradle.api.SupportsKotlinAssignmentOverloading"));
    files(home, "kotlin-(assignment|sam-with-receiver)-.*\\.jar")
        .forEach(each -> command.add("-Xplugin=" + each));
    command.addAll(List.of("-cp", joined(path), "-d", classes.toString(), sources.toString()));
    Process compiler = new ProcessBuilder(command).redirectErrorStream(true).start();
    String said = new String(compiler.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    try {
      if (compiler.waitFor() != 0) {
        throw new GradleException(
            "build.gradle.kts does not compile:\n"
                + said.replaceAll("(?m)^\\S*Build\\.kt", "build.gradle.kts"));
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new GradleException("build.gradle.kts was not compiled to the end", e);
    }
  }
}
