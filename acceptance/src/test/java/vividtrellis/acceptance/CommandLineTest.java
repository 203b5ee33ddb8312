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

/** Briefs from answers and words, and projects written into folders where something lies. */
@ExtendWith(Product.class)
class CommandLineTest {

  private static final String[] PICKS = {"name=tide-board", "+http-api"};

  @TempDir Path temp;

  /** At a terminal, with what is typed there. */
  private Command.Result typing(Running product, String typed, String line) throws Exception {
    return new Command(
            temp, List.of("script", "-qec", Product.CHECKOUT + "/vivid " + line, "/dev/null"))
        .with(Map.of("VIVID_SERVER", product.base(), "TERM", "dumb", "LANG", "C.UTF-8", "CI", ""))
        .saying(typed)
        .run(60);
  }

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

  @Test
  void answersMakeABriefAndAWrongOneCostsNoOther(Running product) throws Exception {
    String typed =
        String.join(
            "\r",
            "Tide Board",
            "",
            "saltmarsh.example",
            "maven",
            "java@12",
            "java@21",
            "spring-boot@4.1",
            "<",
            "",
            "jar",
            "http-api",
            "send mail",
            "server-undertow",
            "mail",
            "-mail",
            "",
            "container compse",
            "container",
            "walkthrough",
            "",
            "");

    Command.Result said = typing(product, typed, "brief");

    assertThat(said.code()).as(said.both()).isZero();
    assertThat(said.out())
        .contains("has a space in it", "The package is", "example.saltmarsh.tideboard")
        .contains("There is no java@12", "Sends mail.", "Undertow is known for")
        .contains("did you mean compose?", "Everything fits.", "vivid take tide-board.yaml");
    assertThat(temp.resolve("tide-board.yaml"))
        .hasContent(
            """
            brief: 1
            project:
              name: tide-board
              group: saltmarsh.example
            build: maven
            language: java@21
            framework: spring-boot@4.1
            packaging: jar
            starters:
              - http-api
            extras:
              - container
            sample: walkthrough
            """);
    String without =
        said.out()
            .replace("\r", "")
            .lines()
            .filter(line -> line.contains("without questions:"))
            .findFirst()
            .orElseThrow();
    String words = without.replaceAll(".*vivid brief (.*) --to.*", "$1");
    Command.Result again =
        product.vivid(temp, ("brief " + words + " --to again.yaml").split(" ", -1));
    assertThat(again.code()).as(again.both()).isZero();
    assertThat(temp.resolve("again.yaml")).hasSameTextualContentAs(temp.resolve("tide-board.yaml"));
  }

  @Test
  void endingTheQuestionsWritesNothing(Running product) throws Exception {
    assertThat(typing(product, "tide-board\r\u0003", "brief").code()).isEqualTo(130);
    assertThat(typing(product, "tide-board\r", "brief").code()).isEqualTo(130);
    assertThat(all()).isEmpty();
  }

  @Test
  void withoutATerminalItNeverAsks(Running product) throws Exception {
    Command.Result missing = product.vivid(temp, "brief", "+http-api");
    assertThat(missing.code()).isEqualTo(64);
    assertThat(missing.err()).contains("missing: name");
    Command.Result quiet = typing(product, "", "brief --no-questions");
    assertThat(quiet.code()).isEqualTo(64);

    Command.Result blocked = product.vivid(temp, "brief", "name=a1", "+sql-orm", "--to", "a.yaml");
    assertThat(blocked.code()).isEqualTo(1);
    assertThat(blocked.err()).contains("database driver");
    assertThat(all()).isEmpty();

    assertThat(product.vivid(temp, "brief", "name=a1", "--to", "a.yaml").code()).isZero();
    Command.Result twice = product.vivid(temp, "brief", "name=b1", "--to", "a.yaml");
    assertThat(twice.code()).isEqualTo(73);
    assertThat(Files.readString(temp.resolve("a.yaml"))).contains("name: a1");
    assertThat(product.vivid(temp, "brief", "a.yaml", "--whole").out())
        .contains("edition: ", "framework: spring-boot@");
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

    assertThat(typing(product, "\u0003", line).code()).isEqualTo(130);
    assertThat(typing(product, "what\rs\r", line).code()).isEqualTo(73);
    assertThat(all()).isEqualTo(before);
    assertThat(take(product, "--into", "/proc/none").code()).isEqualTo(73);

    Command.Result kept = typing(product, "K\r", line);
    assertThat(kept.code()).as(kept.both()).isZero();
    assertThat(all().get("README.md")).isEqualTo("Mine.\n");
  }

  @Test
  void aLinkLeadsOthersToTheSame(Running product) throws Exception {
    Command.Result link =
        product.vivid(temp, "link", "name=tide-board", "title=Tide & Board", "+http-api");
    assertThat(link.code()).as(link.both()).isZero();
    String curl =
        link.out().lines().filter(line -> line.startsWith("curl")).findFirst().orElseThrow();

    String[] quoted = curl.split("'", -1);
    String query = quoted[1].substring(quoted[1].indexOf("/api/"));
    byte[] fetched = product.get(query).body();

    assertThat(
            product
                .vivid(
                    temp,
                    "take",
                    "name=tide-board",
                    "title=Tide & Board",
                    "+http-api",
                    "--archive",
                    "-")
                .bytes())
        .isEqualTo(fetched);
    assertThat(link.out())
        .contains(product.base() + "/#pick=name:tide-board", "'title=Tide & Board'");
  }
}
