package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import methodos.core.description.Id;

/**
 * Something that is wrong with a unit, what to check in which order before anything is taken apart,
 * and what cures it.
 *
 * @param checks the first one first
 */
@RecordBuilder
public record Symptom(Id<Symptom> id, String what, List<Check> checks)
        implements SymptomBuilder.With {

    /**
     * @param ask a question that is answered with yes or no
     * @param yes what follows, null while that is open
     * @param no what follows, null while that is open
     */
    @RecordBuilder
    public record Check(Id<Symptom.Check> id, String ask, Outcome yes, Outcome no)
            implements SymptomCheckBuilder.With {
        public Check {
            ask = ask == null ? "" : ask;
        }
    }

    /**
     * Either another check or a cause.
     *
     * @param check id of the check that is next, null where there is a cause
     * @param cause what is the matter, null where there is another check
     * @param steps ids of the steps that cure it
     */
    public record Outcome(Id<Symptom.Check> check, String cause, List<Id<Step>> steps) {
        public Outcome {
            steps = steps == null ? List.of() : List.copyOf(steps);
            cause = check == null && cause == null ? "" : cause; // not named yet
            if (check != null && cause != null) {
                throw new IllegalArgumentException("An answer leads to a check or to a cause.");
            }
        }

        /** Another check follows. */
        public static Outcome next(Id<Symptom.Check> check) {
            return new Outcome(check, null, List.of());
        }

        /**
         * @param steps that cure it, none where it is not known
         */
        public static Outcome cause(String cause, List<Id<Step>> steps) {
            return new Outcome(null, cause, steps);
        }
    }

    public Symptom {
        what = what == null ? "" : what;
        checks = checks == null ? List.of() : List.copyOf(checks);
    }

    /** The check of an id; empty where there is none. */
    public java.util.Optional<Check> check(Id<Symptom.Check> id) {
        return checks.stream().filter(c -> c.id().equals(id)).findFirst();
    }
}
