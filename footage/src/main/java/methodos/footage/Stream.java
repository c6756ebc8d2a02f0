package methodos.footage;

import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_DATA_DISPLAYMATRIX;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_decoder;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_flush_buffers;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_to_context;
import static org.bytedeco.ffmpeg.global.avformat.AVSEEK_FLAG_BACKWARD;
import static org.bytedeco.ffmpeg.global.avformat.AVSEEK_FLAG_BYTE;
import static org.bytedeco.ffmpeg.global.avformat.av_find_best_stream;
import static org.bytedeco.ffmpeg.global.avformat.av_seek_frame;
import static org.bytedeco.ffmpeg.global.avformat.avformat_close_input;
import static org.bytedeco.ffmpeg.global.avformat.avformat_find_stream_info;
import static org.bytedeco.ffmpeg.global.avformat.avformat_seek_file;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_VIDEO;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;
import static org.bytedeco.ffmpeg.global.avutil.AV_TIME_BASE;
import static org.bytedeco.ffmpeg.global.avutil.av_display_rotation_get;
import static org.bytedeco.ffmpeg.global.avutil.av_q2d;

import java.nio.file.Path;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVCodecParameters;
import org.bytedeco.ffmpeg.avcodec.AVPacketSideData;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVRational;
import org.bytedeco.javacpp.IntPointer;

/**
 * The opened video stream of a file with its decoder. Everything native in one place, freed by
 * {@link #close}.
 */
final class Stream implements AutoCloseable {

    private static final int MOST_THREADS = 8;

    private AVFormatContext format;
    private AVCodecContext decoder;
    private final int index;
    private final AVStream stream;
    private final double timeBase;
    private final int rotation;
    private final KeyFrames keys;

    Stream(Path file) throws FootageProblem {
        this(file, threads());
    }

    /**
     * @param threads of the decoder
     */
    Stream(Path file, int threads) throws FootageProblem {
        format = Source.open(file);
        try {
            require(avformat_find_stream_info(format, (AVDictionary) null), file);
            index = av_find_best_stream(format, AVMEDIA_TYPE_VIDEO, -1, -1, (AVCodec) null, 0);
            if (index < 0) {
                throw new FootageProblem(file + " holds no pictures.");
            }
            stream = format.streams(index);
            timeBase = av_q2d(stream.time_base());
            rotation = rotation(stream.codecpar());
            AVCodec codec = avcodec_find_decoder(stream.codecpar().codec_id());
            if (codec == null) {
                throw new FootageProblem(file + " is coded in a way that cannot be read here.");
            }
            decoder = avcodec_alloc_context3(codec);
            require(avcodec_parameters_to_context(decoder, stream.codecpar()), file);
            decoder.pkt_timebase(stream.time_base());
            decoder.thread_count(threads);
            require(avcodec_open2(decoder, codec, (AVDictionary) null), file);
            keys = transportStream() ? new KeyFrames(format, index) : null;
        } catch (FootageProblem e) {
            close();
            throw e;
        }
    }

    /**
     * Twice the processors: threads that are handed frames to skip must not keep others waiting.
     */
    private static int threads() {
        return Math.max(2, Math.min(MOST_THREADS, 2 * Runtime.getRuntime().availableProcessors()));
    }

    private static void require(int result, Path file) throws FootageProblem {
        if (result < 0) {
            throw new FootageProblem(file + " cannot be read: " + Natives.words(result) + ".");
        }
    }

    /** Degrees clockwise that set the picture upright: 0, 90, 180 or 270. */
    private static int rotation(AVCodecParameters parameters) {
        for (int i = 0; i < parameters.nb_coded_side_data(); i++) {
            AVPacketSideData data =
                    new AVPacketSideData(parameters.coded_side_data()).getPointer(i);
            if (data.type() == AV_PKT_DATA_DISPLAYMATRIX && data.size() >= 36) {
                double counterclockwise = av_display_rotation_get(new IntPointer(data.data()));
                if (!Double.isNaN(counterclockwise)) {
                    return Math.floorMod((int) Math.round(-counterclockwise), 360);
                }
            }
        }
        return 0;
    }

    /** Puts the reader at or before a time; the decoder starts clean. */
    void seek(long timestamp) throws FootageProblem {
        if (keys != null && keys.isFirst(timestamp)) {
            seekToTheBeginning();
            return;
        }
        long wanted = keys == null ? timestamp : keys.decodingTimeBefore(timestamp);
        int result = av_seek_frame(format, index, wanted, AVSEEK_FLAG_BACKWARD);
        if (result < 0) {
            result = avformat_seek_file(format, index, Long.MIN_VALUE, start(), Long.MAX_VALUE, 0);
        }
        if (result < 0) {
            seekToTheBeginning();
        }
        avcodec_flush_buffers(decoder);
    }

    private void seekToTheBeginning() throws FootageProblem {
        int result = av_seek_frame(format, -1, 0, AVSEEK_FLAG_BYTE);
        if (result < 0) {
            throw new FootageProblem("The recording cannot be searched: " + Natives.words(result));
        }
        avcodec_flush_buffers(decoder);
    }

    AVFormatContext format() {
        return format;
    }

    AVCodecContext decoder() {
        return decoder;
    }

    AVStream stream() {
        return stream;
    }

    int index() {
        return index;
    }

    double timeBase() {
        return timeBase;
    }

    int rotation() {
        return rotation;
    }

    /** Width to height of one pixel. */
    double pixelAspect() {
        AVRational ratio = stream.codecpar().sample_aspect_ratio();
        return ratio.num() <= 0 || ratio.den() <= 0 ? 1 : ratio.num() / (double) ratio.den();
    }

    /** The stream's first time stamp, in its own time base. */
    long start() {
        return stream.start_time() == AV_NOPTS_VALUE ? 0 : stream.start_time();
    }

    /** The usual distance of frames, in the stream's time base. */
    long frameDistance() {
        double rate = av_q2d(stream.avg_frame_rate());
        if (!(rate > 0)) {
            rate = av_q2d(stream.r_frame_rate());
        }
        return Math.max(1, Math.round(1 / (rate > 0 ? rate : 25) / timeBase));
    }

    /** Seconds from the first picture to the end, as the file says; 0 where it does not. */
    double duration() {
        if (stream.duration() != AV_NOPTS_VALUE && stream.duration() > 0) {
            return stream.duration() * timeBase;
        }
        return format.duration() == AV_NOPTS_VALUE ? 0 : format.duration() / (double) AV_TIME_BASE;
    }

    /** The key frames, where they had to be looked for; null where the container has a table. */
    KeyFrames keys() {
        return keys;
    }

    /** Whether the container has no table of its frames. */
    private boolean transportStream() {
        return format.iformat().name().getString().startsWith("mpegts");
    }

    @Override
    public void close() {
        if (decoder != null) {
            avcodec_free_context(decoder);
            decoder = null;
        }
        if (format != null) {
            avformat_close_input(format);
            format = null;
        }
    }
}
