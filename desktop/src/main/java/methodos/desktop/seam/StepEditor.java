package methodos.desktop.seam;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.collections.FXCollections;
import javafx.event.ActionEvent;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.description.Id;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Applicability;
import methodos.core.manual.Evidence;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.Held;
import methodos.desktop.control.NameConverter;
import methodos.desktop.control.PickField;
import methodos.desktop.project.OpenProject;
import methodos.desktop.unit.UnitsChooser;

/** Everything about the chosen step, changed in place. */
final class StepEditor extends VBox {

    private final OpenProject project;
    private final SeamState state;
    private final DraftTold told;
    private final Runnable agree;
    private final StepTexts texts;
    private final StepWay way;
    private final StepSupplies supplies;
    private final StepReadings readings;
    private final StepLooks looks;
    private final StepWaits waits;
    private final StepCondition condition;
    private final StepActions actions;
    private final StepHazards hazards;
    private final Words words;
    private final TextArea text = new TextArea();
    private Id<Step> shown;
    private Step drawn;

    /** The words of the step before they were typed into. */
    private String before = "";

    /**
     * @param told what a draft tells of its steps
     * @param agree agrees to the chosen step, where it is drafted
     */
    StepEditor(
            OpenProject project,
            SeamState state,
            DraftTold told,
            Consumer<String> message,
            Runnable agree) {
        super(8);
        this.project = project;
        this.state = state;
        this.told = told;
        this.agree = agree;
        this.texts = new StepTexts(project);
        this.way = new StepWay(project, message);
        this.supplies = new StepSupplies(project, message);
        this.readings = new StepReadings(project);
        this.looks = new StepLooks(project);
        this.waits = new StepWaits(project, message);
        this.condition = new StepCondition(project);
        this.actions = new StepActions(project, message);
        this.hazards = new StepHazards(project);
        this.words = project.words();
        getStyleClass().add("step-editor");
        Controls.named(text, "stepText", words.of("step.text"));
        text.setWrapText(true);
        text.setPrefRowCount(3);
        text.textProperty()
                .addListener(
                        (o, was, is) -> {
                            if (shown != null && drawn != null && !is.equals(drawn.text())) {
                                project.apply(StepEdits.text(shown, is));
                            }
                        });
        text.focusedProperty().addListener((o, was, is) -> before = is ? text.getText() : before);
        addEventFilter(KeyEvent.KEY_PRESSED, this::agreeKey);
        text.addEventFilter(KeyEvent.KEY_PRESSED, this::textKey);
        state.step().addListener(o -> refresh(true));
        // later, so that a field just clicked on has the focus before the fields are made anew
        project.workspace().addListener(o -> Platform.runLater(() -> refresh(false)));
        project.checked().addListener(o -> Platform.runLater(this::missed));
        refresh(true);
    }

    /** The checks come in behind an edit; only what they offer is made anew. */
    private void missed() {
        if (drawn != null) {
            Step now = drawn;
            Held.keep(this, () -> hazards.offer(now));
        }
    }

    /** Enter keeps the words, Escape leaves them as they were; both go back to the seam. */
    private void textKey(KeyEvent e) {
        boolean left = e.getCode() == KeyCode.ESCAPE;
        if (left && shown != null && !text.getText().equals(before)) {
            project.apply(StepEdits.text(shown, before));
        }
        if (left || e.getCode() == KeyCode.ENTER && !e.isShiftDown()) {
            toSeam();
            e.consume();
        } else if (e.getCode() == KeyCode.TAB && !e.isShiftDown() && !e.isControlDown()) {
            editParts();
            e.consume();
        }
    }

    /** Ctrl+Enter in a field keeps what is typed there and agrees to the step. */
    private void agreeKey(KeyEvent e) {
        if (e.getCode() != KeyCode.ENTER || !e.isControlDown()) {
            return;
        }
        e.consume();
        if (e.getTarget() instanceof TextField field) {
            field.fireEvent(new ActionEvent());
        }
        toSeam();
        agree.run();
    }

    private void toSeam() {
        Node seam = getScene().lookup("#seam");
        if (seam != null) {
            seam.requestFocus();
        }
    }

    /** Puts the cursor where parts of the chosen step are added. */
    void editParts() {
        Node parts = lookup("#addPart");
        if (parts != null) {
            Held.focus(parts);
        }
    }

    /** Puts the cursor into the text of the chosen step. */
    void editText() {
        Held.focus(text);
        text.end();
    }

    private void refresh(boolean chosen) {
        Optional<Step> step =
                Optional.ofNullable(state.step().get()).flatMap(project.manual()::step);
        if (step.isEmpty()) {
            shown = null;
            drawn = null;
            long drafted = project.manual().steps().filter(s -> !s.accepted()).count();
            String what = drafted == 0 ? "step.none" : "step.noneDrafted";
            getChildren().setAll(Controls.prose(words.of(what, drafted), "soft"));
            return;
        }
        Step now = step.get();
        boolean onlyText = drawn != null && !chosen && now.withText(drawn.text()).equals(drawn);
        drawn = now;
        shown = now.id();
        if (!text.getText().equals(now.text())) {
            text.setText(now.text());
        }
        if (!onlyText || getChildren().size() < 3) {
            Controls.anew(this, () -> draw(now));
        }
    }

    private void draw(Step step) {
        Manual manual = project.manual();
        int number = new StepNumbers(manual, project.sight().get()).of(step.id()).orElse(0);
        HBox head =
                new HBox(
                        8,
                        Controls.label(
                                number == 0
                                        ? words.of("step.outOfSight")
                                        : words.of("step.number", number),
                                "panel-head"),
                        stage(step));
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren()
                .setAll(
                        head,
                        text,
                        row(
                                "step.units",
                                new UnitsChooser(
                                        project,
                                        "step",
                                        step.applicability(),
                                        a -> units(step, a))),
                        row("step.parts", supplies.parts(step)),
                        row("step.tools", tools(step)),
                        row("step.torque", torque(step)),
                        row("step.hazard", hazards.statements(step)),
                        row("step.readings", readings.readings(step)),
                        row("step.consumables", supplies.consumables(step)),
                        row("step.waits", waits.waits(step)),
                        row("step.looks", looks.looks(step)),
                        row("step.actions", actions.actions(step)),
                        row("step.repeat", actions.repeat(step)));
        // what a draft tells stands beside its text, where it is read before it is accepted
        int behindText = getChildren().indexOf(text) + 1;
        told.still(step).ifPresent(s -> getChildren().add(behindText, row("step.still", s)));
        if (!step.notes().isEmpty()) {
            getChildren().add(behindText, row("step.notes", notes(step)));
        }
        if (!step.doubts().isEmpty()) {
            getChildren().add(behindText, row("step.doubts", doubts(step)));
        }
        for (StepTexts.Text one : StepTexts.ALL) {
            getChildren().add(row(one.key(), texts.field(step, one)));
            if (one == StepTexts.ONLY_IF) {
                getChildren().add(row("step.onlyIfFound", condition.field(step)));
            }
        }
        getChildren().add(row("step.way", way.field(step)));
        getChildren().add(optional(step));
        heard(step).ifPresent(q -> getChildren().add(row("step.heard", q)));
        getChildren()
                .add(
                        Controls.row(
                                12,
                                Controls.link("copyStep", words.of("step.copy"), () -> copy(step)),
                                Controls.link(
                                        "deleteStep",
                                        words.of("step.delete"),
                                        () -> delete(step))));
    }

    /** Remarks of the narration that stand at the step. */
    private Node notes(Step step) {
        VBox list = new VBox(4);
        for (int i = 0; i < step.notes().size(); i++) {
            String note = step.notes().get(i);
            list.getChildren()
                    .add(
                            new UsedLine(
                                    project,
                                    "removeNote-" + i,
                                    note,
                                    StepEdits.withoutNote(step.id(), note)));
        }
        return list;
    }

    /** What somebody has to decide about the step, each with the word that it is decided. */
    private Node doubts(Step step) {
        VBox list = new VBox(4);
        for (String doubt : step.doubts()) {
            Label sentence = Controls.prose(doubt, "open");
            sentence.setMinHeight(USE_PREF_SIZE);
            HBox.setHgrow(sentence, Priority.ALWAYS);
            Button settled =
                    Controls.link(
                            "settleDoubt",
                            words.of("step.settled"),
                            () -> project.apply(StepEdits.settleDoubt(step.id(), doubt)));
            settled.setMinWidth(USE_PREF_SIZE);
            list.getChildren().add(new HBox(8, sentence, settled));
        }
        return list;
    }

    private void copy(Step step) {
        project.apply(StepEdits.copy(step.id()));
    }

    private void units(Step step, Applicability applicability) {
        project.apply(StepEdits.applicability(step.id(), applicability));
    }

    private void delete(Step step) {
        state.step().set(null);
        project.apply(StepEdits.delete(step.id()));
    }

    private Node row(String key, Node content) {
        Label name = Controls.prose(words.of(key), "row-name");
        name.setMinWidth(58);
        name.setLabelFor(content);
        HBox row = new HBox(6, name, content);
        HBox.setHgrow(content, Priority.ALWAYS);
        return row;
    }

    private Node stage(Step step) {
        ComboBox<Stage.Kind> box =
                Controls.named(
                        new ComboBox<>(FXCollections.observableArrayList(Stage.Kind.values())),
                        "stepStage",
                        words.of("step.stage"));
        box.setConverter(NameConverter.of(words));
        box.setValue(project.manual().stageOf(step.id()).map(Stage::kind).orElse(null));
        box.setOnAction(e -> project.apply(StepEdits.stage(step.id(), box.getValue())));
        return box;
    }

    private Node tools(Step step) {
        VBox list = new VBox(4);
        for (Id<Tool> id : step.tools()) {
            project.manual()
                    .tool(id)
                    .ifPresent(
                            t ->
                                    list.getChildren()
                                            .add(
                                                    new UsedLine(
                                                            project,
                                                            "removeTool-" + id,
                                                            t.label(),
                                                            StepEdits.tool(step.id(), id, false))));
        }
        List<String> known = project.manual().tools().stream().map(Tool::label).toList();
        list.getChildren().add(pick("addTool", "step.addTool", known, n -> addTool(step, n)));
        return list;
    }

    private void addTool(Step step, String name) {
        project.apply(
                project.manual().tools().stream()
                        .filter(t -> t.label().equalsIgnoreCase(name))
                        .findFirst()
                        .map(t -> StepEdits.tool(step.id(), t.id(), true))
                        .orElseGet(() -> StepEdits.newTool(step.id(), name)));
    }

    private CheckBox optional(Step step) {
        CheckBox box = new CheckBox(words.of("step.optional"));
        box.setId("stepOptional");
        box.setSelected(step.optional());
        box.setOnAction(e -> project.apply(StepEdits.optional(step.id(), box.isSelected())));
        return box;
    }

    private PickField pick(String id, String key, List<String> known, Consumer<String> add) {
        PickField field = new PickField(known, words, add);
        field.setPromptText(words.of(key));
        return Controls.named(field, id, words.of(key));
    }

    private Node torque(Step step) {
        TextField value =
                Controls.named(
                        new TextField(torqueOf(step)), "stepTorque", words.of("step.torqueValue"));
        value.setPromptText(words.of("step.torquePrompt"));
        Label problem = Controls.prose("", "problem");
        problem.setId("torqueProblem");
        problem.setManaged(false);
        Controls.kept(
                value,
                typed -> {
                    try {
                        Quantity quantity = Quantity.parse(typed);
                        problem.setManaged(false);
                        problem.setText("");
                        project.apply(
                                StepEdits.torque(
                                        step.id(),
                                        jointName(step),
                                        new Value.Known(quantity, List.of(), true)));
                    } catch (IllegalArgumentException bad) {
                        problem.setManaged(true);
                        problem.setText(bad.getMessage());
                    }
                });
        return new VBox(4, value, problem);
    }

    private String torqueOf(Step step) {
        return step.joints().stream()
                .flatMap(j -> project.manual().joint(j).stream())
                .flatMap(j -> j.torque().known().stream())
                .map(Quantity::print)
                .findFirst()
                .orElse("");
    }

    private String jointName(Step step) {
        return step.joints().stream()
                .flatMap(j -> project.manual().joint(j).stream())
                .map(j -> j.name())
                .findFirst()
                .orElseGet(
                        () ->
                                step.parts().stream()
                                        .flatMap(u -> project.manual().part(u.part()).stream())
                                        .map(Part::name)
                                        .findFirst()
                                        .orElse(words.of("step.unnamedJoint")));
    }

    private Optional<Node> heard(Step step) {
        return step.evidence().stream()
                .filter(e -> e instanceof Evidence.Recorded r && !r.quote().isBlank())
                .map(
                        e ->
                                (Node)
                                        Controls.prose(
                                                "“" + ((Evidence.Recorded) e).quote() + "”",
                                                "quote"))
                .findFirst();
    }
}
