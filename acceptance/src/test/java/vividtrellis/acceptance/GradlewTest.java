package vividtrellis.acceptance;

import static java.nio.charset.StandardCharsets.ISO_8859_1;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.compat.judging.Verdicts;

/**
 * {@code gradlew} fetches what its properties name, from a server that does as it should or not.
 */
class GradlewTest {

  private static final Path JDK = RealBuild.jdk(17, RealBuild.NEWEST_FOR_GRADLE).orElseThrow();

  @TempDir Path temp;
  private ServerSocket server;
  private final AtomicInteger asked = new AtomicInteger();

  /** What is sent of the zip, with or without a word about its length. */
  private volatile Path sent = Path.of("");

  private volatile long said = -1;

  @BeforeEach
  void serve() throws IOException {
    server = new ServerSocket(0, 5, InetAddress.getLoopbackAddress());
    Thread answering = new Thread(this::answer);
    answering.setDaemon(true);
    answering.start();
  }

  @AfterEach
  void stop() throws IOException {
    server.close();
  }

  private void answer() {
    while (!server.isClosed()) {
      try (Socket socket = server.accept()) {
        asked.incrementAndGet();
        while (socket.getInputStream().read() != '\r') {
          // The first line is enough; the rest is left.
        }
        OutputStream out = socket.getOutputStream();
        String length = said < 0 ? "" : "Content-Length: " + said + "\r\n";
        out.write(("HTTP/1.1 200 OK\r\n" + length + "Connection: close\r\n\r\n").getBytes(UTF_8));
        Files.copy(sent, out);
        out.flush();
        socket.shutdownOutput();
        while (socket.getInputStream().read() >= 0) {
          // Until the client has gone, so that nothing that was sent is lost.
        }
      } catch (IOException e) {
        // The client has gone, or the test is over.
      }
    }
  }

  /** A project in a folder with a space, whose Gradle is to come from here. */
  private Path project(String digest) throws IOException {
    Brief brief =
        Brief.empty()
            .with(Key.NAME, "tide-board")
            .with(Key.FRAMEWORK, "none")
            .with(Key.BUILD, "gradle-groovy")
            .with(Key.LANGUAGE, "java@17")
            .with(Key.JDK, "17");
    Path project = Files.createDirectories(temp.resolve("tide board"));
    RealBuild.write(new Verdicts(ShippedEdition.load()).judge(brief, 2026), project);
    String name = "/gradle-" + GradleBuild.ownVersion() + "-bin.zip\n";
    String address = "http\\://127.0.0.1\\:" + server.getLocalPort() + name;
    Files.writeString(
        project.resolve("gradle/wrapper/gradle-wrapper.properties"),
        "distributionUrl=" + address + digest);
    return project;
  }

  private Command.Result gradlew(Path project, String... words) throws Exception {
    List<String> all = new ArrayList<>(List.of(project + "/gradlew"));
    all.addAll(List.of(words));
    return new Command(temp, all)
        .with(JDK)
        .with(Map.of("GRADLE_USER_HOME", userHome().toString()))
        .run(300);
  }

  private Path userHome() {
    return temp.resolve("user home");
  }

  private static String digest(Path zip) throws Exception {
    MessageDigest digest = MessageDigest.getInstance("SHA-256");
    try (InputStream in = new DigestInputStream(Files.newInputStream(zip), digest)) {
      in.transferTo(OutputStream.nullOutputStream());
    }
    return "distributionSha256Sum=" + HexFormat.of().formatHex(digest.digest()) + "\n";
  }

  /** All of a folder, as a home of Gradle. */
  private Path zip(Path folder) throws IOException {
    Path zip = Files.createTempFile(temp, "made", ".zip");
    try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip));
        Stream<Path> all = Files.walk(folder)) {
      out.setLevel(Deflater.NO_COMPRESSION);
      for (Path each : all.toList()) {
        boolean file = Files.isRegularFile(each);
        String name = "gradle-" + GradleBuild.ownVersion() + "/" + folder.relativize(each);
        out.putNextEntry(new ZipEntry(name + (file ? "" : "/")));
        if (file) {
          Files.copy(each, out);
        }
        out.closeEntry();
      }
    }
    return zip;
  }

  private Path zip(String name, String text) throws IOException {
    Path folder = Files.createTempDirectory(temp, "home");
    Path file = folder.resolve(name);
    Files.createDirectories(file.getParent());
    Files.writeString(file, text);
    return zip(folder);
  }

  private Path cut(Path zip) throws IOException {
    byte[] bytes = Files.readAllBytes(zip);
    return Files.write(temp.resolve("cut.zip"), Arrays.copyOf(bytes, bytes.length - 30));
  }

  @Test
  void aDistributionIsFetchedOnceAndBuildsTheProject() throws Exception {
    try (GradleBuild builds = new GradleBuild(JDK)) {
      sent = zip(builds.home(GradleBuild.ownVersion()).folder());
      said = Files.size(sent);
      Path project = project(digest(sent));

      for (int i = 0; i < 2; i++) {
        Command.Result built =
            gradlew(
                project,
                "-g",
                GradleBuild.userHome(GradleBuild.ownVersion()).toString(),
                "--console=plain",
                "build");
        assertThat(built.code()).as(built.both()).isZero();
        assertThat(built.out()).contains("BUILD SUCCESSFUL").doesNotContain(userHome().toString());
      }
      assertThat(project.resolve("build/libs/tide-board-0.1.0.jar")).isNotEmptyFile();
      assertThat(asked).hasValue(1);
    }
  }

  /** What the catalog says that Gradle's Groovy compiler asks for stands in Gradle's own class. */
  @Test
  void theModulesOfGroovyAreThoseOfGradle() throws Exception {
    Path jar = GradleBuild.PARTS.resolve("gradle-api-" + GradleBuild.ownVersion() + ".jar");
    Set<String> asked;
    try (ZipFile archive = new ZipFile(jar.toFile())) {
      ZipEntry type = archive.getEntry("org/gradle/api/tasks/GroovyRuntime.class");
      String text = new String(archive.getInputStream(type).readAllBytes(), ISO_8859_1);
      asked =
          Pattern.compile("groovy-[a-z]+")
              .matcher(text)
              .results()
              .map(each -> "org.apache.groovy:" + each.group())
              .collect(Collectors.toSet());
    }

    assertThat(ShippedEdition.load().languages())
        .filteredOn(each -> each.id().equals("groovy"))
        .flatExtracting(Option::bindings)
        .flatExtracting(Contribution::fetches)
        .extracting(Contribution.Artifact::key)
        .containsExactlyInAnyOrderElementsOf(asked);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "another digest | has the SHA-256",
        "cut            | could not be fetched whole",
        "cut, no length | is no whole zip",
        "no Gradle      | holds no gradle-",
        "no server      | could not be fetched whole"
      })
  void whatDoesNotComeWholeIsToldInOneLineAndLeavesNothing(String how, String told)
      throws Exception {
    Path whole = zip("bin/gradle", "#!/bin/sh\necho built " + "by a stand-in ".repeat(99));
    sent =
        switch (how) {
          case "cut", "cut, no length" -> cut(whole);
          case "no Gradle" -> zip("readme", "no Gradle");
          default -> whole;
        };
    said =
        switch (how) {
          case "cut" -> Files.size(whole);
          case "cut, no length" -> -1;
          default -> Files.size(sent);
        };
    Path project = project(how.equals("another digest") ? "distributionSha256Sum=00\n" : "");
    if (how.equals("no server")) {
      server.close();
    }

    Command.Result result = gradlew(project, "build");

    assertThat(result.code()).as(result.both()).isEqualTo(1);
    assertThat(result.err().lines().filter(each -> each.startsWith("gradlew: ")))
        .singleElement()
        .asString()
        .contains(told);
    assertThat(result.err()).doesNotContain("\tat ");
    try (Stream<Path> left = Files.walk(userHome())) {
      assertThat(left.filter(Files::isRegularFile)).isEmpty();
    }
    // The next try is not hindered by the one before.
    if (how.equals("cut")) {
      sent = whole;
      assertThat(gradlew(project, "build").out()).contains("built by a stand-in");
    }
  }
}
