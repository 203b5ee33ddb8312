package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import vividtrellis.acceptance.Product.Running;

/** Briefs that are made of answers, of words, and of a person's own defaults. */
@ExtendWith(Product.class)
class BriefCommandTest {

  @TempDir Path temp;

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

    Command.Result said = AtTerminal.typing(product, temp, typed, "brief");

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
    assertThat(AtTerminal.interrupted(product, temp, "brief", "Name of the project"))
        .isEqualTo(130);
    assertThat(AtTerminal.typing(product, temp, "tide-board\r", "brief").code()).isEqualTo(130);
    assertThat(temp).isEmptyDirectory();
  }

  @Test
  void withoutATerminalItNeverAsks(Running product) throws Exception {
    Command.Result missing = product.vivid(temp, "brief", "+http-api");
    assertThat(missing.code()).isEqualTo(64);
    assertThat(missing.err()).contains("missing: name");
    Command.Result quiet = AtTerminal.typing(product, temp, "", "brief --no-questions");
    assertThat(quiet.code()).isEqualTo(64);

    Command.Result blocked = product.vivid(temp, "brief", "name=a1", "+sql-orm", "--to", "a.yaml");
    assertThat(blocked.code()).isEqualTo(1);
    assertThat(blocked.err()).contains("database driver");
    assertThat(temp).isEmptyDirectory();

    assertThat(product.vivid(temp, "brief", "name=a1", "--to", "a.yaml").code()).isZero();
    Command.Result twice = product.vivid(temp, "brief", "name=b1", "--to", "a.yaml");
    assertThat(twice.code()).isEqualTo(73);
    assertThat(Files.readString(temp.resolve("a.yaml"))).contains("name: a1");
    assertThat(product.vivid(temp, "brief", "a.yaml", "--whole").out())
        .contains("edition: ", "framework: spring-boot@");
  }

  @Test
  void onesOwnDefaultsBeginABriefOfWordsAndSayWhereTheyComeFrom(Running product) throws Exception {
    Path config = temp.resolve("config/vivid-trellis/config.yaml");
    Files.createDirectories(config.getParent());
    Files.writeString(
        config, "server: " + product.base() + "\ngroup: saltmarsh.example\nextras: [editor]\n");
    Map<String, String> own = Map.of("XDG_CONFIG_HOME", temp.resolve("config").toString());
    String vivid = Product.CHECKOUT + "/vivid";

    Command.Result words =
        new Command(temp, List.of(vivid, "brief", "name=tide-board", "+container"))
            .with(own)
            .run(60);
    assertThat(words.out())
        .as(words.both())
        .contains("group: saltmarsh.example", "- editor", "- container");
    Command.Result explained =
        new Command(temp, List.of(vivid, "config", "--explain")).with(own).run(60);
    assertThat(explained.out().lines())
        .anyMatch(line -> line.contains("server") && line.contains(config.toString()))
        .anyMatch(line -> line.contains("language") && line.contains("not set"));
    Files.writeString(config, "grup: x\n");
    Command.Result wrong = new Command(temp, List.of(vivid, "config")).with(own).run(60);
    assertThat(wrong.code()).isEqualTo(65);
    assertThat(wrong.err()).contains("nearest is 'group'");
  }
}
