package methodos.desktop.checks;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.edit.CheckEdits;
import methodos.core.finding.Finding;
import methodos.core.manual.Acceptance;
import methodos.core.manual.Evidence;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** The chosen finding: why it matters, where it is, what was said there, and what to do with it. */
final class FindingPanel extends VBox {

    private static final int MOST_STEPS = 4;

    private final OpenProject project;
    private final Words words;
    private final Consumer<OpenPoint> go;
    private final Consumer<String> message;
    private Shown shown;
    private TextField reason = new TextField();
    private TextField person = new TextField();

    FindingPanel(OpenProject project, Consumer<String> message, Consumer<OpenPoint> go) {
        super(6);
        this.project = project;
        this.words = project.words();
        this.go = go;
        this.message = message;
        setId("findingPanel");
        setPadding(new Insets(10, 12, 12, 16));
        getStyleClass().add("finding-panel");
        clear();
    }

    /** What the panel is made of; while it is the same, what is being typed stays. */
    private record Shown(FindingRow.Found found, Acceptance accepted, Sight sight) {}

    /** Nothing is chosen. */
    void clear() {
        shown = null;
        getChildren().setAll(Controls.prose(words.of("finding.none"), "soft"));
    }

    /** Puts the cursor to where the reason goes for which a finding is accepted. */
    void askReason() {
        reason.requestFocus();
    }

    void show(FindingRow.Found found, Acceptance accepted) {
        Shown now = new Shown(found, accepted, project.sight().get());
        if (!now.equals(shown)) {
            shown = now;
            Controls.anew(this, () -> fill(found, accepted));
        }
    }

    private void fill(FindingRow.Found found, Acceptance accepted) {
        Finding finding = found.finding();
        getChildren()
                .setAll(
                        Controls.prose(words.of("finding.why." + finding.rule().name()), "soft"),
                        steps(finding));
        said(finding);
        if (accepted == null) {
            getChildren().add(acceptance(finding));
        } else {
            getChildren()
                    .addAll(
                            Controls.prose(
                                    words.of(
                                            "finding.accepted",
                                            accepted.person(),
                                            accepted.date(),
                                            accepted.reason())),
                            Controls.link(
                                    "reopen",
                                    words.of("finding.reopen"),
                                    () -> project.apply(CheckEdits.reopen(finding))));
        }
    }

    private Node steps(Finding finding) {
        FlowPane steps = new FlowPane(10, 2);
        Manual manual = project.manual();
        StepNumbers numbers = new StepNumbers(manual, project.sight().get());
        finding.steps().stream()
                .limit(MOST_STEPS)
                .flatMap(s -> manual.step(s).stream())
                .forEach(
                        s ->
                                steps.getChildren()
                                        .add(
                                                Controls.link(
                                                        "findingStep",
                                                        name(s, numbers),
                                                        () ->
                                                                go.accept(
                                                                        OpenPoint.toStep(
                                                                                s.id())))));
        return steps;
    }

    private String name(Step step, StepNumbers numbers) {
        String text = step.text();
        String start = text.length() <= 46 ? text : text.substring(0, 44).stripTrailing() + "…";
        var number = numbers.of(step.id());
        return number.isPresent()
                ? words.of("finding.step", number.getAsInt(), start)
                : words.of("finding.otherUnits", start);
    }

    /** What was said where the matter was opened. */
    private void said(Finding finding) {
        finding.steps().stream()
                .limit(1)
                .flatMap(s -> project.manual().step(s).stream())
                .flatMap(s -> s.evidence().stream())
                .filter(e -> e instanceof Evidence.Recorded r && !r.quote().isBlank())
                .findFirst()
                .ifPresent(
                        e ->
                                getChildren()
                                        .add(
                                                Controls.prose(
                                                        "“" + ((Evidence.Recorded) e).quote() + "”",
                                                        "quote")));
    }

    private Node acceptance(Finding finding) {
        reason = Controls.named(new TextField(), "acceptReason", words.of("finding.reason"));
        reason.setPrefColumnCount(18);
        person =
                Controls.named(
                        new TextField(lastPerson()), "acceptPerson", words.of("finding.person"));
        person.setPrefColumnCount(8);
        Button accept =
                Controls.button("accept", words.of("finding.accept"), () -> accept(finding));
        reason.setOnAction(e -> accept(finding));
        person.setOnAction(e -> accept(finding));
        return Controls.row(6, reason, person, accept);
    }

    /** Who accepted last in this manual is likely to do it again. */
    private String lastPerson() {
        List<Acceptance> all = project.manual().acceptances();
        return all.isEmpty() ? "" : all.get(all.size() - 1).person();
    }

    private void accept(Finding finding) {
        String why = reason.getText().strip();
        String who = person.getText().strip();
        if (why.isEmpty() || who.isEmpty()) {
            message.accept(words.of("finding.needsReason"));
            (why.isEmpty() ? reason : person).requestFocus();
            return;
        }
        project.apply(CheckEdits.accept(finding, why, who, LocalDate.now().toString()));
        message.accept(words.of("finding.acceptedNow"));
    }
}
