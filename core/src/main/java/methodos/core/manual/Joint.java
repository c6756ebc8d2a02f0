package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.description.Required;
import methodos.core.description.Within;
import methodos.core.quantity.Quantity;

/**
 * What is screwed to what, and how tight.
 *
 * @param fastener the part that holds it, null where it is none of the list
 * @param count how many fasteners
 * @param propertyClass such as 8.8 or A2-70, empty where not known
 * @param condition state of the thread: dry, oiled, with threadlocker …
 * @param torque the value of the last stage
 * @param stages the values before it, as entered, in order
 * @param order the order of tightening: cross, star, … or numbers; empty where there is none
 * @param second the same value as it was given in another unit, null where it was given once
 * @param soft whether something soft is clamped (plastic, gasket, sight glass)
 * @param further by how much more it is turned after the torque; null for no further
 * @param again when it is tightened once more, in words; empty where it is not
 * @param way how it is brought to its tightness, null for the way of the manual
 * @param turned by how much it is turned past hand-tight where no wrench is set, null where that is
 *     no way to tighten it
 * @param feel the state up to which it is tightened by feel ("snug, no play"), empty where that is
 *     no way to tighten it
 * @param byHand whether tightening it by hand alone is enough
 * @param backOff by how much it is turned back in the end; null where it is not
 * @param hand of its thread, null for a right-hand one
 * @param newEachTime whether its fastener is a new one each time it is tightened
 * @param loosenOrder the order of loosening: cross, star, … or numbers; empty where there is none
 * @param loosenRounds in how many rounds it is loosened, from 1; null where nothing is said
 */
@RecordBuilder
public record Joint(
        Id<Joint> id,
        String name,
        Id<Part> fastener,
        @Required int count,
        String propertyClass,
        String condition,
        @Required Value torque,
        List<Quantity> stages,
        String order,
        Applicability applicability,
        Quantity second,
        boolean soft,
        Quantity further,
        String again,
        TighteningWay way,
        Quantity turned,
        String feel,
        boolean byHand,
        Quantity backOff,
        ThreadTurn.Hand hand,
        boolean newEachTime,
        String loosenOrder,
        @Within(least = 1, greatest = 99) Integer loosenRounds)
        implements JointBuilder.With, ActedOn {
    public Joint {
        name = name == null ? "" : name;
        propertyClass = propertyClass == null ? "" : propertyClass;
        condition = condition == null ? "" : condition;
        order = order == null ? "" : order;
        again = again == null ? "" : again;
        feel = feel == null ? "" : feel;
        loosenOrder = loosenOrder == null ? "" : loosenOrder;
        stages = stages == null ? List.of() : List.copyOf(stages);
        applicability = applicability == null ? Applicability.ALL : applicability;
    }

    /**
     * The ways in which it may be tightened, at least one: what is given of it. Where nothing is
     * given, it is a torque that is still open.
     */
    public List<TighteningWay> ways() {
        List<TighteningWay> ways = new ArrayList<>();
        if (turned != null) {
            ways.add(TighteningWay.ANGLE);
        }
        if (!feel.isEmpty()) {
            ways.add(TighteningWay.FEEL);
        }
        if (byHand) {
            ways.add(TighteningWay.HAND);
        }
        if (ways.isEmpty() || torque instanceof Value.Known) {
            ways.add(0, TighteningWay.WRENCH);
        }
        return ways;
    }

    /**
     * Those of its ways that the technician may choose from: all where it is left to him, else the
     * one that is asked for, or, if it has not got that, its first.
     */
    public List<TighteningWay> told() {
        List<TighteningWay> ways = ways();
        if (way == TighteningWay.EITHER) {
            return ways;
        }
        return ways.contains(way) ? List.of(way) : ways.subList(0, 1);
    }

    /** The torque as it was given in another unit, else in the other system of measures. */
    public Optional<Quantity> otherTorque() {
        return Optional.ofNullable(second)
                .or(() -> torque.known().flatMap(Quantity::inOtherSystem));
    }

    /** Whether a wrench may be set for it. */
    public boolean byWrench() {
        return told().contains(TighteningWay.WRENCH);
    }

    /**
     * Whether all its fasteners are gone over once more with the whole value: several that are
     * tightened in stages take load from one another. Where they are turned further by an angle,
     * the value of the wrench no longer holds.
     */
    public boolean finalPass() {
        return byWrench() && !stages.isEmpty() && count > 1 && further == null;
    }
}
