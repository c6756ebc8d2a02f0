package methodos.desktop.seam;

import java.util.Optional;
import javafx.scene.control.Label;
import methodos.core.figure.ProposedStill;
import methodos.core.manual.Step;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.drafting.ProposedStills;
import methodos.desktop.footage.FootageClock;
import methodos.desktop.project.OpenProject;

/** What a draft tells of a step before somebody has agreed to it: its still. */
final class DraftTold {

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
}
