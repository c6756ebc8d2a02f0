package methodos.core.quantity;

/**
 * One end of a quantity as it was entered.
 *
 * @param value the number
 * @param lastDigit what one unit of its last entered digit is worth: 0.1 for 8.5, 1 for 60, an
 *     eighth for 2 5/8
 * @param text the digits as people print them
 */
public record Bound(Rational value, Rational lastDigit, String text) {

    static Bound decimal(String digits) {
        String plain = digits.replaceFirst("^(-?)\\.", "$10.");
        var number = new java.math.BigDecimal(plain);
        return new Bound(
                Rational.of(number), Rational.powerOfTen(-Math.max(0, number.scale())), plain);
    }
}
