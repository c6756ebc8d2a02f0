package methodos.desktop.torque;

import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.edit.TorqueEdits;
import methodos.core.manual.Joint;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.TighteningWay;
import methodos.core.quantity.MeasureUnit.Dimension;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import methodos.core.torque.PropertyClass;
import methodos.core.torque.ThreadCondition;
import methodos.core.typed.TypedNumber;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;

/** What may be typed of a joint: its screw, each way to tighten it, how it is loosened. */
final class JointFields extends VBox {

    private static final double NAME = 104;
    private static final int MOST_ROUNDS = 99;

    private final OpenProject project;
    private final Words words;
    private final Joint joint;
    private final Consumer<String> message;

    /** The joint as it is written, without what the ways of the manual settle. */
    private final Joint own;

    /**
     * @param joint as it is practised
     */
    JointFields(OpenProject project, Joint joint, Consumer<String> message) {
        super(6);
        this.project = project;
        this.words = project.words();
        this.joint = joint;
        this.message = message;
        own = project.manual().joint(joint.id()).orElse(joint);
        screw();
        toTorque();
        withoutWrench();
        loosening();
    }

    private void screw() {
        text(
                "jointClass",
                joint.propertyClass(),
                text -> {
                    PropertyClass.parse(text);
                    change(j -> j.withPropertyClass(text));
                });
        text(
                "jointCondition",
                joint.condition(),
                text -> {
                    ThreadCondition.parse(text);
                    change(j -> j.withCondition(text));
                });
        choice("jointHand", ThreadTurn.Hand.values(), own.hand(), (j, h) -> j.withHand(h));
        tick("jointNew", joint.newEachTime(), (j, is) -> j.withNewEachTime(is));
        tick("jointSoft", joint.soft(), (j, is) -> j.withSoft(is));
    }

    private void toTorque() {
        head("torque.toTorque");
        text(
                "jointStages",
                QuantityList.entered(joint.stages()),
                text -> change(j -> j.withStages(QuantityList.parse(text))));
        order();
        quantity("jointSecond", Dimension.TORQUE, joint.second(), (j, q) -> j.withSecond(q));
        quantity("jointAngle", Dimension.ANGLE, joint.further(), (j, q) -> j.withFurther(q));
    }

    private void withoutWrench() {
        head("torque.withoutWrench");
        quantity("jointTurned", Dimension.ANGLE, joint.turned(), (j, q) -> j.withTurned(q));
        text("jointFeel", joint.feel(), text -> change(j -> j.withFeel(text)));
        tick("jointByHand", joint.byHand(), (j, is) -> j.withByHand(is));
        head("torque.inTheEnd");
        choice("jointWay", TighteningWay.values(), own.way(), (j, w) -> j.withWay(w));
        quantity("jointBack", Dimension.ANGLE, joint.backOff(), (j, q) -> j.withBackOff(q));
        text("jointAgain", joint.again(), text -> change(j -> j.withAgain(text)));
    }

    private void loosening() {
        head("torque.loosening");
        text("jointLoosenOrder", joint.loosenOrder(), t -> change(j -> j.withLoosenOrder(t)));
        text(
                "jointLoosenRounds",
                joint.loosenRounds() == null ? "" : joint.loosenRounds().toString(),
                text -> {
                    Integer rounds = text.isEmpty() ? null : rounds(text);
                    change(j -> j.withLoosenRounds(rounds));
                });
    }

    private int rounds(String text) {
        return TypedNumber.count(text)
                .filter(n -> n >= 1 && n <= MOST_ROUNDS)
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        words.of("torque.noRounds", text, MOST_ROUNDS)));
    }

    /** What a field sets in a joint. */
    private interface Setting<T> {
        Joint of(Joint joint, T value);
    }

    private void change(UnaryOperator<Joint> change) {
        project.apply(TorqueEdits.joint(joint.id(), change));
    }

    private void head(String key) {
        getChildren().add(Controls.label(words.of(key), "strong"));
    }

    private TextField text(String id, String now, Consumer<String> keep) {
        TextField field = Controls.named(new TextField(now), id, words.of("torque." + id));
        Controls.kept(field, keep, message);
        named(id, field);
        return field;
    }

    private void quantity(String id, Dimension dimension, Quantity now, Setting<Quantity> setting) {
        text(
                id,
                now == null ? "" : now.print(),
                text -> {
                    Quantity q = text.isEmpty() ? null : Quantity.parse(text, dimension);
                    change(j -> setting.of(j, q));
                });
    }

    private void tick(String id, boolean now, Setting<Boolean> setting) {
        CheckBox box = new CheckBox(words.of("torque." + id));
        box.setId(id);
        box.setSelected(now);
        box.setOnAction(e -> change(j -> setting.of(j, box.isSelected())));
        getChildren().add(box);
    }

    /** One of several, or none: what goes without saying. */
    private <E extends Enum<E>> void choice(String id, E[] all, E now, Setting<E> setting) {
        Function<E, String> name =
                e -> e == null ? words.of("torque." + id + ".none") : words.of(e);
        ComboBox<E> box = Controls.named(new ComboBox<>(), id, words.of("torque." + id));
        box.getItems().add(null);
        box.getItems().addAll(all);
        box.setConverter(new NameConverter<>(name));
        box.setValue(now);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(e -> change(j -> setting.of(j, box.getValue())));
        named(id, box);
    }

    /**
     * The order that the joint itself has; that of the manual's way stands as what goes without.
     */
    private void order() {
        TextField field = text("jointOrder", own.order(), text -> change(j -> j.withOrder(text)));
        if (own.order().isEmpty() && !joint.order().isEmpty()) {
            field.setPromptText(words.of("torque.orderOfManual", joint.order()));
        }
    }

    private void named(String id, Control control) {
        Label name = Controls.label(words.of("torque." + id), "soft");
        name.setMinWidth(NAME);
        HBox.setHgrow(control, Priority.ALWAYS);
        getChildren().add(Controls.row(4, name, control));
    }
}
