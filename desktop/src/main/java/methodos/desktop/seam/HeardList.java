package methodos.desktop.seam;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import methodos.core.description.Id;
import methodos.core.edit.StepQuestions;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** The parts that are named and stand in no list yet, each with the steps that name it. */
final class HeardList extends VBox {

    /** More are not told apart at a glance. */
    private static final int SHOWN = 8;

    private static final int STEPS = 6;

    private final OpenProject project;
    private final Consumer<Id<Step>> choose;

    HeardList(OpenProject project, Consumer<Id<Step>> choose) {
        super(4);
        this.project = project;
        this.choose = choose;
        setId("heardParts");
        managedProperty().bind(visibleProperty());
        project.workspace().addListener(o -> refresh());
        refresh();
    }

    private void refresh() {
        Manual manual = project.manual();
        List<Part> heard = StepQuestions.heard(manual);
        getChildren().clear();
        setVisible(!heard.isEmpty());
        if (heard.isEmpty()) {
            return;
        }
        getChildren()
                .add(Controls.label(project.words().of("seam.heard", heard.size()), "panel-head"));
        StepNumbers numbers = new StepNumbers(manual, project.sight().get());
        heard.stream().limit(SHOWN).forEach(p -> getChildren().add(line(p, manual, numbers)));
        if (heard.size() > SHOWN) {
            String more = project.words().of("points.more", heard.size() - SHOWN);
            getChildren().add(Controls.label(more, "soft"));
        }
    }

    private Button line(Part part, Manual manual, StepNumbers numbers) {
        List<Step> naming =
                manual.steps()
                        .filter(s -> s.parts().stream().anyMatch(u -> u.part().equals(part.id())))
                        .toList();
        String steps =
                naming.stream()
                        .map(s -> numbers.of(s.id()).orElse(0))
                        .limit(STEPS)
                        .map(n -> String.valueOf(n))
                        .collect(Collectors.joining(", "));
        return Controls.link(
                "heardPart-" + part.id(),
                project.words().of("seam.heardIn", part.label(), part.quantity(), steps),
                () -> naming.stream().findFirst().map(Step::id).ifPresent(choose));
    }
}
