package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import methodos.core.description.RefersTo;

/**
 * Something that is wrong with a unit, what to check in which order before anything is taken apart,
 * and what cures it.
 *
 * @param checks the first one first
 */
@RecordBuilder
public record Symptom(String id, String what, List<Check> checks) implements SymptomBuilder.With {

    /**
     * @param ask a question that is answered with yes or no
     * @param yes what follows, null while that is open
     * @param no what follows, null while that is open
     */
    @RecordBuilder
    public record Check(String id, String ask, Outcome yes, Outcome no)
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
    public record Outcome(
            @RefersTo(Symptom.Check.class) String check,
            String cause,
            @RefersTo(Step.class) List<String> steps) {
        public Outcome {
            steps = steps == null ? List.of() : List.copyOf(steps);
            cause = check == null && cause == null ? "" : cause; // not named yet
            if (check != null && cause != null) {
                throw new IllegalArgumentException("An answer leads to a check or to a cause.");
            }
        }

        public static Outcome next(String check) {
            return new Outcome(check, null, List.of());
        }

        public static Outcome cause(String cause, List<String> steps) {
            return new Outcome(null, cause, steps);
        }
    }

    public Symptom {
        what = what == null ? "" : what;
        checks = checks == null ? List.of() : List.copyOf(checks);
    }

    public java.util.Optional<Check> check(String id) {
        return checks.stream().filter(c -> c.id().equals(id)).findFirst();
    }
}
