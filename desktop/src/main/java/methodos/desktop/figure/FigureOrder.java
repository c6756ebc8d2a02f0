package methodos.desktop.figure;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.desktop.project.OpenProject;

/** The figures in the order of the steps that show them; those of no step come last. */
final class FigureOrder {

    private final OpenProject project;

    FigureOrder(OpenProject project) {
        this.project = project;
    }

    /** The ids of all figures. */
    List<Id<Figure>> all() {
        Manual manual = project.manual();
        Set<Id<Figure>> ids = new LinkedHashSet<>();
        manual.steps()
                .flatMap(s -> s.figures().stream())
                .forEach(
                        id -> {
                            ids.add(id);
                            manual.figure(id).ifPresent(f -> ids.addAll(f.beside()));
                        });
        manual.figures().forEach(f -> ids.add(f.id()));
        return ids.stream().filter(id -> manual.figure(id).isPresent()).toList();
    }

    /** The step that shows a figure, or shows the one beside which it stands. */
    Optional<Step> stepOf(Id<Figure> id) {
        Manual manual = project.manual();
        return manual.steps()
                .filter(
                        s ->
                                s.figures().stream()
                                        .anyMatch(
                                                f ->
                                                        f.equals(id)
                                                                || manual.figure(f)
                                                                        .filter(
                                                                                x ->
                                                                                        x.beside()
                                                                                                .contains(
                                                                                                        id))
                                                                        .isPresent()))
                .findFirst();
    }

    /** The steps in sight that have no figure. */
    List<Step> lacking() {
        return project.manual()
                .steps()
                .filter(s -> s.figures().isEmpty())
                .filter(s -> s.applicability().concerns(project.sight().get()))
                .toList();
    }

    /** The next of them behind the step of a figure, or the first. */
    Optional<Step> nextLacking(Id<Figure> figure) {
        List<Id<Step>> all = project.manual().steps().map(Step::id).toList();
        int here = stepOf(figure).map(s -> all.indexOf(s.id())).orElse(-1);
        List<Step> lacking = lacking();
        return lacking.stream()
                .filter(s -> all.indexOf(s.id()) > here)
                .findFirst()
                .or(() -> lacking.stream().findFirst());
    }
}
