package methodos.core.quantity;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;

/**
 * An exact fraction. Conversion factors and entered values stay exact, so that a bound that is met
 * to the digit is not missed by a rounding error.
 */
public final class Rational implements Comparable<Rational> {

    public static final Rational ZERO = of(0);
    public static final Rational ONE = of(1);

    private final BigInteger over;
    private final BigInteger under;

    private Rational(BigInteger over, BigInteger under) {
        if (under.signum() == 0) {
            throw new ArithmeticException("division by zero");
        }
        BigInteger common = over.gcd(under).max(BigInteger.ONE);
        BigInteger sign = BigInteger.valueOf(under.signum());
        this.over = over.divide(common).multiply(sign);
        this.under = under.divide(common).multiply(sign);
    }

    /** A whole number. */
    public static Rational of(long whole) {
        return new Rational(BigInteger.valueOf(whole), BigInteger.ONE);
    }

    /**
     * @throws ArithmeticException if it is divided by nought
     */
    public static Rational of(long over, long under) {
        return new Rational(BigInteger.valueOf(over), BigInteger.valueOf(under));
    }

    /**
     * @throws NumberFormatException if the text is no decimal number
     */
    public static Rational of(String decimal) {
        return of(new BigDecimal(decimal));
    }

    /** A decimal, exactly. */
    public static Rational of(BigDecimal decimal) {
        BigInteger digits = decimal.unscaledValue();
        return decimal.scale() >= 0
                ? new Rational(digits, BigInteger.TEN.pow(decimal.scale()))
                : new Rational(
                        digits.multiply(BigInteger.TEN.pow(-decimal.scale())), BigInteger.ONE);
    }

    /** 10 to the given power, which may be negative. */
    public static Rational powerOfTen(int power) {
        BigInteger ten = BigInteger.TEN.pow(Math.abs(power));
        return power >= 0 ? new Rational(ten, BigInteger.ONE) : new Rational(BigInteger.ONE, ten);
    }

    /** The exact sum. */
    public Rational plus(Rational other) {
        return new Rational(
                over.multiply(other.under).add(other.over.multiply(under)),
                under.multiply(other.under));
    }

    /** The exact difference. */
    public Rational minus(Rational other) {
        return plus(other.times(of(-1)));
    }

    /** The exact product. */
    public Rational times(Rational other) {
        return new Rational(over.multiply(other.over), under.multiply(other.under));
    }

    /**
     * @throws ArithmeticException if the other is 0
     */
    public Rational over(Rational other) {
        return new Rational(over.multiply(other.under), under.multiply(other.over));
    }

    /** Without its sign. */
    public Rational abs() {
        return new Rational(over.abs(), under);
    }

    /** −1, 0 or 1. */
    public int signum() {
        return over.signum();
    }

    /** The larger of both. */
    public Rational max(Rational other) {
        return compareTo(other) >= 0 ? this : other;
    }

    /** The smaller of both. */
    public Rational min(Rational other) {
        return compareTo(other) <= 0 ? this : other;
    }

    /** The nearest multiple of a step in the given direction; halves go up in size. */
    public Rational rounded(Rational step, RoundingMode mode) {
        Rational steps = over(step);
        BigDecimal whole = new BigDecimal(steps.over).divide(new BigDecimal(steps.under), 0, mode);
        return of(whole).times(step);
    }

    /** The nearest floating point number. */
    public double toDouble() {
        return new BigDecimal(over)
                .divide(new BigDecimal(under), java.math.MathContext.DECIMAL64)
                .doubleValue();
    }

    /** As decimal digits, exact where that ends within 12 places, otherwise rounded to them. */
    public String toDecimal() {
        BigDecimal value =
                new BigDecimal(over)
                        .divide(new BigDecimal(under), 12, RoundingMode.HALF_UP)
                        .stripTrailingZeros();
        return value.signum() == 0 ? "0" : value.toPlainString();
    }

    @Override
    public int compareTo(Rational other) {
        return over.multiply(other.under).compareTo(other.over.multiply(under));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Rational r && over.equals(r.over) && under.equals(r.under);
    }

    @Override
    public int hashCode() {
        return over.hashCode() * 31 + under.hashCode();
    }

    @Override
    public String toString() {
        return under.equals(BigInteger.ONE) ? over.toString() : over + "/" + under;
    }
}
