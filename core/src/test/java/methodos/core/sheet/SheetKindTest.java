package methodos.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.manual.Joint;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.practice.PractisedManual;
import methodos.core.sheet.SheetReading.Fate;
import org.junit.jupiter.api.Test;

/** Lists of kits, tools and tightening values; those of parts are in {@link PartSheetTest}. */
class SheetKindTest {

    private final Manual manual =
            Samples.actuator()
                    .withKit(Samples.kit("K1", "p2", 2))
                    .withTool(new Tool(new Id<>("t1"), "hex key", "5 mm", Tool.Kind.STANDARD, ""));

    static Sheet sheet(String... lines) {
        List<Sheet.Row> rows = new ArrayList<>();
        for (int i = 1; i < lines.length; i++) {
            rows.add(new Sheet.Row(i + 1, Arrays.asList(lines[i].split("\\|", -1))));
        }
        return new Sheet(Arrays.asList(lines[0].split("\\|")), rows);
    }

    private static Manual take(SheetReading reading, Manual manual) {
        assertThat(reading.problems()).isEmpty();
        return reading.edit().change().apply(manual);
    }

    private static List<String> sentences(SheetReading reading) {
        return reading.problems().stream().map(RowProblem::sentence).toList();
    }

    // ---------------------------------------------------------------- kits

    @Test
    void aKitHasARowForEachOfItsPartsAndIsNamedOnce() {
        SheetReading reading =
                SheetKind.KITS.read(
                        sheet(
                                "Kit No.|Kit name|Pos|Qty",
                                "K2|bearing kit|11|2",
                                "||25|1",
                                "K1||11|3"),
                        manual);
        Manual after = take(reading, manual);
        Kit bearing = after.kits().get(1);
        assertThat(bearing.name()).isEqualTo("bearing kit");
        assertThat(bearing.count(new Id<>("p2"))).isEqualTo(2);
        assertThat(bearing.count(new Id<>("p4"))).isEqualTo(1);
        assertThat(after.kit(new Id<>("K1")).orElseThrow().count(new Id<>("p2"))).isEqualTo(3);
        assertThat(reading.count(Fate.ADDED)).isEqualTo(1);
        assertThat(reading.items())
                .filteredOn(i -> i.fate() == Fate.CHANGED)
                .singleElement()
                .satisfies(
                        i -> assertThat(i.differences()).containsExactly("O-ring, end cap: 2 → 3"));
    }

    @Test
    void aKitWithAPartThatThereIsNotIsRefused() {
        SheetReading reading =
                SheetKind.KITS.read(
                        sheet(
                                "kit|item|part number|count",
                                "|11||1",
                                "K3|99||1",
                                "K3||HV-0|1",
                                "K3|11||none",
                                "K3|||2"),
                        manual);
        assertThat(sentences(reading))
                .containsExactly(
                        "Line 2, kit: the kit is missing.",
                        "Line 3, item: there is no item 99.",
                        "Line 4, part number: no part has the number HV-0.",
                        "Line 5, count: “none” is no whole number above 0.",
                        "Line 6, item: the part is missing.");
        assertThatThrownBy(reading::edit).isInstanceOf(IllegalStateException.class);
    }

    // ---------------------------------------------------------------- tools

    @Test
    void aToolIsKnownByNameAndSize() {
        SheetReading reading =
                SheetKind.TOOLS.read(
                        sheet(
                                "Tool|Size|Kind|Note",
                                "hex key|5 mm|special|long one",
                                "depth gauge|0.01 mm|measuring|"),
                        manual);
        Manual after = take(reading, manual);
        assertThat(after.tools()).hasSize(2);
        assertThat(after.tool(new Id<>("t1")).orElseThrow().kind()).isEqualTo(Tool.Kind.SPECIAL);
        assertThat(after.tools().get(1).kind()).isEqualTo(Tool.Kind.MEASURING);
        assertThat(
                        sentences(
                                SheetKind.TOOLS.read(
                                        sheet("name|kind", "|special", "saw|blunt", "saw|"),
                                        manual)))
                .containsExactly(
                        "Line 2, name: the name is missing.",
                        "Line 3, kind: “blunt” is none of standard, measuring, special, made up"
                                + " and lifting.",
                        "Line 4, name: saw stands twice.");
    }

    // ---------------------------------------------------------------- torques

    @Test
    void unitsAreReadFromTheCellOrFromTheHeader() {
        SheetReading reading =
                SheetKind.TORQUES.read(
                        sheet(
                                "Joint|Screw|Qty|Class|Torque (N·m)|Other unit|Angle in °|Soft|Past"
                                        + " hand-tight|By feel|Back off|Thread hand",
                                "Cap to body|7|4|8.8|7 - 8.5|60 to 75 lbf·in|||||1/8 turn|",
                                "Sight glass|7|6|8.8|30 lbf·in|||yes|1/8 turn|snug, no play||",
                                "Bracket|7|2|10.9|20||60|||||LH"),
                        manual);
        Manual after = take(reading, manual);
        assertThat(after.joints()).hasSize(3);
        Joint cap = after.joint(new Id<>("j1")).orElseThrow();
        assertThat(cap.torque().known().orElseThrow().print()).isEqualTo("7 to 8.5 N·m");
        assertThat(cap.second().print()).isEqualTo("60 to 75 lbf·in");
        assertThat(cap.order()).as("no column, stays").isEqualTo("cross");
        Joint glass = after.joints().get(1);
        assertThat(glass.soft()).isTrue();
        assertThat(glass.fastener()).isEqualTo(new Id<>("p1"));
        assertThat(glass.torque().known().orElseThrow().unit().symbol()).isEqualTo("lbf·in");
        assertThat(after.joints().get(2).further().print()).isEqualTo("60°");
        assertThat(after.joints().get(2).hand()).isEqualTo(ThreadTurn.Hand.LEFT);
        assertThat(glass.turned().print()).isEqualTo("1/8 turn");
        assertThat(glass.feel()).isEqualTo("snug, no play");
        assertThat(cap.backOff().print()).isEqualTo("1/8 turn");
    }

    @Test
    void whateverChangesOfAJointIsSaid() {
        SheetReading reading =
                SheetKind.TORQUES.read(
                        sheet(
                                "joint|item|torque|other unit|angle|soft",
                                "cap to body|25|7 to 8.5 N·m|60 to 75 lbf·in|60°|yes"),
                        manual);
        assertThat(reading.items())
                .singleElement()
                .satisfies(
                        i ->
                                assertThat(i.differences())
                                        .containsExactly(
                                                "in another unit: – → 60 to 75 lbf·in",
                                                "screw: 7 → 25",
                                                "angle: – → 60°",
                                                "soft: false → true"));
    }

    @Test
    void aValueThatIsNoTorqueIsRefusedAndNothingIsTakenIn() {
        SheetReading reading =
                SheetKind.TORQUES.read(
                        sheet(
                                "name|item|qty|class|condition|torque|stages",
                                "a|99|4|8.8|dry|7 N·m|",
                                "b||four|8.8|dry|7 N·m|",
                                "c|||44.9|dry|7 N·m|",
                                "d||||dry|7 mm|",
                                "e||||dry|7|",
                                "f||||dry|soon|",
                                "g||||dry|7 N·m|soon",
                                "|||||7 N·m|",
                                "A||||dry|–|"),
                        manual);
        assertThat(sentences(reading)).hasSize(9);
        assertThat(sentences(reading))
                .contains(
                        "Line 2, item: there is no item 99.",
                        "Line 3, qty: “four” is no whole number above 0.",
                        "Line 5, torque: “7 mm” is no torque.",
                        "Line 9, name: the name is missing.",
                        "Line 10, name: A stands twice.");
        assertThat(reading.problems()).extracting(RowProblem::line).contains(4, 6, 7, 8);
    }

    @Test
    void aJointWithoutAValueIsOpen() {
        Manual after =
                take(SheetKind.TORQUES.read(sheet("joint|torque", "clamp|–"), manual), manual);
        assertThat(after.joints().get(1).torque()).isInstanceOf(Value.Open.class);
    }

    @Test
    void theTablesThatAreWrittenAreReadAgain() {
        for (var pair :
                List.of(
                        List.of(DerivedTable.What.TORQUES, SheetKind.TORQUES),
                        List.of(DerivedTable.What.PARTS, SheetKind.PARTS))) {
            DerivedTable table =
                    DerivedTable.of(
                            (DerivedTable.What) pair.get(0),
                            PractisedManual.of(manual),
                            methodos.core.manual.Sight.EVERYTHING);
            List<Sheet.Row> rows = new ArrayList<>();
            table.rows()
                    .forEach(
                            r ->
                                    rows.add(
                                            new Sheet.Row(
                                                    rows.size() + 2,
                                                    r.values().stream()
                                                            .map(DerivedTable::cell)
                                                            .toList())));
            SheetReading again =
                    ((SheetKind) pair.get(1)).read(new Sheet(table.columns(), rows), manual);
            assertThat(sentences(again)).isEmpty();
            assertThat(again.items()).as("%s", again.items()).isEmpty();
        }
    }

    // ---------------------------------------------------------------- columns

    @Test
    void aColumnCanBeTakenForAnotherField() {
        Sheet sheet = sheet("Bezeichnung|Stück", "washer|2");
        assertThat(sentences(SheetKind.PARTS.read(sheet, manual)))
                .containsExactly("Line 1, header: No column is called name or description.");
        Field name = field(SheetKind.PARTS, "name");
        Field quantity = field(SheetKind.PARTS, "quantity");
        Columns columns = SheetKind.PARTS.guess(sheet).with(0, quantity).with(0, name);
        assertThat(columns.field(0)).contains(name);
        assertThat(columns.has(quantity)).isFalse();
        SheetReading reading = SheetKind.PARTS.read(sheet, columns.with(1, quantity), manual);
        Part washer =
                take(reading, manual).parts().stream()
                        .filter(p -> p.name().equals("washer"))
                        .findFirst()
                        .orElseThrow();
        assertThat(washer.quantity()).isEqualTo(2);
        assertThat(columns.with(0, null).field(0)).isEmpty();
    }

    private static Field field(SheetKind kind, String key) {
        return kind.fields().stream().filter(f -> f.key().equals(key)).findFirst().orElseThrow();
    }

    @Test
    void whateverStandsInACellIsReadOrRefusedAndNeverFails() {
        Random random = new Random(77);
        String letters = "7 8.5N·mlbf-in/()≤±½\"'→\t\u00a0€x;,–12e+\n";
        for (int i = 0; i < 2000; i++) {
            SheetKind kind = SheetKind.values()[i % SheetKind.values().length];
            List<String> head = kind.fields().stream().map(f -> f.spellings().get(0)).toList();
            List<Sheet.Row> rows = new ArrayList<>();
            for (int r = 0; r < 3; r++) {
                List<String> cells = new ArrayList<>();
                for (int c = random.nextInt(head.size() + 2); c > 0; c--) {
                    StringBuilder cell = new StringBuilder();
                    for (int k = random.nextInt(8); k > 0; k--) {
                        cell.append(letters.charAt(random.nextInt(letters.length())));
                    }
                    cells.add(cell.toString());
                }
                rows.add(new Sheet.Row(r + 2, cells));
            }
            SheetReading reading = kind.read(new Sheet(head, rows), manual);
            if (reading.problems().isEmpty()) {
                assertThat(reading.edit().change().apply(manual).title()).isNotEmpty();
            } else {
                assertThat(reading.problems()).allMatch(p -> !p.sentence().isBlank());
            }
        }
    }
}
