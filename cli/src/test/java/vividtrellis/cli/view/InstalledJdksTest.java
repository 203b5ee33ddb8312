package vividtrellis.cli.view;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import vividtrellis.cli.view.InstalledJdks.Jdk;

class MachineTest {

  @TempDir Path temp;
  private Path places;

  @BeforeEach
  void someJdks() throws IOException {
    places = Files.createDirectories(temp.toRealPath().resolve("jvm"));
    jdk("a-17", "17.0.13");
    jdk("b-25", "25.0.3");
    Files.createSymbolicLink(places.resolve("default"), places.resolve("a-17"));
    Files.createDirectories(places.resolve("nothing"));
    Files.createDirectories(places.resolve("runtime-only"));
    Files.writeString(places.resolve("runtime-only/release"), "JAVA_VERSION=\"21.0.1\"\n");
  }

  private void jdk(String name, String version) throws IOException {
    Path bin = Files.createDirectories(places.resolve(name).resolve("bin"));
    Files.writeString(
        bin.getParent().resolve("release"), "X=1\nJAVA_VERSION=\"" + version + "\"\n");
    assertThat(Files.createFile(bin.resolve("javac")).toFile().setExecutable(true)).isTrue();
  }

  private List<Jdk> seen(Map<String, String> environment) {
    return InstalledJdks.jdks(environment, List.of(places, temp.resolve("not-there")));
  }

  @Test
  void everyJdkIsToldOnceAndARuntimeIsNone() {
    assertThat(seen(Map.of())).extracting(Jdk::level).containsExactly(17, 25);
    assertThat(seen(Map.of())).extracting(Jdk::version).containsExactly("17.0.13", "25.0.3");
    assertThat(seen(Map.of())).noneMatch(Jdk::used);
  }

  @Test
  void theOneABuildTakesIsJavaHomesThenThePaths() {
    String path = temp.resolve("not-there") + ":" + places.resolve("default/bin");

    assertThat(seen(Map.of("PATH", path)))
        .filteredOn(Jdk::used)
        .extracting(Jdk::level)
        .containsExactly(17);
    assertThat(seen(Map.of("PATH", path, "JAVA_HOME", places.resolve("b-25").toString())))
        .filteredOn(Jdk::used)
        .extracting(Jdk::level)
        .containsExactly(25);
    assertThat(seen(Map.of("JAVA_HOME", "/no/such/jdk"))).noneMatch(Jdk::used);
  }
}
