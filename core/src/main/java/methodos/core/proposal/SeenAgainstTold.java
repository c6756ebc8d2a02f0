package methodos.core.proposal;

import java.util.ArrayList;
import java.util.List;
import methodos.core.change.SeenChange;
import methodos.core.change.SeenSpan;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/** Where what the film shows of a step and what the step tells differ. */
public final class SeenAgainstTold {

    /** Less sure changes contradict nobody. */
    private static final double SURE = .5;

    /** Something that covers less of the picture may be dirt or a shadow. */
    private static final double LARGE = .004;

    private SeenAgainstTold() {}

    /** What differs. */
    public enum Kind {
        /** Parts are told to come off, and nothing is gone. */
        NOTHING_GONE,
        /** Parts are told to go on, and nothing is new. */
        NOTHING_NEW,
        /** Fewer things changed than are told. */
        FEWER,
        /** Something is gone that nobody told. */
        UNTOLD
    }

    /**
     * @param told how many things the step tells
     * @param seen how many changed
     */
    public record Difference(Kind kind, int told, int seen) {}

    /** Empty where they agree, and where the film shows too little to say. */
    public static List<Difference> of(Manual manual, Step step, SeenSpan seen) {
        Stage.Kind stage = manual.stageOf(step.id()).map(Stage::kind).orElse(Stage.Kind.TAKE_DOWN);
        int off = count(step, stage, PartUse.Handling.TAKEN_OFF);
        int on = count(step, stage, PartUse.Handling.PUT_ON);
        List<SeenChange> gone = sure(seen, SeenChange.Kind.GONE);
        List<SeenChange> fresh = sure(seen, SeenChange.Kind.NEW);
        List<Difference> all = new ArrayList<>();
        if (off > 0 && gone.isEmpty()) {
            all.add(new Difference(Kind.NOTHING_GONE, off, 0));
        } else if (on > 0 && fresh.isEmpty()) {
            all.add(new Difference(Kind.NOTHING_NEW, on, 0));
        } else if (off > gone.size() && gone.size() > 1) {
            all.add(new Difference(Kind.FEWER, off, gone.size()));
        } else if (on > fresh.size() && fresh.size() > 1) {
            all.add(new Difference(Kind.FEWER, on, fresh.size()));
        } else if (off == 0 && on == 0 && step.parts().isEmpty()) {
            int large = (int) gone.stream().filter(c -> c.width() * c.height() > LARGE).count();
            if (large > 0) {
                all.add(new Difference(Kind.UNTOLD, 0, large));
            }
        }
        return all;
    }

    private static int count(Step step, Stage.Kind stage, PartUse.Handling handling) {
        return step.parts().stream()
                .filter(u -> u.in(stage) == handling)
                .mapToInt(PartUse::count)
                .sum();
    }

    private static List<SeenChange> sure(SeenSpan seen, SeenChange.Kind kind) {
        return seen.changes().stream().filter(c -> c.kind() == kind && c.sure() >= SURE).toList();
    }
}
