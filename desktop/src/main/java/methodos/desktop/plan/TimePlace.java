package methodos.desktop.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.bench.Lesson;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.kit.OrderList;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.plan.ManualPlan;
import methodos.core.plan.PlanTime;
import methodos.core.plan.WorkPlan;
import methodos.core.practice.PractisedManual;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.Halves;
import methodos.desktop.control.SidePanel;
import methodos.desktop.place.PlaceView;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;

/** The place Time: who does what along a rule of time, and what if. */
public final class TimePlace implements PlaceView {

    private static final double LEAST = 560;
    private static final int MOST_PEOPLE = 3;
    private static final double MINUTE = 60;

    /** Waits as long as that are worth being begun in time. */
    private static final double LONG_WAIT = 120;

    private static final int MOST_WAITS = 4;

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;
    private final Halves node;
    private final Label total = Controls.label("", "plan-total");
    private final Label told = Controls.prose("", "soft");
    private final TimeRule rule;
    private final StagesBar stages;
    private final LongestSteps longest;
    private final StepInPlan details;
    private final VBox early = new VBox(4);
    private final VBox plan;
    private final Label nothing;
    private final TextField kits = new TextField();
    private final ExecutorService planning;
    private Runnable retitled = () -> {};
    private int people = 1;
    private double kitsFrom;
    private Id<Step> chosen;
    private ManualPlan shown;
    private OrderList ordered;
    private volatile Object asked = "nothing yet";

    public TimePlace(
            OpenProject project, Theme theme, Consumer<String> message, Consumer<OpenPoint> go) {
        this.project = project;
        this.words = project.words();
        this.message = message;
        planning = project.background().thread("work.plan");
        rule = new TimeRule(words, theme, this::choose);
        stages = new StagesBar(words, theme);
        longest = new LongestSteps(words, this::choose);
        details = new StepInPlan(words, go);
        total.setId("planTotal");
        total.setMinWidth(Region.USE_PREF_SIZE);
        told.setId("planTold");
        early.setId("planEarly");
        nothing = Controls.named(Controls.prose(words.of("plan.empty")), "planEmpty", "");
        HBox head = new HBox(10, total, told);
        head.setAlignment(Pos.BASELINE_LEFT);
        plan =
                new VBox(
                        14,
                        head,
                        new VBox(2, rule.node(), Controls.prose(words.of("plan.hint"), "soft")),
                        part("plan.stages", stages.node()),
                        part("plan.five", longest.node()),
                        part("plan.early", early));
        VBox content = new VBox(plan, nothing);
        content.setPadding(new Insets(14, 18, 14, 18));
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("place");
        node = new Halves(words, LEAST);
        node.setMain(new BorderPane(scroll, null, null, what(), null));
        node.setSide(new SidePanel(details, Controls.prose(words.of("plan.notice"), "soft")));
        project.workspace().addListener(o -> refresh());
        project.sight().addListener(o -> refresh());
        node.sceneProperty().addListener(o -> refresh());
        refresh();
    }

    private Node part(String head, Node content) {
        return new VBox(6, Controls.label(words.of(head), "section-head"), content);
    }

    private Region what() {
        ToggleGroup group = new ToggleGroup();
        FlowPane bar = new FlowPane(8, 6);
        bar.setAlignment(Pos.CENTER_LEFT);
        for (int n = 1; n <= MOST_PEOPLE; n++) {
            int many = n;
            ToggleButton button = new ToggleButton(words.of("plan.people", n));
            button.setId("people-" + n);
            button.setToggleGroup(group);
            button.setSelected(n == people);
            button.setOnAction(
                    e -> {
                        button.setSelected(true);
                        people = many;
                        refresh();
                    });
            bar.getChildren().add(button);
        }
        kits.setPrefColumnCount(4);
        Controls.named(kits, "kitsFrom", words.of("plan.kitsFrom"));
        kits.setPromptText("0");
        Controls.kept(kits, this::late, message);
        HBox late = new HBox(6, Controls.label(words.of("plan.kitsFrom")), kits);
        late.setAlignment(Pos.CENTER_LEFT);
        bar.getChildren().add(late);
        bar.getStyleClass().add("making");
        return bar;
    }

    private void late(String typed) {
        double minutes;
        try {
            minutes = typed.isEmpty() ? 0 : Double.parseDouble(typed.replace(',', '.'));
        } catch (NumberFormatException e) {
            minutes = Double.NaN;
        }
        if (!(minutes >= 0 && minutes <= 100_000)) {
            throw new IllegalArgumentException(words.of("plan.noMinutes", typed));
        }
        kitsFrom = minutes * MINUTE;
        refresh();
    }

    /** What is not in view is planned when it comes into view. */
    private void refresh() {
        if (node.getScene() == null) {
            return;
        }
        PractisedManual practised = project.practised();
        Manual manual = practised.manual();
        Sight sight = project.sight().get();
        ManualPlan.Asked how =
                new ManualPlan.Asked(
                        people,
                        kitsFrom,
                        Lesson.times(practised, project.workspace().get().runs()));
        Object now = List.of(manual, sight, how);
        if (now.equals(asked)) {
            return;
        }
        asked = now;
        planning.execute(
                () -> {
                    if (now != asked) {
                        return; // another edit came before it was this one's turn
                    }
                    ManualPlan made = ManualPlan.of(manual, sight, how);
                    OrderList order = OrderList.of(practised, sight);
                    Platform.runLater(
                            () -> {
                                if (now == asked) {
                                    show(made, order);
                                }
                            });
                });
    }

    private void show(ManualPlan now, OrderList order) {
        shown = now;
        ordered = order;
        boolean some = !now.steps().isEmpty();
        plan.setVisible(some);
        plan.setManaged(some);
        nothing.setVisible(!some);
        nothing.setManaged(!some);
        if (some) {
            told();
            stages.show(shown);
            longest.show(shown);
            early();
            choose(chosen != null && now.step(chosen).isPresent() ? chosen : first());
        } else {
            details.getChildren().clear();
        }
        retitled.run();
    }

    private Id<Step> first() {
        return new Id<>(shown.plan().slots().get(0).id());
    }

    private void told() {
        WorkPlan work = shown.plan();
        total.setText(minutes(work.elapsed()));
        double[] range = shown.range();
        told.setText(
                words.of(
                        "plan.told",
                        shown.people(),
                        minutes(work.hands()),
                        minutes(range[0]),
                        minutes(range[1]),
                        minutes(work.idle())));
    }

    private String minutes(double seconds) {
        return words.duration(PlanTime.wholeMinutes(seconds));
    }

    private void early() {
        List<Node> rows = new ArrayList<>();
        String order = order();
        if (!order.isEmpty()) {
            rows.add(row(words.of("plan.beforehand"), words.of("plan.order", order)));
        }
        shown.waits().stream()
                .filter(slot -> slot.end() - slot.free() >= LONG_WAIT)
                .limit(MOST_WAITS)
                .sorted(Comparator.comparingDouble(WorkPlan.Slot::start))
                .forEach(slot -> rows.add(begin(slot)));
        if (rows.isEmpty()) {
            rows.add(Controls.prose(words.of("plan.noWaits"), "soft"));
        }
        early.getChildren().setAll(rows);
    }

    private Node begin(WorkPlan.Slot slot) {
        ManualPlan.PlannedStep step = shown.step(new Id<>(slot.id())).orElseThrow();
        return row(
                PlanTime.clock(slot.start()),
                words.of(
                        "plan.begin",
                        step.number(),
                        step.step().text(),
                        words.duration(slot.end() - slot.free())));
    }

    private static Node row(String when, String what) {
        Label at = Controls.label(when, "strong");
        at.setMinWidth(Region.USE_PREF_SIZE);
        return new HBox(8, at, Controls.prose(what));
    }

    /** The fewest kits, and what none of them holds. */
    private String order() {
        return Stream.concat(
                        ordered.kits().stream()
                                .map(k -> ordered(k.count(), k.kit().name(), k.kit().number())),
                        ordered.extras().stream()
                                .map(e -> ordered(e.count(), e.part().label(), e.part().number())))
                .collect(Collectors.joining("; "));
    }

    private String ordered(int count, String name, String number) {
        return words.of("plan.ordered", count, (name + " " + number).strip());
    }

    private void choose(Id<Step> step) {
        chosen = step;
        rule.show(shown, chosen);
        details.show(shown, chosen);
    }

    @Override
    public Region node() {
        return node;
    }

    @Override
    public String subtitle() {
        return words.of("plan.subtitle");
    }

    @Override
    public void onSubtitle(Runnable now) {
        retitled = now;
    }

    @Override
    public boolean ready() {
        return shown != null;
    }

    @Override
    public void close() {
        planning.shutdownNow();
    }
}
