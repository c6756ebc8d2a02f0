package methodos.publish.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Applicability;
import methodos.core.manual.Evidence;
import methodos.core.manual.Figure;
import methodos.core.manual.Hazard;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Model;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.Point;
import methodos.core.manual.Reading;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Unit;
import methodos.core.manual.Value;
import methodos.core.manual.Variant;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import methodos.fixtures.ValidPdf;
import methodos.publish.PublishProblem;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PublisherTest {

    private static final Sight LATE = new Sight("QA-80 D", SerialRange.from(2200));

    @TempDir private Path out;

    static Manual manual() {
        Manual m = Manual.titled("Overhaul <of> the QA-80");
        m =
                m.withUnit(
                        Unit.unnamed()
                                .withName("Quarter-turn actuator")
                                .withMaker("Halvorn")
                                .withModels(
                                        List.of(
                                                new Model("QA-80 D", "double acting"),
                                                new Model("QA-80 S", "spring return"))));
        m =
                m.withVariants(
                        List.of(
                                new Variant(
                                        new Id<>("v1"),
                                        "QA-80 D",
                                        SerialRange.from(2200),
                                        "removable bearing"),
                                new Variant(
                                        new Id<>("v2"),
                                        "QA-80 S",
                                        SerialRange.upTo(2199),
                                        "ten springs")));
        m =
                m.withPart(
                        PartBuilder.builder()
                                .id(new Id<>("p1"))
                                .item("7")
                                .number("HV-7")
                                .name("cap screw")
                                .size("M6 × 25")
                                .quantity(4)
                                .reuse(ReuseRule.INSPECT)
                                .build());
        m =
                m.withPart(
                        PartBuilder.builder()
                                .id(new Id<>("p2"))
                                .item("11")
                                .number("HV-11")
                                .name("O-ring")
                                .quantity(2)
                                .reuse(ReuseRule.ALWAYS_NEW)
                                .build());
        m =
                m.withPart(
                        PartBuilder.builder()
                                .id(new Id<>("p3"))
                                .item("9")
                                .number("HV-9")
                                .name("spring")
                                .quantity(10)
                                .reuse(ReuseRule.INSPECT)
                                .applicability(Applicability.model("QA-80 S"))
                                .build());
        m =
                m.withJoint(
                        JointBuilder.builder()
                                .id(new Id<>("j1"))
                                .name("Cap to body")
                                .fastener(new Id<>("p1"))
                                .count(4)
                                .propertyClass("8.8")
                                .condition("oiled")
                                .torque(Value.of("7 to 8.5 N·m"))
                                .stages(QuantityList.parse("2.5 N·m"))
                                .order("cross")
                                .build());
        m =
                m.withJoint(
                        JointBuilder.builder()
                                .id(new Id<>("j2"))
                                .name("Coupling")
                                .count(2)
                                .torque(new Value.Open("it is on the sheet", null))
                                .stages(List.of())
                                .build());
        m =
                m.withFigure(
                        Figure.of(
                                new Id<>("f1"),
                                "Right end cap",
                                new Figure.Still(new Id<>("c"), 2),
                                "pic",
                                new Mark.Callout(
                                        new Id<>("m1"), new Id<>("p1"), new Point(.5, .5), null)));
        Span span = new Span(new Id<>("c"), 1, 4);
        Step off =
                Step.of(
                                new Id<>("s1"),
                                "Loosen the screws & keep them.",
                                List.of(span),
                                List.of(new Evidence.Recorded(span, "q")))
                        .withParts(
                                List.of(
                                        new PartUse(new Id<>("p1"), 4),
                                        new PartUse(new Id<>("p2"), 1)))
                        .withFigures(List.of(new Id<>("f1")))
                        .withHazards(
                                List.of(
                                        new Hazard(
                                                Hazard.SignalWord.WARNING,
                                                "Stored spring energy",
                                                "It breaks fingers.",
                                                "Stand aside.")));
        Step springs =
                Step.of(new Id<>("s2"), "Take the springs out.", List.of(), List.of())
                        .withApplicability(Applicability.model("QA-80 S"));
        Step on =
                Step.of(new Id<>("s3"), "Tighten the screws.", List.of(), List.of())
                        .withJoints(List.of(new Id<>("j1"), new Id<>("j2")));
        m = m.withNewStep(m.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id(), off);
        m = m.withNewStep(m.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id(), springs);
        return m.withNewStep(m.stage(Stage.Kind.BUILD_UP).orElseThrow().id(), on);
    }

    static Optional<BufferedImage> gray(String digest) {
        BufferedImage image = new BufferedImage(960, 540, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.GRAY);
        g.fillRect(0, 0, 960, 540);
        g.dispose();
        return digest.equals("pic") ? Optional.of(image) : Optional.empty();
    }

    private List<Path> publish(Manual manual, Sight sight, Set<Publisher.Format> formats)
            throws PublishProblem {
        return new Publisher()
                .publish(
                        Publication.of(manual, sight, PublisherTest::gray, "2026-11-14"),
                        out,
                        formats);
    }

    private String pdfText(Sight sight) throws Exception {
        Path pdf = publish(manual(), sight, EnumSet.of(Publisher.Format.PDF)).get(0);
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void thePdfHoldsEverythingThatATechnicianNeeds() throws Exception {
        String text = pdfText(Sight.EVERYTHING);
        assertThat(text)
                .contains("Overhaul <of> the QA-80", "For all units", "QA-80 D, double acting")
                .contains("WARNING", "Stored spring energy", "Stand aside.")
                .contains("cap screw M6 × 25", "HV-7", "replace")
                .contains("7 to 8.5", "62 to 75 lbf·in", "cross")
                .contains("Loosen the screws & keep them.", "Figure 1 Right end cap")
                .contains("Take the springs out.", "Only QA-80 S")
                .contains("Local codes", "licensed or authorised", "current service data");
    }

    @Test
    void anOpenValueIsPrintedAsNotGiven() throws Exception {
        assertThat(pdfText(Sight.EVERYTHING)).contains("Coupling", "not specified");
    }

    @Test
    void theRecordHasABlankForEachReading() throws Exception {
        Manual manual = manual();
        Step first = manual.steps().findFirst().orElseThrow();
        Value limit = new Value.Known(Quantity.parse("min 62 mm"), List.of(), true);
        Reading reading = Reading.of("Free length", limit, 5, null).withOtherwise("replace all");
        String html =
                Files.readString(
                        publish(
                                        manual.withStep(first.withReadings(List.of(reading))),
                                        Sight.EVERYTHING,
                                        EnumSet.of(Publisher.Format.HTML))
                                .get(0));
        String record = html.substring(html.indexOf("id=\"record\""));
        assertThat(record).contains("Serial number of the unit", "Free length", "≥ 62 mm");
        assertThat(record.split("<output class=\"verdict\" data-value", -1)).hasSize(1 + 5);
    }

    @Test
    void oneVariantSeesOnlyItsOwn() throws Exception {
        String text = pdfText(LATE);
        assertThat(text)
                .contains("For QA-80 D, from 2200", "removable bearing")
                .doesNotContain("Take the springs out.", "HV-9", "ten springs", "Only QA-80");
    }

    @Test
    void thePdfIsAccessibleAndForTheArchive() throws Exception {
        Path pdf = publish(manual(), Sight.EVERYTHING, EnumSet.of(Publisher.Format.PDF)).get(0);
        ValidPdf.check(pdf);
    }

    @Test
    void thePagesForTheScreenStandAlone() throws Exception {
        Path page = publish(manual(), Sight.EVERYTHING, EnumSet.of(Publisher.Format.HTML)).get(0);
        String html = Files.readString(page);
        assertThat(html)
                .contains("<title>Overhaul &lt;of&gt; the QA-80</title>")
                .contains("alt=\"Right end cap. Numbered: cap screw (7).\"")
                .contains("content=\"default-src 'none'; script-src 'sha256-")
                .doesNotContain("http:", "https:", " src=\"//");
        for (String file :
                List.of("figure-1.jpg", "Barlow-SemiBold.ttf", "SourceSans3-Regular.ttf")) {
            assertThat(html).contains(file);
            assertThat(page.resolveSibling("content-1").resolve(file)).isNotEmptyFile();
        }
    }

    @Test
    void publishingAgainReplacesAndLeavesNothingBehind() throws Exception {
        publish(manual(), Sight.EVERYTHING, EnumSet.allOf(Publisher.Format.class));
        publish(manual(), LATE, EnumSet.allOf(Publisher.Format.class));
        assertThat(Files.readString(out.resolve("html/index.html")))
                .doesNotContain("Take the springs out.");
        try (Stream<Path> all = Files.list(out)) {
            assertThat(all.map(p -> p.getFileName().toString()))
                    .containsExactlyInAnyOrder(
                            "manual.pdf",
                            "film-again.pdf",
                            "html",
                            "fetch-list.pdf",
                            "torque.pdf",
                            "parts.pdf",
                            "sorting.pdf",
                            "job-card.pdf",
                            "record.pdf",
                            "training.pdf",
                            "time-plan.pdf");
        }
    }

    @Test
    void aFolderThatCannotBeWrittenIsOneSentence() throws Exception {
        Path file = Files.writeString(out.resolve("taken"), "x");
        assertThatThrownBy(
                        () ->
                                new Publisher()
                                        .publish(
                                                Publication.of(
                                                        manual(),
                                                        LATE,
                                                        PublisherTest::gray,
                                                        "today"),
                                                file,
                                                EnumSet.of(Publisher.Format.PDF)))
                .isInstanceOf(PublishProblem.class)
                .hasMessageContaining("cannot be written");
        assertThat(file).hasContent("x");
    }

    @Test
    void anEmptyManualIsADocumentToo() throws Exception {
        Path pdf =
                publish(
                                Manual.titled("Nothing yet"),
                                Sight.EVERYTHING,
                                EnumSet.allOf(Publisher.Format.class))
                        .get(0);
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getNumberOfPages()).isPositive();
        }
    }

    @Test
    void aPictureThatIsMissingIsLeftOut() throws Exception {
        Manual m = manual().withFigure(Figure.of(new Id<>("f1"), "gone", null, "lost"));
        Path page = publish(m, Sight.EVERYTHING, EnumSet.of(Publisher.Format.HTML)).get(0);
        assertThat(Files.readString(page)).doesNotContain("<img");
    }

    @Test
    void formsAreNamedInAnyCase() {
        assertThat(Publisher.Format.named(" Pdf ")).isEqualTo(Publisher.Format.PDF);
        assertThatThrownBy(() -> Publisher.Format.named("doc"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("pdf, html, reshoot, fetch, torque");
    }

    @Test
    void filmsStandBesideTheirStepsOnTheScreenOnly() throws Exception {
        Films films =
                (step, folder, name) -> {
                    try {
                        Files.writeString(folder.resolve(name + ".webm"), "film");
                    } catch (java.io.IOException e) {
                        throw new PublishProblem("no film", e);
                    }
                    return Optional.of(new Films.Film(name + ".webm", "WEBVTT\n\nsaid & done"));
                };
        Publication publication =
                Publication.of(manual(), Sight.EVERYTHING, d -> Optional.empty(), "2026-01-02");
        new Publisher()
                .publish(
                        publication,
                        out,
                        EnumSet.allOf(Publisher.Format.class),
                        films,
                        Progress.NONE);
        String page = Files.readString(out.resolve("html/index.html"));
        for (int i = 1; i <= manual().steps().count(); i++) {
            String film = "content-1/film-" + i;
            assertThat(page)
                    .contains("src=\"" + film + ".webm\"")
                    .contains("WEBVTT%0A%0Asaid%20%26%20done");
            assertThat(out.resolve("html").resolve(film + ".webm")).hasContent("film");
        }
        Films broken =
                (step, folder, name) -> {
                    throw new PublishProblem("The recording is gone.", null);
                };
        org.assertj.core.api.Assertions.assertThatThrownBy(
                        () ->
                                new Publisher()
                                        .publish(
                                                publication,
                                                out,
                                                EnumSet.of(Publisher.Format.HTML),
                                                broken,
                                                Progress.NONE))
                .isInstanceOf(PublishProblem.class)
                .hasMessage("The recording is gone.");
        assertThat(Files.readString(out.resolve("html/index.html"))).isEqualTo(page);
    }
}
