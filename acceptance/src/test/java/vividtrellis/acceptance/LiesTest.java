package vividtrellis.acceptance;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static vividtrellis.acceptance.LyingServer.archive;
import static vividtrellis.acceptance.LyingServer.digest;
import static vividtrellis.acceptance.LyingServer.file;
import static vividtrellis.acceptance.LyingServer.length;
import static vividtrellis.acceptance.LyingServer.say;
import static vividtrellis.acceptance.LyingServer.whole;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.apache.commons.compress.archivers.tar.TarArchiveEntry;
import org.apache.commons.compress.archivers.tar.TarConstants;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vividtrellis.acceptance.LyingServer.Lie;

/**
 * The command line and a server that does not mean well: one line, the right code, nothing left.
 */
@Tag("alone")
@ExtendWith(LyingServer.class)
class LiesTest {

  private static final byte[] GOOD = archive(file("tide-board/README.md", 10));
  private static final Map<String, Lie> LIES = lies();

  @TempDir Path temp;
  private Path home;
  private Path between;

  @BeforeEach
  void folders() throws Exception {
    home = Files.createDirectory(temp.resolve("home"));
    between = Files.createDirectory(temp.resolve("between"));
  }

  private static TarArchiveEntry special(String name, byte kind) {
    TarArchiveEntry entry = new TarArchiveEntry(name, kind);
    entry.setLinkName("/etc/passwd");
    return entry;
  }

  private static Map<String, Lie> lies() {
    Map<String, Lie> lies = new LinkedHashMap<>();
    byte[] half = Arrays.copyOf(GOOD, GOOD.length / 2);
    lies.put("69 was cut off", (out, n) -> say(out, "200 OK", length(GOOD) + digest(GOOD), half));
    lies.put(
        "69 does not answer",
        (out, n) -> {
          say(
              out,
              "200 OK",
              "Transfer-Encoding: chunked\r\n" + digest(GOOD),
              "ff\r\n".getBytes(UTF_8));
          out.write(half);
        });
    lies.put(
        "70 digest of the answer",
        (out, n) -> say(out, "200 OK", length(GOOD) + digest(half), GOOD));
    lies.put("70 without its digest", (out, n) -> say(out, "200 OK", length(GOOD), GOOD));
    lies.put(
        "70 digest of the answer is",
        (out, n) -> say(out, "200 OK", length(half) + digest(GOOD), half));
    lies.put("69 more than 64 MB", (out, n) -> forever(out, 1 << 20, 0));
    lies.put("69 within 3 seconds", (out, n) -> forever(out, 1, 200));
    lies.put(
        "69 to its end within 3",
        (out, n) -> {
          out.write("HTTP/1.1 200 OK\r\n".getBytes(UTF_8));
          for (int i = 0; i < 50; i++) {
            out.write('X');
            out.flush();
            Thread.sleep(200);
          }
        });
    lies.put("70 unpacks to more than 64 MB", whole(archive(file("a/bomb", 80 << 20))));
    lies.put(
        "70 no plain file: a/link", whole(archive(special("a/link", TarConstants.LF_SYMLINK))));
    lies.put("70 no plain file: a/hard", whole(archive(special("a/hard", TarConstants.LF_LINK))));
    lies.put(
        "70 no plain file: a/device", whole(archive(special("a/device", TarConstants.LF_CHR))));
    lies.put("70 version control: GIT~1/config", whole(archive(file("a/GIT~1/config", 1))));
    lies.put("70 names a file twice", whole(archive(file("a/x", 1), file("a/X", 1))));
    lies.put("70 outside the directory", whole(archive(file("a/ok", 1), file("a/../../evil", 1))));
    lies.put("70 nothing in it", whole(archive()));
    lies.put("70 cannot be read to its end", whole(new byte[0]));
    lies.put("70 cannot be read", whole("no archive".getBytes(UTF_8)));
    lies.put(
        "70 HTTP 500",
        (out, n) -> say(out, "500 Oh", "Connection: close\r\n", "<html>".getBytes(UTF_8)));
    lies.put(
        "70 HTTP 302",
        (out, n) -> say(out, "302 There", "Location: /\r\nContent-Length: 0\r\n", new byte[0]));
    lies.put("69 not answer", (out, n) -> out.write("SSH-2.0-x\r\n".getBytes(UTF_8)));
    lies.put(
        "69 not Vivid Trellis",
        (out, n) -> out.write("HTTP/1.1 200 OK\r\nContent-Length: 2\r\n\r\nhi".getBytes(UTF_8)));
    lies.put(
        "75 too busy",
        (out, n) -> say(out, "503 No", "Retry-After: 0\r\nContent-Length: 0\r\n", new byte[0]));
    lies.put(
        "75 is too busy",
        (out, n) -> say(out, "429 No", "Retry-After: x\r\nContent-Length: 0\r\n", new byte[0]));
    return lies;
  }

  /** Bytes without an end, or with one that is far away. */
  private static void forever(OutputStream out, int at, int pause)
      throws IOException, InterruptedException {
    say(out, "200 OK", "Connection: close\r\n" + digest(GOOD), new byte[0]);
    byte[] some = new byte[at];
    for (int i = 0; i < 100; i++) {
      out.write(some);
      out.flush();
      Thread.sleep(pause);
    }
  }

  static Stream<String> names() {
    return LIES.keySet().stream();
  }

  private Command.Result vivid(LyingServer server, String... words) throws Exception {
    List<String> all = new ArrayList<>(List.of(Product.CHECKOUT.resolve("vivid").toString()));
    all.addAll(List.of(words));
    return new Command(home, all)
        .with(
            Map.of(
                "VIVID_SERVER",
                server.base(),
                "VIVID_PATIENCE",
                "3",
                "JAVA_TOOL_OPTIONS",
                "-Djava.io.tmpdir=" + between))
        .run(30);
  }

  private static List<Path> below(Path folder) throws Exception {
    try (Stream<Path> all = Files.list(folder)) {
      return all.toList();
    }
  }

  @ParameterizedTest
  @MethodSource("names")
  void aLieIsToldInOneLineAndLeavesNothing(String expected, LyingServer server) throws Exception {
    server.says(LIES.get(expected));
    long start = System.nanoTime();

    Command.Result result = vivid(server, "take", "name=tide-board", "--into", "tide-board");

    assertThat(result.code())
        .as(result.both())
        .isEqualTo(Integer.parseInt(expected.substring(0, 2)));
    assertThat(result.err()).contains(expected.substring(3)).doesNotContain("Exception", "\tat ");
    assertThat(below(home)).isEmpty();
    assertThat(below(between)).isEmpty();
    assertThat(Duration.ofNanos(System.nanoTime() - start)).isLessThan(Duration.ofSeconds(20));
    assertThat(server.asked()).isEqualTo(expected.startsWith("75") ? 2 : 1);
  }

  @Test
  void anArchiveThatIsCutOffIsNoFile(LyingServer server) throws Exception {
    server.says(LIES.get("69 was cut off"));

    for (String name : List.of("x.zip", "x.tar.gz", "-")) {
      Command.Result result = vivid(server, "take", "name=tide-board", "--archive", name);
      assertThat(result.code()).isEqualTo(69);
      assertThat(result.out()).isEmpty();
    }
    assertThat(below(home)).isEmpty();
    assertThat(below(between)).isEmpty();
  }

  @Test
  void whoIsBusyOnceIsAskedAgainAndAnotherSizeCanBeTold(LyingServer server) throws Exception {
    byte[] large = archive(file("a/large", 3 << 20));
    server.says(
        (out, n) -> {
          if (n == 1) {
            say(out, "503 No", "Retry-After: 1\r\nContent-Length: 0\r\n", new byte[0]);
          } else {
            whole(large).tell(out, n);
          }
        });

    assertThat(vivid(server, "take", "name=a", "--into", "a", "--most", "2").code()).isEqualTo(70);
    server.says(whole(large));
    assertThat(vivid(server, "take", "name=a", "--into", "a").code()).isZero();
    assertThat(home.resolve("a/large")).hasSize(3 << 20);
    assertThat(below(between)).isEmpty();
  }

  @Test
  void anAnswerThatIsNoJsonIsAFaultAndNoTrace(LyingServer server) throws Exception {
    for (String body : List.of("", "{", "[]", "{\"verdict\": 7}", "\u0000", "{\"findings\": {}}")) {
      byte[] bytes = body.getBytes(UTF_8);
      server.says((out, n) -> say(out, "200 OK", length(bytes), bytes));

      Command.Result result = vivid(server, "check", "name=tide-board");

      assertThat(result.code()).as(body).isEqualTo(70);
      assertThat(result.err()).as(body).doesNotContain("\tat ").contains("vivid: ");
    }
  }
}
