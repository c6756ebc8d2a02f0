package methodos.desktop.torque;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.edit.TorqueEdits;
import methodos.core.manual.Decision;
import methodos.core.manual.Joint;
import methodos.core.manual.Symptom;
import methodos.core.manual.Value;
import methodos.core.manual.Wrench;
import methodos.core.quantity.Quantity;
import methodos.core.torque.JointTorque;
import methodos.core.torque.TighteningTable;
import methodos.core.torque.WrenchPlan;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.Halves;
import methodos.desktop.control.SidePanel;
import methodos.desktop.decision.DecisionList;
import methodos.desktop.decision.DecisionPanel;
import methodos.desktop.decision.FaultPanel;
import methodos.desktop.place.OpenPointList;
import methodos.desktop.place.Place;
import methodos.desktop.place.PlaceView;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.TextSize;
import methodos.desktop.theme.Theme;

/** The place Torque and fits: each joint along the rule of torque, under the shop's wrenches. */
public final class TorquePlace implements PlaceView {

    private static final double RULE = 344;
    private static final double SIDE = 284;

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;
    private final Theme theme;
    private final TorqueDrawing drawing;
    private final Halves node;
    private final Surface head = new Surface(RULE, TorqueDrawing.HEAD);
    private final VBox rows = new VBox(0);
    private final Label plan;
    private final Label empty;
    private final HBox heads;
    private final LimitRows limits;
    private final DecisionList decisions;
    private final ScrollPane overview;
    private final ScrollPane beside;
    private DecisionPanel decision;
    private FaultPanel fault;
    private final JointPanel panel;
    private final WrenchList wrenches;
    private final UsualList usual;
    private final List<JointRow> drawn = new ArrayList<>();
    private List<TighteningTable.Row> joints = List.of();
    private List<Object> shown = List.of();
    private Id<Joint> chosen;

    public TorquePlace(
            OpenProject project, Theme theme, Consumer<String> message, Consumer<OpenPoint> go) {
        this.project = project;
        this.words = project.words();
        this.node = new Halves(words, 620);
        this.message = message;
        this.theme = theme;
        this.drawing = new TorqueDrawing(theme, words);
        this.panel = new JointPanel(project, theme, drawing, message, go);
        this.wrenches = new WrenchList(project, message);
        this.usual = new UsualList(project, message);
        this.plan = Controls.prose("", "accent");
        plan.setId("wrenchPlan");
        this.empty = Controls.prose(words.of("torque.empty"), "soft");
        this.heads =
                new HBox(
                        6,
                        column("torque.step", JointRow.STEP),
                        column("torque.screws", JointRow.JOINT),
                        column("torque.value", JointRow.VALUE),
                        head);
        heads.setAlignment(Pos.BOTTOM_LEFT);
        heads.setPadding(new Insets(0, 6, 4, 6));
        Controls.named(rows, "joints", words.of("torque.joints"));
        this.limits = new LimitRows(project, drawing, message);
        VBox.setMargin(limits, new Insets(12, 0, 0, 0));
        this.decisions = new DecisionList(project, this::work, go);
        VBox center = new VBox(6, heads, rows, plan, empty, limits, decisions);
        center.setPadding(new Insets(14, 12, 16, 18));
        this.overview = scroll(center, "place");
        overview.setId("torqueOverview");
        node.setMain(overview);
        VBox side =
                new VBox(16, panel, wrenches, usual, new OpenPointList(project, Place.TORQUE, go));
        side.setPadding(new Insets(14));
        this.beside = scroll(side, "side");
        beside.setPrefWidth(SIDE);
        beside.setMinWidth(SIDE);
        node.setSide(beside);
        theme.palette()
                .addListener(
                        o -> {
                            refresh();
                            limits.refresh(true);
                        });
        project.workspace().addListener(o -> refresh());
        project.sight().addListener(o -> refresh());
        node.sceneProperty().addListener(o -> refresh());
        project.openPoints().addListener(o -> refreshDecisions());
        fill();
    }

    /** Opens a decision or a fault to work on it. */
    private void work(String id) {
        Id<Decision> ofDecision = new Id<>(id);
        Id<Symptom> ofFault = new Id<>(id);
        if (project.manual().decision(ofDecision).isPresent()) {
            decision = new DecisionPanel(project, ofDecision, message, this::overview);
            node.setMain(decision);
            node.setSide(new SidePanel(decision.aside()));
        } else if (project.manual().symptom(ofFault).isPresent()) {
            fault = new FaultPanel(project, ofFault, message, this::overview);
            node.setMain(fault);
            node.setSide(new SidePanel(fault.aside()));
        }
    }

    private void overview() {
        decision = null;
        fault = null;
        node.setMain(overview);
        node.setSide(beside);
    }

    private void refreshDecisions() {
        decisions.refresh();
        if (decision != null) {
            decision.refresh();
        }
        if (fault != null) {
            fault.refresh();
        }
    }

    private static ScrollPane scroll(VBox content, String style) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add(style);
        return scroll;
    }

    private Label column(String key, double width) {
        Label label = Controls.label(words.of(key), "soft");
        label.setMinWidth(width);
        label.setPrefWidth(width);
        return label;
    }

    private void keep(Id<Joint> joint, String typed) {
        if (typed.isBlank()) {
            return;
        }
        try {
            Value value = new Value.Known(Quantity.parse(typed), List.of(), true);
            project.apply(TorqueEdits.joint(joint, j -> j.withTorque(value)));
        } catch (IllegalArgumentException e) {
            message.accept(e.getMessage());
        }
    }

    private void choose(Id<Joint> joint) {
        chosen = joint;
        drawn.forEach(r -> r.chosen(r.getId().equals("joint-" + joint)));
        panel.show(project.practised().manual().joint(joint).orElse(null));
    }

    /** What is not in view is drawn when it comes into view. */
    private void refresh() {
        if (node.getScene() != null) {
            fill();
        }
    }

    private void fill() {
        limits.refresh(false);
        refreshDecisions();
        joints = TighteningTable.of(project.practised(), project.sight().get());
        List<Object> now =
                List.of(
                        joints,
                        project.manual().joints(),
                        project.manual().wrenches(),
                        project.manual().practices(),
                        project.manual().torqueDefaults(),
                        project.manual().figures(),
                        theme.palette().get(),
                        TextSize.factor().get());
        if (now.equals(shown)) {
            return; // what is being typed stays
        }
        shown = now;
        List<JointTorque> torques =
                joints.stream().map(r -> JointTorque.of(project.manual(), r.joint())).toList();
        List<Wrench> shop = project.manual().wrenches();
        TorqueRule rule = TorqueRule.of(torques, shop, RULE);
        drawing.head(head, rule, shop);
        drawn.clear();
        for (int i = 0; i < joints.size(); i++) {
            drawn.add(
                    new JointRow(
                            joints.get(i),
                            torques.get(i),
                            drawing,
                            rule,
                            words,
                            new JointRow.Acts(this::choose, this::keep, this::open)));
        }
        rows.getChildren().setAll(drawn);
        boolean none = joints.isEmpty();
        Controls.seen(heads, !none);
        Controls.seen(empty, none);
        plan.setText(none ? "" : told(WrenchPlan.of(project.practised(), project.sight().get())));
        wrenches.refresh();
        usual.refresh();
        if (joints.stream().noneMatch(r -> r.joint().id().equals(chosen))) {
            chosen = none ? null : joints.get(0).joint().id();
        }
        if (chosen == null) {
            panel.show(null);
        } else {
            choose(chosen);
        }
    }

    private String told(WrenchPlan fewest) {
        if (project.manual().wrenches().isEmpty()) {
            return words.of("torque.plan.none");
        }
        String names = fewest.fewest().stream().map(Wrench::name).collect(Collectors.joining(", "));
        return fewest.unreached().isEmpty()
                ? words.of("torque.plan.all", fewest.fewest().size(), names)
                : words.of("torque.plan.short", fewest.unreached().size());
    }

    @Override
    public Region node() {
        return node;
    }

    @Override
    public void close() {
        panel.close();
    }

    @Override
    public String subtitle() {
        return words.of("torque.subtitle", joints.size(), limits.count());
    }

    @Override
    public void go(OpenPoint point) {
        if (point.subject() != null
                && project.manual().joint(new Id<>(point.subject())).isPresent()) {
            overview();
            choose(new Id<>(point.subject()));
        } else if (point.subject() != null) {
            work(point.subject());
        }
    }

    /** Where a value is to be found, that none is needed, or that it is missing. */
    private String open(Joint joint) {
        if (!joint.byWrench()) {
            return words.of("torque.noneNeeded");
        }
        return joint.torque() instanceof Value.Open open
                ? open.where(project.manual())
                        .map(w -> words.of("torque.see", w))
                        .orElse(words.of("torque.open"))
                : "";
    }
}
