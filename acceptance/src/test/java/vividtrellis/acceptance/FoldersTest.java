package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vividtrellis.acceptance.Product.Running;

/** Projects written into folders where something lies, and taken back from there. */
@ExtendWith(Product.class)
class FoldersTest {

  private static final String[] PICKS = {"name=tide-board", "+http-api"};

  @TempDir Path temp;

  private Command.Result take(Running product, String... more) throws Exception {
    List<String> words = new ArrayList<>(List.of("take"));
    words.addAll(List.of(PICKS));
    words.addAll(List.of(more));
    return product.vivid(temp, words.toArray(String[]::new));
  }

  /** Everything in the folder, version control included. */
  private Map<String, String> all() throws Exception {
    Map<String, String> all = new TreeMap<>();
    try (Stream<Path> below = Files.walk(temp)) {
      for (Path each : below.filter(Files::isRegularFile).toList()) {
        all.put(temp.relativize(each).toString(), Files.readString(each));
      }
    }
    return all;
  }

  private Map<String, String> repository() throws Exception {
    assertThat(new Command(temp, List.of("git", "init", "-q")).run(30).code()).isZero();
    try (Stream<Path> hooks = Files.list(temp.resolve(".git/hooks"))) {
      for (Path each : hooks.toList()) {
        Files.delete(each);
      }
    }
    Files.writeString(temp.resolve("README.md"), "Mine.\n");
    Files.writeString(temp.resolve(".gitignore"), "/notes\n");
    return all();
  }

  @ParameterizedTest
  @CsvSource({
    "keep, kept, Mine., absent",
    "replace, replaced, # Tide Board, absent",
    "beside, README.md.beside, Mine., # Tide Board"
  })
  void aRepositoryWithAReadmeIsDealtWithAsAsked(
      String policy, String told, String readme, String beside, Running product) throws Exception {
    Map<String, String> before = repository();

    Command.Result look = take(product, "--into", ".", "--look");
    assertThat(look.code()).as(look.both()).isZero();
    assertThat(look.out()).contains("there and differs", "README.md", "Starters: http-api.");
    Command.Result stopped = take(product, "--into", ".");
    assertThat(stopped.code()).isEqualTo(73);
    assertThat(stopped.err()).contains("README.md", "--on-clash");
    assertThat(all()).isEqualTo(before);

    Command.Result taken = take(product, "--into", ".", "--on-clash", policy);

    assertThat(taken.code()).as(taken.both()).isZero();
    assertThat(taken.out()).contains(told, "joined    .gitignore");
    Map<String, String> after = all();
    assertThat(after.get("README.md")).startsWith(readme);
    assertThat(after.getOrDefault("README.md.beside", "absent")).startsWith(beside);
    assertThat(after.get(".gitignore")).startsWith("/notes\n").contains("target/");
    assertThat(after).containsKeys("pom.xml", ".vivid/receipt.json");
    before.keySet().stream()
        .filter(path -> path.startsWith(".git/"))
        .forEach(path -> assertThat(after.get(path)).isEqualTo(before.get(path)));
  }

  @Test
  void whatWasWrittenIsTakenBackAndNothingElse(Running product) throws Exception {
    Map<String, String> before = repository();
    assertThat(take(product, "--into", ".", "--on-clash", "beside").code()).isZero();
    Files.writeString(temp.resolve("pom.xml"), "<!-- mine now -->");
    Files.writeString(temp.resolve("src/main/java/notes.txt"), "mine too");
    Map<String, String> taken = all();

    Command.Result look = product.vivid(temp, "withdraw", ".", "--look");
    assertThat(look.out()).contains("would go", "changed since, stays  pom.xml");
    assertThat(all()).isEqualTo(taken);

    Command.Result gone = product.vivid(temp, "withdraw", ".", "--json");

    assertThat(gone.code()).as(gone.both()).isZero();
    assertThat(gone.out()).contains("\"changed\" : [ \".gitignore\", \"README.md\", \"pom.xml\" ]");
    Map<String, String> left = all();
    assertThat(left).containsKeys("pom.xml", "src/main/java/notes.txt");
    left.keySet().removeAll(List.of("pom.xml", "src/main/java/notes.txt", ".gitignore"));
    before.remove(".gitignore");
    assertThat(left).isEqualTo(before);
    assertThat(temp.resolve("src/test")).doesNotExist();
    assertThat(product.vivid(temp, "withdraw", ".").code()).isEqualTo(65);
  }

  @Test
  void askedAtATerminalAndInterruptedItLeavesEverythingAsItWas(Running product) throws Exception {
    Map<String, String> before = repository();
    String line = "take name=tide-board +http-api --into .";

    assertThat(AtTerminal.interrupted(product, temp, line, "is there and differs")).isEqualTo(130);
    assertThat(AtTerminal.typing(product, temp, "what\rs\r", line).code()).isEqualTo(73);
    assertThat(all()).isEqualTo(before);
    assertThat(take(product, "--into", "/proc/none").code()).isEqualTo(73);

    Command.Result kept = AtTerminal.typing(product, temp, "K\r", line);
    assertThat(kept.code()).as(kept.both()).isZero();
    assertThat(all().get("README.md")).isEqualTo("Mine.\n");
  }
}
