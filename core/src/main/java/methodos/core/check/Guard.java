package methodos.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import methodos.core.manual.Manual;
import methodos.core.practice.PractisedManual;

/**
 * Works things out of a manual one by one. What fails takes only itself away, is remembered with
 * what is to blame for it, and the rest goes on.
 */
final class Guard {

    private final List<Failed> failed = new ArrayList<>();

    /**
     * @param what key of the name of what is worked out
     * @param otherwise what there is instead where it fails
     */
    <T> T of(String what, Manual manual, Function<Manual, T> derivation, T otherwise) {
        try {
            return derivation.apply(manual);
        } catch (RuntimeException | StackOverflowError e) {
            Blame blame = Blame.of(manual, derivation);
            failed.add(new Failed(what, blame.step(), blame.path(), e));
            return otherwise;
        }
    }

    /**
     * The same of a manual as it is carried out.
     *
     * @param what key of the name of what is worked out
     * @param otherwise what there is instead where it fails
     */
    <T> T of(
            String what,
            PractisedManual practised,
            Function<PractisedManual, T> derivation,
            T otherwise) {
        try {
            return derivation.apply(practised);
        } catch (RuntimeException | StackOverflowError e) {
            Blame blame =
                    Blame.of(practised.manual(), m -> derivation.apply(PractisedManual.of(m)));
            failed.add(new Failed(what, blame.step(), blame.path(), e));
            return otherwise;
        }
    }

    List<Failed> failed() {
        return List.copyOf(failed);
    }
}
