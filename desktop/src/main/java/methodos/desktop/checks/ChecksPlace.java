package methodos.desktop.checks;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.check.Checks;
import methodos.core.check.Matter;
import methodos.core.check.OpenPoint;
import methodos.core.manual.Manual;
import methodos.core.manual.Stage;
import methodos.core.repair.Repairs;
import methodos.core.reverse.Reverse;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.Halves;
import methodos.desktop.control.Scrolled;
import methodos.desktop.place.FindingGoal;
import methodos.desktop.place.Place;
import methodos.desktop.place.PlaceView;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;

/** The place Checks: what would happen at the bench, and the ledger drawn beside it. */
public final class ChecksPlace implements PlaceView {

    private static final double LIST = 464;
    private static final double LEAST_LEDGER = 300;

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;
    private final Consumer<OpenPoint> go;
    private final Halves node;
    private final FindingList list;
    private final FindingPanel panel;
    private final LedgerView ledger;
    private final BenchView bench;
    private final VBox ledgerSide;
    private final Label busy;
    private final Label rules;
    private final Region reverse;
    private FindingRow.Shown shown = new FindingRow.Shown(false, false);

    /**
     * @param go leads to a step or a place, from where a key comes back
     */
    public ChecksPlace(
            OpenProject project, Theme theme, Consumer<String> message, Consumer<OpenPoint> go) {
        this.project = project;
        this.words = project.words();
        this.node = Halves.mainAsWide(words, LIST, LEAST_LEDGER);
        this.message = message;
        this.go = go;
        list = new FindingList(words, new Wished());
        panel = new FindingPanel(project, message, go);
        ledger = new LedgerView(project, theme, this::chooseSubject);
        bench = new BenchView(project, theme, message, go, this::leaveBench);
        VBox.setVgrow(ledger, Priority.ALWAYS);
        Region toBench = Controls.link("toBench", words.of("bench.open"), this::openBench);
        VBox.setMargin(toBench, new Insets(10, 16, 0, 18));
        ledgerSide = new VBox(toBench, ledger);
        ledgerSide.getStyleClass().add("ledger");
        busy = Controls.prose(words.of("checks.busy"), "soft");
        busy.setPadding(new Insets(14, 16, 0, 16));
        rules = Controls.prose("", "problem");
        rules.setPadding(new Insets(8, 16, 0, 16));
        rules.textProperty().bind(project.rulesProblem());
        reverse = Controls.link("draftBuildUp", words.of("checks.reverse"), this::draftBuildUp);
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox.setMargin(reverse, new Insets(8, 16, 0, 16));
        VBox left = new VBox(rules, busy, reverse, list, panel);
        node.setMain(left);
        node.setSide(new Scrolled(ledgerSide));
        node.getStyleClass().add("checks");
        project.checked().addListener(o -> refresh());
        node.sceneProperty().addListener(o -> refresh());
        list();
    }

    /** What is not in view is listed when it comes into view. */
    private void refresh() {
        if (node.getScene() != null) {
            list();
        }
    }

    private void list() {
        Optional<Checks.Result> result = project.checked().get();
        Controls.seen(busy, result.isEmpty());
        Controls.seen(rules, !project.rulesProblem().get().isEmpty());
        Controls.seen(reverse, lacksBuildUp());
        if (result.isEmpty()) {
            return;
        }
        List<FindingRow> rows =
                FindingRow.of(
                        result.get(),
                        new FindingRow.Looked(
                                project.manual(),
                                project.sight().get(),
                                project.openPoints().get()),
                        repairs(),
                        words,
                        shown);
        list.show(rows).ifPresentOrElse(this::open, panel::clear);
        ledger.show(result);
        if (bench.getScene() != null) {
            bench.show(result.get());
        }
    }

    private void openBench() {
        project.checked()
                .get()
                .ifPresent(
                        result -> {
                            node.setSide(new Scrolled(bench));
                            bench.show(result);
                        });
    }

    private void leaveBench() {
        node.setSide(new Scrolled(ledgerSide));
        list.requestFocus();
    }

    /** Whether there is a take-down to turn round, and nothing that it would take the place of. */
    private boolean lacksBuildUp() {
        Manual manual = project.manual();
        return manual.stage(Stage.Kind.TAKE_DOWN).filter(s -> !s.steps().isEmpty()).isPresent()
                && manual.stage(Stage.Kind.BUILD_UP).filter(s -> s.steps().isEmpty()).isPresent();
    }

    private void draftBuildUp() {
        project.apply(Reverse.edit(project.workspace().get(), project.checks(), words));
        message.accept(words.of("checks.reversed"));
    }

    private Repairs repairs() {
        Checks checks = project.checks();
        return new Repairs(checks.hazardRules(), checks.language(), words);
    }

    private void open(FindingRow.Found found) {
        panel.show(found, project.checked().get().orElseThrow().accepted().get(found.finding()));
        ledger.choose(found.finding().subject(), found.finding().steps());
        found.finding().steps().stream().findFirst().ifPresent(bench::choose);
    }

    private void chooseSubject(String subject) {
        if (list.chooseSubject(subject)) {
            list.requestFocus();
        }
    }

    private final class Wished implements FindingList.Wishes {

        @Override
        public void chosen(FindingRow.Found found) {
            open(found);
        }

        @Override
        public void go(FindingRow.Found found) {
            ChecksPlace.this.go.accept(FindingGoal.of(found.finding()));
        }

        @Override
        public void repair(FindingRow.Found found) {
            repairs()
                    .of(project.manual(), found.finding())
                    .ifPresentOrElse(
                            r -> {
                                project.apply(r.edit());
                                message.accept(words.of("checks.repaired"));
                            },
                            () -> go(found));
        }

        @Override
        public void accept(FindingRow.Found found) {
            panel.askReason();
        }

        @Override
        public void more(FindingRow.More.Kind kind) {
            shown =
                    kind == FindingRow.More.Kind.CONFUSE
                            ? new FindingRow.Shown(!shown.confusing(), shown.accepted())
                            : new FindingRow.Shown(shown.confusing(), !shown.accepted());
            list();
        }

        @Override
        public void unfollowed(FindingRow.Unfollowed unfollowed) {
            ChecksPlace.this.go.accept(
                    new OpenPoint(Matter.STEPS, "checks.go", List.of(), unfollowed.first(), ""));
        }

        @Override
        public void elsewhere(FindingRow.Elsewhere elsewhere) {
            project.openPoints().get().stream()
                    .filter(p -> Place.of(p.matter()) == elsewhere.place())
                    .findFirst()
                    .ifPresent(ChecksPlace.this.go);
        }
    }

    @Override
    public Region node() {
        return node;
    }

    @Override
    public String subtitle() {
        return words.of("checks.subtitle");
    }

    /** Comes back to the finding from which it was left. */
    @Override
    public void go(OpenPoint point) {
        list.requestFocus();
    }

    @Override
    public boolean ready() {
        return project.checked().get().isPresent() && bench.ready();
    }

    @Override
    public void close() {
        bench.close();
    }
}
