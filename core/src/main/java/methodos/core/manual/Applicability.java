package methodos.core.manual;

import java.util.ArrayList;
import java.util.List;

/**
 * Which units something is for: those that meet any of the conditions; all where there is none.
 *
 * @param any the conditions, one of which has to hold
 */
public record Applicability(List<Condition> any) {

    public static final Applicability ALL = new Applicability(List.of());

    /**
     * @param models the models meant, all where empty
     * @param serials the serial numbers meant
     * @param with marks of options that the unit has to have
     * @param without marks of options that it must not have
     */
    public record Condition(
            List<String> models, SerialRange serials, List<String> with, List<String> without) {
        public Condition {
            models = models == null ? List.of() : List.copyOf(models);
            serials = serials == null ? SerialRange.ALL : serials;
            with = with == null ? List.of() : List.copyOf(with);
            without = without == null ? List.of() : List.copyOf(without);
        }

        /** Whatever the options. */
        public Condition(List<String> models, SerialRange serials) {
            this(models, serials, List.of(), List.of());
        }

        boolean holdsFor(Sight sight) {
            boolean model =
                    models.isEmpty() || sight.model() == null || models.contains(sight.model());
            return model
                    && serials.overlaps(sight.serials())
                    && with.stream().noneMatch(sight.without()::contains)
                    && without.stream().noneMatch(sight.with()::contains);
        }

        private boolean holdsForAll(Sight sight) {
            return (models.isEmpty() || sight.model() != null && models.contains(sight.model()))
                    && serials.contains(sight.serials())
                    && sight.with().containsAll(with)
                    && sight.without().containsAll(without);
        }

        private boolean everything() {
            return models.isEmpty() && serials.all() && with.isEmpty() && without.isEmpty();
        }
    }

    public Applicability {
        any = any == null ? List.of() : List.copyOf(any);
    }

    /** For the units of one condition. */
    public static Applicability of(Condition condition) {
        return condition.everything() ? ALL : new Applicability(List.of(condition));
    }

    /**
     * @param models all where empty
     */
    public static Applicability of(List<String> models, SerialRange serials) {
        return of(new Condition(models, serials));
    }

    /** For all units of a model. */
    public static Applicability model(String model) {
        return of(List.of(model), SerialRange.ALL);
    }

    /** For units of any model with these serial numbers. */
    public static Applicability serials(SerialRange serials) {
        return of(List.of(), serials);
    }

    /** The units of this and those that meet one of the conditions. */
    public Applicability or(List<Condition> more) {
        if (all() || more.isEmpty()) {
            return this;
        }
        List<Condition> conditions = new ArrayList<>(any);
        conditions.addAll(more);
        return new Applicability(conditions);
    }

    /** Whether it is for all units. */
    public boolean all() {
        return any.isEmpty();
    }

    /** Whether one of the conditions holds for each of the units that are looked at. */
    public boolean covers(Sight sight) {
        return any.isEmpty() || any.stream().anyMatch(c -> c.holdsForAll(sight));
    }

    /** Whether it concerns at least one of the units that are looked at. */
    public boolean concerns(Sight sight) {
        return any.isEmpty() || any.stream().anyMatch(c -> c.holdsFor(sight));
    }
}
