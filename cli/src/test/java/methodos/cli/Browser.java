package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import org.openqa.selenium.By;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.print.PrintOptions;
import org.openqa.selenium.support.ui.FluentWait;

/** Chromium without a window, in which a page is opened from a file as a technician does. */
final class Browser implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private final ChromeDriver driver;

    /**
     * @param downloads folder for what a page saves
     */
    Browser(Path downloads) {
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--no-sandbox", // the tests may run as root
                "--disable-gpu",
                "--disable-dev-shm-usage",
                "--disable-background-networking",
                "--autoplay-policy=no-user-gesture-required");
        options.setExperimentalOption(
                "prefs", Map.of("download.default_directory", downloads.toString()));
        options.setCapability("goog:loggingPrefs", Map.of("performance", "ALL", "browser", "ALL"));
        driver =
                new ChromeDriver(
                        new ChromeDriverService.Builder()
                                .usingDriverExecutable(Path.of("/usr/bin/chromedriver").toFile())
                                .build(),
                        options);
    }

    void open(Path page) {
        driver.get(page.toUri().toString());
        until("document.documentElement.classList.contains('ready')");
    }

    /** Sets what a page sees of the screen: its size in CSS pixels, and whether it is touched. */
    void screen(int width, int height, boolean touched) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of(
                        "width",
                        width,
                        "height",
                        height,
                        "deviceScaleFactor",
                        1,
                        "mobile",
                        touched));
        driver.executeCdpCommand("Emulation.setTouchEmulationEnabled", Map.of("enabled", touched));
    }

    Object run(String script, Object... arguments) {
        return driver.executeScript(script, arguments);
    }

    boolean is(String condition) {
        return Boolean.TRUE.equals(run("return !!(" + condition + ")"));
    }

    void until(String condition) {
        new FluentWait<>(this)
                .withTimeout(PATIENCE)
                .pollingEvery(Duration.ofMillis(50))
                .withMessage(condition)
                .until(b -> b.is(condition));
    }

    WebElement one(String css) {
        return driver.findElement(By.cssSelector(css));
    }

    /** Those that are seen. */
    List<WebElement> seen(String css) {
        return driver.findElements(By.cssSelector(css)).stream()
                .filter(WebElement::isDisplayed)
                .toList();
    }

    /** Clicks on it in the middle of the screen, where nothing covers it. */
    void click(WebElement element) {
        run("arguments[0].scrollIntoView({block: 'center'})", element);
        element.click();
    }

    /** What is typed into a field in place of what is in it. */
    void type(String css, String text) {
        WebElement field = one(css);
        field.clear();
        field.sendKeys(text);
    }

    void choose(String css, String value) {
        one(css + " option[value='" + value + "']").click();
    }

    byte[] printed() {
        PrintOptions options = new PrintOptions();
        options.setBackground(false); // as browsers print at first
        return Base64.getDecoder().decode(driver.print(options).getContent());
    }

    /** The rules of accessibility that the page breaks, each with the first place. */
    Object barriers() throws IOException {
        if (!is("window.axe")) {
            try (InputStream axe = Browser.class.getResourceAsStream("/axe.min.js")) {
                run(new String(axe.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return driver.executeAsyncScript(
                "const told = arguments[0]; axe.run({resultTypes: ['violations']}).then(r =>"
                        + " told(r.violations.map(v => v.id + ' ' + v.nodes.length + ' times, at '"
                        + " + v.nodes[0].html + ' ' + v.nodes[0].failureSummary)))");
    }

    /** Everything that was asked for since this was last called. */
    List<String> requests() throws IOException {
        List<String> all = new ArrayList<>();
        for (LogEntry entry : driver.manage().logs().get("performance")) {
            JsonNode message = new ObjectMapper().readTree(entry.getMessage()).path("message");
            if (message.path("method").asText().equals("Network.requestWillBeSent")) {
                all.add(message.at("/params/request/url").asText());
            }
        }
        return all;
    }

    /** What the browser complained of since this was last called. */
    List<String> complaints() {
        return driver.manage().logs().get("browser").getAll().stream()
                .map(LogEntry::getMessage)
                .toList();
    }

    void picture(Path file) throws IOException {
        Files.write(file, driver.getScreenshotAs(OutputType.BYTES));
    }

    /** Nothing of a page lies beside the screen. */
    void fits(String where) {
        assertThat(is("document.documentElement.scrollWidth <= window.innerWidth"))
                .as(where)
                .isTrue();
    }

    @Override
    public void close() {
        driver.quit();
    }
}
