package methodos.desktop.torque;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.edit.TorqueEdits;
import methodos.core.manual.Evidence;
import methodos.core.manual.Joint;
import methodos.core.manual.TighteningWay;
import methodos.core.manual.Value;
import methodos.core.manual.Wrench;
import methodos.core.quantity.Agreement;
import methodos.core.quantity.MeasureUnit.Dimension;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import methodos.core.torque.JointTorque;
import methodos.core.torque.Preload;
import methodos.core.torque.PropertyClass;
import methodos.core.torque.ThreadCondition;
import methodos.core.torque.UsualTorque;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;
import methodos.desktop.unit.DocumentRow;

/** The chosen joint: its rounds with the wrench for each, what its screw bears, what was said. */
final class JointPanel extends VBox implements AutoCloseable {

    private static final double WIDTH = 250;
    private static final double NAME = 104;

    private final OpenProject project;
    private final Words words;
    private final TorqueDrawing drawing;
    private final Consumer<String> message;
    private final Consumer<OpenPoint> go;
    private final OrderDrawing screws;

    /**
     * @param go goes to the figure that shows the order
     */
    JointPanel(
            OpenProject project,
            Theme theme,
            TorqueDrawing drawing,
            Consumer<String> message,
            Consumer<OpenPoint> go) {
        super(6);
        this.screws = new OrderDrawing(theme, project);
        this.go = go;
        this.project = project;
        this.words = project.words();
        this.drawing = drawing;
        this.message = message;
        setId("jointPanel");
    }

    /**
     * @param joint as it is practised, null where none is chosen
     */
    void show(Joint joint) {
        Controls.anew(this, () -> fill(joint));
    }

    private void fill(Joint joint) {
        getChildren().clear();
        if (joint == null) {
            return;
        }
        JointTorque torque = JointTorque.of(project.manual(), joint);
        getChildren().add(Controls.prose(joint.name(), "panel-head"));
        order(joint);
        rounds(torque);
        getChildren().add(Controls.label(words.of("torque.bears"), "strong"));
        bears(torque);
        getChildren()
                .addAll(
                        field(
                                "jointClass",
                                joint.propertyClass(),
                                text -> {
                                    PropertyClass.parse(text);
                                    change(joint, j -> j.withPropertyClass(text));
                                }),
                        field(
                                "jointCondition",
                                joint.condition(),
                                text -> {
                                    ThreadCondition.parse(text);
                                    change(joint, j -> j.withCondition(text));
                                }),
                        field(
                                "jointStages",
                                QuantityList.entered(joint.stages()),
                                text -> change(joint, j -> j.withStages(QuantityList.parse(text)))),
                        order(joint, project.manual().joint(joint.id()).orElse(joint)),
                        field(
                                "jointSecond",
                                print(joint.second()),
                                text -> {
                                    Quantity second = quantity(text, Dimension.TORQUE);
                                    change(joint, j -> j.withSecond(second));
                                }),
                        field(
                                "jointAngle",
                                print(joint.angle()),
                                text -> {
                                    Quantity angle = quantity(text, Dimension.ANGLE);
                                    change(joint, j -> j.withAngle(angle));
                                }),
                        field(
                                "jointAgain",
                                joint.again(),
                                text -> change(joint, j -> j.withAgain(text))),
                        way(joint),
                        soft(joint));
        agreement(joint);
        joint.torque()
                .known()
                .filter(q -> !joint.byAngle() && q.unit().dimension() == Dimension.TORQUE)
                .ifPresent(q -> getChildren().add(new AdapterRow(q, words, message)));
        usual(joint);
        heard(joint);
    }

    @Override
    public void close() {
        screws.close();
    }

    private void change(Joint joint, UnaryOperator<Joint> change) {
        project.apply(TorqueEdits.joint(joint.id(), change));
    }

    private static String print(Quantity quantity) {
        return quantity == null ? "" : quantity.print();
    }

    /** What was typed, null for nothing. */
    private static Quantity quantity(String text, Dimension dimension) {
        return text.isEmpty() ? null : Quantity.parse(text, dimension);
    }

    /** The joint's own way; that of the manual where it has none. */
    private HBox way(Joint joint) {
        TighteningWay own = project.manual().joint(joint.id()).map(Joint::way).orElse(null);
        ComboBox<TighteningWay> box =
                Controls.named(new ComboBox<>(), "jointWay", words.of("torque.jointWay"));
        box.getItems().add(null);
        box.getItems().addAll(TighteningWay.values());
        box.setConverter(
                new NameConverter<>(w -> w == null ? words.of("torque.wayOfManual") : words.of(w)));
        box.setValue(own);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(e -> change(joint, j -> j.withWay(box.getValue())));
        return named("jointWay", box);
    }

    private CheckBox soft(Joint joint) {
        CheckBox box = new CheckBox(words.of("torque.jointSoft"));
        box.setId("jointSoft");
        box.setSelected(joint.soft());
        box.setOnAction(e -> change(joint, j -> j.withSoft(box.isSelected())));
        return box;
    }

    /** Whether the values in two units say the same. */
    private void agreement(Joint joint) {
        Quantity first = joint.torque().known().orElse(null);
        if (first == null || joint.second() == null) {
            return;
        }
        Agreement agreement = Agreement.of(first, joint.second());
        getChildren().add(Controls.label(words.of("torque.both"), "strong"));
        getChildren()
                .add(
                        agreement.agree()
                                ? Controls.prose(words.of("torque.agrees", joint.second().print()))
                                : Controls.prose(
                                        words.of(
                                                "torque.disagrees",
                                                joint.second().print(),
                                                agreement.likely().orElse("")),
                                        "open"));
    }

    /** Offers the usual value for thread and class where a joint has none of its own. */
    private void usual(Joint joint) {
        if (joint.torque().known().isEmpty() && !joint.byAngle()) {
            UsualTorque.of(project.manual(), joint)
                    .ifPresent(
                            usual ->
                                    getChildren()
                                            .add(
                                                    Controls.link(
                                                            "takeUsual",
                                                            words.of(
                                                                    "torque.takeUsual",
                                                                    usual.torque().print(),
                                                                    usual.thread(),
                                                                    usual.propertyClass()),
                                                            () ->
                                                                    project.apply(
                                                                            TorqueEdits.usual(
                                                                                    joint.id())))));
        }
    }

    private HBox field(String id, String now, Consumer<String> keep) {
        TextField field = Controls.named(new TextField(now), id, words.of("torque." + id));
        Controls.kept(field, keep, message);
        return named(id, field);
    }

    /**
     * The order that the joint itself has; that of the manual's way stands as what goes without.
     */
    private HBox order(Joint practised, Joint own) {
        HBox row = field("jointOrder", own.order(), text -> change(own, j -> j.withOrder(text)));
        if (own.order().isEmpty() && !practised.order().isEmpty()) {
            TextField field = (TextField) row.getChildren().get(1);
            field.setPromptText(words.of("torque.orderOfManual", practised.order()));
        }
        return row;
    }

    private HBox named(String id, Control control) {
        Label name = Controls.label(words.of("torque." + id), "soft");
        name.setMinWidth(NAME);
        HBox.setHgrow(control, Priority.ALWAYS);
        return Controls.row(4, name, control);
    }

    /** The screws in their order, where a figure of the joint's step shows them. */
    private void order(Joint joint) {
        OrderDrawing.of(project.manual(), joint)
                .ifPresent(
                        shown -> {
                            Canvas canvas = new Canvas(OrderDrawing.WIDTH, OrderDrawing.HEIGHT);
                            screws.draw(canvas, shown);
                            canvas.setAccessibleText(words.of("torque.orderOf", joint.name()));
                            getChildren()
                                    .addAll(
                                            canvas,
                                            Controls.link(
                                                    "changeOrder",
                                                    words.of("torque.changeOrder"),
                                                    () ->
                                                            go.accept(
                                                                    OpenPoint.toFigure(
                                                                            shown.figure().id()))));
                        });
    }

    private void rounds(JointTorque torque) {
        getChildren().add(Controls.label(words.of("torque.rounds"), "strong"));
        int number = 1;
        row(number++, words.of("torque.byHand"), "");
        for (JointTorque.Stage stage : torque.stages()) {
            row(number++, stage.entered().print(), wrenches(stage));
        }
        Joint joint = torque.joint();
        if (joint.angle() != null) {
            row(number++, words.of("torque.turn", joint.angle().print()), "");
        }
        if (torque.stages().size() > 1) {
            row(number++, words.of("torque.again"), "");
        }
        if (!joint.again().isEmpty()) {
            row(number, joint.again(), "");
        }
        if (torque.stages().isEmpty() && torque.joint().torque() instanceof Value.Open open) {
            getChildren().add(Controls.prose(open.why(), "open"));
            getChildren()
                    .add(
                            new DocumentRow(
                                    project,
                                    "joint",
                                    open,
                                    v -> change(joint, j -> j.withTorque(v))));
        }
    }

    private String wrenches(JointTorque.Stage stage) {
        List<Wrench> shop = project.manual().wrenches();
        List<String> names = stage.reachedBy(shop).stream().map(Wrench::name).toList();
        return names.isEmpty()
                ? shop.isEmpty() ? "" : words.of("torque.noWrench")
                : String.join(words.of("torque.or"), names);
    }

    private void row(int number, String what, String with) {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Label index = Controls.label(String.valueOf(number), "step-number");
        index.setMinWidth(18);
        getChildren()
                .add(new HBox(6, index, Controls.label(what), gap, Controls.label(with, "soft")));
    }

    private void bears(JointTorque torque) {
        Preload preload = torque.preload().orElse(null);
        if (preload == null) {
            getChildren().add(Controls.prose(words.of("torque.bears.unknown"), "soft"));
            return;
        }
        Canvas canvas = new Canvas(WIDTH, TorqueDrawing.BEARS);
        drawing.bears(canvas, torque);
        JointTorque.Force least = torque.leastForce().orElseThrow();
        JointTorque.Force most = torque.mostForce().orElseThrow();
        String told =
                most.newtons() > least.newtons()
                        ? words.of(
                                "torque.bears.range",
                                String.format(Locale.ROOT, "%.1f", least.newtons() / 1000),
                                String.format(Locale.ROOT, "%.1f", most.newtons() / 1000),
                                Math.round(100 * least.ofProof()),
                                Math.round(100 * most.ofProof()))
                        : String.format(
                                Locale.ROOT,
                                "%.1f kN, %.0f %%",
                                preload.newtons() / 1000,
                                100 * preload.ofProof());
        double k = ThreadCondition.parse(torque.joint().condition()).nutFactor();
        getChildren()
                .addAll(
                        canvas,
                        Controls.prose(told),
                        Controls.prose(
                                words.of(
                                        "torque.bears.how",
                                        String.format(Locale.ROOT, "%.2f", k),
                                        String.format(Locale.ROOT, "%.1f", preload.stressArea()),
                                        Math.round(preload.proofLoad() / preload.stressArea())),
                                "soft"));
    }

    private void heard(Joint joint) {
        if (joint.torque() instanceof Value.Known known) {
            for (Evidence evidence : known.evidence()) {
                if (evidence instanceof Evidence.Recorded r && !r.quote().isBlank()) {
                    getChildren()
                            .addAll(
                                    Controls.label(words.of("torque.heard"), "strong"),
                                    Controls.prose("“" + r.quote() + "”", "quote"));
                }
            }
        }
    }
}
