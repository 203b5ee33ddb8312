package vividtrellis.acceptance;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
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

  /** At a terminal, with Ctrl-C once a text is to be seen. */
  private int interrupted(Running product, String line, String shown) throws Exception {
    Path own = Files.createTempDirectory("vivid-terminal");
    String typed =
        """
        mkfifo $OWN/in
        # What was started in the background ignores Ctrl-C, and so does all that it starts.
        env --default-signal=INT script -qec "$LINE" /dev/null < $OWN/in > $OWN/out &
        exec 3> $OWN/in
        until grep -q "$SHOWN" $OWN/out; do sleep 0.1; done
        printf '\\003' >&3
        wait $!
        """;
    try {
      return new Command(temp, List.of("bash", "-c", typed))
          .with(
              Map.of(
                  "OWN",
                  own.toString(),
                  "LINE",
                  Product.CHECKOUT + "/vivid " + line,
                  "SHOWN",
                  shown))
          .with(Map.of("VIVID_SERVER", product.base(), "TERM", "dumb", "LANG", "C.UTF-8", "CI", ""))
          .run(60)
          .code();
    } finally {
      for (String each : List.of("in", "out", "")) {
        Files.deleteIfExists(own.resolve(each));
      }
    }
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
    assertThat(interrupted(product, "brief", "Name of the project")).isEqualTo(130);
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

    assertThat(interrupted(product, line, "is there and differs")).isEqualTo(130);
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

  private static final String VARIANTS =
      """
      project: { name: fare-ledger }
      starters: [http-api]
      variants:
        plain: { starters: [] }
        old-server: { packaging: war, framework: spring-boot@3.5, default: yes }
      """;

  @Test
  void eachVariantOfABriefIsAProjectOfItsOwn(Running product) throws Exception {
    Files.writeString(temp.resolve("fares.yaml"), VARIANTS);

    Command.Result all = product.vivid(temp, "take", "fares.yaml", "--all", "--into", "all");

    assertThat(all.code()).as(all.both()).isZero();
    assertThat(all.out()).contains("plain  -http-api", "framework=spring-boot@3.5 packaging=war");
    assertThat(Files.readString(temp.resolve("all/old-server/pom.xml")))
        .contains("<packaging>war</packaging>");
    assertThat(temp.resolve("all/plain/src/main/java/org/example/fareledger/about")).doesNotExist();
    // The one that is marked is meant where none is named, by the service as well.
    assertThat(product.vivid(temp, "compare", "fares.yaml", "all/old-server").out())
        .contains("Nothing differs");
    assertThat(product.vivid(temp, "outline", "fares.yaml", "--variant", "plain").out())
        .doesNotContain("AboutController");
    Command.Result none = product.vivid(temp, "check", "fares.yaml", "--variant", "plian");
    assertThat(none.code()).isEqualTo(65);
    assertThat(none.err()).contains("plain, old-server");
    assertThat(product.vivid(temp, "check", "fares.yaml", "--apply", "1").code()).isEqualTo(64);
    assertThat(temp.resolve("fares.yaml")).hasContent(VARIANTS);
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

  @Test
  void aShellCompletesCommandsAndWhatTheCatalogHas(Running product) throws Exception {
    Command.Result script = product.vivid(temp, "completion", "bash");
    Files.writeString(temp.resolve("vivid.bash"), script.out());
    String typed =
        """
        . ./vivid.bash 2>/dev/null
        compopt() { :; }
        COMP_WORDS=(vivid take +http-a); COMP_CWORD=2; _complete_vivid; echo "${COMPREPLY[@]}"
        COMP_WORDS=(vivid withd); COMP_CWORD=1; _complete_vivid; echo "${COMPREPLY[@]}"
        """;
    assertThat(
            new Command(temp, List.of("bash"))
                .saying(typed)
                .run(30)
                .out()
                .lines()
                .map(String::strip))
        .containsExactly("+http-api", "withdraw");
    assertThat(product.vivid(temp, "completion", "fish").out())
        .contains("-a 'withdraw' -d 'Takes back", "framework=spring-boot@4.1 ");
    assertThat(product.vivid(temp, "completion", "dash").code()).isEqualTo(64);
  }

  @Test
  void aSlowServiceIsWaitedForAndAStrangeOneIsTold(Running product) throws Exception {
    HttpServer server =
        HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.createContext(
        "/api/v1/catalog",
        exchange -> {
          try {
            TimeUnit.MILLISECONDS.sleep(2500);
            // Of a later version: with more, and with less, than this client knows.
            byte[] body =
                "{\"edition\":\"2031-01\",\"service\":\"9.9\",\"new\":[1]}".getBytes(UTF_8);
            exchange.getResponseHeaders().add("Vivid-Trellis", "9.9");
            exchange.sendResponseHeaders(200, body.length);
            exchange.getResponseBody().write(body);
            exchange.close();
          } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
          }
        });
    server.start();
    try {
      String address = "http://127.0.0.1:" + server.getAddress().getPort();
      Command.Result slow = typing(product, "", "catalog --server " + address);
      assertThat(slow.code()).as(slow.both()).isZero();
      assertThat(slow.out()).contains("Still waiting for " + address + ", 2 s", "2031-01");
      assertThat(product.vivid(temp, "catalog", "--server", address).both())
          .doesNotContain("Still waiting");
      // Another path of the same server has no sign of the service.
      Command.Result strange = product.vivid(temp, "check", "name=a1", "--server", address);
      assertThat(strange.code()).isEqualTo(69);
      assertThat(strange.err()).contains("not Vivid Trellis");
    } finally {
      server.stop(0);
    }
    // A proxy of the environment is not for the service, which is a neighbour.
    Command.Result proxied =
        new Command(temp, List.of(Product.CHECKOUT + "/vivid", "check", "name=a1"))
            .with(Map.of("VIVID_SERVER", product.base(), "http_proxy", "http://127.0.0.1:9"))
            .run(60);
    assertThat(proxied.code()).as(proxied.both()).isZero();
  }
}
