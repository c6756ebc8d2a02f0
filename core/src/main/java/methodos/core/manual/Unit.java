package methodos.core.manual;

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
public record Unit(
        String name,
        String maker,
        String type,
        List<Model> models,
        List<UnitOption> options,
        String interval,
        String duty,
        String soundness,
        String plate) {
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

    public static Unit unnamed() {
        return new Unit("", "", "", List.of(), List.of(), "", "", "", "");
    }

    public Unit withName(String v) {
        return new Unit(v, maker, type, models, options, interval, duty, soundness, plate);
    }

    public Unit withMaker(String v) {
        return new Unit(name, v, type, models, options, interval, duty, soundness, plate);
    }

    public Unit withType(String v) {
        return new Unit(name, maker, v, models, options, interval, duty, soundness, plate);
    }

    public Unit withModels(List<Model> v) {
        return new Unit(name, maker, type, v, options, interval, duty, soundness, plate);
    }

    public Unit withInterval(String v) {
        return new Unit(name, maker, type, models, options, v, duty, soundness, plate);
    }

    public Unit withDuty(String v) {
        return new Unit(name, maker, type, models, options, interval, v, soundness, plate);
    }

    public Unit withSoundness(String v) {
        return new Unit(name, maker, type, models, options, interval, duty, v, plate);
    }
}
