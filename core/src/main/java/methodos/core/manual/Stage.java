package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/** A part of the work with its steps in order. */
@RecordBuilder
public record Stage(String id, Kind kind, String title, List<Step> steps)
        implements StageBuilder.With {

    /** The five kinds, in the order in which a job goes through them. */
    public enum Kind {
        PREPARE,
        TAKE_DOWN,
        INSPECT,
        BUILD_UP,
        TEST
    }

    public Stage {
        steps = steps == null ? List.of() : List.copyOf(steps);
        title = title == null ? "" : title;
    }
}
