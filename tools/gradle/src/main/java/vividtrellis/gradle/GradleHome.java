package vividtrellis.gradle;

import com.google.common.hash.Hasher;
import com.google.common.hash.Hashing;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.jar.Attributes;
import java.util.jar.JarEntry;
import java.util.jar.JarOutputStream;
import java.util.jar.Manifest;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A Gradle home that was laid out of the registry's archive: its normal command line, daemon and
 * workers run from it.
 *
 * @param folder of the home, with {@code lib} in it
 * @param code the version of Gradle that its code is of
 * @param claimed the version that it says it is, since plugins ask for one
 */
public record GradleHome(Path folder, String code, String claimed) {

  private static final String LAUNCHER = "gradle-launcher";

  /**
   * Lays one out; a home that is there already, whole and of the same parts is taken as it is.
   *
   * @param parts folder with the archive {@code gradle-api-VERSION.jar} and, in {@code externals},
   *     the libraries that are not in it
   * @param into folder of the home; it is made
   * @throws IOException when a part cannot be read or the home cannot be written
   */
  public static GradleHome assemble(Path parts, Path into, String claimed) throws IOException {
    Path jar = archive(parts);
    GradleHome home = new GradleHome(into, code(parts), claimed);
    Path whole = into.resolve("whole");
    String digest = digest(parts);
    if (!Files.exists(whole) || !Files.readString(whole).equals(digest)) {
      Files.deleteIfExists(whole);
      home.write(Archive.read(jar), parts.resolve("externals"));
      home.writeCommand();
      Files.writeString(whole, digest);
    }
    return home;
  }

  /**
   * The version of Gradle that the code in these parts is of.
   *
   * @throws IOException when the archive is not among them
   */
  public static String code(Path parts) throws IOException {
    return archive(parts).getFileName().toString().replaceAll("gradle-api-|\\.jar", "");
  }

  private static Path archive(Path parts) throws IOException {
    try (Stream<Path> all = Files.list(parts)) {
      return all.filter(each -> each.getFileName().toString().startsWith("gradle-api-"))
          .findFirst()
          .orElseThrow(() -> new IOException("there is no gradle-api archive in " + parts));
    }
  }

  /**
   * What a home is made of: the names and sizes of its parts, and what lays them out and stands in.
   */
  private static String digest(Path parts) throws IOException {
    Hasher hasher = Hashing.sha256().newHasher();
    try (Stream<Path> all = Files.walk(parts)) {
      for (Path each : all.filter(Files::isRegularFile).sorted().toList()) {
        hasher.putUnencodedChars(parts.relativize(each).toString()).putLong(Files.size(each));
      }
    }
    List<String> own = new ArrayList<>(Jars.STAND_INS);
    for (Class<?> each : List.of(GradleHome.class, Archive.class, Jars.class, Relocation.class)) {
      own.add(each.getName().replace('.', '/') + ".class");
    }
    for (String each : own) {
      try (InputStream in = GradleHome.class.getResourceAsStream("/" + each)) {
        hasher.putBytes(Objects.requireNonNull(in).readAllBytes());
      }
    }
    return hasher.hash().toString();
  }

  private void write(Archive archive, Path externals) throws IOException {
    Path lib = Files.createDirectories(folder.resolve("lib"));
    Files.createDirectories(lib.resolve("plugins"));
    String libraries = jar(Jars.LIBRARIES);
    List<String> everywhere = new ArrayList<>(List.of(libraries));
    try (Stream<Path> all = Files.list(externals)) {
      all.map(each -> each.getFileName().toString())
          .filter(name -> name.matches("kotlin-(stdlib|reflect)-[0-9.]+\\.jar"))
          .sorted()
          .forEach(everywhere::add);
    }
    Set<String> wanted = new TreeSet<>(archive.libraries());
    try (Stream<Path> all = Files.list(externals)) {
      all.map(each -> each.getFileName().toString())
          .filter(name -> name.contains("-compiler-plugin-"))
          .forEach(wanted::add);
    }
    wanted.addAll(everywhere);
    wanted.remove(libraries);
    Map<String, Map<String, byte[]>> jars = Jars.of(archive, claimed, everywhere);
    for (Map.Entry<String, Map<String, byte[]>> each : jars.entrySet()) {
      write(
          lib.resolve(jar(each.getKey())),
          each.getValue(),
          manifest(each.getKey(), archive, wanted));
    }
    for (String each : wanted) {
      Path there = externals.resolve(each);
      if (Files.exists(there)) {
        Files.copy(there, lib.resolve(each), StandardCopyOption.REPLACE_EXISTING);
      } else {
        // Its classes are in the archive itself.
        Manifest manifest = manifest();
        manifest.getMainAttributes().put(Attributes.Name.CLASS_PATH, libraries);
        write(lib.resolve(each), Map.of(), manifest);
      }
    }
  }

  /** What a wrapper starts. */
  private void writeCommand() throws IOException {
    Path command = Files.createDirectories(folder.resolve("bin")).resolve("gradle");
    Files.writeString(
        command,
        """
        #!/bin/sh
        home=$(CDPATH= cd -- "$(dirname -- "$0")/.." && pwd)
        exec "${JAVA_HOME:-/usr}/bin/java" -Xmx64m -Dorg.gradle.appname=gradle -cp "$home/lib/%s" \
          org.gradle.launcher.GradleMain "$@"
        """
            .formatted(jar(LAUNCHER)));
    if (!command.toFile().setExecutable(true)) {
      throw new IOException(command + " cannot be made to run");
    }
  }

  private String jar(String name) {
    return name + "-" + code + ".jar";
  }

  private static Manifest manifest() {
    Manifest manifest = new Manifest();
    manifest.getMainAttributes().put(Attributes.Name.MANIFEST_VERSION, "1.0");
    return manifest;
  }

  private Manifest manifest(String jar, Archive archive, Set<String> libraries) {
    Manifest manifest = manifest();
    Attributes attributes = manifest.getMainAttributes();
    if (jar.equals("gradle-instrumentation-agent")) {
      attributes.putValue("Premain-Class", "org.gradle.instrumentation.agent.Agent");
      attributes.putValue("Agent-Class", "org.gradle.instrumentation.agent.Agent");
    }
    if (jar.equals(LAUNCHER)) {
      Stream<String> modules = archive.listed(jar, "projects").map(this::jar);
      Stream<String> logging = libraries.stream().filter(each -> each.startsWith("slf4j-api"));
      attributes.put(
          Attributes.Name.CLASS_PATH,
          Stream.of(modules, Stream.of(jar(Jars.LIBRARIES)), logging)
              .flatMap(each -> each)
              .collect(Collectors.joining(" ")));
    }
    return manifest;
  }

  private static void write(Path jar, Map<String, byte[]> entries, Manifest manifest)
      throws IOException {
    try (JarOutputStream out =
        new JarOutputStream(new BufferedOutputStream(Files.newOutputStream(jar)), manifest)) {
      out.setLevel(1);
      for (Map.Entry<String, byte[]> each : entries.entrySet()) {
        out.putNextEntry(new JarEntry(each.getKey()));
        out.write(each.getValue());
        out.closeEntry();
      }
    }
  }

  /**
   * The words that start it.
   *
   * @param jdk to run on
   * @param userHome where it keeps what it fetched; two homes that claim one version need two
   */
  public List<String> command(Path jdk, Path userHome, List<String> words) {
    List<String> command = new ArrayList<>();
    command.add(jdk.resolve("bin/java").toString());
    command.addAll(List.of("-Xmx64m", "-Dorg.gradle.appname=gradle", "-cp"));
    command.add(folder.resolve("lib").resolve(jar(LAUNCHER)).toString());
    command.add("org.gradle.launcher.GradleMain");
    command.addAll(List.of("-g", userHome.toString(), "--console=plain"));
    command.addAll(words);
    return command;
  }
}
