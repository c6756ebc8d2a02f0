package methodos.publish.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PreviewTest {

    @TempDir private Path temp;

    private static Manual manual(int steps, String last) {
        Manual m = Manual.titled("Winch");
        for (Stage.Kind kind : List.of(Stage.Kind.TAKE_DOWN, Stage.Kind.BUILD_UP)) {
            Id<Stage> stage = m.stage(kind).orElseThrow().id();
            for (int i = 1; i <= steps; i++) {
                String text =
                        kind == Stage.Kind.BUILD_UP && i == steps ? last : "Do it. ".repeat(20);
                m =
                        m.withNewStep(
                                stage,
                                Step.of(new Id<>(kind + "" + i), text, List.of(), List.of()));
            }
        }
        return m;
    }

    private static Publication publication(Manual manual) {
        return Publication.of(manual, Sight.EVERYTHING, d -> Optional.empty(), "2026-12-01");
    }

    @Test
    void thePagesAreThoseOfTheDocument() throws Exception {
        Publication publication = publication(manual(40, "Lower it."));
        try (Preview preview = new Preview()) {
            List<Preview.Part> parts = preview.parts(publication);
            assertThat(parts)
                    .extracting(Preview.Part::name)
                    .containsExactly("front", "stage1", "stage2", "record");
            int pages = 0;
            for (Preview.Part part : parts) {
                pages += preview.count(part);
            }
            Path pdf =
                    new Publisher()
                            .publish(publication, temp, EnumSet.of(Publisher.Format.PDF))
                            .get(0);
            try (PDDocument made = Loader.loadPDF(pdf.toFile())) {
                assertThat(pages).isEqualTo(made.getNumberOfPages()).isGreaterThan(8);
            }
            assertThat(preview.steps(parts.get(1))).containsEntry(1, 0).hasSize(40);
            assertThat(preview.steps(parts.get(1)).get(40))
                    .isEqualTo(preview.count(parts.get(1)) - 1);
            BufferedImage page = preview.page(parts.get(1), 0, 300);
            assertThat(page.getWidth()).isBetween(299, 301);
        }
    }

    @Test
    void onlyThePartOfAnEditIsLaidOutAnew() throws Exception {
        try (Preview preview = new Preview()) {
            for (Preview.Part part : preview.parts(publication(manual(5, "Lower it.")))) {
                preview.count(part);
            }
            List<Preview.Part> parts = preview.parts(publication(manual(5, "Lower it slowly.")));
            assertThat(parts)
                    .filteredOn(p -> !preview.has(p))
                    .singleElement()
                    .satisfies(p -> assertThat(p.name()).isEqualTo("stage2"));
        }
    }
}
