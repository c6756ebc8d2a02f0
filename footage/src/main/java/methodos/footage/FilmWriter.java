package methodos.footage;

import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_FLAG_GLOBAL_HEADER;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_rescale_ts;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_encoder_by_name;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_from_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_packet;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_frame;
import static org.bytedeco.ffmpeg.global.avformat.AVIO_FLAG_WRITE;
import static org.bytedeco.ffmpeg.global.avformat.av_interleaved_write_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_write_trailer;
import static org.bytedeco.ffmpeg.global.avformat.avformat_alloc_output_context2;
import static org.bytedeco.ffmpeg.global.avformat.avformat_free_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_new_stream;
import static org.bytedeco.ffmpeg.global.avformat.avformat_write_header;
import static org.bytedeco.ffmpeg.global.avformat.avio_closep;
import static org.bytedeco.ffmpeg.global.avformat.avio_open;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_BGR24;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_FLT;
import static org.bytedeco.ffmpeg.global.avutil.av_channel_layout_default;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_make_q;
import static org.bytedeco.ffmpeg.global.avutil.av_opt_set;
import static org.bytedeco.ffmpeg.global.swscale.SWS_BICUBIC;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCachedContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.nio.file.Path;
import java.util.Arrays;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/** Writes pictures and sound into a WebM file. */
final class FilmWriter implements AutoCloseable {

    private static final int MILLIS = 1000;
    private static final int OPUS_SAMPLES = 960;
    private static final int SOUND_BITS = 48_000;
    private static final int KEY_EVERY = 60;

    /** Constant quality: small files on which a screw's head can still be told. */
    private static final String QUALITY = "36";

    private final int width;
    private final int height;
    private final AVFormatContext format = new AVFormatContext(null);
    private final AVPacket packet = av_packet_alloc();
    private AVCodecContext pictures;
    private AVCodecContext sound;
    private AVStream pictureStream;
    private AVStream soundStream;
    private SwsContext scaler;
    private float[] waiting = new float[0];
    private long samples;

    FilmWriter(Path file, int width, int height, boolean withSound) throws FootageProblem {
        Natives.load();
        this.width = width;
        this.height = height;
        try {
            require(avformat_alloc_output_context2(format, null, "webm", file.toString()));
            pictures = encoder("libvpx-vp9");
            pictures.width(width).height(height).pix_fmt(AV_PIX_FMT_YUV420P);
            pictures.time_base(av_make_q(1, MILLIS));
            pictures.gop_size(KEY_EVERY);
            av_opt_set(pictures.priv_data(), "crf", QUALITY, 0);
            av_opt_set(pictures.priv_data(), "deadline", "realtime", 0);
            av_opt_set(pictures.priv_data(), "cpu-used", "7", 0);
            av_opt_set(pictures.priv_data(), "row-mt", "1", 0);
            pictures.thread_count(Runtime.getRuntime().availableProcessors());
            pictureStream = opened(pictures);
            if (withSound) {
                sound = encoder("libopus");
                sound.sample_rate(SpanSound.RATE).sample_fmt(AV_SAMPLE_FMT_FLT);
                sound.bit_rate(SOUND_BITS);
                sound.time_base(av_make_q(1, SpanSound.RATE));
                av_channel_layout_default(sound.ch_layout(), 1);
                soundStream = opened(sound);
            }
            AVIOContext io = new AVIOContext(null);
            require(avio_open(io, Source.address(file), AVIO_FLAG_WRITE));
            format.pb(io);
            require(avformat_write_header(format, (AVDictionary) null));
        } catch (FootageProblem e) {
            close();
            throw e;
        }
    }

    private AVCodecContext encoder(String name) throws FootageProblem {
        AVCodec codec = avcodec_find_encoder_by_name(name);
        if (codec == null) {
            throw new FootageProblem("Films cannot be written here: there is no " + name + ".");
        }
        AVCodecContext context = avcodec_alloc_context3(codec);
        context.flags(context.flags() | AV_CODEC_FLAG_GLOBAL_HEADER);
        return context;
    }

    private AVStream opened(AVCodecContext context) throws FootageProblem {
        require(avcodec_open2(context, (AVCodec) null, (AVDictionary) null));
        AVStream stream = avformat_new_stream(format, null);
        require(avcodec_parameters_from_context(stream.codecpar(), context));
        stream.time_base(context.time_base());
        return stream;
    }

    private static void require(int result) throws FootageProblem {
        if (result < 0) {
            throw new FootageProblem("The film cannot be written: " + Natives.words(result) + ".");
        }
    }

    /** Adds a picture; its size is that of the film, or a pixel more. */
    void picture(BufferedImage picture, double seconds) throws FootageProblem {
        AVFrame frame = av_frame_alloc();
        try {
            frame.width(width).height(height).format(AV_PIX_FMT_YUV420P);
            require(av_frame_get_buffer(frame, 0));
            byte[] bgr = ((DataBufferByte) picture.getRaster().getDataBuffer()).getData();
            scaler =
                    sws_getCachedContext(
                            scaler,
                            width,
                            height,
                            AV_PIX_FMT_BGR24,
                            width,
                            height,
                            AV_PIX_FMT_YUV420P,
                            SWS_BICUBIC,
                            null,
                            null,
                            (DoublePointer) null);
            try (BytePointer rows = new BytePointer(bgr);
                    PointerPointer<BytePointer> in = new PointerPointer<>(4);
                    IntPointer strides = new IntPointer(4)) {
                in.put(0, rows);
                strides.put(0, 3 * picture.getWidth());
                sws_scale(scaler, in, strides, 0, height, frame.data(), frame.linesize());
            }
            frame.pts(Math.round(seconds * MILLIS));
            send(pictures, frame, pictureStream);
        } finally {
            av_frame_free(frame);
        }
    }

    /** Adds samples from -1 to 1, {@value SpanSound#RATE} a second. */
    void sound(float[] more) throws FootageProblem {
        if (sound == null) {
            return;
        }
        int from = waiting.length;
        waiting = Arrays.copyOf(waiting, from + more.length);
        System.arraycopy(more, 0, waiting, from, more.length);
        int at = 0;
        for (; waiting.length - at >= OPUS_SAMPLES; at += OPUS_SAMPLES) {
            samples(at);
        }
        waiting = Arrays.copyOfRange(waiting, at, waiting.length);
    }

    private void samples(int at) throws FootageProblem {
        AVFrame frame = av_frame_alloc();
        try {
            frame.format(AV_SAMPLE_FMT_FLT).nb_samples(OPUS_SAMPLES).sample_rate(SpanSound.RATE);
            av_channel_layout_default(frame.ch_layout(), 1);
            require(av_frame_get_buffer(frame, 0));
            new FloatPointer(frame.data(0)).put(waiting, at, OPUS_SAMPLES);
            frame.pts(samples);
            samples += OPUS_SAMPLES;
            send(sound, frame, soundStream);
        } finally {
            av_frame_free(frame);
        }
    }

    private void send(AVCodecContext encoder, AVFrame frame, AVStream stream)
            throws FootageProblem {
        require(avcodec_send_frame(encoder, frame));
        while (avcodec_receive_packet(encoder, packet) == 0) {
            packet.stream_index(stream.index());
            av_packet_rescale_ts(packet, encoder.time_base(), stream.time_base());
            require(av_interleaved_write_frame(format, packet));
        }
    }

    /** Writes what is still under way, and the end of the file. */
    void finish() throws FootageProblem {
        if (sound != null) {
            waiting = Arrays.copyOf(waiting, OPUS_SAMPLES);
            samples(0);
            send(sound, null, soundStream);
        }
        send(pictures, null, pictureStream);
        require(av_write_trailer(format));
    }

    @Override
    public void close() {
        if (pictures != null) {
            avcodec_free_context(pictures);
        }
        if (sound != null) {
            avcodec_free_context(sound);
        }
        if (scaler != null) {
            sws_freeContext(scaler);
        }
        if (!format.isNull()) {
            if (format.pb() != null) {
                avio_closep(format.pb());
            }
            avformat_free_context(format);
        }
        av_packet_free(packet);
    }
}
