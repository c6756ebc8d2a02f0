package methodos.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.manual.Applicability;
import methodos.core.manual.Document;
import methodos.core.manual.DocumentBuilder;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Reading;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.practice.PractisedManual;
import methodos.core.quantity.QuantityList;
import methodos.core.sheet.DerivedTable.What;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class DerivedTableTest {

    private final Manual manual = Samples.actuator();

    private static Object cell(DerivedTable table, String key, String value, String column) {
        return table.rows().stream()
                .filter(r -> value.equals(r.get(key)))
                .findFirst()
                .orElseThrow()
                .get(column);
    }

    @ParameterizedTest
    @EnumSource(What.class)
    void everyRowHasEveryColumn(What what) {
        DerivedTable table = DerivedTable.of(what, PractisedManual.of(manual), Sight.EVERYTHING);
        for (Map<String, Object> row : table.rows()) {
            assertThat(List.copyOf(row.keySet())).isEqualTo(table.columns());
        }
    }

    @Test
    void aPartTellsTheStepsThatUseIt() {
        Step step = manual.steps().filter(s -> !s.parts().isEmpty()).findFirst().orElseThrow();
        Id<Part> part = step.parts().get(0).part();
        String item = manual.part(part).orElseThrow().item();
        DerivedTable table =
                DerivedTable.of(What.PARTS, PractisedManual.of(manual), Sight.EVERYTHING);
        int number =
                new methodos.core.manual.StepNumbers(manual, Sight.EVERYTHING)
                        .of(step.id())
                        .orElseThrow();
        assertThat((List<?>) cell(table, "item", item, "steps")).anyMatch(n -> n.equals(number));
    }

    @Test
    void whatIsChangedInOnePlaceIsChangedInTheTable() {
        Step step = manual.steps().findFirst().orElseThrow();
        Joint joint =
                JointBuilder.builder()
                        .id(new Id<>("jx"))
                        .name("clamp")
                        .count(2)
                        .propertyClass("8.8")
                        .condition("dry")
                        .torque(Value.of("20 N·m"))
                        .stages(QuantityList.parse("10 N·m"))
                        .build();
        Manual with = manual.withJoint(joint).withStep(step.withJoints(List.of(new Id<>("jx"))));
        DerivedTable table =
                DerivedTable.of(What.TORQUES, PractisedManual.of(with), Sight.EVERYTHING);
        assertThat(cell(table, "joint", "clamp", "torque")).isEqualTo("20 N·m");
        assertThat(cell(table, "joint", "clamp", "other")).isEqualTo("177 lbf·in");
        Manual changed = with.withJoint(joint.withTorque(Value.of("15 lbf·ft")));
        table = DerivedTable.of(What.TORQUES, PractisedManual.of(changed), Sight.EVERYTHING);
        assertThat(cell(table, "joint", "clamp", "torque")).isEqualTo("15 lbf·ft");
    }

    @Test
    void tablesTellWhoHasItAndWhereItStands() {
        Document sheet = DocumentBuilder.builder().id(new Id<>("dx")).name("W-9 sheet").build();
        Joint joint =
                JointBuilder.builder()
                        .id(new Id<>("jx"))
                        .name("clamp")
                        .count(1)
                        .torque(new Value.Open("not in the footage", sheet.id(), "table 4"))
                        .applicability(Applicability.serials(SerialRange.from(50)))
                        .build();
        Step step = manual.steps().findFirst().orElseThrow();
        List<Document> documents = new ArrayList<>(manual.documents());
        documents.add(sheet);
        Manual with =
                manual.withDocuments(documents)
                        .withJoint(joint)
                        .withStep(step.withJoints(List.of(joint.id())));
        DerivedTable table =
                DerivedTable.of(What.TORQUES, PractisedManual.of(with), Sight.EVERYTHING);
        assertThat(cell(table, "joint", "clamp", "units")).isEqualTo("from 50");
        assertThat(cell(table, "joint", "clamp", "document")).isEqualTo("W-9 sheet, table 4");
        assertThat(cell(table, "joint", "clamp", "open")).isEqualTo("not in the footage");
    }

    @Test
    void aLimitThatIsOpenSaysWhy() {
        Step step = manual.steps().findFirst().orElseThrow();
        Manual with =
                manual.withTool(
                                new Tool(
                                        new Id<>("tx"),
                                        "depth gauge",
                                        "0.1 mm",
                                        Tool.Kind.MEASURING,
                                        ""))
                        .withStep(
                                step.withTools(List.of(new Id<>("tx")))
                                        .withReadings(
                                                List.of(
                                                        Reading.of(
                                                                        "gap",
                                                                        Value.of("0.1 to 0.2 mm"),
                                                                        2,
                                                                        new Id<>("tx"))
                                                                .withOtherwise("shim it"),
                                                        Reading.of(
                                                                "wear",
                                                                new Value.Open("look it up", null),
                                                                1,
                                                                null))));
        DerivedTable table =
                DerivedTable.of(What.LIMITS, PractisedManual.of(with), Sight.EVERYTHING);
        assertThat(cell(table, "what", "gap", "limit")).isEqualTo("0.1 to 0.2 mm");
        assertThat(cell(table, "what", "gap", "instrument")).isEqualTo("depth gauge 0.1 mm");
        assertThat(cell(table, "what", "wear", "limit")).isNull();
        assertThat(cell(table, "what", "wear", "open")).isEqualTo("look it up");
        assertThat(
                        cell(
                                DerivedTable.of(
                                        What.TOOLS, PractisedManual.of(with), Sight.EVERYTHING),
                                "name",
                                "depth gauge",
                                "kind"))
                .isEqualTo("measuring");
    }

    @Test
    void cellsAreWrittenAsText() {
        assertThat(DerivedTable.cell(null)).isEmpty();
        assertThat(DerivedTable.cell(List.of(3, 7))).isEqualTo("3, 7");
        assertThat(DerivedTable.cell(4)).isEqualTo("4");
    }
}
