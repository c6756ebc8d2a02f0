package methodos.core.ledger;

import java.util.Optional;
import methodos.core.manual.TighteningWay;

/** One thing that a step does to something that the ledger follows. */
public sealed interface LedgerAction {

    /** The id of what is changed. */
    String subject();

    /** So many of a part come off. */
    record Remove(String subject, int count) implements LedgerAction {}

    /**
     * So many of a part go on.
     *
     * @param fresh whether they are new ones
     */
    record Install(String subject, int count, boolean fresh) implements LedgerAction {}

    /** So many of a part are thrown away; what is still on comes off by it. */
    record Discard(String subject, int count) implements LedgerAction {}

    /**
     * @param size of the tool, as it is written; empty where none is said
     */
    record Loosen(String subject, Optional<String> size) implements LedgerAction {}

    /**
     * @param size of the tool, as it is written; empty where none is said
     * @param by the way it is tightened; it gets tight only by a way that it has
     */
    record Tighten(String subject, Optional<String> size, TighteningWay by)
            implements LedgerAction {}

    /** A fluid comes out. */
    record Drain(String subject) implements LedgerAction {}

    record Fill(String subject) implements LedgerAction {}

    /** An energy is made safe. */
    record Isolate(String subject) implements LedgerAction {}

    /** An energy is given back. */
    record Restore(String subject) implements LedgerAction {}

    /** So many of an aid are put in place, for the work only. */
    record PlaceAid(String subject, int count) implements LedgerAction {}

    record TakeAid(String subject, int count) implements LedgerAction {}

    /**
     * A mark is made, to be matched later.
     *
     * @param part the part that it is made on, which must not be off yet; empty where none is said
     */
    record Mark(String subject, Optional<String> part) implements LedgerAction {

        /** A mark of which nobody says on which part it is. */
        public Mark(String subject) {
            this(subject, Optional.empty());
        }
    }

    /** A counter is read. */
    record ReadCounter(String subject) implements LedgerAction {}

    /** A counter is set back. */
    record ResetCounter(String subject) implements LedgerAction {}

    /** A mark is matched. */
    record Align(String subject) implements LedgerAction {}
}
