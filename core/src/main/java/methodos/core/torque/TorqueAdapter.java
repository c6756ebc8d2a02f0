package methodos.core.torque;

import methodos.core.quantity.Rational;

/**
 * What a torque wrench is set to when an adapter lengthens it: T L / (L + E cos θ), with L the
 * length from the middle of the grip to the drive, E that of the adapter, θ the angle between them
 * (moments about the screw and about the drive).
 */
public final class TorqueAdapter {

    private TorqueAdapter() {}

    /**
     * @param wrench length L, more than 0
     * @param extension length E in the same unit, 0 or more
     * @param degrees θ, 0 in line with the wrench, 90 across, 180 toward the grip
     * @return the share of the torque that is set, which is exact for 0, 90 and 180 degrees
     * @throws IllegalArgumentException if the wrench would be shorter than nothing
     */
    public static Rational share(Rational wrench, Rational extension, double degrees) {
        if (wrench.signum() <= 0 || extension.signum() < 0) {
            throw new IllegalArgumentException("A wrench has a length.");
        }
        Rational arm = wrench.plus(extension.times(cosine(degrees)));
        if (arm.signum() <= 0) {
            throw new IllegalArgumentException("The adapter ends behind the grip.");
        }
        return wrench.over(arm);
    }

    private static Rational cosine(double degrees) {
        double turned = Math.abs(degrees % 360);
        if (turned == 90 || turned == 270) {
            return Rational.ZERO;
        }
        if (turned == 180) {
            return Rational.of(-1);
        }
        return turned == 0
                ? Rational.ONE
                : Rational.of(java.math.BigDecimal.valueOf(Math.cos(Math.toRadians(degrees))));
    }
}
