package methodos.footage;

import static org.bytedeco.ffmpeg.global.avutil.av_pix_fmt_desc_get;

import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVPixFmtDescriptor;
import org.bytedeco.javacpp.BytePointer;

/** Tells whether a frame is two moments woven together, line by line. */
final class Interlacing {

    /** AV_FRAME_FLAG_INTERLACED of the library, which its Java names leave out. */
    private static final int FLAG_INTERLACED = 8;

    /** Neighbouring lines differ so much more than lines of one field where something moved. */
    private static final double COMB = 1.25;

    private static final int EVERY = 7;

    private Interlacing() {}

    /**
     * Whether something moved between the frame's two fields. Many cameras mark every frame as
     * interlaced: where nothing moved, both fields together are the sharper picture.
     */
    static boolean combed(AVFrame frame) {
        if ((frame.flags() & FLAG_INTERLACED) == 0 || frame.height() < 8) {
            return false;
        }
        AVPixFmtDescriptor d = av_pix_fmt_desc_get(frame.format());
        if (d.comp(0).plane() != 0 || d.comp(0).depth() != 8 || d.comp(0).step() != 1) {
            return false;
        }
        BytePointer luma = frame.data(0);
        long stride = frame.linesize(0);
        long across = 0;
        long within = 0;
        for (int y = 2; y + 2 < frame.height(); y += 2) {
            for (int x = 0; x < frame.width(); x += EVERY) {
                int here = luma.get(y * stride + x) & 255;
                int next = luma.get((y + 1) * stride + x) & 255;
                int field = luma.get((y + 2) * stride + x) & 255;
                across += Math.abs(here - next);
                within += Math.abs(here - field);
            }
        }
        return across > COMB * within && across > frame.width() * frame.height() / (2 * EVERY);
    }
}
