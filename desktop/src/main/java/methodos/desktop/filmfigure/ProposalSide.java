package methodos.desktop.filmfigure;

import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import methodos.core.change.SeenSpan;
import methodos.core.description.Id;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Step;
import methodos.core.proposal.ProposedFigure;
import methodos.core.proposal.ProposedFigure.ProposedMark;
import methodos.core.proposal.SeenAgainstTold;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** Beside a proposal: its marks, the parts without one, and where film and words differ. */
final class ProposalSide extends VBox {

    private static final double WIDTH = 284;

    private final OpenProject project;
    private final Words words;
    private final IntConsumer take;
    private final VBox marks = new VBox(6);
    private final VBox differ = new VBox(4);

    /**
     * @param take takes the mark of an index away
     */
    ProposalSide(OpenProject project, IntConsumer take) {
        super(10);
        this.project = project;
        this.words = project.words();
        this.take = take;
        getChildren()
                .addAll(
                        Controls.prose(words.of("film.proposed"), "panel-head"),
                        marks,
                        differ,
                        Controls.prose(words.of("film.how"), "soft"));
        setPadding(new Insets(14));
        setPrefWidth(WIDTH);
        setMinWidth(WIDTH);
        getStyleClass().add("side");
    }

    void seen(boolean seen) {
        getChildren().forEach(n -> Controls.seen(n, seen));
    }

    /**
     * @param chosen index of the mark that is moved next
     */
    void show(ProposedFigure figure, Step step, Optional<SeenSpan> seen, int chosen) {
        marks.getChildren().clear();
        for (int i = 0; i < figure.marks().size(); i++) {
            marks.getChildren().add(button(figure.marks().get(i), i, i == chosen));
        }
        List<String> lacking = figure.lacking(step).stream().map(this::name).toList();
        if (!lacking.isEmpty()) {
            String named = String.join(", ", lacking);
            marks.getChildren().add(Controls.prose(words.of("film.lacking", named), "soft"));
        }
        differ.getChildren().clear();
        seen.map(s -> SeenAgainstTold.of(project.manual(), step, s)).orElse(List.of()).stream()
                .map(d -> words.of("film.differ." + d.kind(), d.told(), d.seen()))
                .forEach(said -> differ.getChildren().add(Controls.prose(said, "problem")));
    }

    private Button button(ProposedMark mark, int index, boolean chosen) {
        long percent = Math.round(100 * mark.sure());
        Button button =
                Controls.button(
                        "filmMark-" + (index + 1),
                        words.of("film.mark", index + 1, name(mark.mark()), percent),
                        () -> take.accept(index));
        button.getStyleClass().add(chosen ? "film-mark-chosen" : "film-mark");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setAlignment(Pos.CENTER_LEFT);
        return button;
    }

    private String name(Mark mark) {
        return mark instanceof Mark.OfPart of ? name(of.part()) : words.of("film.closer");
    }

    private String name(Id<Part> part) {
        return project.manual().part(part).map(Part::label).orElse("");
    }
}
