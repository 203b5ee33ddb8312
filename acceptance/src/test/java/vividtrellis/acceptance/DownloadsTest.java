package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The command line on a machine that has nothing but Java and what the service offers. */
@ExtendWith(Product.class)
class DownloadsTest {

  @TempDir Path temp;

  private final Product.Running product;

  DownloadsTest(Product.Running product) {
    this.product = product;
  }

  /** The file of one kind, as it is offered, with the digest that is told. */
  private Path fetched(String kind) throws Exception {
    for (JsonNode each : Product.json(product.get("/downloads/").body()).get("downloads")) {
      if (each.get("kind").asString().equals(kind)) {
        byte[] bytes = product.get(each.get("address").asString()).body();
        assertThat(bytes).hasSize(each.get("size").asInt());
        assertThat(each.get("digest").asString())
            .isEqualTo(
                "sha-256="
                    + HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes)));
        return Files.write(temp.resolve(each.get("file").asString()), bytes);
      }
    }
    throw new AssertionError("there is none for " + kind);
  }

  private Command.Result run(Path home, Path launcher, String... words) throws Exception {
    List<String> all = new ArrayList<>(List.of(launcher.toString()));
    all.addAll(List.of(words));
    return new Command(home, all)
        .with(
            Map.of(
                "VIVID_SERVER", product.base(),
                "HOME", home.toString(),
                "XDG_CACHE_HOME", home.resolve("cache").toString()))
        .run(60);
  }

  @Test
  void theZipWorksFromAnyFolderAndThroughALink() throws Exception {
    Path zip = fetched("zip");
    Path tools = Files.createDirectory(temp.resolve("my tools"));
    assertThat(new Command(tools, List.of("jar", "xf", zip.toString())).run(60).code()).isZero();
    Path unpacked = tools.resolve(zip.getFileName().toString().replace(".zip", ""));
    try (var inside = FileSystems.newFileSystem(zip, Map.of("enablePosixFileAttributes", "true"))) {
      Path packed = inside.getPath(unpacked.getFileName().toString(), "bin", "vivid");
      assertThat(Files.getPosixFilePermissions(packed))
          .contains(PosixFilePermission.OWNER_EXECUTE, PosixFilePermission.OTHERS_EXECUTE);
    }
    Path launcher = unpacked.resolve("bin/vivid");
    assertThat(launcher.toFile().setExecutable(true)).isTrue();
    Path link = Files.createSymbolicLink(temp.resolve("vivid"), launcher);

    for (int run = 1; run <= 2; run++) {
      Command.Result check = run(temp, link, "check", "name=tide-board", "+http-api");
      assertThat(check.both()).contains("Everything fits");
      assertThat(check.err()).isEmpty();
      assertThat(check.code()).isZero();
      try (var kept = Files.list(temp.resolve("cache/vivid-trellis"))) {
        assertThat(kept).as("classes kept ready after check %s", run).hasSize(1);
      }
    }
    assertThat(run(temp, link, "--version").out())
        .contains("vivid " + unpacked.getFileName().toString().replace("vivid-", ""))
        .contains("service ");
    assertThat(run(temp, link, "check", "name=Tide Board").code()).isEqualTo(1);

    assertThat(Files.readString(unpacked.resolve("share/man/man1/vivid-take.1")))
        .contains(".SH \"EXAMPLES\"", "on\\-clash", "vivid take berth\\-booking.yaml");
    assertThat(Files.readString(unpacked.resolve("share/man/man1/vivid.1")))
        .contains(".SH \"EXIT STATUS\"");
    assertThat(Files.readString(unpacked.resolve("bin/vivid.cmd")))
        .contains("..\\lib\\vivid.jar", "%*\r\nexit /b %ERRORLEVEL%\r\n");
  }

  @Test
  void theDebianPackageHoldsTheCommandAndItsManual() throws Exception {
    Path deb = fetched("debian");
    assertThat(new Command(temp, List.of("dpkg-deb", "-I", deb.toString())).run(60).out())
        .contains("Package: vivid-trellis", "Architecture: all", "java17-runtime-headless");
    Path root = temp.resolve("root");
    Command.Result unpacked =
        new Command(temp, List.of("dpkg-deb", "-x", deb.toString(), root.toString())).run(60);
    assertThat(unpacked.both()).isEmpty();

    Path program = root.resolve("usr/bin/vivid-trellis");
    assertThat(Files.isSymbolicLink(program)).isTrue();
    Command.Result check = run(temp, program, "check", "name=tide-board", "+http-api");
    assertThat(check.code()).as(check.both()).isZero();
    assertThat(root.resolve("usr/share/man/man1/vivid-check.1")).isNotEmptyFile();
    assertThat(root.resolve("usr/share/man/man1/vivid-trellis.1")).isNotEmptyFile();
  }

  /** Debian's program of that name has a higher version; it must neither come in nor go away. */
  @Test
  void anotherProgramCalledVividStaysApart() throws Exception {
    Path repository = Files.createDirectory(temp.resolve("repository"));
    Files.writeString(
        repository.resolve("Packages"),
        "Package: vivid\nVersion: 99.0\nArchitecture: all\nMaintainer: x <x@saltmarsh.example>\n"
            + "Filename: ./vivid.deb\nSize: 1\nSHA256: "
            + "0".repeat(64)
            + "\n"
            + "Description: another program\n");
    for (String ours : List.of("vivid-trellis", "vivid")) {
      assertThat(upgrade(repository, ours))
          .contains(
              ours.equals("vivid") ? "Inst vivid [0.1.0] (99.0" : "0 upgraded, 0 newly installed");
    }

    Path scripts = temp.resolve("scripts");
    String deb = fetched("debian").toString();
    new Command(temp, List.of("dpkg-deb", "-e", deb, scripts.toString())).run(60);
    Path root = temp.resolve("here");
    new Command(temp, List.of("dpkg-deb", "-x", deb, root.toString())).run(60);
    for (String folder : List.of("etc/alternatives", "var/lib/dpkg/alternatives", "var/log")) {
      Files.createDirectories(root.resolve(folder));
    }
    Path name = root.resolve("usr/bin/vivid");
    script(scripts.resolve("postinst"), root, "configure");
    assertThat(Files.readSymbolicLink(name)).hasToString("/etc/alternatives/vivid");
    script(scripts.resolve("prerm"), root, "remove");
    assertThat(Files.exists(name, LinkOption.NOFOLLOW_LINKS)).isFalse();

    Files.writeString(name, "another program");
    script(scripts.resolve("postinst"), root, "configure");
    script(scripts.resolve("prerm"), root, "remove");
    assertThat(name).isRegularFile().hasContent("another program");
  }

  /** What an upgrade would do on a machine that has a package of this name. */
  private String upgrade(Path repository, String installed) throws Exception {
    Path apt = Files.createDirectories(temp.resolve("apt-" + installed));
    Files.writeString(
        apt.resolve("status"),
        "Package: "
            + installed
            + "\nStatus: install ok installed\nVersion: 0.1.0\n"
            + "Architecture: all\nMaintainer: x <x@saltmarsh.example>\nDescription: ours\n\n");
    Files.writeString(apt.resolve("list"), "deb [trusted=yes] file:" + repository + " ./\n");
    for (String folder : List.of("state/lists/partial", "cache/archives/partial", "parts")) {
      Files.createDirectories(apt.resolve(folder));
    }
    List<String> options = new ArrayList<>();
    Map.of(
            "Dir::State", "state",
            "Dir::State::status", "status",
            "Dir::Cache", "cache",
            "Dir::Etc::sourcelist", "list",
            "Dir::Etc::sourceparts", "parts")
        .forEach((key, value) -> options.addAll(List.of("-o", key + "=" + apt.resolve(value))));
    options.addAll(List.of("-o", "APT::Sandbox::User=root"));
    String said = "";
    for (List<String> words : List.of(List.of("update"), List.of("-s", "upgrade"))) {
      List<String> all = new ArrayList<>(List.of("apt-get"));
      all.addAll(options);
      all.addAll(words);
      Command.Result result = new Command(temp, all).run(60);
      assertThat(result.code()).as(result.both()).isZero();
      said = result.out();
    }
    return said;
  }

  private static void script(Path script, Path root, String word) throws Exception {
    Command.Result result =
        new Command(root, List.of(script.toString(), word))
            .with(Map.of("DPKG_ROOT", root.toString()))
            .run(60);
    assertThat(result.code()).as(result.both()).isZero();
  }
}
