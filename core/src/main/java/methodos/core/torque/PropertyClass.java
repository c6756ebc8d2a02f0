package methodos.core.torque;

import java.util.Locale;
import java.util.Map;

/**
 * Strength of a screw: its proof stress, or for stainless steel its yield stress, in MPa.
 *
 * <p>ISO 898-1 for 4.6 to 12.9, SAE J429 for grades 2, 5 and 8, ISO 3506-1 for A1 to A5.
 */
public record PropertyClass(String name) {

    private static final double KSI = 6.894757293168;
    private static final double INCH = 25.4;

    private static final Map<String, Double> ISO =
            Map.of(
                    "4.6", 225.0,
                    "4.8", 310.0,
                    "5.6", 280.0,
                    "5.8", 380.0,
                    "6.8", 440.0,
                    "9.8", 650.0,
                    "10.9", 830.0,
                    "12.9", 970.0);

    private static final Map<String, Double> STAINLESS =
            Map.of("50", 210.0, "70", 450.0, "80", 600.0);

    /**
     * @throws IllegalArgumentException with a sentence if the class is not known; it is not guessed
     */
    public static PropertyClass parse(String text) {
        String plain =
                text.strip()
                        .toUpperCase(Locale.ROOT)
                        .replaceAll("^(CLASS|GRADE)\\s*", "")
                        .replaceAll("^SAE\\s*(GRADE|GR\\.?)?\\s*", "SAE ");
        PropertyClass named = new PropertyClass(plain);
        if (Double.isNaN(named.stress(1))) {
            throw new IllegalArgumentException("“" + text.strip() + "” is no known class.");
        }
        return named;
    }

    /**
     * @param diameter nominal, in mm: some classes are weaker or stronger in thick screws
     */
    public double proofStress(double diameter) {
        return stress(diameter);
    }

    private double stress(double diameter) {
        if (name.equals("8.8")) {
            return diameter > 16 ? 600 : 580;
        }
        if (ISO.containsKey(name)) {
            return ISO.get(name);
        }
        double inches = diameter / INCH;
        return switch (name) {
            case "SAE 2" -> KSI * (inches > 0.75 + 1e-9 ? 33 : 55);
            case "SAE 5" -> KSI * (inches > 1 + 1e-9 ? 74 : 85);
            case "SAE 8" -> KSI * 120;
            default ->
                    name.matches("A[1-5]-(50|70|80)")
                            ? STAINLESS.get(name.substring(3))
                            : Double.NaN;
        };
    }
}
