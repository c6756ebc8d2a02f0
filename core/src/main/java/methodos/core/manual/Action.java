package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import methodos.core.description.Id;
import methodos.core.description.Required;
import methodos.core.quantity.Quantity;

/**
 * What a step does to a joint, an aid, a fluid or a mark. What it does with parts stands in {@link
 * PartUse}, the joints that it tightens in {@link Step#joints()}, energies in {@link Energy}.
 *
 * @param object id of the joint, or of the {@link LedgerItem}
 * @param count how many of an aid; 1 of anything else
 * @param size of the tool for a joint, as it is written; empty for that of the step's tools
 * @param amount of a fluid that is drained or filled, null where nothing is said
 */
@RecordBuilder
public record Action(
        @Required Verb verb,
        @Required Id<? extends ActedOn> object,
        int count,
        String size,
        Quantity amount)
        implements ActionBuilder.With {

    /** What is done. */
    public enum Verb {
        LOOSEN(null),
        /** Left hand-tight: not tight. */
        TIGHTEN_BY_HAND(null),
        PUT_IN_PLACE(LedgerItem.Kind.AID),
        TAKE_AWAY(LedgerItem.Kind.AID),
        DRAIN(LedgerItem.Kind.FLUID),
        FILL(LedgerItem.Kind.FLUID),
        MARK(LedgerItem.Kind.MARK),
        MATCH(LedgerItem.Kind.MARK),
        READ(LedgerItem.Kind.COUNTER),
        RESET(LedgerItem.Kind.COUNTER);

        private final LedgerItem.Kind of;

        Verb(LedgerItem.Kind of) {
            this.of = of;
        }

        /** Whether it is done to a joint. */
        public boolean ofJoint() {
            return of == null;
        }

        /** Whether it is done to an aid, a fluid, a mark or a counter. */
        public boolean of(LedgerItem.Kind kind) {
            return of == kind;
        }
    }

    public Action {
        count = Math.max(1, count);
        size = size == null ? "" : size;
    }

    /** Of anything but a fluid. */
    public Action(Verb verb, Id<? extends ActedOn> object, int count, String size) {
        this(verb, object, count, size, null);
    }

    /** One of it, with no size said. */
    public Action(Verb verb, Id<? extends ActedOn> object) {
        this(verb, object, 1, "", null);
    }
}
