package methodos.desktop.seam;

import java.util.List;
import java.util.function.Function;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import methodos.core.description.Id;
import methodos.core.edit.StepEdits;
import methodos.core.finding.Finding;
import methodos.core.finding.Rule;
import methodos.core.hazard.HazardRule;
import methodos.core.manual.Hazard;
import methodos.core.manual.Step;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;
import methodos.desktop.unit.UnitsButton;

/** The statements that stand before a step, each with its four parts, and those it asks for. */
final class StepHazards {

    private final OpenProject project;
    private final Words words;

    /** The statements that the rules miss, made anew while the fields stay. */
    private final VBox offers = new VBox(8);

    StepHazards(OpenProject project) {
        this.project = project;
        this.words = project.words();
    }

    Node statements(Step step) {
        VBox all = new VBox(8);
        for (int i = 0; i <= step.hazards().size(); i++) {
            all.getChildren().add(statement(step, i));
        }
        offer(step);
        all.getChildren().add(offers);
        return all;
    }

    /** One statement; behind the last an empty one, to be begun with its signal word. */
    private VBox statement(Step step, int at) {
        boolean there = at < step.hazards().size();
        Hazard now = there ? step.hazards().get(at) : null;
        String suffix = at == 0 ? "" : "-" + at;
        ComboBox<Hazard.SignalWord> signal =
                Controls.named(
                        new ComboBox<>(
                                FXCollections.observableArrayList(Hazard.SignalWord.values())),
                        "hazardSignal" + suffix,
                        words.of("step.signal"));
        signal.getItems().add(0, null);
        signal.setConverter(NameConverter.of(words));
        signal.setPromptText(words.of(at == 0 ? "step.noHazard" : "step.moreHazard"));
        signal.setMaxWidth(Double.MAX_VALUE);
        signal.setValue(there ? now.signal() : null);
        VBox box = new VBox(4, signal);
        signal.setOnAction(e -> signal(step, at, now, signal.getValue()));
        if (there) {
            box.getChildren()
                    .addAll(
                            field(
                                    "hazardWhat" + suffix,
                                    "step.hazardWhat",
                                    now.hazard(),
                                    step,
                                    at,
                                    now::withHazard),
                            field(
                                    "hazardHarm" + suffix,
                                    "step.hazardHarm",
                                    now.consequence(),
                                    step,
                                    at,
                                    now::withConsequence),
                            field(
                                    "hazardAvoid" + suffix,
                                    "step.hazardAvoid",
                                    now.avoidance(),
                                    step,
                                    at,
                                    now::withAvoidance),
                            units(step, at, now, suffix));
        }
        return box;
    }

    private void signal(Step step, int at, Hazard now, Hazard.SignalWord word) {
        Hazard next =
                word == null
                        ? null
                        : now == null ? new Hazard(word, "", "", "") : now.withSignal(word);
        if (next != null || now != null) {
            project.apply(StepEdits.hazard(step.id(), at, next));
        }
    }

    private UnitsButton units(Step step, int at, Hazard now, String suffix) {
        UnitsButton units =
                new UnitsButton(project, "hazard" + suffix, words.of("step.hazardUnits"));
        units.show(
                now.applicability(),
                a -> project.apply(StepEdits.hazard(step.id(), at, now.withApplicability(a))));
        return units;
    }

    private TextField field(
            String id,
            String key,
            String value,
            Step step,
            int at,
            Function<String, Hazard> changed) {
        TextField field = Controls.named(new TextField(value), id, words.of(key));
        Controls.kept(
                field,
                typed -> project.apply(StepEdits.hazard(step.id(), at, changed.apply(typed))));
        return field;
    }

    /** The names of the rules that miss a statement at a step. */
    private List<String> missed(Id<Step> step) {
        return project.checked().get().stream()
                .flatMap(r -> r.findings().stream())
                .filter(f -> f.rule() == Rule.HAZARD_MISSING && f.steps().contains(step))
                .map(Finding::subject)
                .toList();
    }

    /** What the rules miss at this step can be put in with their words. */
    void offer(Step step) {
        List<String> missed = missed(step.id());
        offers.getChildren()
                .setAll(
                        project.checks().hazardRules().list().stream()
                                .filter(rule -> missed.contains(rule.name()))
                                .map(rule -> proposal(step, rule))
                                .toList());
        Controls.seen(offers, !offers.getChildren().isEmpty());
    }

    private Button proposal(Step step, HazardRule rule) {
        return Controls.link(
                "proposeHazard",
                words.of("step.proposeHazard", rule.name()),
                () ->
                        project.apply(
                                StepEdits.hazard(
                                        step.id(), step.hazards().size(), rule.statement())));
    }
}
