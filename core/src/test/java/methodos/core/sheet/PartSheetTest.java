package methodos.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Step;
import methodos.core.sheet.SheetReading.Fate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PartSheetTest {

    private final Manual manual =
            Manual.titled("x")
                    .withPart(
                            PartBuilder.builder()
                                    .id(new Id<>("p1"))
                                    .item("7")
                                    .number("A-7")
                                    .name("screw")
                                    .size("M6")
                                    .quantity(4)
                                    .reuse(ReuseRule.INSPECT)
                                    .note("old")
                                    .build())
                    .withPart(
                            PartBuilder.builder()
                                    .id(new Id<>("p2"))
                                    .item("8")
                                    .name("cap")
                                    .quantity(1)
                                    .reuse(ReuseRule.REUSE)
                                    .build());

    private static Sheet sheet(String... lines) {
        return SheetKindTest.sheet(lines);
    }

    private SheetReading read(String... lines) {
        return SheetKind.PARTS.read(sheet(lines), manual);
    }

    private static List<String> of(SheetReading reading, Fate fate) {
        return reading.items().stream()
                .filter(i -> i.fate() == fate)
                .map(SheetReading.Item::what)
                .toList();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Art.-No.",
                "Art. Nr.",
                "ARTICLE NO",
                "Material number",
                "Mat.-Nr.",
                "Cat. No.",
                "Stock code",
                "Order no.",
                "PN",
                "P/N",
                "SKU",
                "Component ID"
            })
    void aPartNumberIsKnownByItsColumnHoweverItIsCalled(String head) {
        SheetReading parts = read("Ref. No.|" + head + "|Description", "9|A-9|O-ring");
        assertThat(parts.problems()).isEmpty();
        Part added = parts.edit().change().apply(manual).parts().get(2);
        assertThat(List.of(added.item(), added.number(), added.name()))
                .containsExactly("9", "A-9", "O-ring");
    }

    @Test
    void headersAreKnownInSeveralSpellings() {
        SheetReading parts = read("Pos.|Part-No.|DESCRIPTION|Qty|Renew", "9|A-9|O-ring|2|yes");
        assertThat(parts.problems()).isEmpty();
        Part added = parts.edit().change().apply(manual).parts().get(2);
        assertThat(added.withId(new Id<>("")))
                .isEqualTo(
                        PartBuilder.builder()
                                .id(new Id<>(""))
                                .item("9")
                                .number("A-9")
                                .name("O-ring")
                                .quantity(2)
                                .reuse(ReuseRule.ALWAYS_NEW)
                                .build());
    }

    @Test
    void aNewerListTellsWhatChangesWhatItTouchesAndWhatItLeavesOut() {
        String[] list = {"item|name|size|qty", "7|screw|M6 × 25|4", "9|washer||8"};
        Manual used =
                manual.withNewStep(
                        manual.stages().get(1).id(),
                        Step.of(new Id<>("s1"), "Undo it.", List.of(), List.of())
                                .withParts(List.of(new PartUse(new Id<>("p1"), 4))));
        SheetReading parts = SheetKind.PARTS.read(sheet(list), used);
        assertThat(of(parts, Fate.ADDED)).containsExactly("washer");
        assertThat(of(parts, Fate.ABSENT)).containsExactly("cap");
        assertThat(parts.items())
                .filteredOn(i -> i.fate() == Fate.CHANGED)
                .singleElement()
                .satisfies(
                        i -> {
                            assertThat(i.differences()).containsExactly("size: M6 → M6 × 25");
                            assertThat(i.steps()).isEqualTo(1);
                        });
        Manual after = parts.edit().change().apply(used);
        assertThat(after.parts()).hasSize(3);
        assertThat(after.part(new Id<>("p1")).orElseThrow().note())
                .as("no column, stays")
                .isEqualTo("old");
        SheetReading again = SheetKind.PARTS.read(sheet(list), after);
        assertThat(of(again, Fate.ADDED)).isEmpty();
        assertThat(of(again, Fate.CHANGED)).isEmpty();
    }

    @Test
    void withoutAnItemAPartIsKnownByItsNumber() {
        SheetReading parts = read("number|name", "A-7|hexagon screw");
        assertThat(of(parts, Fate.CHANGED)).containsExactly("hexagon screw M6");
        assertThat(parts.edit().change().apply(manual).part(new Id<>("p1")).orElseThrow().item())
                .isEqualTo("7");
    }

    @Test
    void whatAPartSitsOnAndWhatCoversItAreItemsOfTheList() {
        SheetReading parts =
                read("item|name|sits on|covered by", "9|ring|8|7, 10", "10|plate||", "8|cap||");
        Manual after = parts.edit().change().apply(manual);
        Part ring = after.parts().get(2);
        assertThat(ring.sitsOn()).isEqualTo(new Id<>("p2"));
        assertThat(ring.coveredBy()).containsExactly(new Id<>("p1"), after.parts().get(3).id());
        assertThat(read("item|name|sits on", "9|ring|77").problems())
                .extracting(RowProblem::sentence)
                .containsExactly("Line 2, sits on: there is no item 77.");
    }

    @Test
    void whatOnlySitsElsewhereIsAChangeToo() {
        SheetReading parts = read("item|name|sits on|covered by", "7|screw|8|");
        assertThat(parts.items())
                .filteredOn(i -> i.fate() == Fate.CHANGED)
                .singleElement()
                .satisfies(i -> assertThat(i.differences()).containsExactly("sits on: – → 8"));
        Manual after = parts.edit().change().apply(manual);
        assertThat(after.part(new Id<>("p1")).orElseThrow().sitsOn()).isEqualTo(new Id<>("p2"));
        assertThat(
                        of(
                                SheetKind.PARTS.read(
                                        sheet("item|name|sits on|covered by", "7|screw|8|"), after),
                                Fate.CHANGED))
                .isEmpty();
    }

    @Test
    void eachCellThatIsNotUnderstoodIsNamedAndNothingIsTakenIn() {
        SheetReading parts =
                read(
                        "item|name|Qty|rule",
                        "7|screw|four|new",
                        "9||2|",
                        "10|ring|2|perhaps",
                        "11|pin|1|",
                        "11|pin|1|");
        assertThat(parts.problems())
                .extracting(RowProblem::sentence)
                .containsExactly(
                        "Line 2, Qty: “four” is no whole number above 0.",
                        "Line 3, name: the name is missing.",
                        "Line 4, rule: “perhaps” is none of new, inspect and reuse.",
                        "Line 6, item: item 11 stands twice.");
        assertThatThrownBy(parts::edit).isInstanceOf(IllegalStateException.class);
        assertThat(read("colour|weight", "red|2").problems())
                .extracting(RowProblem::sentence)
                .containsExactly("Line 1, header: No column is called name or description.");
    }

    @Test
    void noneOfAPartAndTwoColumnsForOneThingAreSaid() {
        Sheet none =
                new Sheet(
                        List.of("item", "name", "qty"),
                        List.of(new Sheet.Row(2, List.of("1", "cap", "0"))));
        assertThat(SheetKind.PARTS.read(none, Manual.titled("x")).problems())
                .singleElement()
                .satisfies(
                        p -> assertThat(p.sentence()).contains("“0” is no whole number above 0"));
        Sheet two =
                new Sheet(
                        List.of("item", "name", "description"),
                        List.of(new Sheet.Row(2, List.of("1", "cap", "end cap"))));
        assertThat(SheetKind.PARTS.read(two, Manual.titled("x")).problems())
                .singleElement()
                .satisfies(
                        p ->
                                assertThat(p.sentence())
                                        .contains("Two columns could be the name")
                                        .contains("“name” and “description”"));
        Columns guessed = SheetKind.PARTS.guess(two);
        Columns chosen = guessed.with(2, guessed.field(1).orElseThrow());
        assertThat(SheetKind.PARTS.read(two, chosen, Manual.titled("x")).problems()).isEmpty();
        assertThat(SheetKind.PARTS.read(two, guessed.with(2, null), Manual.titled("x")).problems())
                .isEmpty();
    }

    @Test
    void aListOfTwentyThousandPartsIsTakenInAtOnce() {
        List<Sheet.Row> rows = new java.util.ArrayList<>();
        for (int i = 1; i < 20_000; i++) {
            rows.add(new Sheet.Row(i + 1, List.of(String.valueOf(i), "part " + i)));
        }
        Manual m = Manual.titled("x");
        Manual after =
                SheetKind.PARTS
                        .read(new Sheet(List.of("item", "name"), rows), m)
                        .edit()
                        .change()
                        .apply(m);
        assertThat(after.parts()).hasSize(19_999);
        assertThat(after.parts().stream().map(p -> p.id())).doesNotHaveDuplicates();
        assertThat(after.part(after.nextId("p"))).isEmpty();
    }
}
