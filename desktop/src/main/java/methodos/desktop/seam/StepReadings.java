package methodos.desktop.seam;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.collections.FXCollections;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import methodos.core.edit.ConditionEdits;
import methodos.core.edit.ConditionEdits.Earlier;
import methodos.core.edit.StepEdits;
import methodos.core.fit.StockedSizes;
import methodos.core.manual.Answer;
import methodos.core.manual.Fit;
import methodos.core.manual.Reading;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.typed.AnswerText;
import methodos.core.typed.TypedList;
import methodos.core.typed.TypedNumber;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;
import methodos.desktop.unit.DocumentRow;
import methodos.desktop.unit.UnitsButton;

/** What is measured, counted, read off or answered in a step. */
final class StepReadings {

    private static final double COUNT = 40;
    private static final double APART = 10;

    private final OpenProject project;
    private final Words words;

    /** The readings of which what is rarely said is shown. */
    private final Set<String> opened = new HashSet<>();

    StepReadings(OpenProject project) {
        this.project = project;
        this.words = project.words();
    }

    Node readings(Step step) {
        VBox list = new VBox(4);
        for (int i = 0; i < step.readings().size(); i++) {
            VBox reading = reading(step, i);
            VBox.setMargin(reading, new Insets(i == 0 ? 0 : APART, 0, 0, 0));
            list.getChildren().add(reading);
        }
        Value open = new Value.Open(words.of("step.limitOpen"), null);
        list.getChildren()
                .add(
                        new StepFields(words, why -> {})
                                .adder(
                                        "addReading",
                                        "step.addReading",
                                        what ->
                                                project.apply(
                                                        StepEdits.addReading(
                                                                step.id(),
                                                                Reading.of(what, open, 1, null)))));
        return list;
    }

    private VBox reading(Step step, int at) {
        Reading r = step.readings().get(at);
        Label problem = Controls.prose("", "problem");
        problem.setId("readingProblem-" + at);
        StepFields fields = StepFields.above(words, problem);
        TextField what =
                fields.field(
                        "readingWhat-" + at,
                        "step.readingWhat",
                        r.what(),
                        text -> put(step, at, r.withWhat(text)));
        TextField count =
                fields.field(
                        "readingCount-" + at,
                        "step.readingCount",
                        "" + r.count(),
                        text -> put(step, at, r.withCount(TypedNumber.needed(text))));
        Controls.width(count, COUNT);
        TextField limit =
                fields.field(
                        "readingLimit-" + at,
                        "step.readingLimit",
                        r.known().map(Quantity::print).orElse(""),
                        text ->
                                put(
                                        step,
                                        at,
                                        r.withLimit(
                                                text.isEmpty() && r.answer() != null
                                                        ? null
                                                        : limit(text))));
        TextField otherwise =
                fields.field(
                        "readingOtherwise-" + at,
                        "step.readingOtherwise",
                        r.otherwise(),
                        text -> put(step, at, r.withOtherwise(text)));
        TextField sizes =
                fields.field(
                        "readingSizes-" + at,
                        "step.readingSizes",
                        sizes(r.fit()),
                        text -> put(step, at, r.withFit(fit(text, r.fit()))));
        UnitsButton units =
                new UnitsButton(project, "reading-" + at, words.of("step.readingUnits"));
        units.show(r.applicability(), a -> put(step, at, r.withApplicability(a)));
        VBox all =
                new VBox(
                        3,
                        StepFields.row(
                                what,
                                count,
                                fields.out("deleteReading-" + at, () -> put(step, at, null))),
                        StepFields.row(limit, instrument(step, at, r)));
        if (r.limit() instanceof Value.Open open) {
            all.getChildren()
                    .add(
                            new DocumentRow(
                                    project,
                                    "reading-" + at,
                                    open,
                                    v -> put(step, at, r.withLimit(v))));
        }
        all.getChildren().add(otherwise);
        String more = step.id() + "#" + at;
        if (rarelySaid(r) || opened.contains(more)) {
            all.getChildren().addAll(answer(step, at, fields));
            all.getChildren().addAll(sizes, units);
        } else {
            all.getChildren()
                    .add(
                            Controls.link(
                                    "moreOfReading-" + at,
                                    words.of("step.readingMore"),
                                    () -> {
                                        opened.add(more);
                                        VBox whole =
                                                reading(
                                                        project.manual()
                                                                .step(step.id())
                                                                .orElse(step),
                                                        at);
                                        all.getChildren().setAll(whole.getChildren());
                                    }));
        }
        all.getChildren().add(problem);
        return all;
    }

    private static boolean rarelySaid(Reading r) {
        return !r.equals(
                Reading.of(r.what(), r.limit(), r.count(), r.tool())
                        .withId(r.id())
                        .withOtherwise(r.otherwise()));
    }

    // ---------------------------------------------------------------- how it is answered

    /** How the answer is given. */
    private enum Kind {
        NUMBER,
        CHOICE,
        WRITTEN,
        NOTED,
        RECKONED
    }

    private static Kind kind(Answer answer) {
        if (answer == null) {
            return Kind.NUMBER;
        }
        if (answer instanceof Answer.Choice) {
            return Kind.CHOICE;
        }
        if (answer instanceof Answer.Written) {
            return Kind.WRITTEN;
        }
        return answer instanceof Answer.Noted ? Kind.NOTED : Kind.RECKONED;
    }

    /** A choice with yes and no at first; what is typed makes it another. */
    private Answer fresh(Kind kind, Reading r) {
        String unit = r.known().map(Quantity::unit).map(MeasureUnit::symbol).orElse("mm");
        return switch (kind) {
            case NUMBER -> null;
            case CHOICE ->
                    new Answer.Choice(
                            List.of(words.of("step.yes"), words.of("step.no")),
                            List.of(words.of("step.yes")));
            case WRITTEN -> new Answer.Written(List.of());
            case NOTED -> new Answer.Noted(unit);
            case RECKONED -> new Answer.Reckoned("", unit);
        };
    }

    private List<Node> answer(Step step, int at, StepFields fields) {
        Reading r = step.readings().get(at);
        ComboBox<Kind> kind =
                Controls.named(
                        new ComboBox<>(FXCollections.observableArrayList(Kind.values())),
                        "readingKind-" + at,
                        words.of("step.readingKind"));
        kind.setConverter(new NameConverter<>(k -> words.of("Answer." + k)));
        kind.setValue(kind(r.answer()));
        kind.setMaxWidth(Double.MAX_VALUE);
        kind.setOnAction(
                e -> {
                    Answer fresh = fresh(kind.getValue(), r);
                    // what asks for no limit has none that is open
                    boolean open = fresh != null && r.open().isPresent();
                    put(step, at, r.withAnswer(fresh).withLimit(open ? null : r.limit()));
                });
        List<Node> nodes = new ArrayList<>(List.of(kind));
        if (r.answer() != null) {
            nodes.add(
                    fields.field(
                            "readingAnswer-" + at,
                            "step.readingAnswer." + kind(r.answer()),
                            AnswerText.text(r.answer()),
                            text ->
                                    put(
                                            step,
                                            at,
                                            r.withAnswer(AnswerText.parse(r.answer(), text)))));
        }
        nodes.add(against(step, at, r));
        nodes.add(
                fields.field(
                        "readingNames-" + at,
                        "step.readingNames",
                        String.join(", ", r.names()),
                        text -> put(step, at, r.withNames(TypedList.names(text)))));
        nodes.add(
                fields.field(
                        "readingSymbol-" + at,
                        "step.readingSymbol",
                        r.symbol(),
                        text -> put(step, at, r.withSymbol(AnswerText.symbol(text)))));
        return nodes;
    }

    /** The earlier reading that it is held against. */
    private ComboBox<Earlier> against(Step step, int at, Reading r) {
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        ComboBox<Earlier> box =
                Controls.named(
                        new ComboBox<>(), "readingAgainst-" + at, words.of("step.readingAgainst"));
        box.getItems().add(null);
        box.getItems().addAll(ConditionEdits.earlier(project.manual(), step.id(), at));
        box.setConverter(
                new NameConverter<>(
                        e ->
                                e == null
                                        ? words.of("step.readingAlone")
                                        : words.of(
                                                "step.readingLess",
                                                e.reading().what(),
                                                numbers.of(e.step()).orElse(0))));
        box.setValue(
                box.getItems().stream()
                        .filter(e -> e != null && e.reading().id() != null)
                        .filter(e -> e.reading().id().equals(r.against()))
                        .findFirst()
                        .orElse(null));
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(e -> project.apply(ConditionEdits.against(step.id(), at, box.getValue())));
        return box;
    }

    private void put(Step step, int at, Reading reading) {
        project.apply(StepEdits.reading(step.id(), at, reading));
    }

    private Value limit(String typed) {
        return typed.isEmpty()
                ? new Value.Open(words.of("step.limitOpen"), null)
                : new Value.Known(Quantity.parse(typed), List.of(), true);
    }

    private ComboBox<Tool> instrument(Step step, int at, Reading reading) {
        ComboBox<Tool> box =
                Controls.named(
                        new ComboBox<>(), "readingTool-" + at, words.of("decision.instrument"));
        box.getItems().add(null);
        box.getItems()
                .addAll(
                        project.manual().tools().stream()
                                .filter(t -> t.kind() == Tool.Kind.MEASURING)
                                .toList());
        box.setConverter(
                new NameConverter<>(
                        t -> t == null ? words.of("decision.noInstrument") : t.label()));
        box.setValue(
                reading.tool() == null ? null : project.manual().tool(reading.tool()).orElse(null));
        box.setPrefWidth(120);
        box.setOnAction(
                e ->
                        put(
                                step,
                                at,
                                reading.withTool(
                                        box.getValue() == null ? null : box.getValue().id())));
        return box;
    }

    private static String sizes(Fit fit) {
        return fit == null ? "" : StockedSizes.print(fit);
    }

    private Fit fit(String typed, Fit before) {
        return typed.isEmpty()
                ? null
                : StockedSizes.parse(typed, before == null ? null : before.part())
                        .orElseThrow(
                                () -> new IllegalArgumentException(words.of("step.readingSizes")));
    }
}
