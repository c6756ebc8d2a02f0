package methodos.footage.change;

/**
 * Numbers over a picture, row by row.
 *
 * @param at values, the upper left one first
 */
record Plane(int width, int height, float[] at) {

    Plane(int width, int height) {
        this(width, height, new float[width * height]);
    }

    float get(int x, int y) {
        return at[y * width + x];
    }

    /** The value between four pixels; beyond the edge that of the edge. */
    float between(double x, double y) {
        double left = Math.max(0, Math.min(width - 1, x));
        double top = Math.max(0, Math.min(height - 1, y));
        int x0 = (int) left;
        int y0 = (int) top;
        int x1 = Math.min(width - 1, x0 + 1);
        int y1 = Math.min(height - 1, y0 + 1);
        float fx = (float) (left - x0);
        float fy = (float) (top - y0);
        float upper = get(x0, y0) * (1 - fx) + get(x1, y0) * fx;
        float lower = get(x0, y1) * (1 - fx) + get(x1, y1) * fx;
        return upper * (1 - fy) + lower * fy;
    }

    /** Means over squares of 2 × reach + 1 pixels; at the edge over what there is of them. */
    Plane mean(int reach) {
        double[] sums = sums();
        Plane mean = new Plane(width, height);
        for (int y = 0; y < height; y++) {
            int top = Math.max(0, y - reach);
            int bottom = Math.min(height, y + reach + 1);
            for (int x = 0; x < width; x++) {
                int left = Math.max(0, x - reach);
                int right = Math.min(width, x + reach + 1);
                double sum =
                        sums[bottom * (width + 1) + right]
                                - sums[top * (width + 1) + right]
                                - sums[bottom * (width + 1) + left]
                                + sums[top * (width + 1) + left];
                mean.at[y * width + x] = (float) (sum / ((bottom - top) * (right - left)));
            }
        }
        return mean;
    }

    private double[] sums() {
        double[] sums = new double[(width + 1) * (height + 1)];
        for (int y = 0; y < height; y++) {
            double row = 0;
            for (int x = 0; x < width; x++) {
                row += at[y * width + x];
                sums[(y + 1) * (width + 1) + x + 1] = sums[y * (width + 1) + x + 1] + row;
            }
        }
        return sums;
    }

    Plane times(Plane other) {
        Plane product = new Plane(width, height);
        for (int i = 0; i < at.length; i++) {
            product.at[i] = at[i] * other.at[i];
        }
        return product;
    }

    Plane less(Plane other) {
        Plane less = new Plane(width, height);
        for (int i = 0; i < at.length; i++) {
            less.at[i] = at[i] - other.at[i];
        }
        return less;
    }

    /** How steep it is, by Sobel's operator, in units a pixel. */
    Plane steepness() {
        Plane steep = new Plane(width, height);
        for (int y = 1; y < height - 1; y++) {
            for (int x = 1; x < width - 1; x++) {
                float right = get(x + 1, y - 1) + 2 * get(x + 1, y) + get(x + 1, y + 1);
                float left = get(x - 1, y - 1) + 2 * get(x - 1, y) + get(x - 1, y + 1);
                float below = get(x - 1, y + 1) + 2 * get(x, y + 1) + get(x + 1, y + 1);
                float above = get(x - 1, y - 1) + 2 * get(x, y - 1) + get(x + 1, y - 1);
                steep.at[y * width + x] = (float) Math.hypot(right - left, below - above) / 8;
            }
        }
        return steep;
    }
}
