package {{package}}

{{#announces}}
import {{package}}.{{messages}}.{{Entity}}EventPublisher
{{/announces}}
{{^typesIn}}
import org.assertj.core.api.Assertions.assertThat
{{/typesIn}}
import org.junit.jupiter.api.AfterAll
import org.junit.jupiter.api.Assumptions.abort
import org.junit.jupiter.api.BeforeAll
import org.junit.jupiter.api.Test
{{#outside}}
import org.junit.jupiter.api.condition.EnabledIf
{{/outside}}
import org.openqa.selenium.By
import org.openqa.selenium.JavascriptExecutor
import org.openqa.selenium.WebDriver
import org.openqa.selenium.WebDriverException
import org.openqa.selenium.chrome.ChromeDriver
import org.openqa.selenium.chrome.ChromeOptions
{{#typesIn}}
import org.openqa.selenium.support.ui.ExpectedConditions.not
import org.openqa.selenium.support.ui.ExpectedConditions.textToBePresentInElementLocated
import org.openqa.selenium.support.ui.WebDriverWait
{{/typesIn}}
import org.springframework.boot.test.context.SpringBootTest
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment
import org.springframework.boot.test.web.server.LocalServerPort
import org.springframework.test.context.ActiveProfiles
{{#announces}}
import org.springframework.test.context.bean.override.mockito.MockitoBean
{{/announces}}
{{#outside}}
import java.io.IOException
import java.net.Socket
{{/outside}}
{{#typesIn}}
import java.time.Duration
{{/typesIn}}

/** Looks at the running application with a browser; left out where none can be started. */
{{#outside}}
@EnabledIf(value = "theStoreAnswers", disabledReason = "nothing answers at localhost:{{outside}}")
{{/outside}}
{{#signsIn}}
@SpringBootTest(
    webEnvironment = WebEnvironment.RANDOM_PORT,
    properties = ["spring.security.user.name=keeper", "spring.security.user.password=only-in-tests"],
)
{{/signsIn}}
{{^signsIn}}
@SpringBootTest(webEnvironment = WebEnvironment.RANDOM_PORT)
{{/signsIn}}
@ActiveProfiles("test")
class BrowserTest(
    @param:LocalServerPort private val port: Int,
) {
{{#announces}}
    @MockitoBean
    lateinit var events: {{Entity}}EventPublisher

{{/announces}}
{{#typesIn}}
    @Test
    fun keepsWhatIsTypedIn() {
        browser.get("http://localhost:" + port + "/pages/{{entityPath}}")
{{#signsIn}}
        signIn()
{{/signsIn}}
{{#fields}}
{{#date}}
        // How a day is typed depends on where the browser is at home.
        (browser as JavascriptExecutor)
            .executeScript("arguments[0].value = '{{value}}'", browser.findElement(By.name("{{name}}")))
{{/date}}
{{^date}}
        browser.findElement(By.name("{{name}}")).sendKeys("{{value}}")
{{/date}}
{{/fields}}
        browser.findElement(By.name("{{#first}}{{name}}{{/first}}")).submit()

        val soon = WebDriverWait(browser, Duration.ofSeconds(10))
        soon.until(textToBePresentInElementLocated(By.tagName("table"), "{{#first}}{{value}}{{/first}}"))
        browser.findElement(By.cssSelector("tr:last-child button")).click()
        soon.until(not(textToBePresentInElementLocated(By.tagName("body"), "{{#first}}{{value}}{{/first}}")))
    }
{{/typesIn}}
{{^typesIn}}
    @Test
    fun tellsItsName() {
        browser.get("http://localhost:" + port + "/about")
{{#signsIn}}
        signIn()
{{/signsIn}}

        val shown = browser.findElement(By.tagName("body")).text
        assertThat(shown).contains("{{artifact}}")
    }
{{/typesIn}}
{{#signsIn}}

    private fun signIn() {
        browser.findElement(By.name("username")).sendKeys("keeper")
        browser.findElement(By.name("password")).sendKeys("only-in-tests")
        browser.findElement(By.name("password")).submit()
    }
{{/signsIn}}

    companion object {
        private lateinit var browser: WebDriver

        @BeforeAll
        @JvmStatic
        fun openBrowser() {
            val options = ChromeOptions()
            // Only this application is opened, and inside a container the browser has no sandbox of its own.
            options.addArguments("--headless=new", "--no-sandbox")
            try {
                browser = ChromeDriver(options)
            } catch (e: WebDriverException) {
                abort<Unit>("left out: no browser could be started: " + e.rawMessage)
            }
        }

        @AfterAll
        @JvmStatic
        fun closeBrowser() {
            if (::browser.isInitialized) {
                browser.quit()
            }
        }
{{#outside}}

        @JvmStatic
        fun theStoreAnswers(): Boolean =
            try {
                Socket("localhost", {{outside}}).use { it.isConnected }
            } catch (ignored: IOException) {
                false
            }
{{/outside}}
    }
}
