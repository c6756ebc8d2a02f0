package methodos.core.bench;

import java.util.Optional;
import methodos.core.fit.ReadingVerdict;
import methodos.core.manual.Joint;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import methodos.core.quantity.Rational;

/** How the fasteners of a joint are tightened one after the other, in rounds. */
public final class Fastening {

    /** What a torque wrench may be off by, 10 N·m and above, and below (ISO 6789-1:2017, 5.1.5). */
    private static final Rational STRONG = Rational.of(4, 100);

    private static final Rational WEAK = Rational.of(6, 100);
    private static final Rational TEN = Rational.of(10);

    private Fastening() {}

    /** How many fasteners there are, at least one. */
    public static int screws(Joint joint) {
        return Math.max(1, joint.count());
    }

    /** The last round, from 0: the stages, the whole value, and a final pass where there is one. */
    public static int lastRound(Joint joint) {
        return joint.finalPass() ? joint.stages().size() + 1 : wholeRound(joint);
    }

    /** The round, from 0, in which the whole value is reached. */
    public static int wholeRound(Joint joint) {
        return joint.byWrench() ? joint.stages().size() : 0;
    }

    /** What the wrench is set to in a round, empty where it is open or no wrench is set. */
    public static Optional<Quantity> value(Joint joint, int round) {
        if (!joint.byWrench()) {
            return Optional.empty();
        }
        return round < joint.stages().size()
                ? Optional.of(joint.stages().get(round))
                : joint.torque().known();
    }

    /**
     * Holds what a wrench showed against what was asked. A single value is met within what a wrench
     * may be off by.
     *
     * @param typed without a unit in that of the joint
     * @throws IllegalArgumentException with a sentence if it is no torque, or outside
     */
    static void judge(Joint joint, int round, String typed) {
        Optional<Quantity> asked = value(joint, round);
        if (asked.isEmpty()) {
            return;
        }
        Quantity limit = asked.get();
        var read = QuantityList.parse(typed, limit.unit());
        if (read.size() != 1 || !read.get(0).single()) {
            throw new IllegalArgumentException("“" + typed + "” is no single reading.");
        }
        Quantity value = read.get(0);
        boolean met =
                limit.single()
                        ? within(limit, value)
                        : ReadingVerdict.of(limit, null, value) != ReadingVerdict.FAIL;
        if (!met) {
            throw new IllegalArgumentException(
                    value.print() + " is not " + limit.print() + ": tighten it again.");
        }
    }

    private static boolean within(Quantity limit, Quantity value) {
        Rational asked = limit.min().value();
        Rational shown = new Conversion(value, limit.unit()).exact(value.min());
        Rational newtonMetres = asked.times(limit.unit().factor());
        Rational share = newtonMetres.compareTo(TEN) < 0 ? WEAK : STRONG;
        return shown.minus(asked).abs().compareTo(asked.times(share)) <= 0;
    }
}
