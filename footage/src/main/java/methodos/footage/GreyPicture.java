package methodos.footage;

import static org.bytedeco.ffmpeg.global.avutil.AVCOL_RANGE_JPEG;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_FLAG_BE;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_FLAG_RGB;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_GRAY10LE;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_GRAY12LE;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_GRAY8;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUVJ420P;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUVJ422P;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUVJ444P;
import static org.bytedeco.ffmpeg.global.avutil.av_free;
import static org.bytedeco.ffmpeg.global.avutil.av_malloc;
import static org.bytedeco.ffmpeg.global.avutil.av_pix_fmt_desc_get;
import static org.bytedeco.ffmpeg.global.swscale.SWS_AREA;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCachedContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;

import java.nio.ByteBuffer;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVPixFmtDescriptor;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/**
 * Small grey pictures of frames, for measuring. Only the plane of brightness is scaled, by the mean
 * of what falls together: a scaler that picks single pixels would invent edges.
 */
final class GreyPicture implements AutoCloseable {

    private final int width;
    private final byte[] full = new byte[256];
    private SwsContext scaler;
    private BytePointer buffer;
    private ByteBuffer rows;
    private byte[] grey = new byte[0];
    private int height;
    private SwsContext small;
    private BytePointer smallBuffer;
    private final PointerPointer<BytePointer> smallTo = new PointerPointer<>(4);
    private final IntPointer smallStride = new IntPointer(4);
    private final PointerPointer<BytePointer> from = new PointerPointer<>(4);
    private final PointerPointer<BytePointer> to = new PointerPointer<>(4);
    private final IntPointer fromStride = new IntPointer(4);
    private final IntPointer toStride = new IntPointer(4);

    GreyPicture(int width) {
        this.width = width;
        for (int i = 0; i < full.length; i++) {
            full[i] = (byte) Math.max(0, Math.min(255, Math.round((i - 16) * 255 / 219.0)));
        }
    }

    int height() {
        return height;
    }

    /** The grey levels of a frame, 0 black and 255 white; valid until the next call. */
    byte[] of(AVFrame frame) {
        size(Math.max(2, frame.height() * width / Math.max(1, frame.width()) / 2 * 2));
        int plane = plane(frame.format());
        scaler =
                sws_getCachedContext(
                        scaler,
                        frame.width(),
                        frame.height(),
                        plane < 0 ? frame.format() : plane,
                        width,
                        height,
                        AV_PIX_FMT_GRAY8,
                        SWS_AREA,
                        null,
                        null,
                        (DoublePointer) null);
        if (plane < 0) {
            sws_scale(scaler, frame.data(), frame.linesize(), 0, frame.height(), to, toStride);
        } else {
            from.put(0, frame.data(0));
            fromStride.put(0, frame.linesize(0));
            sws_scale(scaler, from, fromStride, 0, frame.height(), to, toStride);
        }
        rows.position(0);
        rows.get(grey);
        if (plane >= 0 && !fullRange(frame)) {
            for (int i = 0; i < grey.length; i++) {
                grey[i] = full[grey[i] & 255];
            }
        }
        return grey;
    }

    /**
     * Both colour differences of a frame, blue then red, as means of so many columns and rows;
     * nothing where the frame has no planes of colour. Valid for good.
     */
    byte[] colour(AVFrame frame, int columns, int rows) {
        AVPixFmtDescriptor d = av_pix_fmt_desc_get(frame.format());
        int plane = plane(frame.format());
        if (plane < 0
                || d.nb_components() < 3
                || d.comp(1).plane() != 1
                || d.comp(2).plane() != 2) {
            return new byte[0];
        }
        int wide = -(-frame.width() >> d.log2_chroma_w());
        int high = -(-frame.height() >> d.log2_chroma_h());
        byte[] colour = new byte[2 * columns * rows];
        small =
                sws_getCachedContext(
                        small,
                        wide,
                        high,
                        plane,
                        columns,
                        rows,
                        AV_PIX_FMT_GRAY8,
                        SWS_AREA,
                        null,
                        null,
                        (DoublePointer) null);
        if (smallBuffer == null) {
            smallBuffer = new BytePointer(av_malloc((long) columns * rows + 64));
            smallBuffer.capacity((long) columns * rows);
        }
        for (int i = 0; i < 2; i++) {
            from.put(0, frame.data(i + 1));
            fromStride.put(0, frame.linesize(i + 1));
            smallTo.put(0, smallBuffer);
            smallStride.put(0, columns);
            sws_scale(small, from, fromStride, 0, high, smallTo, smallStride);
            smallBuffer.asByteBuffer().get(colour, i * columns * rows, columns * rows);
        }
        return colour;
    }

    private void size(int wanted) {
        if (wanted == height) {
            return;
        }
        height = wanted;
        if (buffer != null) {
            av_free(buffer);
        }
        buffer =
                new BytePointer(av_malloc((long) width * height + 64))
                        .capacity((long) width * height);
        rows = buffer.asByteBuffer();
        grey = new byte[width * height];
        to.put(0, buffer);
        toStride.put(0, width);
    }

    /** The format of the first plane alone where that is brightness; -1 where it is not. */
    private static int plane(int format) {
        AVPixFmtDescriptor d = av_pix_fmt_desc_get(format);
        boolean brightness =
                (d.flags() & (AV_PIX_FMT_FLAG_RGB | AV_PIX_FMT_FLAG_BE)) == 0
                        && d.comp(0).plane() == 0
                        && d.comp(0).offset() == 0
                        && d.comp(0).shift() == 0;
        int bytes = d.comp(0).depth() > 8 ? 2 : 1;
        if (!brightness || d.comp(0).step() != bytes) {
            return -1;
        }
        return switch (d.comp(0).depth()) {
            case 8 -> AV_PIX_FMT_GRAY8;
            case 10 -> AV_PIX_FMT_GRAY10LE;
            case 12 -> AV_PIX_FMT_GRAY12LE;
            default -> -1;
        };
    }

    private static boolean fullRange(AVFrame frame) {
        int format = frame.format();
        return frame.color_range() == AVCOL_RANGE_JPEG
                || format == AV_PIX_FMT_YUVJ420P
                || format == AV_PIX_FMT_YUVJ422P
                || format == AV_PIX_FMT_YUVJ444P
                || format == AV_PIX_FMT_GRAY8;
    }

    @Override
    public void close() {
        if (scaler != null) {
            sws_freeContext(scaler);
            scaler = null;
        }
        if (buffer != null) {
            av_free(buffer);
            buffer = null;
        }
        if (small != null) {
            sws_freeContext(small);
            small = null;
        }
        if (smallBuffer != null) {
            av_free(smallBuffer);
            smallBuffer = null;
        }
        smallTo.close();
        smallStride.close();
        from.close();
        to.close();
        fromStride.close();
        toStride.close();
    }
}
