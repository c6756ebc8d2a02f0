package methodos.desktop.seam;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import methodos.core.figure.ProposedStill;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.narration.DraftedStep;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.drafting.ProposedStills;
import methodos.desktop.footage.FootageClock;
import methodos.desktop.project.OpenProject;

/** What a draft tells of a step before somebody has agreed to it: its still, and its doubts. */
final class DraftTold {

    /** A doubt of which the draft names the word that is in doubt. */
    private static final String UNIT = "unit";

    private static final String ACTION = "action";

    private static final double SAME = 1e-6;

    private final OpenProject project;
    private final ProposedStills stills;
    private final Words words;

    DraftTold(OpenProject project, ProposedStills stills) {
        this.project = project;
        this.stills = stills;
        this.words = project.words();
    }

    /** Which still is proposed, and why this one. */
    Optional<Label> still(Step step) {
        return stills.of(step).map(this::still);
    }

    private Label still(ProposedStill proposed) {
        double start =
                project.manual()
                        .clip(proposed.still().clip())
                        .map(project.manual()::cameraStart)
                        .orElse(0.0);
        String time = FootageClock.exact(start + proposed.still().time());
        Label label =
                Controls.prose(words.of("step.stillProposed", time, proposed.words()), "soft");
        label.setId("proposedStill");
        return label;
    }

    /** What in particular is uncertain. */
    Optional<Label> doubts(Step step) {
        if (step.accepted() || step.spans().isEmpty()) {
            return Optional.empty();
        }
        Span span = step.spans().get(0);
        return project.workspace().get().draft(span.clip()).stream()
                .flatMap(draft -> draft.steps().stream())
                .filter(s -> Math.abs(s.start() - span.start()) < SAME)
                .filter(s -> Math.abs(s.end() - span.end()) < SAME)
                .map(DraftedStep::unsure)
                .filter(unsure -> !unsure.isEmpty())
                .map(this::doubts)
                .findFirst();
    }

    private String doubt(String what) {
        return switch (what) {
            case UNIT -> words.of("step.unsureUnit");
            case ACTION -> words.of("step.unsureAction");
            default -> words.of("step.unsureWord", what);
        };
    }

    private Label doubts(List<String> unsure) {
        String told = unsure.stream().distinct().map(this::doubt).collect(Collectors.joining("; "));
        Label label = Controls.prose(told, "open");
        label.setId("doubts");
        return label;
    }
}
