package methodos.files.project;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import methodos.core.description.Id;
import methodos.core.description.Walk;
import methodos.core.edit.FigureEdits;
import methodos.core.edit.StepEdits;
import methodos.core.edit.TorqueEdits;
import methodos.core.edit.UnitEdits;
import methodos.core.manual.Applicability;
import methodos.core.manual.Arrangement;
import methodos.core.manual.Figure;
import methodos.core.manual.FigureLayout;
import methodos.core.manual.Hazard;
import methodos.core.manual.KnownShape;
import methodos.core.manual.Layer;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Movement;
import methodos.core.manual.Point;
import methodos.core.manual.Preparation;
import methodos.core.manual.Replacement;
import methodos.core.manual.Rotation;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.Value;
import methodos.core.manual.Variant;
import methodos.core.quantity.Quantity;
import methodos.fixtures.FilledManual;
import org.junit.jupiter.api.Test;

class SchemaTest {

    private static Schema schema() {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(new ManualJson().schema());
    }

    private static Manual everything() {
        Manual m = Manual.titled("All kinds of things");
        m =
                UnitEdits.newVariant(
                                new Variant(
                                        new Id<>(""),
                                        "QA-80 S",
                                        new SerialRange(1000L, null),
                                        "springs"))
                        .change()
                        .apply(m);
        m = UnitEdits.newEnergy("Air").change().apply(m);
        m = UnitEdits.newDocument("HV-114").change().apply(m);
        Id<Step> step = StepEdits.nextStepId(m);
        m =
                StepEdits.make(
                                new Span(new Id<>("clip1"), 1, 4),
                                "Take it off.",
                                Stage.Kind.TAKE_DOWN)
                        .change()
                        .apply(m);
        m = StepEdits.newPart(step, "cap").change().apply(m);
        m = StepEdits.newTool(step, "hex key").change().apply(m);
        m = StepEdits.torque(step, "cap", Value.of("7 to 8.5 N·m")).change().apply(m);
        m =
                StepEdits.hazard(step, 0, new Hazard(Hazard.SignalWord.WARNING, "Springs", "", ""))
                        .change()
                        .apply(m);
        m = StepEdits.applicability(step, Applicability.model("QA-80 S")).change().apply(m);
        m =
                StepEdits.capture(step, new Figure.Still(new Id<>("clip1"), 2), "abc")
                        .change()
                        .apply(m);
        m =
                FigureEdits.addCallout(
                                m.figures().get(0).id(), m.parts().get(0).id(), new Point(.5, .5))
                        .change()
                        .apply(m);
        m = TorqueEdits.addWrench("W1", Quantity.parse("2 to 10 N·m")).change().apply(m);
        Id<Figure> figure = m.figures().get(0).id();
        Point a = new Point(.3, .3);
        Point b = new Point(.6, .4);
        List<Function<Id<Mark>, Mark>> marks =
                List.of(
                        id -> new Mark.ScrewOrder(id, List.of(a, b), Arrangement.ROW, List.of()),
                        id -> new Mark.ScrewPlace(id, new Id<>("p"), a),
                        id ->
                                new Mark.Turn(
                                        id,
                                        a,
                                        b,
                                        a,
                                        new ThreadTurn(
                                                ThreadTurn.Hand.LEFT,
                                                ThreadTurn.Action.LOOSEN,
                                                ThreadTurn.SeenFrom.FAR_END),
                                        null),
                        id -> new Mark.Turn(id, a, b, a, null, Rotation.CLOCKWISE),
                        id -> new Mark.Shift(id, a, b, Movement.LIFT),
                        id -> new Mark.Detail(id, a, b, b),
                        id -> new Mark.Outline(id, List.of(a, b, a)),
                        id -> new Mark.Length(id, a, b),
                        id ->
                                new Mark.Scale(
                                        id,
                                        KnownShape.LENGTH,
                                        List.of(a, b),
                                        List.of(Quantity.parse("2 5/8 in"))),
                        id -> new Mark.MatchMark(id, a, b, "1"),
                        id -> new Mark.ByFeel(id, a, "it clicks"),
                        id -> new Mark.Label(id, a, "front"),
                        id -> new Mark.Cover(id, a, b));
        for (Function<Id<Mark>, Mark> mark : marks) {
            m = FigureEdits.addMark(figure, mark).change().apply(m);
        }
        m =
                FigureEdits.prepare(
                                figure,
                                "all",
                                p ->
                                        new Preparation(
                                                1,
                                                -3.5,
                                                new Preparation.Crop(-.2, -.1, .3, .2),
                                                .3,
                                                .2,
                                                .1))
                        .change()
                        .apply(m);
        m =
                FigureEdits.stack(
                                figure,
                                List.of(
                                        new Layer(m.parts().get(0).id(), "2, hollow up"),
                                        new Layer(m.parts().get(0).id(), "")))
                        .change()
                        .apply(m);
        m =
                FigureEdits.still(figure, new Figure.Still(new Id<>("clip1"), 3), "abd", Map.of())
                        .change()
                        .apply(m);
        m =
                StepEdits.capture(step, new Figure.Still(new Id<>("clip1"), 4), "abe")
                        .change()
                        .apply(m);
        m =
                FigureEdits.beside(figure, m.figures().get(1).id(), FigureLayout.COMPARISON)
                        .change()
                        .apply(m);
        return StepEdits.dismiss(new Span(new Id<>("clip1"), 5, 6), "er", "noise")
                .change()
                .apply(m);
    }

    @Test
    void whatIsWrittenFitsTheSchema() throws Exception {
        JsonNode tree = new ManualJson().write(everything());
        assertThat(schema().validate(tree.toString(), InputFormat.JSON)).isEmpty();
    }

    @Test
    void whatIsWrittenIsReadAgain() throws Exception {
        Manual manual = everything();
        ManualJson json = new ManualJson();
        assertThat(json.read(json.write(manual), "manual.json", false)).isEqualTo(manual);
    }

    /** Whatever is left empty in the window is written, fits, and is read again. */
    @Test
    void whatIsEmptyFitsTheSchemaToo() throws Exception {
        ManualJson json = new ManualJson();
        for (long seed = 0; seed < 20; seed++) {
            Manual empty =
                    Walk.changed(
                            FilledManual.of(seed),
                            (owner, component, value) -> {
                                boolean text =
                                        value instanceof String
                                                && !component.name().equals("id")
                                                && !component.name().equals("language")
                                                && !component.name().equals("finding")
                                                && !(owner instanceof Replacement)
                                                && component.refersTo().isEmpty();
                                return text
                                        ? ""
                                        : value instanceof java.util.List ? List.of() : value;
                            });
            JsonNode tree = json.write(empty);
            assertThat(schema().validate(tree.toString(), InputFormat.JSON)).isEmpty();
            Manual read = json.read(json.write(empty), "manual.json", false);
            assertThat(json.write(read)).isEqualTo(tree);
        }
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
