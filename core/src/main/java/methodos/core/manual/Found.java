package methodos.core.manual;

import methodos.core.description.Id;
import methodos.core.description.Required;
import methodos.core.description.ToldApartBy;

/** What an earlier step or the search for a fault has to have found for a step to be done. */
@ToldApartBy("kind")
public sealed interface Found {

    /** A reading lies outside its limit, or is answered badly. */
    record Outside(@Required Id<Reading> reading) implements Found {}

    /** What is judged by eye is bad. */
    record Fails(@Required Id<Look> look) implements Found {}

    /** The search for what is wrong ended with a cause. */
    record Cause(@Required Id<Symptom> symptom, String cause) implements Found {
        public Cause {
            cause = cause == null ? "" : cause;
        }
    }

    /** A decision came to a verdict. */
    record Decided(@Required Id<Decision> decision, String verdict) implements Found {
        public Decided {
            verdict = verdict == null ? "" : verdict;
        }
    }
}
