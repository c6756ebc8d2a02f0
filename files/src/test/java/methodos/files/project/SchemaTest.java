package methodos.files.project;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import methodos.core.edit.FigureEdits;
import methodos.core.edit.StepEdits;
import methodos.core.edit.UnitEdits;
import methodos.core.manual.Applicability;
import methodos.core.manual.Figure;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.Point;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Value;
import methodos.core.manual.Variant;
import org.junit.jupiter.api.Test;

class SchemaTest {

    private static Schema schema() throws Exception {
        try (InputStream in = ManualJson.class.getResourceAsStream("manual.schema.json")) {
            return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(
                            new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8),
                            InputFormat.JSON);
        }
    }

    private static Manual everything() {
        Manual m = Manual.titled("All kinds of things");
        m =
                UnitEdits.newVariant(
                                new Variant("", "QA-80 S", new SerialRange(1000L, null), "springs"))
                        .change()
                        .apply(m);
        m = UnitEdits.newEnergy("Air").change().apply(m);
        m = UnitEdits.newDocument("HV-114").change().apply(m);
        String step = StepEdits.nextStepId(m);
        m =
                StepEdits.make(new Span("clip1", 1, 4), "Take it off.", Stage.Kind.TAKE_DOWN)
                        .change()
                        .apply(m);
        m = StepEdits.newPart(step, "cap").change().apply(m);
        m = StepEdits.newTool(step, "hex key").change().apply(m);
        m = StepEdits.torque(step, "cap", Value.of("7 to 8.5 N·m")).change().apply(m);
        m =
                StepEdits.hazard(step, new Hazard(Hazard.SignalWord.WARNING, "Springs", "", ""))
                        .change()
                        .apply(m);
        m = StepEdits.applicability(step, Applicability.model("QA-80 S")).change().apply(m);
        m = StepEdits.capture(step, new Figure.Still("clip1", 2), "abc").change().apply(m);
        m =
                FigureEdits.addCallout(
                                m.figures().get(0).id(), m.parts().get(0).id(), new Point(.5, .5))
                        .change()
                        .apply(m);
        return StepEdits.dismiss(new Span("clip1", 5, 6), "er", "noise").change().apply(m);
    }

    @Test
    void whatIsWrittenFitsTheSchema() throws Exception {
        JsonNode tree = new ManualJson().write(everything());
        assertThat(schema().validate(tree.toString(), InputFormat.JSON)).isEmpty();
    }

    @Test
    void theDemoFitsTheSchema() throws Exception {
        Path demo = Path.of("../demo/src/main/resources/methodos/demo/qa-80/manual.json");
        assertThat(schema().validate(Files.readString(demo), InputFormat.JSON)).isEmpty();
    }

    @Test
    void wrongManualsDoNot() throws Exception {
        ObjectNode tree = new ManualJson().write(everything());
        tree.put("lastId", "many");
        assertThat(schema().validate(tree.toString(), InputFormat.JSON)).isNotEmpty();
        ObjectNode other = new ManualJson().write(everything());
        ((ObjectNode) other.at("/stages/0")).put("kind", "DANCE");
        assertThat(schema().validate(other.toString(), InputFormat.JSON)).isNotEmpty();
        assertThat(
                        schema().validate(
                                        new ObjectMapper().createObjectNode().toString(),
                                        InputFormat.JSON))
                .isNotEmpty();
    }
}
