package methodos.footage.change;

/** How alike two patches look but for the light: the correlation of their brightness. */
final class Correlation {

    private double a;
    private double b;
    private double aa;
    private double bb;
    private double ab;
    private int count;

    void add(double p, double q) {
        a += p;
        b += q;
        aa += p * p;
        bb += q * q;
        ab += p * q;
        count++;
    }

    int count() {
        return count;
    }

    /**
     * @param flat a patch whose brightness varies less, as a standard deviation in levels, tells
     *     nothing
     * @return from -1 to 1, which is the same; 0 where a patch tells nothing
     */
    double value(double flat) {
        double va = aa / count - a / count * (a / count);
        double vb = bb / count - b / count * (b / count);
        return Math.min(va, vb) < flat * flat
                ? 0
                : (ab / count - a / count * (b / count)) / Math.sqrt(va * vb);
    }
}
