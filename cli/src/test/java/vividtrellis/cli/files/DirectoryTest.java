package vividtrellis.cli.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.entry;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import org.apache.commons.compress.archivers.tar.TarArchiveEntry;
import org.apache.commons.compress.archivers.tar.TarArchiveOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import vividtrellis.cli.files.Directory.Fate;
import vividtrellis.cli.files.Directory.Step;
import vividtrellis.cli.files.TarContents.Entry;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.core.pack.Archive.Format;

class DirectoryTest {

  @TempDir Path temp;

  private static Map<String, Entry> archive(String... names) throws IOException {
    Path file = Files.createTempFile("archive", ".tar.gz");
    try (TarArchiveOutputStream out =
        new TarArchiveOutputStream(new GZIPOutputStream(Files.newOutputStream(file)))) {
      for (String name : names) {
        byte[] content = ("content of " + name).getBytes(StandardCharsets.UTF_8);
        TarArchiveEntry entry = new TarArchiveEntry(name, true);
        entry.setSize(content.length);
        entry.setMode(name.endsWith("mvnw") ? 0100755 : 0100644);
        out.putArchiveEntry(entry);
        out.write(content);
        out.closeArchiveEntry();
      }
    }
    try {
      return TarContents.of(file, Format.TAR_GZ, 1 << 20);
    } finally {
      Files.delete(file);
    }
  }

  private static List<Step> take(Path into, Clash policy, Map<String, Entry> archive) {
    Directory directory = new Directory(into);
    List<Step> steps = directory.plan(archive, path -> policy);
    directory.write(steps);
    return steps;
  }

  /** Everything below, with what is in it. */
  private Map<String, String> all() throws IOException {
    Map<String, String> all = new TreeMap<>();
    try (Stream<Path> below = Files.walk(temp)) {
      for (Path each : below.filter(Files::isRegularFile).toList()) {
        all.put(temp.relativize(each).toString(), Files.readString(each));
      }
    }
    return all;
  }

  @Test
  void writesTheContentsWithRunBitsAndAgainOverTheSame() throws IOException {
    Map<String, Entry> archive = archive("root/mvnw", "root/src/a.txt");
    Path into = temp.resolve("new/project");

    assertThat(take(into, Clash.STOP, archive))
        .extracting(Step::fate)
        .containsExactly(Fate.NEW, Fate.NEW);
    assertThat(into.resolve("mvnw")).isExecutable();
    assertThat(take(into, Clash.STOP, archive)).extracting(Step::fate).containsOnly(Fate.SAME);
    assertThat(all())
        .containsOnly(
            entry("new/project/mvnw", "content of root/mvnw"),
            entry("new/project/src/a.txt", "content of root/src/a.txt"));
  }

  @ParameterizedTest
  @CsvSource({
    "KEEP, mine, absent",
    "REPLACE, content of root/README.md, absent",
    "BESIDE, mine, content of root/README.md"
  })
  void whatIsThereAndDiffersIsDealtWithAsAsked(Clash policy, String readme, String beside)
      throws IOException {
    Files.writeString(temp.resolve("README.md"), "mine");
    Files.writeString(temp.resolve(".gitignore"), "# mine\n/notes\nlast");

    take(temp, policy, archive("root/README.md", "root/.gitignore", "root/a.txt"));

    Map<String, String> all = all();
    assertThat(all).containsEntry("README.md", readme).containsKey("a.txt");
    assertThat(all.getOrDefault("README.md.beside", "absent")).isEqualTo(beside);
    assertThat(all.get(".gitignore"))
        .isEqualTo("# mine\n/notes\nlast\ncontent of root/.gitignore\n");
  }

  @Test
  void whatIsThereAndDiffersCanStopEverything() throws IOException {
    Files.writeString(temp.resolve("README.md"), "mine");

    assertThatThrownBy(() -> take(temp, Clash.STOP, archive("root/a.txt", "root/README.md")))
        .isInstanceOf(Failure.class)
        .hasMessageContaining("README.md")
        .extracting(e -> ((Failure) e).code())
        .isEqualTo(Failure.CANNOT_WRITE);
    assertThat(all()).containsOnly(entry("README.md", "mine"));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "root/../../evil",
        "root/a/../../../evil",
        "root//etc/evil",
        "root/.git/hooks/post-merge",
        "root/sub/.GIT/config",
        "root/GIT~1/config",
        "root/.g\u200dit/config",
        "root/.git./config",
        "root/.git::$INDEX_ALLOCATION/config",
        "root/a\u0007b",
        "root/OK",
        "beside"
      })
  void neverLeavesTheDirectoryNorTouchesVersionControl(String name) throws IOException {
    Path inside = Files.createDirectory(temp.resolve("inside"));

    assertThatThrownBy(() -> take(inside, Clash.REPLACE, archive("root/ok", name)))
        .isInstanceOf(Failure.class);
    assertThat(all()).isEmpty();
  }

  @Test
  void doesNotFollowLinksAndPutsEverythingBackWhenItFails() throws IOException {
    Path inside = Files.createDirectory(temp.resolve("inside"));
    Path outside = Files.createDirectory(temp.resolve("outside"));
    Path secret = Files.writeString(outside.resolve("secret"), "not ours");
    Files.createSymbolicLink(inside.resolve("src"), outside);
    Files.createSymbolicLink(inside.resolve("link"), secret);

    assertThatThrownBy(() -> take(inside, Clash.REPLACE, archive("root/ok", "root/src/a.txt")))
        .isInstanceOf(Failure.class)
        .hasMessageContaining("link");
    Files.delete(inside.resolve("src"));
    Files.writeString(inside.resolve("x"), "mine");
    Map<String, String> before = all();
    assertThatThrownBy(
            () -> take(inside, Clash.REPLACE, archive("root/ok", "root/x", "root/x/under-a-file")))
        .isInstanceOf(Failure.class);
    assertThat(all()).isEqualTo(before);

    take(inside, Clash.REPLACE, archive("root/link"));
    assertThat(inside.resolve("link")).isRegularFile().hasContent("content of root/link");
    assertThat(secret).hasContent("not ours");
  }

  @Test
  void whatFailsHalfwayIsTakenBackStepByStep() throws IOException {
    Files.writeString(temp.resolve("a.txt"), "mine");
    Map<String, String> before = all();

    try (FileTransaction writing = new FileTransaction(temp)) {
      writing.place(writing.stage(new byte[] {1}, false), temp.resolve("a.txt"));
      writing.place(writing.stage(new byte[] {2}, true), temp.resolve("new/b.txt"));
      assertThat(temp.resolve("new/b.txt")).exists();
    }

    assertThat(all()).isEqualTo(before);
    assertThat(temp.resolve("new")).doesNotExist();
  }

  @Test
  void manyDirectoriesAreWrittenOrNone() throws IOException {
    Directory directory = new Directory(temp.resolve("fares"));
    Directory first = directory.in("plain");
    Directory second = directory.in("queued");
    Map<Directory, List<Step>> planned = new LinkedHashMap<>();
    planned.put(first, first.plan(archive("root/a"), path -> Clash.STOP));
    planned.put(second, second.plan(archive("root/src/b"), path -> Clash.STOP));
    Files.createDirectories(second.root());
    Files.writeString(second.root().resolve("src"), "mine, and in the way");
    Map<String, String> before = all();

    assertThatThrownBy(() -> directory.write(planned)).isInstanceOf(Failure.class);
    assertThat(all()).isEqualTo(before);
    assertThat(first.root()).doesNotExist();

    Files.delete(second.root().resolve("src"));
    directory.write(planned);
    assertThat(all()).containsOnlyKeys("fares/plain/a", "fares/queued/src/b");
    Files.createSymbolicLink(directory.root().resolve("away"), temp);
    assertThatThrownBy(() -> directory.in("away")).hasMessageContaining("link");
  }
}
