package methodos.desktop.unit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import methodos.core.description.Id;
import methodos.core.edit.StoreEdits;
import methodos.core.edit.UnitEdits;
import methodos.core.manual.Energy;
import methodos.core.manual.Joint;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.typed.TypedList;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** The chosen energy: how it is made safe, in which steps, and what of the unit it moves. */
final class EnergyEditor extends VBox {

    private final OpenProject project;
    private final Words words;
    private final Energy energy;
    private final Label problem = Controls.prose("", "problem");

    /**
     * @param done called when it is deleted, or another one is to be chosen
     */
    EnergyEditor(OpenProject project, Energy energy, Runnable done) {
        super(6);
        this.project = project;
        this.words = project.words();
        this.energy = energy;
        problem.setId("energyProblem");
        Controls.seen(problem, false);
        getChildren().add(Controls.label(words.of("energy.chosen"), "panel-head"));
        field("energyName", "energy.name", Energy::name, Energy::withName);
        field("energyAmount", "energy.amount", Energy::amount, Energy::withAmount);
        field("energyHow", "energy.how", Energy::madeSafe, Energy::withMadeSafe);
        field(
                "energySafe",
                "energy.safe",
                e -> steps(e.safeSteps()),
                (e, typed) -> e.withSafeSteps(steps(typed)));
        field(
                "energyBack",
                "energy.back",
                e -> steps(e.restoreSteps()),
                (e, typed) -> e.withRestoreSteps(steps(typed)));
        field(
                "energyParts",
                "energy.parts",
                e -> StoreEdits.items(project.manual(), e.parts()),
                (e, typed) -> e.withParts(StoreEdits.items(project.manual(), typed)));
        field(
                "energyJoints",
                "energy.joints",
                e -> joints(e.joints()),
                (e, typed) -> e.withJoints(joints(typed)));
        getChildren()
                .addAll(
                        problem,
                        new UnitsChooser(
                                project,
                                "energy",
                                energy.applicability(),
                                a -> change(e -> e.withApplicability(a))),
                        Controls.row(
                                10,
                                Controls.link(
                                        "deleteEnergy",
                                        words.of("energy.delete"),
                                        () -> {
                                            project.apply(UnitEdits.deleteEnergy(energy.id()));
                                            done.run();
                                        }),
                                Controls.link("otherEnergy", words.of("energy.done"), done)));
    }

    private void change(Function<Energy, Energy> changed) {
        project.apply(UnitEdits.energy(energy.id(), changed::apply));
    }

    private void field(
            String id,
            String key,
            Function<Energy, String> read,
            BiFunction<Energy, String, Energy> write) {
        TextField field = Controls.named(new TextField(read.apply(energy)), id, words.of(key));
        Controls.kept(
                field,
                typed -> {
                    Energy now = project.manual().energy(energy.id()).orElse(energy);
                    Energy next = write.apply(now, typed);
                    Controls.seen(problem, false);
                    change(e -> next);
                },
                sentence -> {
                    problem.setText(sentence);
                    Controls.seen(problem, true);
                });
        getChildren().addAll(Controls.label(words.of(key), "soft"), field);
    }

    private StepNumbers numbers() {
        return new StepNumbers(project.manual(), project.sight().get());
    }

    private String steps(List<Id<Step>> ids) {
        return numbers().of(ids).stream().map(String::valueOf).collect(Collectors.joining(", "));
    }

    /**
     * @throws IllegalArgumentException if there is no step of a number
     */
    private List<Id<Step>> steps(String typed) {
        StepNumbers numbers = numbers();
        List<Id<Step>> ids = new ArrayList<>();
        for (String number : TypedList.names(typed)) {
            ids.add(
                    numbers.step(number)
                            .orElseThrow(
                                    () ->
                                            new IllegalArgumentException(
                                                    words.of("energy.noStep", number))));
        }
        return ids;
    }

    private String joints(List<Id<Joint>> ids) {
        return ids.stream()
                .flatMap(j -> project.manual().joint(j).stream())
                .map(Joint::name)
                .collect(Collectors.joining(", "));
    }

    /**
     * @throws IllegalArgumentException if there is no joint of a name
     */
    private List<Id<Joint>> joints(String typed) {
        List<Id<Joint>> ids = new ArrayList<>();
        for (String name : TypedList.names(typed)) {
            ids.add(
                    project.manual().joints().stream()
                            .filter(j -> j.name().equalsIgnoreCase(name))
                            .map(Joint::id)
                            .findFirst()
                            .orElseThrow(
                                    () ->
                                            new IllegalArgumentException(
                                                    words.of("energy.noJoint", name))));
        }
        return ids;
    }
}
