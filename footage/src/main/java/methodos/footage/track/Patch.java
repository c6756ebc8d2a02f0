package methodos.footage.track;

/**
 * What is seen around a point, and where the same is seen again: by the normalised correlation of
 * grey levels (zero mean, so that light may change), in which the middle counts most.
 */
final class Patch {

    private final int radius;
    private final double[] weights;
    private final double[] levels; // less their mean, times the weights
    private final double size; // root of the weighted sum of squares
    private final double mean;

    private Patch(int radius, double[] weights, double[] levels, double size, double mean) {
        this.radius = radius;
        this.weights = weights;
        this.levels = levels;
        this.size = size;
        this.mean = mean;
    }

    /** Around a point that lies at least the radius from the edges. */
    static Patch of(Grey grey, int x, int y, int radius) {
        int side = 2 * radius + 1;
        double[] weights = new double[side * side];
        double sum = 0;
        double all = 0;
        for (int dy = -radius; dy <= radius; dy++) {
            for (int dx = -radius; dx <= radius; dx++) {
                double far = (dx * dx + dy * dy) / (double) (radius * radius);
                double weight = Math.exp(-1.5 * far);
                weights[(dy + radius) * side + dx + radius] = weight;
                all += weight;
                sum += weight * grey.at(x + dx, y + dy);
            }
        }
        double mean = sum / all;
        double[] levels = new double[side * side];
        double squares = 0;
        for (int dy = -radius; dy <= radius; dy++) {
            for (int dx = -radius; dx <= radius; dx++) {
                int i = (dy + radius) * side + dx + radius;
                double level = grey.at(x + dx, y + dy) - mean;
                squares += weights[i] * level * level;
                levels[i] = weights[i] * level;
            }
        }
        return new Patch(radius, weights, levels, Math.sqrt(squares), mean);
    }

    /** How light it is, in grey levels. */
    double mean() {
        return mean;
    }

    /** How much the grey levels differ, as their weighted standard deviation. */
    double contrast() {
        double all = 0;
        for (double w : weights) {
            all += w;
        }
        return size / Math.sqrt(all);
    }

    int radius() {
        return radius;
    }

    /** From −1 to 1; −1 where it does not lie on the picture as a whole. */
    double likeness(Grey grey, int x, int y) {
        if (x < radius || y < radius || x >= grey.width() - radius || y >= grey.height() - radius) {
            return -1;
        }
        int side = 2 * radius + 1;
        double sum = 0;
        double squares = 0;
        double all = 0;
        double product = 0;
        for (int dy = -radius; dy <= radius; dy++) {
            int row = (y + dy) * grey.width() + x - radius;
            int own = (dy + radius) * side;
            for (int i = 0; i < side; i++) {
                double level = grey.levels()[row + i] & 255;
                double weight = weights[own + i];
                sum += weight * level;
                squares += weight * level * level;
                all += weight;
                product += levels[own + i] * level;
            }
        }
        double spread = squares - sum * sum / all;
        return spread <= 1e-6 || size <= 1e-6 ? -1 : product / (size * Math.sqrt(spread));
    }
}
