package methodos.core.fit;

/**
 * Length of a roller chain over two sprockets, in pitches: L = 2 C/p + (a + b)/2 + ((a − b)/2π)²
 * p/C, with C the centre distance, p the pitch, a and b the teeth; and the centre distance that a
 * whole number of pitches gives, the root of 2x² − (L − (a + b)/2) x + ((a − b)/2π)² = 0 for x =
 * C/p.
 *
 * @param pitches the nearest even number, since an odd one needs an offset link
 * @param centre the distance that it gives, in the unit of the one asked for
 */
public record ChainDrive(int pitches, double centre) {

    /**
     * @throws IllegalArgumentException if the sprockets would touch or a number is not above 0
     */
    public static ChainDrive of(int teeth, int otherTeeth, double centre, double pitch) {
        if (teeth < 1 || otherTeeth < 1 || !(centre > 0) || !(pitch > 0)) {
            throw new IllegalArgumentException("Teeth, centre distance and pitch are above 0.");
        }
        if (centre < (teeth + otherTeeth) * pitch / (2 * Math.PI)) {
            throw new IllegalArgumentException("The sprockets would touch.");
        }
        double half = (teeth + otherTeeth) / 2.0;
        double lean = Math.pow((teeth - otherTeeth) / (2 * Math.PI), 2);
        double length = 2 * centre / pitch + half + lean * pitch / centre;
        int pitches = 2 * (int) Math.round(length / 2);
        double straight = pitches - half;
        double root = straight * straight - 8 * lean;
        if (straight <= 0 || root < 0) {
            throw new IllegalArgumentException("The sprockets are too near for a chain.");
        }
        return new ChainDrive(pitches, pitch * (straight + Math.sqrt(root)) / 4);
    }
}
