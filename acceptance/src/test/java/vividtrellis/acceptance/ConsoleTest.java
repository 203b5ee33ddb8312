package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
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
}
