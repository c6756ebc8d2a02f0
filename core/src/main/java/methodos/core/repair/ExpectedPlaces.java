package methodos.core.repair;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/**
 * Where what came off should go on again: with what came off in the same step, else behind what
 * came off just after it, else before what came off just before it. Made in one walk over the
 * manual.
 */
public final class ExpectedPlaces {

    /** The parts that come off, in the order of the steps. */
    private final List<Id<Part>> off = new ArrayList<>();

    /** By the id of a step, the first and last of its parts in that order. */
    private final Map<Id<Step>, int[]> ofStep = new HashMap<>();

    /** The last step of the build-up that puts a part on, by its place there. */
    private final Map<Id<Part>, Integer> on = new HashMap<>();

    private final Optional<Stage> buildUp;

    /**
     * @param manual whose take-down says in which order things come off
     */
    public ExpectedPlaces(Manual manual) {
        buildUp = manual.stage(Stage.Kind.BUILD_UP);
        for (Stage stage : manual.stages()) {
            for (Step step : stage.steps()) {
                for (PartUse use : step.parts()) {
                    if (use.in(stage.kind()) == Handling.TAKEN_OFF) {
                        int at = off.size();
                        off.add(use.part());
                        ofStep.merge(
                                step.id(), new int[] {at, at}, (a, b) -> new int[] {a[0], b[1]});
                    }
                }
            }
        }
        buildUp.ifPresent(this::puts);
    }

    private void puts(Stage stage) {
        for (int i = 0; i < stage.steps().size(); i++) {
            for (PartUse use : stage.steps().get(i).parts()) {
                if (use.in(stage.kind()) == Handling.PUT_ON) {
                    on.put(use.part(), i);
                }
            }
        }
    }

    /**
     * Nothing where the manual has no stage for building up.
     *
     * @param takenOffIn id of the step in which it came off
     */
    public Optional<ExpectedPlace> of(Id<Step> takenOffIn) {
        return buildUp.map(stage -> new ExpectedPlace(stage.id(), place(takenOffIn, stage)));
    }

    private int place(Id<Step> takenOffIn, Stage stage) {
        int[] own = ofStep.get(takenOffIn);
        if (own != null) {
            for (int i = own[0]; i < off.size(); i++) {
                Integer at = on.get(off.get(i));
                if (at != null) {
                    return at + 1;
                }
            }
            for (int i = own[0] - 1; i >= 0; i--) {
                Integer at = on.get(off.get(i));
                if (at != null) {
                    return at;
                }
            }
        }
        return stage.steps().size();
    }
}
