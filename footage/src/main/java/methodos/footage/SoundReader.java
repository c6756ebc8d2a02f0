package methodos.footage;

import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_decoder;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_flush_buffers;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_to_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_frame;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_packet;
import static org.bytedeco.ffmpeg.global.avformat.AVSEEK_FLAG_BACKWARD;
import static org.bytedeco.ffmpeg.global.avformat.av_find_best_stream;
import static org.bytedeco.ffmpeg.global.avformat.av_read_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_seek_frame;
import static org.bytedeco.ffmpeg.global.avformat.avformat_close_input;
import static org.bytedeco.ffmpeg.global.avformat.avformat_find_stream_info;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_AUDIO;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_VIDEO;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_FLT;
import static org.bytedeco.ffmpeg.global.avutil.av_channel_layout_default;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_unref;
import static org.bytedeco.ffmpeg.global.avutil.av_q2d;
import static org.bytedeco.ffmpeg.global.swresample.swr_alloc_set_opts2;
import static org.bytedeco.ffmpeg.global.swresample.swr_convert;
import static org.bytedeco.ffmpeg.global.swresample.swr_free;
import static org.bytedeco.ffmpeg.global.swresample.swr_init;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.function.BooleanSupplier;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVChannelLayout;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.swresample.SwrContext;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.javacpp.PointerPointer;

/**
 * The sound of a recording as one channel of samples, on the clock of the pictures: time 0 is the
 * first picture.
 */
public final class SoundReader implements AutoCloseable {

    /** Samples a second that are enough to tell speech from pauses. */
    private static final int COARSE_RATE = 16_000;

    private static final int BUFFER = 1 << 16;

    private AVFormatContext format;
    private AVCodecContext decoder;
    private SwrContext converter;
    private final int rate;
    private final int index;
    private final double timeBase;
    private final double firstPicture;
    private final AVPacket packet = av_packet_alloc();
    private final AVFrame frame = av_frame_alloc();
    private final FloatPointer out = new FloatPointer(BUFFER);
    private final PointerPointer<FloatPointer> planes = new PointerPointer<>(1);
    private boolean endRead;
    private double time;

    /**
     * @param rate samples a second that are to be given
     * @throws FootageProblem if there is no sound or it cannot be read
     */
    public SoundReader(Path file, int rate) throws FootageProblem {
        this.rate = rate;
        format = Source.open(file);
        avformat_find_stream_info(format, (AVDictionary) null);
        index = av_find_best_stream(format, AVMEDIA_TYPE_AUDIO, -1, -1, (AVCodec) null, 0);
        if (index < 0) {
            close();
            throw new FootageProblem(file + " has no sound.");
        }
        AVStream stream = format.streams(index);
        timeBase = av_q2d(stream.time_base());
        firstPicture = firstPicture();
        for (int i = 0; i < format.nb_streams(); i++) {
            if (i != index) {
                format.streams(i).discard(org.bytedeco.ffmpeg.global.avcodec.AVDISCARD_ALL);
            }
        }
        AVCodec codec = avcodec_find_decoder(stream.codecpar().codec_id());
        decoder = codec == null ? null : avcodec_alloc_context3(codec);
        if (decoder == null
                || avcodec_parameters_to_context(decoder, stream.codecpar()) < 0
                || avcodec_open2(decoder, codec, (AVDictionary) null) < 0) {
            close();
            throw new FootageProblem("The sound of " + file + " is coded in an unknown way.");
        }
        planes.put(0, out);
    }

    private double firstPicture() {
        int video = av_find_best_stream(format, AVMEDIA_TYPE_VIDEO, -1, -1, (AVCodec) null, 0);
        if (video < 0) {
            return 0;
        }
        AVStream stream = format.streams(video);
        return stream.start_time() == AV_NOPTS_VALUE
                ? 0
                : stream.start_time() * av_q2d(stream.time_base());
    }

    /** Goes to a time; the samples that come next begin at or before it. */
    public void seek(double seconds) {
        long stamp = Math.round((seconds + firstPicture) / timeBase);
        av_seek_frame(format, index, Math.max(0, stamp), AVSEEK_FLAG_BACKWARD);
        avcodec_flush_buffers(decoder);
        if (converter != null) {
            swr_free(converter);
            converter = null;
        }
        endRead = false;
    }

    /**
     * The next samples, from -1 to 1; null at the end. {@link #time} says when the first of them is
     * heard.
     */
    public float[] next() {
        while (true) {
            if (avcodec_receive_frame(decoder, frame) == 0) {
                float[] samples = converted();
                av_frame_unref(frame);
                if (samples.length > 0) {
                    return samples;
                }
                continue;
            }
            if (endRead) {
                return null;
            }
            if (av_read_frame(format, packet) < 0) {
                endRead = true;
                avcodec_send_packet(decoder, null);
            } else {
                if (packet.stream_index() == index) {
                    avcodec_send_packet(decoder, packet); // one bad packet is passed over
                }
                av_packet_unref(packet);
            }
        }
    }

    /** When the first of the samples given last is heard, in seconds from the first picture. */
    public double time() {
        return time;
    }

    private float[] converted() {
        long stamp = frame.best_effort_timestamp();
        if (stamp != AV_NOPTS_VALUE) {
            time = stamp * timeBase - firstPicture;
        }
        if (converter == null) {
            converter = new SwrContext();
            AVChannelLayout mono = new AVChannelLayout();
            av_channel_layout_default(mono, 1);
            swr_alloc_set_opts2(
                    converter,
                    mono,
                    AV_SAMPLE_FMT_FLT,
                    rate,
                    frame.ch_layout(),
                    frame.format(),
                    frame.sample_rate(),
                    0,
                    null);
            if (swr_init(converter) < 0) {
                return new float[0];
            }
        }
        int n = swr_convert(converter, planes, BUFFER, frame.extended_data(), frame.nb_samples());
        float[] samples = new float[Math.max(0, n)];
        out.position(0).get(samples);
        return samples;
    }

    /**
     * How loud each slice of time is, as root mean square, full scale being 1.
     *
     * @param slice seconds
     * @return nothing where there is no sound
     * @throws FootageProblem if the sound cannot be read
     */
    public static float[] loudness(Path file, double slice, BooleanSupplier cancelled)
            throws FootageProblem {
        try (SoundReader sound = new SoundReader(file, COARSE_RATE)) {
            double[] squares = new double[1 << 12];
            int[] counts = new int[1 << 12];
            int slices = 0;
            float[] samples;
            while ((samples = sound.next()) != null && !cancelled.getAsBoolean()) {
                for (int i = 0; i < samples.length; i++) {
                    int at = (int) Math.floor((sound.time() + i / (double) COARSE_RATE) / slice);
                    if (at < 0) {
                        continue;
                    }
                    if (at >= squares.length) {
                        squares = Arrays.copyOf(squares, 2 * at);
                        counts = Arrays.copyOf(counts, 2 * at);
                    }
                    squares[at] += samples[i] * (double) samples[i];
                    counts[at]++;
                    slices = Math.max(slices, at + 1);
                }
            }
            float[] loudness = new float[slices];
            for (int i = 0; i < slices; i++) {
                loudness[i] = counts[i] == 0 ? 0 : (float) Math.sqrt(squares[i] / counts[i]);
            }
            return loudness;
        }
    }

    /**
     * All of the sound, on the clock of the pictures: the first sample is heard with the first
     * picture, and where nothing was recorded there is silence.
     *
     * @param rate samples a second
     * @return samples from -1 to 1
     * @throws FootageProblem if there is no sound or it cannot be read
     */
    public static float[] samples(Path file, int rate) throws FootageProblem {
        try (SoundReader sound = new SoundReader(file, rate)) {
            float[] all = new float[rate];
            int size = 0;
            float[] samples;
            while ((samples = sound.next()) != null) {
                int at = (int) Math.round(sound.time() * rate);
                int skipped = Math.min(samples.length, Math.max(0, -at));
                int from = Math.max(0, at);
                int to = from + samples.length - skipped;
                if (to > all.length) {
                    all = Arrays.copyOf(all, Math.max(to, 2 * all.length));
                }
                System.arraycopy(samples, skipped, all, from, samples.length - skipped);
                size = Math.max(size, to);
            }
            return Arrays.copyOf(all, size);
        }
    }

    @Override
    public void close() {
        if (converter != null) {
            swr_free(converter);
            converter = null;
        }
        if (decoder != null) {
            avcodec_free_context(decoder);
            decoder = null;
        }
        if (format != null) {
            avformat_close_input(format);
            format = null;
        }
        av_packet_free(packet);
        av_frame_free(frame);
        out.close();
        planes.close();
    }
}
