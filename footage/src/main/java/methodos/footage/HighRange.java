package methodos.footage;

import static org.bytedeco.ffmpeg.global.avutil.AVCOL_PRI_BT2020;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_TRC_ARIB_STD_B67;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_TRC_SMPTE2084;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.nio.ShortBuffer;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/**
 * Brings pictures of high dynamic range into the range of an ordinary screen. Signals become light
 * by the curve of the stream (SMPTE ST 2084, or ITU-R BT.2100 hybrid log-gamma), reference white
 * (203 cd/m², ITU-R BT.2408) stays bright, and what is brighter is compressed into what is left.
 */
final class HighRange {

    private static final double REFERENCE_WHITE = 203;

    /** Peak of the display that hybrid log-gamma is rendered for, in cd/m². */
    private static final double HLG_PEAK = 1000;

    /** Share of the ordinary range that light up to the knee keeps for itself. */
    private static final double KNEE = 0.75;

    /** Light that becomes full white, in reference whites. */
    private static final double BRIGHTEST = 5;

    private static final int STEPS = 1 << 16;
    private static final HighRange PQ = new HighRange(false);
    private static final HighRange HLG = new HighRange(true);
    private static final byte[] SCREEN = screen();

    /** Light of each signal, in reference whites. */
    private final float[] light = new float[STEPS];

    private HighRange(boolean hybrid) {
        for (int i = 0; i < STEPS; i++) {
            double signal = i / (STEPS - 1.0);
            light[i] = (float) ((hybrid ? hybrid(signal) : perceptual(signal)) / REFERENCE_WHITE);
        }
    }

    static boolean is(AVFrame frame) {
        return frame.color_trc() == AVCOL_TRC_SMPTE2084
                || frame.color_trc() == AVCOL_TRC_ARIB_STD_B67;
    }

    static HighRange of(AVFrame frame) {
        return frame.color_trc() == AVCOL_TRC_SMPTE2084 ? PQ : HLG;
    }

    /** Whether its colours are mixed from the primaries of BT.2020. */
    static boolean wide(AVFrame frame) {
        return frame.color_primaries() == AVCOL_PRI_BT2020;
    }

    /** The curve of SMPTE ST 2084: cd/m² of a signal from 0 to 1. */
    static double perceptual(double signal) {
        double m1 = 2610.0 / 16384;
        double m2 = 2523.0 / 4096 * 128;
        double c1 = 3424.0 / 4096;
        double c2 = 2413.0 / 4096 * 32;
        double c3 = 2392.0 / 4096 * 32;
        double p = Math.pow(signal, 1 / m2);
        return 10_000 * Math.pow(Math.max(0, p - c1) / (c2 - c3 * p), 1 / m1);
    }

    /** The curve of hybrid log-gamma with the system gamma of 1.2 for its usual peak. */
    static double hybrid(double signal) {
        double a = 0.17883277;
        double b = 1 - 4 * a;
        double c = 0.5 - a * Math.log(4 * a);
        double scene = signal <= 0.5 ? signal * signal / 3 : (Math.exp((signal - c) / a) + b) / 12;
        return HLG_PEAK * Math.pow(scene, 1.2);
    }

    /** What a screen is sent for each share of its light (IEC 61966-2-1). */
    private static byte[] screen() {
        byte[] codes = new byte[STEPS];
        for (int i = 0; i < STEPS; i++) {
            double v = i / (STEPS - 1.0);
            double code = v <= 0.0031308 ? 12.92 * v : 1.055 * Math.pow(v, 1 / 2.4) - 0.055;
            codes[i] = (byte) Math.round(255 * code);
        }
        return codes;
    }

    /**
     * @param stride shorts from one row of blue, green, red to the next
     * @param wide whether the colours are mixed from the primaries of BT.2020
     */
    BufferedImage ordinary(ShortBuffer rows, int width, int height, int stride, boolean wide) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        byte[] data = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        short[] row = new short[3 * width];
        for (int y = 0; y < height; y++) {
            rows.position(y * stride);
            rows.get(row);
            for (int x = 0; x < width; x++) {
                float b = light[row[3 * x] & 0xFFFF];
                float g = light[row[3 * x + 1] & 0xFFFF];
                float r = light[row[3 * x + 2] & 0xFFFF];
                if (wide) { // the primaries of BT.2020 in those of BT.709, ITU-R BT.2087
                    float wr = 1.6605f * r - 0.5876f * g - 0.0728f * b;
                    float wg = -0.1246f * r + 1.1329f * g - 0.0083f * b;
                    float wb = -0.0182f * r - 0.1006f * g + 1.1187f * b;
                    r = wr;
                    g = wg;
                    b = wb;
                }
                float most = Math.max(r, Math.max(g, b));
                float scale = most <= KNEE ? 1 : (float) (compressed(most) / most);
                int at = 3 * (y * width + x);
                data[at] = code(b * scale);
                data[at + 1] = code(g * scale);
                data[at + 2] = code(r * scale);
            }
        }
        return image;
    }

    private static double compressed(double light) {
        double over = Math.log(light / KNEE) / Math.log(BRIGHTEST / KNEE);
        return Math.min(1, KNEE + (1 - KNEE) * over);
    }

    private static byte code(float light) {
        return SCREEN[Math.max(0, Math.min(STEPS - 1, Math.round(light * (STEPS - 1))))];
    }
}
