package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.description.Required;

/** A part of the work with its steps in order. */
@RecordBuilder
public record Stage(Id<Stage> id, @Required Kind kind, String title, List<Step> steps)
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
