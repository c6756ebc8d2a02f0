package methodos.core.scan;

/**
 * What can be measured on one frame alone.
 *
 * @param edges standard deviation of the Laplacian (four neighbours) in grey levels: sharpness
 * @param clipped share of pixels of grey 250 and more
 * @param crushed share of pixels of grey 5 and less
 * @param brightness mean from 0 to 1
 */
record FrameMeter(double edges, double clipped, double crushed, double brightness) {

    private static final int WHITE = 250;
    private static final int BLACK = 5;

    static FrameMeter of(byte[] grey, int width, int height) {
        long sum = 0;
        long squares = 0;
        long bright = 0;
        int clipped = 0;
        int crushed = 0;
        for (int y = 1; y < height - 1; y++) {
            int i = y * width + 1;
            int left = grey[i - 1] & 255;
            int here = grey[i] & 255;
            for (int x = 1; x < width - 1; x++, i++) {
                int right = grey[i + 1] & 255;
                int laplacian =
                        4 * here - left - right - (grey[i - width] & 255) - (grey[i + width] & 255);
                sum += laplacian;
                squares += (long) laplacian * laplacian;
                bright += here;
                if (here >= WHITE) {
                    clipped++;
                } else if (here <= BLACK) {
                    crushed++;
                }
                left = here;
                here = right;
            }
        }
        double n = Math.max(1, (width - 2.0) * (height - 2.0));
        double mean = sum / n;
        return new FrameMeter(
                Math.sqrt(Math.max(0, squares / n - mean * mean)),
                clipped / n,
                crushed / n,
                bright / n / 255);
    }
}
