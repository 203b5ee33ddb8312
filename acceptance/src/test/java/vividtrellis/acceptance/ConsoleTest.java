package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.Keys;
import vividtrellis.acceptance.Product.Running;

/** What a browser keeps: the brief in its address, the steps to take back, the colours. */
@ExtendWith(Product.class)
class ConsoleTest {

  @Test
  void aBriefLivesInTheAddressAndEveryStepCanBeTakenBack(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      page.await("it fits", () -> page.text("[data-part=verdict]").contains("Everything fits."));
      page.type("/");
      page.type("kafak");
      page.await("a typo is forgiven", () -> page.text("[role=listbox]").contains("Kafka"));
      page.type(Keys.ENTER);
      page.find("[data-pick='/starters/6']");
      page.type("container file");
      page.await("extras, too", () -> page.count("[data-option=container]") == 1);
      page.type(Keys.ENTER);
      page.find("[data-pick='/extras/0']");
      page.await("what is new", () -> page.text("[data-file=Dockerfile]").contains("new"));
      assertThat(page.text("[data-file='README.md']")).contains("changed");

      String address = page.address();
      assertThat(address).contains("pick=starter:kafka", "pick=extra:container");
      page.go("about:blank");
      page.go(address);
      page.find("[data-pick='/extras/0']");

      page.find("[data-pick='/starters/6']").sendKeys(Keys.DELETE);
      page.await("it is gone", () -> !page.address().contains("kafka"));
      page.back();
      page.await("it is back", () -> page.count("[data-pick='/starters/6']") == 1);
      page.find("[data-part=undo]").click();
      page.await("taken back", () -> page.count("[data-pick='/starters/6']") == 0);
      assertThat(page.address()).doesNotContain("kafka").contains("container");
      assertThat(page.complaints()).isEmpty();
    }
  }

  @Test
  void aHostileAddressIsOnlyText(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      page.go("about:blank");
      page.go(
          product.base()
              + "/#pick=name:tide-board&pick=starter:%3Cimg%20src%3Dx%3E&pick=__proto__:x&pick=port:x");
      page.await("told", () -> page.text("[data-part=verdict]").contains("stand in the way"));
      assertThat(page.text("[data-pick='/project/name']")).isEqualTo("tide-board");
      assertThat(page.count("main img")).isZero();
      assertThat(page.complaints()).isEmpty();
    }
  }

  @Test
  void aBriefFileIsDroppedOnThePageOrRefused(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      page.drop("notes.txt", "just words");
      page.await("told", () -> page.text("[data-part=refused]").contains("no brief"));
      assertThat(page.text("[data-pick='/project/name']")).isEqualTo("berth-booking");

      page.drop("brief.yaml", "project: { name: crew-roster }\nstarters: [http-api, kafka]\n");
      page.await("opened", () -> page.text("[data-pick='/project/name']").equals("crew-roster"));
      assertThat(page.count("[data-part=refused]")).isZero();
      page.await("its files", () -> page.text("[data-part=code]").contains("crew-roster"));
      page.await("in colours", () -> page.count("[data-part=code] .text-act") > 5);
      page.find("[data-part=take]").click();
      page.await("as YAML", () -> page.text("[role=dialog]").contains("- kafka"));
      page.await("the client", () -> page.text("[data-part=client]").contains(".deb"));
      assertThat(page.complaints()).isEmpty();
    }
  }

  @Test
  void allThereIsCanBeLookedThroughByCategory(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      assertThat(page.text("[data-part=begin]")).contains("Click an underlined word");
      page.find("#also").click();
      page.await(
          "headings",
          () ->
              page.text("[role=listbox]")
                  .matches("(?s)What it answers.*Whom it talks to.*How it is tested.*Beside it.*"));
      // Four lines of its own, the patch version that the registry has all of it for, and thirteen
      // that allow the code of the machine that it brings.
      page.pointAt("[data-option=http-reactive]");
      page.await(
          "what it would bring",
          () ->
              page.text("[data-part=brings]")
                  .matches("(?s).*spring-boot-starter-webflux.*pom.xml \\+18.*"));
      page.find("[data-option=scheduling]").click();
      page.await("picked", () -> page.address().contains("starter:scheduling"));
      assertThat(page.count("[data-part=begin]")).isZero();
      assertThat(page.complaints()).isEmpty();
    }
  }

  @Test
  void coloursAreKeptAndTheOtherFaceTellsOfEachPick(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      page.find("[data-theme-choice=dark]").click();
      page.await("dark", () -> page.background().contains("13, 25, 28"));
      page.go(product.base());
      page.await("still dark", () -> page.background().contains("13, 25, 28"));
      page.await("a row for each", () -> page.count("[data-part=across] tbody tr") == 6);
      assertThat(page.text("[data-part=across]")).contains("PostgreSQL", "not possible");
    }
  }

  @Test
  void aPickAndItsLinesPointAtEachOther(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      page.pointAt("[data-pick='/starters/3']");
      page.await("its lines", () -> page.count("[data-part=code] .bg-hot") > 0);
      assertThat(page.text("[data-part=code] .bg-hot")).contains("<dependency>");
      page.await("in sight", () -> page.isInSight("[data-part=code] .bg-hot", "[data-part=code]"));
      assertThat(page.text("[data-part=result]")).contains("here because of PostgreSQL");
      page.pointAt("[data-part=code] [title^='SQL by object mapping']");
      page.await("its word", () -> page.classes("[data-pick='/starters/2']").contains("bg-hot"));
    }
  }

  @Test
  void aPickedWordOpensWhatItBringsAndNeeds(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      page.find("[data-pick='/starters/2']").click();
      assertThat(page.text("[data-card=sql-orm]"))
          .contains("pom.xml", "application.yaml", "4 lines", "needs a database driver");
      page.find("[data-card=sql-orm] li:last-of-type button").click();
      page.await("the file", () -> page.text("[data-part=code]").contains("jpa:"));

      page.find("[data-pick='/starters/3']").sendKeys(Keys.ENTER);
      page.find("[data-card=postgresql] [data-part=remove]").click();
      page.await("no other word opened", () -> page.count("[data-card]") == 0);
      page.await(
          "what a way out changes", () -> page.text("[data-part=remedy]").contains("+ postgresql"));
      page.find("[data-part=remedy]").click();
      page.find("[data-joint='spring-boot@4.1 25']").click();
      page.await("pinned", () -> page.address().contains("spring-boot@4.1"));
      page.type("/");
      page.type("undertow");
      page.await(
          "the way there",
          () -> page.text("[role=listbox]").contains("To have it: Go to Spring Boot 3.5"));
      assertThat(page.complaints()).isEmpty();
    }
  }

  @Test
  void whatIsPointedAtIsAskedForBeforeItIsPicked(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      page.await("its files", () -> page.count("[data-part=code] .text-act") > 5);
      long before = page.calls("/lattice");
      page.pointAt("[data-joint='spring-boot@3.5 17']");
      page.await("foreseen", () -> page.calls("/lattice") == before + 1);
      page.find("[data-joint='spring-boot@3.5 17']").click();
      page.await("picked", () -> page.text("[data-pick='/language']").equals("Java 17"));
      page.await(
          "its way is coloured", () -> page.count("[data-part=lattice] .stroke-act\\/70") == 2);
      page.find("[data-part=undo]").click();
      page.await("as before", () -> page.text("[data-pick='/language']").equals("Java 25"));
      assertThat(page.calls("/lattice")).isEqualTo(before + 1);
      assertThat(page.complaints()).isEmpty();
    }
  }

  @Test
  void aJointTellsItsReasonAndItsPrice(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      page.pointAt("[data-joint='spring-boot@3.5 17']");
      page.await(
          "its card",
          () ->
              page.text("[data-part=joint-card]")
                  .matches("(?s)Spring Boot 3.5 on Java 17.*past support.*You lose gRPC.*"));
      page.find("[data-joint='none 21']").sendKeys(Keys.TAB);
      page.await("the next one", () -> page.text("[data-part=joint-card]").contains("Java 17"));
    }
  }

  @Test
  void aProjectIsSetAsideAndComparedWithTheNextPicks(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      page.find("[data-part=set-aside]").click();
      page.await("nothing yet", () -> page.text("[data-part=comparison]").contains("Nothing"));
      page.type("/");
      page.type("kafka");
      page.type(Keys.ENTER);
      page.await("the list is put away", () -> page.count("[role=listbox]") == 0);
      page.await("picks", () -> page.text("[data-part=contrasts]").contains("kafka"));
      page.find("[data-differs='pom.xml']").click();
      page.await(
          "lines", () -> page.text("[data-part=diff]").contains("spring-boot-starter-kafka"));
      page.find("[data-part=end-comparison]").click();
      page.find("[data-joint='spring-boot@4.1 25']");
      assertThat(page.complaints()).isEmpty();
    }
  }

  @Test
  void onANarrowScreenTheSectionsAreSteps(Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 500)) {
      slideTo(page, "What I get");
      page.find("[data-file='README.md']").click();
      page.await("its content", () -> page.text("[data-part=code]").contains("# Berth Booking"));
      slideTo(page, "What is possible");
      page.find("[data-joint='spring-boot@3.5 17']").click();
      slideTo(page, "What I want");
      page.await("picked", () -> page.text("[data-pick='/framework']").contains("3.5"));
      assertThat(page.hurdles()).isEmpty();
    }
  }

  private static void slideTo(Browser page, String section) {
    String steps = "nav[aria-label=Sections] ";
    int number = List.of("What I want", "What is possible", "What I get").indexOf(section) + 1;
    page.find(steps + "button:nth-child(" + number + ")").click();
    page.await(section, () -> page.text(steps + "[aria-current=step]").equals(section));
    page.await("it rests", () -> page.isAtRest("main"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"light", "dark"})
  void nothingKeepsAnybodyOut(String colours, Running product) throws Exception {
    try (Browser page = new Browser(product.base(), 1280)) {
      page.find("[data-theme-choice=" + colours + "]").click();
      page.await("it fits", () -> page.text("[data-part=verdict]").contains("Everything fits."));
      assertThat(hurdles(page, colours)).as("as it opens").isEmpty();
      page.find("[data-pick='/project/name']").click();
      assertThat(hurdles(page, colours)).as("names").isEmpty();
      page.type(Keys.ESCAPE);
      page.find("[data-pick='/language']").click();
      assertThat(hurdles(page, colours)).as("choices").isEmpty();
      page.type(Keys.ESCAPE);
      page.find("[data-pick='/starters/2']").click();
      assertThat(hurdles(page, colours)).as("what a starter brings").isEmpty();
      page.type(Keys.ESCAPE);
      page.find("[data-part=take]").click();
      page.await("as YAML", () -> page.text("[role=dialog]").contains("- sql-orm"));
      assertThat(hurdles(page, colours)).as("take it home").isEmpty();
      page.type(Keys.ESCAPE);
      page.find("[data-part=set-aside]").click();
      page.find("[data-pick='/starters/3']").sendKeys(Keys.DELETE);
      page.find("[data-part=comparison]");
      page.find("[data-part=end-comparison]").click();
      page.find("[data-rule=sql-orm-needs-driver]");
      assertThat(hurdles(page, colours)).as("a conflict").isEmpty();
      page.type("/");
      page.type("pages");
      page.await("found", () -> page.count("[role=listbox] [data-option]") > 0);
      assertThat(hurdles(page, colours)).as("search").isEmpty();
    }
  }

  /** All of them in one face; in the other only what another face can change. */
  private static List<String> hurdles(Browser page, String colours) {
    return colours.equals("light") ? page.hurdles() : page.paleness();
  }
}
