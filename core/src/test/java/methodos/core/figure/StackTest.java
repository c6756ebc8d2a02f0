package methodos.core.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.figure.StackRow.Form;
import methodos.core.figure.StackRow.Way;
import methodos.core.manual.Figure;
import methodos.core.manual.Layer;
import methodos.core.manual.Manual;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StackTest {

    private final Manual manual = Samples.actuator();
    private final Words words = new Words(null, Locale.ENGLISH);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    snap ring                                  | 1 | RETAINING_RING | NOT_TOLD | false
                    2 shim washers                             | 2 | FLAT           | NOT_TOLD | false
                    four disc springs, hollow down, alternating| 4 | DISC_SPRING    | DOWN     | true
                    a seal, lip up                             | 1 | LIP_SEAL       | UP       | false
                    O-ring                                     | 1 | ROUND_RING     | NOT_TOLD | false
                    3 × cup washer, alternately, hollow upward | 3 | DISC_SPRING    | UP       | true
                    bearing, shield downwards                  | 1 | BEARING        | DOWN     | false
                    5 springs                                  | 5 | SPRING         | NOT_TOLD | false
                    pinion                                     | 1 | BLOCK          | NOT_TOLD | false
                    """)
    void aRowIsUnderstoodFromItsWords(
            String typed, int count, Form form, Way way, boolean alternating) {
        StackRow row = StackRow.of(new Layer(null, typed), manual);
        assertThat(row.count()).isEqualTo(count);
        assertThat(row.form()).isEqualTo(form);
        assertThat(row.way()).isEqualTo(way);
        assertThat(row.alternating()).isEqualTo(alternating);
    }

    @Test
    void eachNextOneOfAnAlternatingRowLiesTheOtherWay() {
        StackRow row = StackRow.of(new Layer(null, "4 disc springs up, alternating"), manual);
        assertThat(List.of(row.way(0), row.way(1), row.way(2), row.way(3)))
                .containsExactly(Way.UP, Way.DOWN, Way.UP, Way.DOWN);
        StackRow same = StackRow.of(new Layer(null, "4 disc springs up"), manual);
        assertThat(same.way(3)).isEqualTo(Way.UP);
    }

    @Test
    void theNameOfAPartComesFromTheList() {
        StackRow row = StackRow.of(new Layer(new Id<>("p1"), "2, head up"), manual);
        assertThat(row.words())
                .startsWith("2 × " + manual.part(new Id<>("p1")).orElseThrow().label());
        assertThat(row.way()).isEqualTo(Way.UP);
    }

    @Test
    void whatIsTypedComesBackAndFollowsTheNumberOfThePart() {
        String typed = "4 × #7, hollow down\n#7\nspacer #99";
        List<Layer> layers = StackWords.read("\n" + typed + "\n\n", manual);
        assertThat(layers).hasSize(3);
        assertThat(layers.get(0).part()).isEqualTo(new Id<>("p1"));
        assertThat(layers.get(2).part()).as("no such part").isNull();
        assertThat(StackWords.of(layers, manual)).isEqualTo(typed);
        Manual renumbered =
                manual.withPart(manual.part(new Id<>("p1")).orElseThrow().withItem("17"));
        assertThat(StackWords.of(layers, renumbered)).startsWith("4 × #17, hollow down\n#17\n");
        assertThat(StackRow.of(layers.get(0), manual).words())
                .isEqualTo(
                        "4 × "
                                + manual.part(new Id<>("p1")).orElseThrow().label()
                                + " (7), hollow down");
    }

    @Test
    void theSchemeHasOneShapeForEachPieceFromTheTopDown() {
        Figure figure =
                Figure.of(new Id<>("f1"), "Stack", null, null)
                        .withStack(
                                List.of(
                                        new Layer(null, "snap ring"),
                                        new Layer(null, "4 disc springs, hollow down, alternating"),
                                        new Layer(null, "thrust washer")));
        FigureDrawing drawing = FigureDrawing.of(figure, manual, words, PictureSizes.all(960, 540));
        assertThat(drawing.picture()).isNull();
        List<Shape.Text> texts =
                drawing.shapes().stream()
                        .filter(s -> s instanceof Shape.Text)
                        .map(s -> (Shape.Text) s)
                        .toList();
        assertThat(texts.get(0).text()).isEqualTo("snap ring");
        assertThat(texts).isSortedAccordingTo(java.util.Comparator.comparingDouble(Shape.Text::y));
        List<Shape.Path> springs =
                drawing.shapes().stream()
                        .filter(s -> s instanceof Shape.Path p && p.fill() == Shape.Ink.TINT)
                        .map(s -> (Shape.Path) s)
                        .limit(8)
                        .toList();
        // two flanks each: the rim is below the hole where the hollow looks down
        for (int piece = 0; piece < 4; piece++) {
            List<methodos.core.manual.Point> flank = springs.get(2 * piece).points();
            boolean down = flank.get(0).y() > flank.get(1).y();
            assertThat(down).isEqualTo(piece % 2 == 0);
        }
        assertThat(FigureText.of(figure, manual, words))
                .contains("From the top down: snap ring; 4 × disc springs");
    }

    @Test
    void besideAPictureTheSheetGrows() {
        Figure plain = Figure.of(new Id<>("f1"), "", null, "x");
        FigureDrawing without = FigureDrawing.of(plain, manual, words, PictureSizes.all(960, 540));
        FigureDrawing with =
                FigureDrawing.of(
                        plain.withStack(List.of(new Layer(null, "washer"))),
                        manual,
                        words,
                        PictureSizes.all(960, 540));
        assertThat(with.width()).isGreaterThan(without.width() * 1.2);
        assertThat(with.height()).isEqualTo(without.height());
        assertThat(with.picture()).isEqualTo(without.picture());
    }
}
