package vividtrellis.acceptance;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
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
import vividtrellis.core.compat.Verdicts;
import vividtrellis.gradle.Daemons;

/**
 * {@code gradlew} fetches what its properties name, from a server that does as it should or not.
 */
class GradlewTest {

  private static final Path JDK = RealBuild.jdk(17, RealBuild.NEWEST_FOR_GRADLE).orElseThrow();

  @TempDir Path temp;
  private ServerSocket server;
  private final AtomicInteger asked = new AtomicInteger();

  /** What is sent of the zip, with or without a word about its length. */
  private volatile byte[] sent = new byte[0];

  private volatile int said = -1;

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
        out.write(sent);
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
    String address = "http\\://127.0.0.1\\:" + server.getLocalPort() + "/gradle-8.8-bin.zip\n";
    Files.writeString(
        project.resolve("gradle/wrapper/gradle-wrapper.properties"),
        "distributionUrl=" + address + digest);
    return project;
  }

  private Command.Result gradlew(Path project, String... words) throws Exception {
    List<String> all = new ArrayList<>(List.of(project + "/gradlew"));
    all.addAll(List.of(words));
    return new Command(temp, all)
        .with(Map.of("JAVA_HOME", JDK.toString(), "GRADLE_USER_HOME", userHome().toString()))
        .run(300);
  }

  private Path userHome() {
    return temp.resolve("user home");
  }

  private static String digest(byte[] zip) throws Exception {
    String hex = HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(zip));
    return "distributionSha256Sum=" + hex + "\n";
  }

  private static byte[] zip(String entry, String text) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream out = new ZipOutputStream(bytes)) {
      out.putNextEntry(new ZipEntry(entry));
      out.write(text.getBytes(UTF_8));
      out.closeEntry();
    }
    return bytes.toByteArray();
  }

  private static byte[] zip(Path folder, String below) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream out = new ZipOutputStream(bytes);
        Stream<Path> all = Files.walk(folder)) {
      out.setLevel(Deflater.NO_COMPRESSION);
      for (Path each : all.toList()) {
        boolean file = Files.isRegularFile(each);
        out.putNextEntry(new ZipEntry(below + "/" + folder.relativize(each) + (file ? "" : "/")));
        if (file) {
          Files.copy(each, out);
        }
        out.closeEntry();
      }
    }
    return bytes.toByteArray();
  }

  @Test
  void aDistributionIsFetchedOnceAndBuildsTheProject() throws Exception {
    try (GradleBuild builds = new GradleBuild(JDK)) {
      sent = zip(builds.home(GradleBuild.OWN).folder(), "gradle-" + GradleBuild.OWN);
      said = sent.length;
      Path project = project(digest(sent));

      for (int i = 0; i < 2; i++) {
        Command.Result built =
            gradlew(
                project,
                "-g",
                GradleBuild.userHome(GradleBuild.OWN).toString(),
                "--console=plain",
                "build");
        assertThat(built.code()).as(built.both()).isZero();
        assertThat(built.out()).contains("BUILD SUCCESSFUL").doesNotContain(userHome().toString());
      }
      assertThat(project.resolve("build/libs/tide-board-0.1.0.jar")).isNotEmptyFile();
      assertThat(asked).hasValue(1);
    } finally {
      Daemons.end(GradleBuild.userHome(GradleBuild.OWN));
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "whole | 00 | has the SHA-256",
        "cut   | -- | could not be fetched whole",
        "mute  | -- | is no whole zip",
        "other | -- | holds no gradle-8.8/bin",
        "away  | -- | could not be fetched whole"
      })
  void whatDoesNotComeWholeIsToldInOneLineAndLeavesNothing(String how, String wanted, String told)
      throws Exception {
    byte[] whole =
        zip("gradle-8.8/bin/gradle", "#!/bin/sh\necho built " + "by a stand-in ".repeat(99));
    sent =
        how.equals("cut") || how.equals("mute") ? Arrays.copyOf(whole, whole.length - 30) : whole;
    sent = how.equals("other") ? zip("gradle-8.8/readme", "no Gradle") : sent;
    said = how.equals("mute") ? -1 : how.equals("other") ? sent.length : whole.length;
    Path project = project(wanted.equals("00") ? "distributionSha256Sum=00\n" : "");
    if (how.equals("away")) {
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
