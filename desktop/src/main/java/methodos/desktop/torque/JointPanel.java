package methodos.desktop.torque;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.Label;
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
import methodos.core.torque.JointTorque;
import methodos.core.torque.Preload;
import methodos.core.torque.ThreadCondition;
import methodos.core.torque.UsualTorque;
import methodos.core.words.TighteningText;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Surface;
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
        getChildren().add(new JointFields(project, joint, message));
        agreement(joint);
        joint.torque()
                .known()
                .filter(q -> joint.byWrench() && q.unit().dimension() == Dimension.TORQUE)
                .ifPresent(q -> getChildren().add(new AdapterRow(q, words, message)));
        usual(joint);
        heard(joint);
    }

    @Override
    public void close() {
        screws.close();
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
        if (joint.torque().known().isEmpty() && joint.byWrench()) {
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

    /** The screws in their order, where a figure of the joint's step shows them. */
    private void order(Joint joint) {
        OrderDrawing.of(project.manual(), joint)
                .ifPresent(
                        shown -> {
                            Surface canvas = new Surface(OrderDrawing.WIDTH, OrderDrawing.HEIGHT);
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
        if (!torque.joint().told().equals(List.of(TighteningWay.WRENCH))) {
            String told = new TighteningText(words).whole(torque.joint());
            getChildren().add(Controls.prose(told));
        }
        int number = 1;
        row(number++, words.of("torque.byHand"), "");
        for (JointTorque.Stage stage : torque.stages()) {
            row(number++, stage.entered().print(), wrenches(stage));
        }
        Joint joint = torque.joint();
        if (joint.byWrench() && joint.further() != null) {
            row(number++, words.of("torque.turn", joint.further().print()), "");
        }
        if (joint.finalPass()) {
            row(number++, words.of("torque.again"), "");
        }
        if (!joint.again().isEmpty()) {
            row(number, joint.again(), "");
        }
        if (joint.byWrench() && joint.torque() instanceof Value.Open open) {
            getChildren().add(Controls.prose(open.why(), "open"));
            getChildren()
                    .add(
                            new DocumentRow(
                                    project,
                                    "joint",
                                    open,
                                    v ->
                                            project.apply(
                                                    TorqueEdits.joint(
                                                            joint.id(), j -> j.withTorque(v)))));
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
        Surface canvas = new Surface(WIDTH, TorqueDrawing.BEARS);
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
