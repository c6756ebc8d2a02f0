package methodos.core.manual;

import java.util.List;

/** A part of the work with its steps in order. */
public record Stage(String id, Kind kind, String title, List<Step> steps) {

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

    public Stage withSteps(List<Step> v) {
        return new Stage(id, kind, title, v);
    }
}
