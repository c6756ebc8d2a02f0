package methodos.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import methodos.core.check.OpenPoint;
import methodos.core.check.OpenPoints;
import methodos.core.description.Id;
import methodos.core.manual.Evidence;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Repeat;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.narration.Workspace;
import methodos.core.practice.PractisedManual;
import org.junit.jupiter.api.Test;

class LimitTableTest {

    private static Manual measured(String limit, String size, Tool.Kind kind) {
        Step step =
                Step.of(new Id<>("s1"), "Measure the gap.", List.of(), List.<Evidence>of())
                        .withTools(List.of(new Id<>("t1")))
                        .withReadings(
                                List.of(
                                        Reading.of("gap", Value.of(limit), 1, new Id<>("t1"))
                                                .withOtherwise("shim")));
        return Manual.titled("x")
                .withTool(new Tool(new Id<>("t1"), "gauge", size, kind, ""))
                .withStages(
                        List.of(new Stage(new Id<>("st"), Stage.Kind.INSPECT, "", List.of(step))));
    }

    private static LimitTable.Row row(Manual manual) {
        return LimitTable.of(PractisedManual.of(manual), Sight.EVERYTHING).get(0);
    }

    @Test
    void theSizeOfAMeasuringToolIsItsResolution() {
        LimitTable.Row row = row(measured("0.1 to 0.2 mm", "0.01 mm", Tool.Kind.MEASURING));
        assertThat(row.number()).isEqualTo(1);
        assertThat(row.resolution().orElseThrow().print()).isEqualTo("0.01 mm");
        assertThat(row.fit()).contains(InstrumentFit.GOOD);
    }

    @Test
    void whatTellsNoResolutionIsNotJudged() {
        assertThat(row(measured("0.1 to 0.2 mm", "0.01 mm", Tool.Kind.STANDARD)).fit()).isEmpty();
        assertThat(row(measured("0.1 to 0.2 mm", "long", Tool.Kind.MEASURING)).fit()).isEmpty();
        assertThat(row(measured("0.1 to 0.2 mm", "0.1 bar", Tool.Kind.MEASURING)).fit()).isEmpty();
    }

    @Test
    void aReadingIsTakenAtEachPlaceOfARepeatedStep() {
        Manual m = measured("0.1 to 0.2 mm", "0.01 mm", Tool.Kind.MEASURING);
        assertThat(row(m).count()).isEqualTo(1);
        m =
                m.withRepeats(
                        List.of(
                                new Repeat(
                                        new Id<>("r"),
                                        new Id<>("s1"),
                                        new Id<>("s1"),
                                        List.of("left", "rear"))));
        assertThat(row(m).count()).isEqualTo(3);
    }

    @Test
    void anInstrumentThatIsTooCoarseIsAnOpenPoint() {
        Manual coarse = measured("0.1 to 0.2 mm", "0.05 mm", Tool.Kind.MEASURING);
        assertThat(row(coarse).fit()).contains(InstrumentFit.TOO_COARSE);
        assertThat(OpenPoints.of(new Workspace(coarse, Map.of()), Sight.EVERYTHING))
                .extracting(OpenPoint::key)
                .contains("open.instrument");
        Manual fine = measured("0.1 to 0.2 mm", "0.02 mm", Tool.Kind.MEASURING);
        assertThat(OpenPoints.of(new Workspace(fine, Map.of()), Sight.EVERYTHING))
                .extracting(OpenPoint::key)
                .doesNotContain("open.instrument");
    }
}
