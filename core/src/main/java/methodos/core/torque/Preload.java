package methodos.core.torque;

import java.util.List;
import java.util.Optional;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;

/**
 * Force that a tightening torque leaves in a screw, and whether that makes sense.
 *
 * <p>F = T / (K d), with T the torque, d the nominal diameter and K the nut factor, which gathers
 * all friction (Bickford, <i>Introduction to the Design and Behavior of Bolted Joints</i>, ch. 7).
 * K scatters by a quarter either way, so a preload is good for finding slips, not for designing
 * joints. Of a range the maximum is judged for high and the minimum for low; a slip has to bring
 * the whole range inside.
 *
 * @param stressArea of the thread in mm²
 * @param proofLoad in N
 * @param newtons the force at the middle of the torque
 * @param ofProof the force as a share of the proof load
 */
public record Preload(
        double stressArea,
        double proofLoad,
        double newtons,
        double ofProof,
        Verdict verdict,
        Optional<Slip> slip) {

    /** Share of the proof load below which a torque leaves a screw loose. */
    private static final double LEAST = 0.15;

    /** Share above which it strains the screw. */
    private static final double MOST = 0.90;

    private static final double LEAST_K = 0.05;
    private static final double MOST_K = 0.5;

    /** How a torque looks for its screw. */
    public enum Verdict {
        PLAUSIBLE,
        HIGH,
        LOW,
        SLIP
    }

    /**
     * A mistake that would explain the value.
     *
     * @param factor by which it is too large or too small: 12, 10 or 8.85
     */
    public record Slip(double factor, String words) {}

    /**
     * @param soft whether the joint has soft parts: it may then lie below, and is no slip for that
     * @param k nut factor, 0.05 to 0.5
     * @throws IllegalArgumentException if an argument is outside its range or no torque
     */
    public static Preload of(
            ThreadSize thread, PropertyClass strength, Quantity torque, double k, boolean soft) {
        if (!(k >= LEAST_K) || !(k <= MOST_K)) {
            throw new IllegalArgumentException("A nut factor is between 0.05 and 0.5.");
        }
        TorqueRange range = TorqueRange.of(torque);
        double least = range.min().toDouble();
        double most = range.max().toDouble();
        if (!(least > 0)) {
            throw new IllegalArgumentException("A torque is more than 0.");
        }
        double proof = thread.stressArea() * strength.proofStress(thread.diameter());
        double share = 1000 / (k * thread.diameter()) / proof; // of proof load for each N·m
        double middle = (least + most) / 2;
        Optional<Slip> slip = slip(torque.unit(), least * share, most * share, soft);
        Verdict verdict =
                slip.isPresent()
                        ? Verdict.SLIP
                        : most * share > MOST
                                ? Verdict.HIGH
                                : least * share < LEAST && !soft ? Verdict.LOW : Verdict.PLAUSIBLE;
        return new Preload(
                thread.stressArea(), proof, middle * share * proof, middle * share, verdict, slip);
    }

    private static Optional<Slip> slip(MeasureUnit unit, double least, double most, boolean soft) {
        boolean low = least < LEAST && !soft;
        if (!low && most <= MOST) {
            return Optional.empty();
        }
        List<Double> factors =
                unit == MeasureUnit.NEWTON_METRE
                        ? List.of(8.85, 10.0, 12.0)
                        : List.of(12.0, 10.0, 8.85);
        for (double factor : factors) {
            for (boolean more : new boolean[] {false, true}) {
                double times = more ? factor : 1 / factor;
                if (least * times >= LEAST && most * times <= MOST && (!soft || !more)) {
                    return Optional.of(new Slip(factor, words(unit, factor, more)));
                }
            }
        }
        return Optional.empty();
    }

    /**
     * @param more whether the number is too small
     */
    private static String words(MeasureUnit unit, double factor, boolean more) {
        if (factor == 10) {
            return "decimal point?";
        }
        if (factor == 12) {
            return unit == MeasureUnit.POUND_FOOT && !more
                    ? "lbf·in meant?"
                    : unit == MeasureUnit.POUND_INCH && more
                            ? "lbf·ft meant?"
                            : "feet and inches mixed up?";
        }
        return unit == MeasureUnit.NEWTON_METRE && !more
                ? "lbf·in meant?"
                : unit == MeasureUnit.POUND_INCH && more ? "N·m meant?" : "converted twice?";
    }
}
