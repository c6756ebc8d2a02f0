package methodos.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.ReuseRule;
import org.junit.jupiter.api.Test;

class PartSheetTest {

    private final Manual manual =
            Manual.titled("x")
                    .withPart(
                            new Part(
                                    "p1",
                                    "7",
                                    "A-7",
                                    "screw",
                                    "M6",
                                    4,
                                    ReuseRule.INSPECT,
                                    null,
                                    "old"))
                    .withPart(new Part("p2", "8", "", "cap", "", 1, ReuseRule.REUSE, null, ""));

    private static Sheet sheet(String... lines) {
        List<Sheet.Row> rows = new ArrayList<>();
        for (int i = 1; i < lines.length; i++) {
            rows.add(new Sheet.Row(i + 1, Arrays.asList(lines[i].split("\\|", -1))));
        }
        return new Sheet(Arrays.asList(lines[0].split("\\|")), rows);
    }

    @Test
    void headersAreKnownInSeveralSpellings() {
        PartSheet parts =
                PartSheet.of(
                        sheet("Pos.|Part-No.|DESCRIPTION|Qty|Renew", "9|A-9|O-ring|2|yes"), manual);
        assertThat(parts.problems()).isEmpty();
        assertThat(parts.added())
                .containsExactly(
                        new Part("", "9", "A-9", "O-ring", "", 2, ReuseRule.ALWAYS_NEW, null, ""));
    }

    @Test
    void aNewerListTellsWhatChangesAndWhatItLeavesOut() {
        PartSheet parts =
                PartSheet.of(
                        sheet("item|name|size|qty", "7|screw|M6 × 25|4", "9|washer||8"), manual);
        assertThat(parts.changed()).hasSize(1);
        assertThat(parts.changed().get(0).size()).isEqualTo("M6 × 25");
        assertThat(parts.changed().get(0).note()).as("no column, stays").isEqualTo("old");
        assertThat(parts.absent()).extracting(Part::id).containsExactly("p2");
        Manual after = parts.edit().change().apply(manual);
        assertThat(after.parts()).hasSize(3);
        assertThat(after.parts().get(2).id()).isNotEmpty();
        PartSheet again =
                PartSheet.of(
                        sheet("item|name|size|qty", "7|screw|M6 × 25|4", "9|washer||8"), after);
        assertThat(again.added()).isEmpty();
        assertThat(again.changed()).isEmpty();
    }

    @Test
    void withoutAnItemAPartIsKnownByItsNumber() {
        PartSheet parts = PartSheet.of(sheet("number|name", "A-7|hexagon screw"), manual);
        assertThat(parts.changed()).extracting(Part::name).containsExactly("hexagon screw");
        assertThat(parts.changed().get(0).item()).isEqualTo("7");
    }

    @Test
    void eachCellThatIsNotUnderstoodIsNamedAndNothingIsTakenIn() {
        PartSheet parts =
                PartSheet.of(
                        sheet(
                                "item|name|Qty|rule",
                                "7|screw|four|new",
                                "9||2|",
                                "10|ring|2|perhaps",
                                "11|pin|1|",
                                "11|pin|1|"),
                        manual);
        assertThat(parts.problems())
                .extracting(RowProblem::sentence)
                .containsExactly(
                        "Line 2, Qty: “four” is no whole number.",
                        "Line 3, name: the name is missing.",
                        "Line 4, rule: “perhaps” is none of new, inspect and reuse.",
                        "Line 6, item: item 11 stands twice.");
        assertThatThrownBy(parts::edit).isInstanceOf(IllegalStateException.class);
        assertThat(PartSheet.of(sheet("colour|weight", "red|2"), manual).problems())
                .extracting(RowProblem::sentence)
                .containsExactly("Line 1, header: No column is called name or description.");
    }
}
