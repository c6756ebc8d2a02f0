package methodos.footage;

import static org.bytedeco.ffmpeg.global.avutil.AVCOL_RANGE_JPEG;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_SPC_UNSPECIFIED;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_BGR24;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_BGR48LE;
import static org.bytedeco.ffmpeg.global.avutil.av_free;
import static org.bytedeco.ffmpeg.global.avutil.av_malloc;
import static org.bytedeco.ffmpeg.global.swscale.SWS_ACCURATE_RND;
import static org.bytedeco.ffmpeg.global.swscale.SWS_AREA;
import static org.bytedeco.ffmpeg.global.swscale.SWS_BICUBIC;
import static org.bytedeco.ffmpeg.global.swscale.SWS_CS_DEFAULT;
import static org.bytedeco.ffmpeg.global.swscale.SWS_FULL_CHR_H_INT;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCachedContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCoefficients;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;
import static org.bytedeco.ffmpeg.global.swscale.sws_setColorspaceDetails;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.ShortBuffer;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/** Turns decoded frames into pictures: the stream's colours, square pixels, upright. */
final class FramePicture implements AutoCloseable {

    private final double pixelAspect;
    private final int told;
    private int rotation;
    private SwsContext scaler;

    FramePicture(double pixelAspect, int rotation) {
        this.pixelAspect = pixelAspect;
        this.told = rotation;
        this.rotation = rotation;
    }

    /** Turns pictures by so many quarters clockwise, beyond what the stream tells. */
    void turn(int quarters) {
        rotation = told + 90 * quarters;
    }

    /** The whole picture as it is shown. */
    BufferedImage full(AVFrame frame) {
        int width = (int) Math.round(frame.width() * Math.max(1, pixelAspect));
        int height = (int) Math.round(frame.height() / Math.min(1, pixelAspect));
        return picture(frame, width, height, SWS_BICUBIC | SWS_FULL_CHR_H_INT);
    }

    /** The picture as it is shown, made small enough for a box. */
    BufferedImage within(AVFrame frame, int boxWidth, int boxHeight) {
        boolean lying = rotation % 180 != 0;
        double width = frame.width() * pixelAspect;
        double scale =
                Math.min(
                        1,
                        Math.min(
                                (lying ? boxHeight : boxWidth) / width,
                                (lying ? boxWidth : boxHeight) / (double) frame.height()));
        return picture(
                frame,
                Math.max(2, (int) Math.round(width * scale)),
                Math.max(2, (int) Math.round(frame.height() * scale)),
                SWS_AREA);
    }

    private BufferedImage picture(AVFrame frame, int width, int height, int method) {
        return upright(
                HighRange.is(frame)
                        ? highRange(frame, width, height, method)
                        : ordinary(frame, width, height, method));
    }

    private BufferedImage ordinary(AVFrame frame, int width, int height, int method) {
        int stride = width * 3 + 63 & ~63;
        BytePointer pixels = scaled(frame, width, height, AV_PIX_FMT_BGR24, stride, method);
        try {
            return copied(pixels, width, height, stride);
        } finally {
            av_free(pixels);
        }
    }

    private BufferedImage highRange(AVFrame frame, int width, int height, int method) {
        int stride = width * 6 + 63 & ~63;
        BytePointer pixels = scaled(frame, width, height, AV_PIX_FMT_BGR48LE, stride, method);
        try {
            ShortBuffer rows =
                    pixels.capacity((long) stride * height)
                            .asByteBuffer()
                            .order(ByteOrder.LITTLE_ENDIAN)
                            .asShortBuffer();
            return HighRange.of(frame)
                    .ordinary(rows, width, height, stride / 2, HighRange.wide(frame));
        } finally {
            av_free(pixels);
        }
    }

    /** The frame in another size and format; the caller frees it. */
    private BytePointer scaled(
            AVFrame frame, int width, int height, int format, int stride, int method) {
        boolean field = Interlacing.combed(frame);
        int rows = field ? frame.height() / 2 : frame.height();
        scaler =
                sws_getCachedContext(
                        scaler,
                        frame.width(),
                        rows,
                        frame.format(),
                        width,
                        height,
                        format,
                        method | SWS_ACCURATE_RND,
                        null,
                        null,
                        (DoublePointer) null);
        useColoursOf(frame);
        BytePointer pixels = new BytePointer(av_malloc((long) stride * height + 64));
        try (PointerPointer<BytePointer> planes = new PointerPointer<>(4);
                IntPointer strides = new IntPointer(4);
                IntPointer lines = new IntPointer(4)) {
            planes.put(0, pixels);
            strides.put(0, stride);
            for (int i = 0; i < 4; i++) {
                lines.put(i, frame.linesize(i) * (field ? 2 : 1)); // every other line: one field
            }
            sws_scale(scaler, frame.data(), lines, 0, rows, planes, strides);
            return pixels;
        }
    }

    /** Without this the scaler assumes the matrix of standard definition for every stream. */
    private void useColoursOf(AVFrame frame) {
        int matrix = frame.colorspace();
        if (matrix == AVCOL_SPC_UNSPECIFIED) {
            matrix = frame.height() >= 720 ? 1 : SWS_CS_DEFAULT;
        }
        IntPointer in = sws_getCoefficients(matrix);
        int fullRange = frame.color_range() == AVCOL_RANGE_JPEG ? 1 : 0;
        sws_setColorspaceDetails(
                scaler, in, fullRange, sws_getCoefficients(SWS_CS_DEFAULT), 1, 0, 1 << 16, 1 << 16);
    }

    private static BufferedImage copied(BytePointer pixels, int width, int height, int stride) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        byte[] data = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        ByteBuffer rows = pixels.capacity((long) stride * height).asByteBuffer();
        for (int y = 0; y < height; y++) {
            rows.position(y * stride);
            rows.get(data, y * width * 3, width * 3);
        }
        return image;
    }

    private BufferedImage upright(BufferedImage lying) {
        int quarters = Math.round(rotation / 90f) & 3;
        if (quarters == 0) {
            return lying;
        }
        int w = lying.getWidth();
        int h = lying.getHeight();
        boolean swapped = quarters % 2 == 1;
        BufferedImage result =
                new BufferedImage(swapped ? h : w, swapped ? w : h, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D g = result.createGraphics();
        AffineTransform turn = AffineTransform.getQuadrantRotateInstance(quarters);
        AffineTransform shift =
                switch (quarters) {
                    case 1 -> AffineTransform.getTranslateInstance(h, 0);
                    case 2 -> AffineTransform.getTranslateInstance(w, h);
                    default -> AffineTransform.getTranslateInstance(0, w);
                };
        shift.concatenate(turn);
        g.drawImage(lying, shift, null);
        g.dispose();
        return result;
    }

    @Override
    public void close() {
        if (scaler != null) {
            sws_freeContext(scaler);
            scaler = null;
        }
    }
}
