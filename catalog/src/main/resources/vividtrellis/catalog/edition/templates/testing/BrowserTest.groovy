package {{package}}

{{^typesIn}}
import static org.assertj.core.api.Assertions.assertThat
{{/typesIn}}
import static org.junit.jupiter.api.Assumptions.abort
{{#typesIn}}
import static org.openqa.selenium.support.ui.ExpectedConditions.not
import static org.openqa.selenium.support.ui.ExpectedConditions.textToBePresentInElementLocated
{{/typesIn}}

{{#announces}}
import {{package}}.{{messages}}.{{Entity}}EventPublisher
{{/announces}}
{{#typesIn}}
import java.time.Duration
{{/typesIn}}
import org.junit.jupiter.api.AfterAll
import org.junit.jupiter.api.BeforeAll
import org.junit.jupiter.api.Test
{{#outside}}
import org.junit.jupiter.api.condition.EnabledIf
{{/outside}}
import org.openqa.selenium.By
import org.openqa.selenium.WebDriver
import org.openqa.selenium.WebDriverException
import org.openqa.selenium.chrome.ChromeDriver
import org.openqa.selenium.chrome.ChromeOptions
{{#typesIn}}
import org.openqa.selenium.support.ui.WebDriverWait
{{/typesIn}}
import org.springframework.boot.test.context.SpringBootTest
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment
import org.springframework.boot.test.web.server.LocalServerPort
import org.springframework.test.context.ActiveProfiles
{{#announces}}
import org.springframework.test.context.bean.override.mockito.MockitoBean
{{/announces}}

/** Looks at the running application with a browser; left out where none can be started. */
{{#outside}}
@EnabledIf(value = 'theStoreAnswers', disabledReason = 'nothing answers at localhost:{{outside}}')
{{/outside}}
{{#signsIn}}
@SpringBootTest(
        webEnvironment = WebEnvironment.RANDOM_PORT,
        properties = ['spring.security.user.name=keeper', 'spring.security.user.password=only-in-tests'])
{{/signsIn}}
{{^signsIn}}
@SpringBootTest(webEnvironment = WebEnvironment.RANDOM_PORT)
{{/signsIn}}
@ActiveProfiles('test')
class BrowserTest {

    private static WebDriver browser

    @LocalServerPort
    int port

{{#announces}}
    @MockitoBean
    {{Entity}}EventPublisher events

{{/announces}}
{{#outside}}
    static boolean theStoreAnswers() {
        try (Socket socket = new Socket('localhost', {{outside}})) {
            return socket.connected
        } catch (IOException ignored) {
            return false
        }
    }

{{/outside}}
    @BeforeAll
    static void openBrowser() {
        ChromeOptions options = new ChromeOptions()
        // Only this application is opened, and inside a container the browser has no sandbox of its own.
        options.addArguments('--headless=new', '--no-sandbox')
        try {
            browser = new ChromeDriver(options)
        } catch (WebDriverException e) {
            abort('left out: no browser could be started: ' + e.rawMessage)
        }
    }

    @AfterAll
    static void closeBrowser() {
        if (browser != null) {
            browser.quit()
        }
    }

{{#typesIn}}
    @Test
    void keepsWhatIsTypedIn() {
        browser.get('http://localhost:' + port + '/pages/{{entityPath}}')
{{#signsIn}}
        signIn()
{{/signsIn}}
{{#fields}}
{{#date}}
        // How a day is typed depends on where the browser is at home.
        browser.executeScript("arguments[0].value = '{{value}}'", browser.findElement(By.name('{{name}}')))
{{/date}}
{{^date}}
        browser.findElement(By.name('{{name}}')).sendKeys('{{value}}')
{{/date}}
{{/fields}}
        browser.findElement(By.name('{{#first}}{{name}}{{/first}}')).submit()

        def soon = new WebDriverWait(browser, Duration.ofSeconds(10))
        soon.until(textToBePresentInElementLocated(By.tagName('table'), '{{#first}}{{value}}{{/first}}'))
        browser.findElement(By.cssSelector('tr:last-child button')).click()
        soon.until(not(textToBePresentInElementLocated(By.tagName('body'), '{{#first}}{{value}}{{/first}}')))
    }
{{/typesIn}}
{{^typesIn}}
    @Test
    void tellsItsName() {
        browser.get('http://localhost:' + port + '/about')
{{#signsIn}}
        signIn()
{{/signsIn}}

        def shown = browser.findElement(By.tagName('body')).text
        assertThat(shown).contains('{{artifact}}')
    }
{{/typesIn}}
{{#signsIn}}

    private void signIn() {
        browser.findElement(By.name('username')).sendKeys('keeper')
        browser.findElement(By.name('password')).sendKeys('only-in-tests')
        browser.findElement(By.name('password')).submit()
    }
{{/signsIn}}
}
