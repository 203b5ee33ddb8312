package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Keys;
import vividtrellis.acceptance.Product.Running;

@ExtendWith(Product.class)
class SurfacesTest {

  private static final List<String> STARTERS =
      List.of(
          "http-api", "validation", "sql-orm", "postgresql", "migrations-flyway", "health-metrics");

  /** The project that a first visitor of the console finds. */
  private static final Map<String, Object> BRIEF =
      Map.of(
          "brief",
          1,
          "project",
          Map.of(
              "name", "berth-booking",
              "group", "saltmarsh.example",
              "summary", "Books berths for arriving ferries"),
          "starters",
          STARTERS);

  @TempDir Path temp;

  @Test
  void theSameBriefGivesTheSameBytesEverywhere(Running product) throws Exception {
    byte[] posted = product.post("/archives", "application/json", Product.json(BRIEF)).body();
    assertThat(posted).startsWith('P', 'K');

    String yaml =
        "project:\n  name: berth-booking\n  group: saltmarsh.example\n"
            + "  summary: Books berths for arriving ferries\nstarters: "
            + STARTERS;
    assertThat(product.post("/archives", "application/yaml", yaml).body()).isEqualTo(posted);

    StringBuilder picks = new StringBuilder("/api/v1/archives?format=zip");
    for (String pick :
        List.of(
            "name:berth-booking",
            "group:saltmarsh.example",
            "summary:Books berths for arriving ferries")) {
      picks.append("&pick=").append(Product.encoded(pick));
    }
    STARTERS.forEach(id -> picks.append("&pick=starter:").append(id));
    assertThat(product.get(picks.toString()).body()).isEqualTo(posted);

    Path file = Files.writeString(temp.resolve("brief.yaml"), yaml);
    assertThat(product.vivid(temp, "take", file.toString(), "--archive", "a.zip").code()).isZero();
    assertThat(temp.resolve("a.zip")).hasBinaryContent(posted);
    assertThat(product.vividReading(yaml, temp, "take", "-", "--archive", "-").bytes())
        .isEqualTo(posted);
    Command.Result words =
        product.vivid(
            temp,
            "take",
            "name=berth-booking",
            "group=saltmarsh.example",
            "summary=Books berths for arriving ferries",
            "+http-api",
            "+validation",
            "+sql-orm",
            "+postgresql",
            "+migrations-flyway",
            "+health-metrics",
            "--archive",
            "b.zip");
    assertThat(words.code()).as(words.err()).isZero();
    assertThat(temp.resolve("b.zip")).hasBinaryContent(posted);

    try (Browser page = new Browser(product.base(), 1280)) {
      page.find("[data-part=take]").click();
      page.find("[data-format=zip]").click();
      assertThat(page.download()).hasBinaryContent(posted);
    }
  }

  @Test
  void aFirstVisitorPicksSeesAConflictTakesAWayOutAndLooksAtTheResult(Running product)
      throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      page.await("it fits", () -> page.text("[data-part=verdict]").contains("Everything fits."));

      page.find("[data-pick='/starters/3']").sendKeys(Keys.DELETE);
      page.find("[data-rule=sql-orm-needs-driver]");
      assertThat(page.find("[data-part=take]").isEnabled()).isFalse();
      assertThat(page.find("[data-pick='/starters/2']").getDomAttribute("class"))
          .contains("text-fault");

      page.find("[data-rule=sql-orm-needs-driver] button").click();
      page.await("it fits again", () -> page.text("[data-part=verdict]").contains("Everything"));
      assertThat(page.count("[data-rule=sql-orm-needs-driver]")).isZero();

      page.type("/");
      page.type("h2 database");
      page.await("H2 is found", () -> page.text("[role=listbox]").contains("H2"));
      page.type(Keys.ENTER);
      page.find("[data-rule=two-databases]");

      page.find("[data-pick='/framework']").click();
      page.awaitChoices();
      page.type(Keys.ARROW_DOWN, Keys.ARROW_DOWN, Keys.ENTER);
      page.await("the build file follows", () -> page.text("[data-part=code]").contains("3.5.16"));

      page.find("[data-file='README.md']").click();
      page.await("its content", () -> page.text("[data-part=code]").contains("# Berth Booking"));
      assertThat(page.complaints()).isEmpty();
    }
  }

  @Test
  void aBadNameIsToldInThePageAndKeepsTheRest(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 800)) {
      page.find("[data-pick='/project/name']").click();
      var field = page.find("[id='field/project/name']");
      field.sendKeys(Keys.chord(Keys.CONTROL, "a"), "<b>'\"${x}../\\ Fähre");
      page.find("[data-rule^=name-]");
      assertThat(page.count("[data-pick^='/starters/']")).isEqualTo(6);
      assertThat(page.count("b")).isZero();
      page.find("[data-part=remedy]").click();
      page.await("it fits", () -> page.text("[data-part=verdict]").contains("Everything fits."));
      assertThat(page.complaints()).isEmpty();
    }
  }

  @Test
  void aLostServiceKeepsWhatWasPickedAndIsFoundAgain(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      page.await("it fits", () -> page.text("[data-part=verdict]").contains("Everything fits."));
      product.stop();
      try {
        page.find("[data-pick='/starters/5']").sendKeys(Keys.DELETE);
        page.await("a quiet notice", () -> page.text("body").contains("What you picked is kept"));
        assertThat(page.text("[data-part=code]")).contains("spring-boot-starter-parent");
        assertThat(page.count("[data-pick^='/starters/']")).isEqualTo(5);
      } finally {
        product.start();
      }
      page.await("the notice goes", () -> !page.text("body").contains("What you picked is kept"));
      page.await(
          "the result follows the pick",
          () -> !page.text("[data-part=code]").contains("spring-boot-starter-actuator"));
    }
  }

  @Test
  void thePageIsWorkedWithKeysAloneFromSearchToDownload(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      page.await("it fits", () -> page.text("[data-part=verdict]").contains("Everything fits."));
      page.find("[data-pick='/language']").sendKeys(Keys.ENTER);
      page.awaitChoices();
      page.type(Keys.ARROW_DOWN, Keys.ENTER);
      page.await("Java 21", () -> page.text("[data-pick='/language']").equals("Java 21"));
      page.find("[data-pick='/language']").sendKeys(Keys.DELETE);
      page.await("the newest again", () -> page.text("[data-pick='/language']").equals("Java 25"));
      page.find("[data-file='mvnw']").sendKeys(Keys.ENTER);
      page.await("the script", () -> page.text("[data-part=code]").contains("#!/bin/sh"));
      page.find("[data-part=take]").sendKeys(Keys.ENTER);
      page.find("[data-format='tar.gz']").sendKeys(Keys.ENTER);
      assertThat(page.download().getFileName()).hasToString("berth-booking.tar.gz");
      assertThat(page.complaints()).isEmpty();
    }
  }

  @Test
  void outlineAndCatalogShowWhatTheServiceSays(Running product) throws Exception {
    Command.Result outline = product.vivid(temp, "outline", "name=tide-board", "+http-api");
    assertThat(outline.out()).contains("pom.xml", "AboutController.java", "yours", "ours");
    assertThat(temp).isEmptyDirectory();
    Command.Result pom =
        product.vividReading("project: {name: tide-board}", temp, "outline", "-", "pom.xml");
    assertThat(pom.out()).startsWith("<?xml").contains("<artifactId>tide-board</artifactId>");
    assertThat(product.vivid(temp, "catalog").out()).contains("@4.1", "sql-orm", "long-term");
    assertThat(
            Product.json(product.vivid(temp, "catalog", "--json").bytes())
                .get("edition")
                .asString())
        .isEqualTo("2026-11");
    assertThat(product.vivid(temp, "check", "name=tide-board", "+http-api").out())
        .contains("Everything fits", "Filled in");
  }

  @Test
  void aJointOfTheLatticePicksBothAndTellsItsPrice(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      page.await("it fits", () -> page.text("[data-part=verdict]").contains("Everything fits."));

      page.find("[data-joint='spring-boot@3.5 17']").click();
      page.await("both", () -> page.text("[data-pick='/language']").equals("Java 17"));
      assertThat(page.text("[data-pick='/framework']")).contains("3.5");
      page.await("the build file", () -> page.text("[data-part=code]").contains("3.5.16"));
      assertThat(page.count("[data-joint][aria-pressed=true]")).isEqualTo(1);
      assertThat(page.complaints()).isEmpty();
    }
  }

  @Test
  void theLatticeIsDrawnForPeopleAndPlainForPrograms(Running product) throws Exception {
    Command.Result drawn =
        product.vivid(temp, "lattice", "name=tide-board", "language=kotlin", "+http-api");
    assertThat(drawn.code()).as(drawn.err()).isZero();
    assertThat(drawn.out()).contains("4.1", "3.4", "25", "17", "not possible", "1.9.25");
    assertThat(product.vivid(temp, "lattice", "name=tide-board", "--framework=none").out())
        .contains("No framework")
        .doesNotContain("Spring Boot");
    Command.Result unknown = product.vivid(temp, "lattice", "name=tide-board", "--framework=wharf");
    assertThat(unknown.code()).isEqualTo(64);
    assertThat(unknown.err())
        .contains("wharf", "--framework", "spring-boot, micronaut, quarkus, javafx, none");
    var json = Product.json(product.vivid(temp, "lattice", "name=tide-board", "--json").bytes());
    assertThat(json.get("cells").size())
        .isEqualTo(json.get("columns").size() * json.get("rows").size());
    assertThat(product.vivid(temp, "lattice", "framework=spring-bot").out()).contains("3.5");
  }

  @Test
  void aWayOutIsTakenByItsNumberAndTheMachineIsLookedAt(Running product) throws Exception {
    String given = "project: { name: tide-board } # ours\nstarters: [http-api, sql-orm]\n";
    Path file = Files.writeString(temp.resolve("brief.yaml"), given);

    Command.Result check = product.vivid(temp, "check", "brief.yaml");
    assertThat(check.code()).isEqualTo(1);
    assertThat(check.out()).contains("Add PostgreSQL", "1", "--apply");
    assertThat(product.vivid(temp, "check", "brief.yaml", "--apply", "99").code()).isEqualTo(64);
    assertThat(file).hasContent(given);

    assertThat(product.vivid(temp, "check", "brief.yaml", "--apply", "1").code()).isZero();
    assertThat(Files.readString(file)).contains("postgresql");
    assertThat(product.vivid(temp, "check", "brief.yaml").out()).contains("Everything fits");

    Command.Result here =
        product.vivid(temp, "check", "name=tide-board", "language=java@17", "--here");
    assertThat(here.code()).as(here.err()).isZero();
    assertThat(here.out()).contains("JDKs of this machine", "in use").containsPattern("◆ 17\\.");
    assertThat(product.vivid(temp, "check", "name=tide-board", "--here").out())
        .as("what is filled in does not suit the JDK in use")
        .containsPattern("◇ 17\\.")
        .contains("Or pick jdk=17");
    assertThat(product.vivid(temp, "catalog", "starters", "--search", "send mial").out())
        .contains("mail")
        .doesNotContain("kafka");
    assertThat(product.vivid(temp, "catalog", "sarters").code()).isEqualTo(64);
  }

  @Test
  void twoBriefsAndAnExistingDirectoryAreCompared(Running product) throws Exception {
    Files.writeString(
        temp.resolve("a.yaml"), "project: {name: tide-board}\nstarters: [http-api]\n");
    Files.writeString(temp.resolve("b.yaml"), "project: {name: tide-board}\n");

    Command.Result two = product.vivid(temp, "compare", "a.yaml", "b.yaml");
    assertThat(two.code()).as(two.err()).isZero();
    assertThat(two.out())
        .contains("files differ", "removed", "AboutController.java", "--- left/pom.xml")
        .contains("-            <artifactId>spring-boot-starter-webmvc</artifactId>");
    assertThat(product.vivid(temp, "compare", "a.yaml", "a.yaml").out())
        .contains("Nothing differs");

    assertThat(product.vivid(temp, "take", "a.yaml", "--into", "here").code()).isZero();
    assertThat(product.vivid(temp, "compare", "a.yaml", "here").out()).contains("Nothing differs");
    Files.writeString(temp.resolve("here/NOTES.md"), "Low water at noon.\n");
    Command.Result there = product.vivid(temp, "compare", "a.yaml", "here", "--list");
    assertThat(there.out()).contains("1 file differs", "NOTES.md").doesNotContain("Low water");
    assertThat(product.vivid(temp, "compare", "a.yaml", "nowhere.yaml").code()).isEqualTo(65);
    assertThat(product.vivid(temp, "compare", "-", "-").code()).isEqualTo(64);
  }

  @Test
  void everyLineSaysWhichPickPutItThere(Running product) throws Exception {
    String[] take = {
      "take",
      "name=berth-booking",
      "+http-api",
      "+postgresql",
      "+sql-orm",
      "+container",
      "port=8085",
      "--into",
      "berth-booking"
    };
    assertThat(product.vivid(temp, take).code()).isZero();

    Command.Result file =
        product.vivid(temp, "outline", "name=berth-booking", "+http-api", "pom.xml", "--trace");
    assertThat(file.out().lines())
        .anyMatch(line -> line.startsWith("HTTP API") && line.contains("<dependency>"));
    List<String> lines = Files.readAllLines(temp.resolve("berth-booking/Dockerfile"));
    int expose = lines.indexOf("EXPOSE 8085") + 1;
    Command.Result one = product.vivid(temp, "trace", "berth-booking", "Dockerfile:" + expose);
    assertThat(one.out()).contains("EXPOSE 8085", "+container", "port=8085");
    var json =
        Product.json(
            product
                .vivid(temp, "trace", "berth-booking", "Dockerfile:" + expose, "--json")
                .bytes());
    assertThat(json.at("/traces/0/picks").toString()).contains("/extras/0", "/settings/port");

    lines.add(0, "# ours");
    Files.write(temp.resolve("berth-booking/Dockerfile"), lines);
    Command.Result moved =
        product.vivid(temp, "trace", "berth-booking", "Dockerfile:" + (expose + 1));
    assertThat(moved.out()).isEqualTo(one.out().replace(":" + expose, ":" + (expose + 1)));
    assertThat(product.vivid(temp, "trace", "berth-booking", "Dockerfile:1").out())
        .contains("· you", "Changed by you, or new");
    String nobody = "http://127.0.0.1:" + Product.freePort();
    assertThat(
            product.vivid(temp, "trace", "berth-booking", "Dockerfile:1", "--server", nobody).err())
        .contains("was changed since", "found again");
    assertThat(product.vivid(temp, "trace", "berth-booking", "pom.xm").err()).contains("pom.xml?");
    assertThat(product.vivid(temp, "trace", "berth-booking", "pom.xml:999").code()).isEqualTo(64);
    assertThat(product.vivid(temp, "trace", ".", "pom.xml").code()).isEqualTo(65);
  }

  @Test
  void aFirstCommitHoldsExactlyWhatWasWritten(Running product) throws Exception {
    Map<String, String> author =
        Map.of(
            "GIT_AUTHOR_NAME",
            "Skipper",
            "GIT_AUTHOR_EMAIL",
            "skipper@saltmarsh.example",
            "GIT_COMMITTER_NAME",
            "Skipper",
            "GIT_COMMITTER_EMAIL",
            "skipper@saltmarsh.example");
    Path there = Files.createDirectory(temp.resolve("tide-board"));
    Files.writeString(there.resolve("mine.txt"), "Low water at noon.\n");
    List<String> take =
        List.of(
            Product.CHECKOUT + "/vivid",
            "take",
            "name=tide-board",
            "+http-api",
            "--into",
            "tide-board",
            "--git",
            "--server",
            product.base());

    Command.Result taken = new Command(temp, take).with(author).run(60);
    assertThat(taken.code()).as(taken.both()).isZero();
    String held = new Command(there, List.of("git", "ls-files")).run(30).out();
    assertThat(held).contains("pom.xml", ".vivid/receipt.json").doesNotContain("mine.txt");
    assertThat(new Command(there, List.of("git", "status", "--porcelain")).run(30).out())
        .isEqualTo("?? mine.txt\n");

    Command.Result again = new Command(temp, take).with(author).run(60);
    assertThat(again.code()).isEqualTo(73);
    assertThat(again.err()).contains("under version control already");
  }
}
