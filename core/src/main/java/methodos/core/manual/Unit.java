package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * What the manual is about.
 *
 * @param name what it is, such as "Quarter-turn actuator, pneumatic"
 * @param interval how often the job is due, in words
 * @param duty who may do the work, in words
 * @param soundness what a good unit does at the end, in words
 * @param plate further lines of the type plate
 */
@RecordBuilder
public record Unit(
        String name,
        String maker,
        String type,
        List<Model> models,
        List<UnitOption> options,
        String interval,
        String duty,
        String soundness,
        String plate)
        implements UnitBuilder.With {
    public Unit {
        models = models == null ? List.of() : List.copyOf(models);
        options = options == null ? List.of() : List.copyOf(options);
        name = text(name);
        maker = text(maker);
        type = text(type);
        interval = text(interval);
        duty = text(duty);
        soundness = text(soundness);
        plate = text(plate);
    }

    private static String text(String value) {
        return value == null ? "" : value;
    }

    /** A unit of which nothing is said. */
    public static Unit unnamed() {
        return new Unit("", "", "", List.of(), List.of(), "", "", "", "");
    }
}
