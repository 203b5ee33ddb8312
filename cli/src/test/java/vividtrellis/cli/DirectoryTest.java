package vividtrellis.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import org.apache.commons.compress.archivers.tar.TarArchiveEntry;
import org.apache.commons.compress.archivers.tar.TarArchiveOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DirectoryTest {

  @TempDir Path temp;

  private static byte[] archive(String... names) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (TarArchiveOutputStream out = new TarArchiveOutputStream(new GZIPOutputStream(bytes))) {
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
    return bytes.toByteArray();
  }

  private long files() throws IOException {
    try (Stream<Path> all = Files.walk(temp)) {
      return all.filter(Files::isRegularFile).count();
    }
  }

  @Test
  void writesTheContentsWithRunBitsAndAgainOverTheSame() throws IOException {
    byte[] archive = archive("root/mvnw", "root/src/a.txt");
    Directory directory = new Directory(temp.resolve("new/project"));

    assertThat(directory.write(archive).files()).containsExactly("mvnw", "src/a.txt");
    assertThat(temp.resolve("new/project/mvnw")).isExecutable();
    assertThat(temp.resolve("new/project/src/a.txt")).hasContent("content of root/src/a.txt");
    assertThat(directory.write(archive).files()).hasSize(2);
  }

  @Test
  void whatIsThereAndDiffersStopsEverything() throws IOException {
    Files.writeString(temp.resolve("README.md"), "mine");

    assertThatThrownBy(() -> new Directory(temp).write(archive("root/a.txt", "root/README.md")))
        .isInstanceOf(Failure.class)
        .hasMessageContaining("README.md")
        .extracting(e -> ((Failure) e).code())
        .isEqualTo(Failure.CANNOT_WRITE);
    assertThat(files()).isEqualTo(1);
    assertThat(temp.resolve("README.md")).hasContent("mine");
  }

  @ParameterizedTest
  @ValueSource(strings = {"root/../../evil", "root/a/../../../evil", "root//etc/evil"})
  void neverLeavesTheDirectory(String name) throws IOException {
    Path inside = Files.createDirectory(temp.resolve("inside"));

    assertThatThrownBy(() -> new Directory(inside).write(archive("root/ok", name)))
        .isInstanceOf(Failure.class);
    assertThat(files()).isZero();
  }

  @Test
  void doesNotFollowLinksAndTakesBackWhatItWroteWhenItFails() throws IOException {
    Path inside = Files.createDirectory(temp.resolve("inside"));
    Path outside = Files.createDirectory(temp.resolve("outside"));
    Files.createSymbolicLink(inside.resolve("src"), outside);

    assertThatThrownBy(() -> new Directory(inside).write(archive("root/ok", "root/src/a.txt")))
        .isInstanceOf(Failure.class)
        .hasMessageContaining("link");
    Files.delete(inside.resolve("src"));
    assertThatThrownBy(() -> new Directory(inside).write(archive("root/x", "root/x/under-a-file")))
        .isInstanceOf(Failure.class);
    assertThat(files()).isZero();
  }
}
