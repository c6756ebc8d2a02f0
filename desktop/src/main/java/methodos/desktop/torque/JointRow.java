package methodos.desktop.torque;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import methodos.core.description.Id;
import methodos.core.manual.Joint;
import methodos.core.manual.Part;
import methodos.core.manual.TighteningWay;
import methodos.core.quantity.Quantity;
import methodos.core.torque.JointTorque;
import methodos.core.torque.Preload;
import methodos.core.torque.TighteningTable;
import methodos.core.typed.StepList;
import methodos.core.words.TighteningText;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.theme.Surface;

/** A joint on the rule: its step, its screws, its value to type, and where that lies. */
final class JointRow extends HBox {

    static final double STEP = 50;
    static final double JOINT = 236;
    static final double VALUE = 150;

    private static final PseudoClass OPEN = PseudoClass.getPseudoClass("open");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    /**
     * What a row asks for.
     *
     * @param choose called when the row is taken
     * @param keep called with what was typed as its value
     * @param open what stands in the place of a value that is not given
     */
    record Acts(
            Consumer<Id<Joint>> choose,
            BiConsumer<Id<Joint>, String> keep,
            Function<Joint, String> open) {}

    JointRow(
            TighteningTable.Row row,
            JointTorque torque,
            TorqueDrawing drawing,
            TorqueRule rule,
            Words words,
            Acts acts) {
        super(6);
        Id<Joint> id = row.joint().id();
        setId("joint-" + id);
        getStyleClass().add("joint-row");
        setAlignment(Pos.CENTER_LEFT);
        Label step = Controls.prose(StepList.text(row.steps()), "step-number");
        step.setMinWidth(STEP);
        step.setPrefWidth(STEP);
        VBox joint =
                new VBox(
                        0,
                        Controls.label(row.joint().name(), "strong"),
                        Controls.prose(screws(row), "soft"));
        Controls.width(joint, JOINT);
        TextField value =
                Controls.named(
                        new TextField(row.entered().map(Quantity::print).orElse("")),
                        "torque-" + id,
                        words.of("torque.value"));
        value.setPromptText(acts.open().apply(row.joint()));
        value.getStyleClass().add("torque-value");
        value.pseudoClassStateChanged(
                OPEN,
                torque.preload().filter(p -> p.verdict() != Preload.Verdict.PLAUSIBLE).isPresent());
        Controls.kept(value, text -> acts.keep().accept(id, text));
        value.focusedProperty()
                .addListener(
                        (o, was, is) -> {
                            if (is) {
                                acts.choose().accept(id);
                            }
                        });
        VBox values = new VBox(0, value, Controls.prose(beside(row, words), "soft"));
        Controls.width(values, VALUE);
        Surface strip = new Surface(rule.width(), TorqueDrawing.ROW);
        drawing.row(strip, rule, torque);
        getChildren().addAll(step, joint, values, strip);
        setOnMousePressed(e -> acts.choose().accept(id));
    }

    /** The same in the other system and the angle after it, or the ways that are told. */
    private static String beside(TighteningTable.Row row, Words words) {
        Joint joint = row.joint();
        if (!joint.told().equals(List.of(TighteningWay.WRENCH))) {
            int ways = joint.told().size();
            return ways > 1
                    ? words.of("torque.ways", ways)
                    : new TighteningText(words).whole(joint);
        }
        String other = row.other().map(Quantity::print).orElse("");
        return joint.further() == null
                ? other
                : words.of("torque.further", other, joint.further().print()).strip();
    }

    void chosen(boolean chosen) {
        pseudoClassStateChanged(CHOSEN, chosen);
    }

    private static String screws(TighteningTable.Row row) {
        StringBuilder text = new StringBuilder();
        row.fastener()
                .map(Part::label)
                .ifPresent(
                        part ->
                                text.append(row.joint().count() * row.places())
                                        .append(" × ")
                                        .append(part));
        for (String more : new String[] {row.joint().propertyClass(), row.joint().condition()}) {
            if (!more.isEmpty()) {
                text.append(text.isEmpty() ? "" : ", ").append(more);
            }
        }
        return text.toString();
    }
}
