package methodos.publish.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CancellationException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.Wait;
import methodos.fixtures.FailingFiles;
import methodos.publish.PublishProblem;
import methodos.publish.document.Publisher.Format;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A publication is whole or not at all, and says what it cannot print. */
class PublishingSafelyTest {

    @TempDir private Path temp;

    private static Publication publication(String title) {
        return Publication.of(
                PublisherTest.manual().withTitle(title),
                Sight.EVERYTHING,
                PublisherTest::gray,
                "2026-11-14");
    }

    /** The documents that are there, each whole: every file that a page needs is there. */
    private static String title(Path out, Format format) throws IOException {
        if (format == Format.PDF) {
            try (PDDocument document = Loader.loadPDF(out.resolve("manual.pdf").toFile())) {
                return document.getDocumentInformation().getTitle();
            }
        }
        Path page = out.resolve("html/index.html");
        String html = Files.readString(page);
        Matcher needed = Pattern.compile("(?:src=\"|url\\(\")([^\"]+)\"").matcher(html);
        int files = 0;
        while (needed.find()) {
            assertThat(page.resolveSibling(needed.group(1))).isNotEmptyFile();
            files++;
        }
        assertThat(files).isGreaterThan(5);
        Matcher title = Pattern.compile("<title>([^<]*)</title>").matcher(html);
        assertThat(title.find()).isTrue();
        return title.group(1);
    }

    @Test
    void whicheverOperationFailsTheEarlierDocumentIsWholeAndTheSentenceTrue() throws Exception {
        int failures = 0;
        for (Format format : List.of(Format.PDF, Format.HTML)) {
            FailingFiles disk = new FailingFiles();
            Path real = temp.resolve(format.name());
            Path out = disk.path(real);
            new Publisher().publish(publication("first"), out, EnumSet.of(format));
            disk.fail(Integer.MAX_VALUE);
            new Publisher().publish(publication("second"), out, EnumSet.of(format));
            int operations = disk.done();
            assertThat(operations).isGreaterThan(5);
            for (int n = 1; n <= operations; n += n < 40 ? 1 : 7) {
                String before = title(real, format);
                String next = before.equals("first") ? "second" : "first";
                disk.fail(n);
                boolean failed = false;
                try {
                    new Publisher().publish(publication(next), out, EnumSet.of(format));
                } catch (PublishProblem e) {
                    failed = true;
                    failures++;
                    assertThat(e)
                            .hasMessageContaining("the disk is full")
                            .hasMessageContaining("Nothing was published.");
                }
                disk.mend();
                assertThat(title(real, format))
                        .as("%s, operation %s of %s", format, n, operations)
                        .isEqualTo(failed ? before : next);
                new Publisher().publish(publication("first"), out, EnumSet.of(format));
                try (Stream<Path> left = Files.list(real)) {
                    assertThat(left.map(p -> p.getFileName().toString()))
                            .allMatch(name -> !name.startsWith(".") || failedToRemove(name));
                }
            }
        }
        System.out.println(failures + " publications failed, all earlier ones whole");
        assertThat(failures).isGreaterThan(40);
    }

    /** Work of this very process that could not be removed when the disk failed. */
    private static boolean failedToRemove(String name) {
        return name.startsWith(".publishing-" + ProcessHandle.current().pid() + "-");
    }

    @Test
    void whatWasPlacedBeforeTheFailureIsSaid() throws Exception {
        FailingFiles disk = new FailingFiles();
        Path real = temp.resolve("both");
        Path out = disk.path(real);
        EnumSet<Format> both = EnumSet.of(Format.PDF, Format.HTML);
        new Publisher().publish(publication("first"), out, both);
        disk.fail(Integer.MAX_VALUE);
        new Publisher().publish(publication("second"), out, both);
        int operations = disk.done();
        List<String> sentences = new ArrayList<>();
        for (int n = operations; n > 0 && sentences.isEmpty(); n--) {
            disk.fail(n);
            try {
                new Publisher().publish(publication("third"), out, both);
            } catch (PublishProblem e) {
                if (e.getMessage().contains("Published was only")) {
                    sentences.add(e.getMessage());
                }
            }
            disk.mend();
            if (!sentences.isEmpty()) {
                assertThat(title(real, Format.PDF)).isEqualTo("third");
                assertThat(title(real, Format.HTML)).isIn("second", "third");
            }
        }
        assertThat(sentences).singleElement().asString().contains("manual.pdf");
    }

    @Test
    void whatAKilledPublicationLeftIsSweptAway() throws Exception {
        Path out = temp.resolve("out");
        Path half = Files.createDirectories(out.resolve(".publishing-999999999-1/PDF"));
        Files.writeString(half.resolve("manual.pdf"), "half");
        Files.createDirectories(out.resolve("html/content-7"));
        new Publisher().publish(publication("x"), out, EnumSet.of(Format.PDF, Format.HTML));
        assertThat(half).doesNotExist();
        try (Stream<Path> left = Files.list(out.resolve("html"))) {
            assertThat(left.map(p -> p.getFileName().toString()))
                    .containsExactlyInAnyOrder("index.html", "content-8");
        }
    }

    @Test
    void itIsStoppedAnywhereAndLeavesNothing() throws Exception {
        Path out = temp.resolve("stopped");
        EnumSet<Format> all = EnumSet.of(Format.PDF, Format.HTML, Format.RESHOOT);
        Map<Progress.Work, Double> told = new TreeMap<>();
        Progress all100 =
                new Progress() {
                    @Override
                    public void at(Work work, double share) {
                        told.merge(work, share, Math::max);
                        assertThat(share).isBetween(0.0, 1.0);
                    }

                    @Override
                    public boolean stopped() {
                        return false;
                    }
                };
        new Publisher().publish(publication("first"), out, all, Films.NONE, all100);
        assertThat(told)
                .containsKeys(Progress.Work.FIGURES, Progress.Work.PAGES, Progress.Work.PLACING);
        assertThat(told.get(Progress.Work.PLACING)).isGreaterThan(0.8);
        for (Progress.Work when : List.of(Progress.Work.FIGURES, Progress.Work.PAGES)) {
            boolean[] stop = {false};
            Progress stopping =
                    new Progress() {
                        @Override
                        public void at(Work work, double share) {
                            stop[0] |= work == when;
                        }

                        @Override
                        public boolean stopped() {
                            return stop[0];
                        }
                    };
            assertThatThrownBy(
                            () ->
                                    new Publisher()
                                            .publish(
                                                    publication("second"),
                                                    out,
                                                    all,
                                                    Films.NONE,
                                                    stopping))
                    .as(when.name())
                    .isInstanceOf(CancellationException.class);
            assertThat(title(out, Format.PDF)).isEqualTo("first");
            assertThat(title(out, Format.HTML)).isEqualTo("first");
        }
        try (Stream<Path> left = Files.list(out)) {
            assertThat(left.map(p -> p.getFileName().toString()))
                    .containsExactlyInAnyOrder("manual.pdf", "film-again.pdf", "html");
        }
    }

    @Test
    void anExceptionOfAnyKindIsASentenceAndTheStepThatIsToBlameIsNamed() throws Exception {
        Path out = temp.resolve("broken");
        Publication broken =
                Publication.of(
                        PublisherTest.manual(),
                        Sight.EVERYTHING,
                        d -> {
                            throw new IllegalStateException("a bug in the pictures");
                        },
                        "today");
        assertThatThrownBy(() -> new Publisher().publish(broken, out, EnumSet.of(Format.PDF)))
                .isInstanceOf(PublishProblem.class)
                .hasMessageStartingWith("Step 1 cannot be published")
                .hasMessageContaining("Nothing was published.");
        assertThat(out.resolve("manual.pdf")).doesNotExist();
        Publication memory =
                Publication.of(
                        PublisherTest.manual(),
                        Sight.EVERYTHING,
                        d -> {
                            throw new OutOfMemoryError("too much");
                        },
                        "today");
        assertThatThrownBy(() -> new Publisher().publish(memory, out, EnumSet.of(Format.HTML)))
                .isInstanceOf(PublishProblem.class)
                .hasMessageContaining("not enough memory");
    }

    private String pdf(Manual manual) throws Exception {
        Path out = temp.resolve("signs");
        new Publisher()
                .publish(
                        Publication.of(
                                manual, Sight.EVERYTHING, d -> java.util.Optional.empty(), "d"),
                        out,
                        EnumSet.of(Format.PDF));
        try (PDDocument document = Loader.loadPDF(out.resolve("manual.pdf").toFile())) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static Manual saying(String title, String text) {
        Manual m = PublisherTest.manual().withTitle(title);
        Step first = m.steps().findFirst().orElseThrow();
        return m.withStep(first.withText(text));
    }

    @Test
    void theSignsOfTheTradeGreekAndCyrillicArePrintedInTextAndHeadings() throws Exception {
        String trade = "⌀ ∅ ∠ ⊥ ∥ ↺ ↻ ⚠ ℃ → ← ✓ ☐ № ⅓ ₂ ≤ ≥ ±";
        String scripts = "Ωμέγα Привод";
        Manual manual = saying("Обзор " + trade, trade + " " + scripts);
        assertThat(Signs.missing(manual)).isEmpty();
        // a font may name ohm and micro for omega and mu
        String text = Normalizer.normalize(pdf(manual), Normalizer.Form.NFC).replace('µ', 'μ');
        assertThat(text).doesNotContain("#");
        for (String sign : (trade + " " + scripts + " Обзор").split(" ")) {
            assertThat(text.split(Pattern.quote(sign), -1).length).as(sign).isGreaterThan(1);
        }
    }

    @Test
    void whatNoTypefaceHasIsNamedWithItsSteps() {
        Manual manual = saying("漢字 is not here", "Turn 漢 and עברית.");
        List<Signs.Missing> missing = Signs.missing(manual);
        assertThat(missing).extracting(Signs.Missing::sign).contains("漢", "字", "ע");
        Id<Step> step = manual.steps().findFirst().orElseThrow().id();
        assertThat(missing)
                .filteredOn(s -> s.sign().equals("漢"))
                .allSatisfy(s -> assertThat(s.steps()).containsExactly(step))
                .allSatisfy(s -> assertThat(s.code()).isEqualTo("U+6F22"));
        assertThat(missing)
                .filteredOn(s -> s.sign().equals("字"))
                .allSatisfy(s -> assertThat(s.steps()).isEmpty());
        assertThat(Signs.missing(PublisherTest.manual())).isEmpty();
    }

    @Test
    void signsOfControlDoNotHinderPrinting() throws Exception {
        String odd = "Loosen\u000bthe\u0000 cap\u001b \u0007screws.\ufffe\ud800";
        assertThat(pdf(saying("a\u0001b", odd))).contains("Loosen the cap", "screws.", "ab");
    }

    @Test
    void aNonBreakingHyphenIsAHyphenInHeadingsToo() throws Exception {
        String text = pdf(saying("O\u2011ring", "The O\u2011ring."));
        assertThat(text).doesNotContain("#").containsPattern("O[\u2011-]ring");
    }

    @Test
    void timesAndBlanksAreAsAPersonWritesThem() throws Exception {
        Manual m = PublisherTest.manual();
        Step first = m.steps().findFirst().orElseThrow();
        String text =
                pdf(
                        m.withStep(
                                first.withWaits(
                                        List.of(
                                                new Wait("settle", 145),
                                                new Wait("cure", 8 * 3600),
                                                new Wait("soak", 5400),
                                                new Wait("rest", 40)))));
        assertThat(text.replaceAll("\\s+", " "))
                .contains("2 min 25 s", "8 h", "1 h 30 min", "40 s")
                .doesNotContain("480 min");
    }
}
