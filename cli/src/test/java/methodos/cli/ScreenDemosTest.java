package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.description.RecordShape;
import methodos.core.description.Walk;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.narration.Workspace;
import methodos.core.typed.SerialText;
import methodos.demo.DemoProject;
import methodos.desktop.publish.StepFilms;
import methodos.files.project.ProjectFolder;
import methodos.publish.document.Films;
import methodos.publish.document.Progress;
import methodos.publish.document.Publication;
import methodos.publish.document.Publisher;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** The form for the screen of the demos, opened from a file in a browser, as somebody uses it. */
class ScreenDemosTest {

    private static final int STEP_WITH_FILM = 14;

    @TempDir private static Path temp;
    private static final Map<DemoProject, Path> PAGES = new EnumMap<>(DemoProject.class);
    private static final Map<DemoProject, Manual> MANUALS = new EnumMap<>(DemoProject.class);
    private static Browser browser;

    @BeforeAll
    static void publish() throws Exception {
        for (DemoProject demo : DemoProject.values()) {
            Path folder = temp.resolve(demo.name());
            demo.copyTo(folder);
            Workspace workspace = ProjectFolder.read(folder);
            MANUALS.put(demo, workspace.manual());
            PAGES.put(
                    demo,
                    page(
                            workspace.manual(),
                            demo.name(),
                            demo == DemoProject.QA_80 ? oneFilm(workspace) : Films.NONE));
        }
        browser = new Browser(temp);
    }

    @AfterAll
    static void close() {
        if (browser != null) {
            browser.close();
        }
    }

    private static Films oneFilm(Workspace workspace) {
        Path footage = Path.of("..", "demo", "footage").toAbsolutePath().normalize();
        StepFilms films =
                new StepFilms(
                        workspace,
                        c -> footage.resolve("clips").resolve(Path.of(c.path()).getFileName()),
                        step -> {},
                        () -> false);
        Step shown = workspace.manual().steps().toList().get(STEP_WITH_FILM - 1);
        return (step, folder, name) ->
                step.id().equals(shown.id()) ? films.of(step, folder, name) : Optional.empty();
    }

    private static Path page(Manual manual, String name, Films films) throws Exception {
        Publication publication =
                Publication.of(manual, Sight.EVERYTHING, d -> Optional.of(gray()), "2026-12-01");
        return new Publisher()
                .publish(
                        publication,
                        temp.resolve(name + "-out"),
                        EnumSet.of(Publisher.Format.HTML),
                        films,
                        Progress.NONE)
                .get(0);
    }

    private static BufferedImage gray() {
        BufferedImage image = new BufferedImage(640, 360, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.LIGHT_GRAY);
        g.fillRect(0, 0, 640, 360);
        g.dispose();
        return image;
    }

    private static void opened(DemoProject demo) {
        browser.screen(1280, 800, false);
        browser.open(PAGES.get(demo));
        browser.run("localStorage.clear()");
        browser.open(PAGES.get(demo));
    }

    @ParameterizedTest
    @EnumSource(DemoProject.class)
    void stepsAreWalkedOneAtATimeByMouseAndByKeys(DemoProject demo) {
        opened(demo);
        List<Step> steps = MANUALS.get(demo).steps().toList();
        browser.choose("#mode", "one");
        assertThat(browser.seen(".step")).hasSize(1);
        int at = 1;
        for (; at < steps.size(); at++) {
            assertThat(browser.one(".step.now .number").getText()).isEqualTo("" + at);
            assertThat(browser.one(".step.now .words").getText())
                    .isEqualToNormalizingWhitespace(steps.get(at - 1).text());
            if (at % 2 == 0) {
                browser.one("#on").click();
            } else {
                browser.one(".step.now h3").sendKeys(Keys.ARROW_RIGHT);
            }
        }
        assertThat(browser.one("#on").isEnabled()).isFalse();
        browser.one(".step.now h3").sendKeys(Keys.ARROW_LEFT);
        assertThat(browser.one(".step.now .number").getText()).isEqualTo("" + (at - 1));
    }

    @Test
    void anAddressLeadsToItsStepWhileThePageIsOpen() {
        opened(DemoProject.HB_3);
        browser.choose("#mode", "one");
        browser.run("location.hash = '#step9'");
        browser.until("document.querySelector('.step.now').id === 'step9'");
        assertThat(browser.one(".step.now h3").getText()).contains("drum");
    }

    @ParameterizedTest
    @EnumSource(DemoProject.class)
    void whatIsTickedAndTypedIsThereAgain(DemoProject demo) {
        opened(demo);
        browser.one("#step2 .did").click();
        browser.type("#record [data-keep='record.serial']", "2417");
        assertThat(browser.one("#serial").getDomProperty("value")).isEqualTo("2417");
        assertThat(browser.one("#chosen").getText()).contains("2417");
        browser.type(".asked input.value", "0.07");
        browser.choose("#look", "dark");
        browser.open(PAGES.get(demo));
        assertThat(browser.one("#step2 .did").isSelected()).isTrue();
        assertThat(browser.one("#done").getText()).startsWith("1 of ");
        assertThat(browser.one("#record [data-keep='record.serial']").getDomProperty("value"))
                .isEqualTo("2417");
        assertThat(browser.one(".asked input.value").getDomProperty("value")).isEqualTo("0.07");
        assertThat(browser.is("document.documentElement.dataset.look === 'dark'")).isTrue();
        browser.one("#new").click();
        browser.one("#drop").click();
        assertThat(browser.one("#step2 .did").isSelected()).isFalse();
        assertThat(browser.one(".asked input.value").getDomProperty("value")).isEmpty();
    }

    @Test
    void readingsAreJudgedAsTheyAreTyped() throws Exception {
        opened(DemoProject.QA_80);
        String field = "#step37 .asked input.value";
        String verdict = "#step37 .asked output";
        browser.type(field, "61.9");
        assertThat(browser.one(verdict).getText()).isEqualTo("outside");
        assertThat(browser.one("#step37 .otherwise").getDomAttribute("class"))
                .contains("asked-for");
        browser.type(field, "62,03");
        assertThat(browser.one(verdict).getText()).isEqualTo("at the limit: measure again");
        browser.type(field, "62.4 mm");
        assertThat(browser.one(verdict).getText()).isEqualTo("within limits");
        browser.type(field, "long");
        assertThat(browser.one(verdict).getText()).isEqualTo("A number in mm goes here.");
        browser.type(field, "61.9");
        assertThat(browser.one("#record output[data-of='" + kept(field) + "']").getText())
                .isEqualTo("61.9 – outside");
        browser.one("#save").click();
        JsonNode record = saved();
        assertThat(record.findValuesAsText("value")).contains("61.9");
        assertThat(record.findValuesAsText("verdict")).contains("fail");
    }

    private static String kept(String css) {
        return browser.one(css).getDomAttribute("data-keep");
    }

    private static JsonNode saved() throws Exception {
        Path file = temp.resolve("record-unit.json");
        browser.until("document.querySelector('#notice').textContent.includes('record-unit.json')");
        for (int i = 0; i < 200 && !Files.exists(file); i++) {
            browser.requests(); // a round to the browser and back
        }
        return new ObjectMapper().readTree(file.toFile());
    }

    @Test
    void decisionsAndFaultsAreWalked() {
        opened(DemoProject.QA_80);
        browser.type("#step39 .decide input", "80.15");
        assertThat(browser.one("#step39 .settled").getText())
                .isEqualTo("reuse it with the wider guide band");
        browser.type("#step39 .decide input", "95");
        assertThat(browser.one("#step39 .said").getText()).startsWith("It lies between 79");
        browser.click(browser.one("#faults .walk button"));
        for (int i = 0; i < 20 && browser.seen("#faults .walk .settled").isEmpty(); i++) {
            browser.click(browser.seen("#faults .walk button").get(0));
        }
        assertThat(browser.seen("#faults .walk .settled")).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({
        "QA_80,QA-80 D,1000",
        "QA_80,QA-80 D,1799",
        "QA_80,QA-80 D,2199",
        "QA_80,QA-80 D,2200",
        "QA_80,QA-80 S,1000",
        "QA_80,QA-80 S,1800",
        "QA_80,QA-80 S,2200",
        "QA_80,QA-80 S,2417",
        "QA_80,QA-80 S,",
        "QA_80,,2417",
        "SG_5,,SG1039",
        "SG_5,,SG1040",
        "SG_5,,SG1060",
        "HB_3,,12",
    })
    void aUnitSeesItsStepsAlone(DemoProject demo, String model, String serial) {
        opened(demo);
        if (model != null) {
            browser.choose("#model", model);
        }
        if (serial != null) {
            browser.type("#serial", serial);
        }
        Sight sight =
                new Sight(
                        model,
                        serial == null ? SerialRange.ALL : SerialText.only(serial).orElseThrow());
        List<String> expected =
                MANUALS.get(demo)
                        .steps()
                        .filter(s -> s.applicability().concerns(sight))
                        .map(s -> s.id().text())
                        .toList();
        assertThat(
                        browser.run(
                                "return [...document.querySelectorAll('.step')].filter(s =>"
                                        + " s.offsetParent).map(s => s.dataset.id)"))
                .isEqualTo(expected);
        if (model != null && serial != null) {
            assertThat(browser.seen(".step .only")).as("labels of the one unit's steps").isEmpty();
        }
    }

    @Test
    void wordsAndNumbersAreFound() {
        opened(DemoProject.SG_5);
        Step step = MANUALS.get(DemoProject.SG_5).steps().toList().get(6);
        browser.type("#search", "7");
        WebElement first = browser.one("#found a");
        assertThat(first.getText()).startsWith("7 ").contains(step.text().substring(0, 20));
        browser.type("#search", step.text());
        assertThat(browser.seen("#found a")).hasSize(1);
        browser.type("#search", "quaggawomble");
        assertThat(browser.seen("#found a")).isEmpty();
        assertThat(browser.one("#hits").getText()).contains("quaggawomble");
        browser.choose("#mode", "one");
        browser.type("#search", "7");
        browser.one("#search").sendKeys(Keys.ENTER);
        assertThat(browser.one(".step.now .number").getText()).isEqualTo("7");
    }

    @Test
    void picturesAreEnlargedAndCalloutsNameTheirPart() {
        opened(DemoProject.QA_80);
        browser.one("#step9 .callout[data-item='28']").sendKeys(Keys.ENTER);
        assertThat(browser.one("#step9 .named").getText()).isEqualTo("28 indicator screw M5 × 12");
        assertThat(browser.one("#step9 .part.pointed").getText()).contains("indicator screw");
        browser.one("#step9 .enlarge").click();
        assertThat(browser.one("#enlarged img").isDisplayed()).isTrue();
        assertThat(browser.one("#enlarged img").getSize().getWidth())
                .isGreaterThan(browser.one("#step9 img").getSize().getWidth());
        browser.one("#shut").click();
        assertThat(browser.one("#enlarged").isDisplayed()).isFalse();
    }

    @Test
    void theFilmOfAStepPlaysWithWhatIsSaid() {
        opened(DemoProject.QA_80);
        browser.run(
                "const v = document.querySelector('#step"
                        + STEP_WITH_FILM
                        + " video'); v.muted = true; v.scrollIntoView(); v.play();");
        browser.until(
                "document.querySelector('video').currentTime > 0.2"
                        + " && document.querySelector('video').textTracks[0].mode === 'showing'"
                        + " && document.querySelector('video').textTracks[0].cues.length > 0");
        browser.run("document.querySelector('video').pause()");
        browser.run("document.querySelector('video').currentTime = 3");
        browser.until("!document.querySelector('.film .on-film').hidden");
        assertThat(browser.one(".film .on-film b").getText()).isNotEmpty();
        assertThat(browser.is("parseFloat(document.querySelector('.on-film').style.left) > 0"))
                .isTrue();
    }

    @Test
    void aWaitRunsAndIsStopped() {
        opened(DemoProject.QA_80);
        browser.seen("[data-wait] button").get(0).click();
        browser.until("document.querySelector('.timer .rest')");
        browser.open(PAGES.get(DemoProject.QA_80));
        browser.until("document.querySelector('.timer .rest')");
        browser.run(
                "const k = Object.keys(localStorage).find(k => k.startsWith('methodos'));"
                        + "const v = JSON.parse(localStorage[k]);"
                        + "for (const t in v) if (t.startsWith('timer')) v[t] = 1;"
                        + "localStorage[k] = JSON.stringify(v)");
        browser.open(PAGES.get(DemoProject.QA_80));
        browser.until("document.querySelector('.timer.over')");
        browser.one(".timer button").click();
        browser.until("!document.querySelector('.timer')");
    }

    @Test
    void printedPanelsKeepTheirGround() throws Exception {
        opened(DemoProject.QA_80);
        try (PDDocument document = Loader.loadPDF(browser.printed())) {
            PDFRenderer renderer = new PDFRenderer(document);
            int red = 0;
            int yellow = 0;
            for (int page = 0; page < Math.min(6, document.getNumberOfPages()); page++) {
                BufferedImage image = renderer.renderImageWithDPI(page, 40);
                red += of(image, 0xC8102E);
                yellow += of(image, 0xF9C800);
            }
            assertThat(red).as("ground of DANGER").isGreaterThan(50);
            assertThat(yellow).as("ground of CAUTION").isGreaterThan(50);
        }
    }

    private static int of(BufferedImage image, int colour) {
        Color wanted = new Color(colour);
        int count = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                Color c = new Color(image.getRGB(x, y));
                int away =
                        Math.abs(c.getRed() - wanted.getRed())
                                + Math.abs(c.getGreen() - wanted.getGreen())
                                + Math.abs(c.getBlue() - wanted.getBlue());
                count += away < 30 ? 1 : 0;
            }
        }
        return count;
    }

    @ParameterizedTest
    @CsvSource({
        "QA_80,390,844",
        "QA_80,820,1180",
        "QA_80,1920,1080",
        "HB_3,390,844",
        "HB_3,1920,1080",
        "SG_5,390,844",
        "SG_5,820,1180",
    })
    void nobodyIsShutOut(DemoProject demo, int width, int height) throws Exception {
        opened(demo);
        browser.screen(width, height, width < 1000);
        for (String look : List.of("light", "dark", "contrast")) {
            browser.run(
                    "const l = document.querySelector('#look'); l.value = arguments[0];"
                            + " l.dispatchEvent(new Event('change'))",
                    look);
            for (String mode : List.of("page", "one")) {
                browser.choose("#mode", mode);
                String where = demo + " " + width + " " + look + " " + mode;
                browser.fits(where);
                assertThat(browser.barriers()).as(where).isEqualTo(List.of());
            }
        }
    }

    @ParameterizedTest
    @EnumSource(DemoProject.class)
    void noWordOfAManualIsCarriedOut(DemoProject demo) throws Exception {
        Manual poisoned = Walk.changed(MANUALS.get(demo), (owner, c, value) -> poisoned(c, value));
        Path page = page(poisoned, demo.name() + "-poisoned", Films.NONE);
        browser.screen(1280, 800, false);
        browser.complaints();
        browser.open(page);
        browser.choose("#mode", "one");
        browser.type("#search", "onerror");
        assertThat(browser.one(".step.now .words").getText()).contains("<script>");
        assertThat(browser.is("window.hit")).isFalse();
        assertThat(browser.is("document.querySelector('img[src=\"x\"]')")).isFalse();
        assertThat(browser.complaints()).isEmpty();
    }

    private static final String POISON =
            "\"'></td></style></title></textarea><!--</script><script>window.hit = 1</script>"
                    + "<img src=\"x\" onerror=\"window.hit = 1\"><svg onload='window.hit = 1'>";

    /** Names of recordings and pictures lead to files; all other words may be any. */
    private static Object poisoned(RecordShape.Component component, Object value) {
        if (List.of("language", "picture", "path").contains(component.name())) {
            return value;
        }
        if (value instanceof String text) {
            return text + POISON;
        }
        return value instanceof List<?> list && list.stream().allMatch(x -> x instanceof String)
                ? list.stream().map(x -> x + POISON).toList()
                : value;
    }

    @Test
    void nothingIsAskedOfTheNetworkAndNothingIsComplainedOf() throws Exception {
        for (DemoProject demo : DemoProject.values()) {
            browser.requests();
            browser.complaints();
            opened(demo);
            List<String> asked = browser.requests();
            assertThat(asked).hasSizeGreaterThan(5).allMatch(u -> u.matches("(file|data|blob):.*"));
            assertThat(browser.complaints()).isEmpty();
        }
    }
}
