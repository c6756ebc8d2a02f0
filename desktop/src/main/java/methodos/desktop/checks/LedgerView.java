package methodos.desktop.checks;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.geometry.Insets;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import methodos.core.check.Checks;
import methodos.core.description.Id;
import methodos.core.ledger.ClaimedUnits;
import methodos.core.ledger.LedgerThread;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** The ledger of one group of units, drawn. */
final class LedgerView extends VBox {

    private final OpenProject project;
    private final Words words;
    private final LedgerDrawing drawing;
    private final Surface canvas = new Surface();
    private final ComboBox<ClaimedUnits.Group> units;
    private final Label foot = Controls.prose("", "soft");
    private LedgerPicture picture = LedgerPicture.NONE;
    private Optional<Checks.Result> result = Optional.empty();
    private String chosen;
    private List<Id<Step>> chosenSteps = List.of();
    private boolean filling;

    /**
     * @param choose called with the id of what does not come back, when its end is clicked
     */
    LedgerView(OpenProject project, Theme theme, Consumer<String> choose) {
        super(6);
        this.project = project;
        this.words = project.words();
        this.drawing = new LedgerDrawing(theme, words);
        setPadding(new Insets(16, 16, 10, 18));
        units = Controls.named(new ComboBox<>(), "ledgerUnits", words.of("ledger.units"));
        units.setConverter(new Named());
        units.setOnAction(
                e -> {
                    if (!filling) {
                        draw();
                    }
                });
        Label head = Controls.prose(words.of("ledger.head"), "panel-head");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Controls.row(8, head, gap, units),
                        Controls.prose(words.of("ledger.note"), "soft"));
        canvas.setId("ledgerDrawing");
        VBox.setVgrow(canvas, Priority.ALWAYS);
        canvas.setMinSize(200, 200);
        canvas.widthProperty().addListener(o -> paint());
        canvas.heightProperty().addListener(o -> paint());
        canvas.setOnMouseMoved(this::tell);
        canvas.setOnMouseExited(e -> count());
        canvas.setOnMouseClicked(
                e ->
                        drawing.looseAt(e.getX(), e.getY())
                                .ifPresent(loose -> choose.accept(loose.subject())));
        theme.palette().addListener(o -> paint());
        foot.setId("ledgerFoot");
        getChildren().addAll(canvas, foot);
    }

    private final class Named extends StringConverter<ClaimedUnits.Group> {
        @Override
        public String toString(ClaimedUnits.Group group) {
            return group == null ? "" : words.of(group.sight());
        }

        @Override
        public ClaimedUnits.Group fromString(String text) {
            throw new UnsupportedOperationException("units are chosen, not typed");
        }
    }

    /** Shows the ledger of the units that are looked at; of the first, where there are several. */
    void show(Optional<Checks.Result> now) {
        result = now;
        filling = true;
        ClaimedUnits.Group before = units.getValue();
        List<ClaimedUnits.Group> groups =
                now.stream()
                        .flatMap(r -> r.ledger().groups().stream())
                        .filter(g -> project.sight().get().meets(g.sight()))
                        .toList();
        units.setItems(FXCollections.observableArrayList(groups));
        units.setValue(
                groups.stream()
                        .filter(g -> g.equals(before))
                        .findFirst()
                        .or(() -> groups.stream().filter(this::open).findFirst())
                        .or(() -> groups.stream().reduce((a, b) -> b))
                        .orElse(null));
        Controls.seen(units, groups.size() > 1);
        filling = false;
        draw();
    }

    private boolean open(ClaimedUnits.Group group) {
        return result.orElseThrow().ledger().threads(group).stream()
                .anyMatch(t -> t.closed().isEmpty());
    }

    /** Brings out what a finding is about; the units that it touches are shown. */
    void choose(String subject, List<Id<Step>> steps) {
        chosen = subject;
        chosenSteps = steps;
        ClaimedUnits.Group now = units.getValue();
        if (now != null && !loose(now, subject)) {
            units.getItems().stream()
                    .filter(g -> loose(g, subject))
                    .findFirst()
                    .ifPresent(units::setValue);
        }
        paint();
    }

    private boolean loose(ClaimedUnits.Group group, String subject) {
        return result.orElseThrow().ledger().threads(group).stream()
                .anyMatch(t -> t.subject().equals(subject) && t.closed().isEmpty());
    }

    private void draw() {
        ClaimedUnits.Group group = units.getValue();
        if (group == null || result.isEmpty()) {
            picture = LedgerPicture.NONE;
        } else {
            Manual manual = project.practised().manual();
            List<LedgerThread> threads = result.get().ledger().threads(group);
            picture =
                    LedgerPicture.of(
                            manual, new StepNumbers(manual, project.sight().get()), threads, words);
        }
        count();
        paint();
    }

    private void paint() {
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        drawing.draw(canvas, picture, chosen, numbers.of(chosenSteps));
    }

    private void tell(MouseEvent e) {
        drawing.told(canvas, picture, e.getX(), e.getY())
                .ifPresentOrElse(foot::setText, this::count);
    }

    private void count() {
        ClaimedUnits.Group group = units.getValue();
        if (group == null || result.isEmpty()) {
            foot.setText(words.of("ledger.none"));
            return;
        }
        List<LedgerThread> threads = result.get().ledger().threads(group);
        long loose = threads.stream().filter(t -> t.closed().isEmpty()).count();
        String closes =
                threads.isEmpty() ? "" : words.of("ledger.foot", threads.size() - loose, loose);
        String text =
                result.get()
                        .coverage()
                        .unfollowed(words)
                        .map(told -> (told + " " + closes).strip())
                        .orElse(closes);
        foot.setText(text);
        canvas.setAccessibleText(words.of("ledger.head") + ". " + text);
    }
}
