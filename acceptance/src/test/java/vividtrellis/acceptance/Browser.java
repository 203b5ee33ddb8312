package vividtrellis.acceptance;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.logging.Level;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;
import org.openqa.selenium.support.ui.WebDriverWait;

/** Debian's Chromium, headless, on one page. */
final class Browser implements AutoCloseable {

  /** Other tests build whole projects beside this one. */
  private static final Duration PATIENCE = Duration.ofSeconds(30);

  final Path downloads;
  private final ChromeDriver driver;

  Browser(String address, int width) throws IOException {
    downloads = Files.createTempDirectory("vivid-downloads");
    ChromeOptions options = new ChromeOptions();
    options.setBinary("/usr/bin/chromium");
    options.addArguments(
        "--headless=new",
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        "--window-size=" + width + ",800");
    options.setExperimentalOption(
        "prefs", Map.of("download.default_directory", downloads.toString()));
    LoggingPreferences logs = new LoggingPreferences();
    logs.enable(LogType.BROWSER, Level.ALL);
    options.setCapability("goog:loggingPrefs", logs);
    driver =
        new ChromeDriver(
            new ChromeDriverService.Builder()
                .usingDriverExecutable(Path.of("/usr/bin/chromedriver").toFile())
                .build(),
            options);
    driver.get(address);
    find("[data-file='pom.xml']");
  }

  WebElement find(String css) {
    return new WebDriverWait(driver, PATIENCE, Duration.ofMillis(50))
        .withMessage(css + " is not on the page")
        .until(d -> d.findElements(By.cssSelector(css)).stream().findFirst().orElse(null));
  }

  int count(String css) {
    return driver.findElements(By.cssSelector(css)).size();
  }

  void await(String what, java.util.function.BooleanSupplier condition) {
    new WebDriverWait(driver, PATIENCE, Duration.ofMillis(50))
        .withMessage(what)
        .ignoring(org.openqa.selenium.StaleElementReferenceException.class)
        .until(d -> condition.getAsBoolean());
  }

  String text(String css) {
    return find(css).getText();
  }

  String address() {
    return driver.getCurrentUrl();
  }

  /** How many calls of one path the page has made. */
  long calls(String path) {
    return (long)
        driver.executeScript(
            "return performance.getEntriesByType('resource')"
                + ".filter(each => each.name.endsWith(arguments[0])).length",
            path);
  }

  void go(String address) {
    driver.get(address);
  }

  /** What keeps people with a screen reader, or weak eyes, from using what is shown now. */
  List<String> hurdles() {
    return hurdles(axe());
  }

  /** Which colours keep weak eyes from reading what is shown now. */
  List<String> paleness() {
    return hurdles(axe().withOnlyRules(List.of("color-contrast")));
  }

  /** Only what is wrong is told; telling all that is right takes long. */
  private static AxeBuilder axe() {
    AxeRunOptions options = new AxeRunOptions();
    options.setResultTypes(List.of("violations"));
    return new AxeBuilder().withOptions(options);
  }

  private List<String> hurdles(AxeBuilder asked) {
    return asked.analyze(driver).getViolations().stream()
        .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
        .flatMap(
            rule ->
                rule.getNodes().stream()
                    .map(node -> rule.getId() + " " + node.getTarget() + " " + node.getHtml()))
        .toList();
  }

  String classes(String css) {
    return String.valueOf(find(css).getDomAttribute("class"));
  }

  /** Whether what slides shows one of its children whole. */
  boolean isAtRest(String css) {
    return Boolean.TRUE.equals(
        driver.executeScript(
            "const it = arguments[0]; return it.scrollLeft % it.clientWidth === 0", find(css)));
  }

  /** Whether an element lies within what its frame shows of it. */
  boolean isInSight(String css, String frame) {
    return Boolean.TRUE.equals(
        driver.executeScript(
            "const [it, frame] = [...arguments].map(each => each.getBoundingClientRect());"
                + " return it.top >= frame.top && it.bottom <= frame.bottom",
            find(css),
            find(frame)));
  }

  /** Waits until opened choices take keys; on a busy machine that is a while after the click. */
  void awaitChoices() {
    await("choices", () -> "listbox".equals(active().getDomAttribute("role")));
  }

  void pointAt(String css) {
    new Actions(driver).moveToElement(find(css)).perform();
  }

  /** Drops a file on the page, as a person would from a folder. */
  void drop(String name, String text) {
    driver.executeScript(
        """
        const data = new DataTransfer()
        data.items.add(new File([arguments[1]], arguments[0]))
        document.querySelector('main').dispatchEvent(
          new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true }))
        """,
        name,
        text);
  }

  void back() {
    driver.navigate().back();
  }

  /** The colour behind everything, as red, green and blue. */
  String background() {
    return driver.findElement(By.tagName("html")).getCssValue("background-color");
  }

  void type(CharSequence... keys) {
    active().sendKeys(keys);
  }

  private WebElement active() {
    return driver.switchTo().activeElement();
  }

  /** The one file that was downloaded, once it is whole. */
  Path download() {
    await("a download", () -> whole().size() == 1);
    return whole().get(0);
  }

  private List<Path> whole() {
    try (var files = Files.list(downloads)) {
      return files
          .filter(
              f ->
                  !f.toString().endsWith(".crdownload")
                      && !f.getFileName().toString().startsWith("."))
          .toList();
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  /** What the page complained of, such as a breach of its content policy. */
  List<String> complaints() {
    return driver.manage().logs().get(LogType.BROWSER).getAll().stream()
        .filter(entry -> entry.getLevel().intValue() >= Level.WARNING.intValue())
        .map(entry -> entry.getMessage())
        .filter(message -> !message.contains("422"))
        .toList();
  }

  @Override
  public void close() {
    driver.quit();
  }
}
