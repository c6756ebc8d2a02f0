package methodos.core.scan;

/**
 * A small grey picture.
 *
 * @param values row by row, in units of 1/16 of a grey level, so that means keep their precision
 */
record Luma(int width, int height, int[] values) {

    private static final int UNIT = 16;

    /**
     * The means of the boxes of a finer picture; its edges are cut off where it does not divide.
     */
    static Luma of(byte[] grey, int width, int height, int columns, int rows) {
        int[] values = new int[columns * rows];
        for (int row = 0; row < rows; row++) {
            int top = row * height / rows;
            int bottom = Math.max(top + 1, (row + 1) * height / rows);
            for (int column = 0; column < columns; column++) {
                int left = column * width / columns;
                int right = Math.max(left + 1, (column + 1) * width / columns);
                int sum = 0;
                for (int y = top; y < bottom; y++) {
                    for (int i = y * width + left; i < y * width + right; i++) {
                        sum += grey[i] & 255;
                    }
                }
                values[row * columns + column] = sum * UNIT / ((bottom - top) * (right - left));
            }
        }
        return new Luma(columns, rows, values);
    }

    /**
     * What stands out from its surroundings: each value less the mean of the square around it. Slow
     * shading, which all pictures of one bench share, is gone.
     */
    Luma detail(int reach) {
        long[] sums = new long[(width + 1) * (height + 1)];
        for (int y = 0; y < height; y++) {
            long row = 0;
            for (int x = 0; x < width; x++) {
                row += values[y * width + x];
                sums[(y + 1) * (width + 1) + x + 1] = sums[y * (width + 1) + x + 1] + row;
            }
        }
        int[] detail = new int[values.length];
        for (int y = 0; y < height; y++) {
            int top = Math.max(0, y - reach);
            int bottom = Math.min(height, y + reach + 1);
            for (int x = 0; x < width; x++) {
                int left = Math.max(0, x - reach);
                int right = Math.min(width, x + reach + 1);
                long sum =
                        sums[bottom * (width + 1) + right]
                                - sums[top * (width + 1) + right]
                                - sums[bottom * (width + 1) + left]
                                + sums[top * (width + 1) + left];
                int mean = (int) (sum / ((bottom - top) * (right - left)));
                detail[y * width + x] = values[y * width + x] - mean;
            }
        }
        return new Luma(width, height, detail);
    }

    /** The mean in grey levels. */
    double mean() {
        long sum = 0;
        for (int value : values) {
            sum += value;
        }
        return greyLevels(sum / (double) values.length);
    }

    int at(int x, int y) {
        return values[y * width + x];
    }

    /** As whole grey levels, to be kept for many frames. */
    byte[] levels() {
        byte[] levels = new byte[values.length];
        for (int i = 0; i < levels.length; i++) {
            levels[i] = (byte) (values[i] / UNIT);
        }
        return levels;
    }

    /** A difference in units of a grey level. */
    static double greyLevels(double difference) {
        return difference / UNIT;
    }
}
