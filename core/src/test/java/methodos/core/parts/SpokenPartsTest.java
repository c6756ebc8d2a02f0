package methodos.core.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Named;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import org.junit.jupiter.api.Test;

/** A hand pump of a barrel filler, as its list has it and as people call it. */
class SpokenPartsTest {

    private final List<Part> list = new ArrayList<>();

    private void line(String name, String size, int quantity) {
        list.add(
                PartBuilder.builder()
                        .id(new Id<>("p" + list.size()))
                        .name(name)
                        .size(size)
                        .quantity(quantity)
                        .build());
    }

    private SpokenParts spoken() {
        list.clear();
        line("left cover", "", 1);
        line("right cover", "", 1);
        line("cap screw", "M6 x 20", 8);
        line("cap screw", "M5 x 12", 2);
        line("gasket, cover", "", 2);
        line("gasket, foot", "", 1);
        line("valve spring", "", 2);
        line("plunger", "", 1);
        return new SpokenParts(list);
    }

    private static List<String> meant(SpokenParts spoken, String name, String beside) {
        return labels(spoken.meant(new Named(name, null, null), beside));
    }

    private static List<String> labels(List<Part> parts) {
        return parts.stream().map(Part::label).toList();
    }

    @Test
    void aNameThatOnlyOneLineHasIsThatLine() {
        assertThat(meant(spoken(), "spring", "")).containsExactly("valve spring");
        assertThat(meant(spoken(), "Plungers", "")).containsExactly("plunger");
        assertThat(meant(spoken(), "old plunger", "")).containsExactly("plunger");
    }

    @Test
    void whatIsSaidBeforeItTellsLinesApart() {
        assertThat(meant(spoken(), "right cover", "")).containsExactly("right cover");
        assertThat(meant(spoken(), "cover", "")).containsExactly("left cover", "right cover");
    }

    @Test
    void theOtherSideIsNeverMeant() {
        line("lower bush", "", 1);

        assertThat(meant(new SpokenParts(list), "upper bush", "")).isEmpty();
    }

    @Test
    void sizeAndNumberTellLinesApart() {
        SpokenParts spoken = spoken();

        assertThat(labels(spoken.meant(new Named("screw", "M5 x 12", null), "")))
                .containsExactly("cap screw M5 x 12");
        assertThat(labels(spoken().meant(new Named("screw", null, 8), "")))
                .contains("cap screw M6 x 20");
    }

    @Test
    void whatItBelongsToTellsLinesApart() {
        assertThat(meant(spoken(), "gasket", "pull the gasket off the left cover"))
                .containsExactly("gasket, cover");
        assertThat(meant(spoken(), "gasket", "")).hasSize(2);
    }

    @Test
    void afterItsWholeNameTheShortOneIsTheSame() {
        SpokenParts spoken = spoken();
        meant(spoken, "right cover", "");

        assertThat(meant(spoken, "cover", "")).containsExactly("right cover");

        meant(spoken, "left cover", "");
        assertThat(meant(spoken, "cover", "")).containsExactly("left cover");
    }

    @Test
    void screwsAreCalledBolts() {
        line("housing screw", "M8", 4);

        assertThat(meant(new SpokenParts(list), "bolt", "")).containsExactly("housing screw M8");
    }

    @Test
    void whatTheListDoesNotHaveIsNothing() {
        assertThat(meant(spoken(), "sledge", "")).isEmpty();
    }
}
