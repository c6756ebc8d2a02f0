package methodos.desktop.torque;

import java.util.ArrayList;
import java.util.List;
import methodos.core.manual.Wrench;
import methodos.core.torque.JointTorque;
import methodos.core.torque.WrenchScale;

/**
 * The rule of torque in N·m, by logarithms: which values it shows, and where each lies on it.
 *
 * @param least left end, a power of ten
 * @param most right end, a power of ten
 * @param width in pixels
 */
record TorqueRule(double least, double most, double width) {

    private static final double EDGE = 12;

    /** Its numbered marks within each decade. */
    private static final double[] NUMBERED = {1, 2, 5};

    /** A rule that shows all stages and all wrenches, two decades at least. */
    static TorqueRule of(List<JointTorque> joints, List<Wrench> wrenches, double width) {
        double low = 1;
        double high = 100;
        for (JointTorque joint : joints) {
            for (JointTorque.Stage stage : joint.stages()) {
                low = Math.min(low, stage.min());
                high = Math.max(high, stage.max());
            }
            if (joint.meant().isPresent()) {
                low = Math.min(low, joint.meant().get().min().toDouble());
                high = Math.max(high, joint.meant().get().max().toDouble());
            }
        }
        for (Wrench wrench : wrenches) {
            high = Math.max(high, WrenchScale.of(wrench.range()).to().toDouble());
        }
        return new TorqueRule(
                Math.pow(10, Math.floor(Math.log10(Math.max(0.01, low)) + 1e-9)),
                Math.pow(10, Math.ceil(Math.log10(high) - 1e-9)),
                width);
    }

    double x(double newtonMetres) {
        double share = Math.log10(Math.max(least, newtonMetres) / least) / Math.log10(most / least);
        return EDGE + share * (width - 2 * EDGE);
    }

    /** The values that are written beside their marks. */
    List<Double> numbered() {
        List<Double> all = new ArrayList<>();
        for (double decade = least; decade <= most * 1.0001; decade *= 10) {
            for (double n : NUMBERED) {
                if (decade * n <= most * 1.0001) {
                    all.add(decade * n);
                }
            }
        }
        return all;
    }

    /** All values that have a mark. */
    List<Double> marks() {
        List<Double> all = new ArrayList<>();
        for (double decade = least; decade < most * 0.9999; decade *= 10) {
            for (int n = 1; n < 10; n++) {
                all.add(decade * n);
            }
        }
        all.add(most);
        return all;
    }
}
