package methodos.core.edit;

import java.util.List;
import methodos.core.manual.Evidence;
import methodos.core.manual.Joint;
import methodos.core.manual.Look;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Value;

/**
 * Begins a manual with that of a like unit. Lists, steps and values are taken along as drafted, for
 * somebody to agree to; footage and figures show another unit and are left behind.
 */
public final class LikeUnit {

    private LikeUnit() {}

    /** A manual with all that another one says of the work, none of it agreed to. */
    public static Manual of(Manual other, String title) {
        return other.withTitle(title)
                .withClips(List.of())
                .withFigures(List.of())
                .withDismissals(List.of())
                .withProposals(List.of())
                .withAcceptances(List.of())
                .withTools(other.tools().stream().map(t -> t.withSketch(null)).toList())
                .withJoints(other.joints().stream().map(LikeUnit::drafted).toList())
                .withStages(other.stages().stream().map(LikeUnit::drafted).toList());
    }

    private static Stage drafted(Stage stage) {
        return stage.withSteps(stage.steps().stream().map(LikeUnit::drafted).toList());
    }

    private static Step drafted(Step step) {
        return step.withSpans(List.of())
                .withFigures(List.of())
                .withEvidence(unrecorded(step.evidence()))
                .withLooks(step.looks().stream().map(LikeUnit::unseen).toList())
                .withReadings(step.readings().stream().map(LikeUnit::drafted).toList())
                .withAccepted(false);
    }

    private static Look unseen(Look look) {
        return look.withFigure(null);
    }

    private static Reading drafted(Reading reading) {
        return reading.withLimit(drafted(reading.limit()));
    }

    private static Joint drafted(Joint joint) {
        return joint.withTorque(drafted(joint.torque()));
    }

    private static Value drafted(Value value) {
        return value instanceof Value.Known known
                ? new Value.Known(known.quantity(), unrecorded(known.evidence()), false)
                : value;
    }

    /** What is written in documents holds; what was said while another unit was filmed does not. */
    private static List<Evidence> unrecorded(List<Evidence> evidence) {
        return evidence.stream().filter(e -> !(e instanceof Evidence.Recorded)).toList();
    }
}
