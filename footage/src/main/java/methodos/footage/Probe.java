package methodos.footage;

import static org.bytedeco.ffmpeg.global.avcodec.AV_FIELD_PROGRESSIVE;
import static org.bytedeco.ffmpeg.global.avcodec.AV_FIELD_UNKNOWN;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_CORRUPT;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_get_name;
import static org.bytedeco.ffmpeg.global.avformat.av_read_frame;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_TRC_ARIB_STD_B67;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_TRC_SMPTE2084;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_AUDIO;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;
import static org.bytedeco.ffmpeg.global.avutil.av_q2d;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.bytedeco.ffmpeg.avcodec.AVCodecParameters;
import org.bytedeco.ffmpeg.avcodec.AVPacket;

/**
 * What a recording is. Every packet is read, none decoded.
 *
 * @param container {@code mp4}, {@code mov}, {@code matroska}, {@code webm}, {@code avi}, {@code
 *     mpegts} or the library's own name
 * @param duration seconds from the first picture to the end of the last
 * @param problems sentences about what cannot be read
 */
public record Probe(
        String container, double duration, Video video, List<Audio> audio, List<String> problems) {

    /**
     * @param width as shown: upright, with square pixels
     * @param rotation degrees clockwise that set the picture upright
     * @param frameRate frames a second as measured
     * @param nominalFrameRate as the file says
     * @param variableRate whether distances of frames differ by more than a tenth
     */
    public record Video(
            String codec,
            int width,
            int height,
            int rotation,
            double frameRate,
            double nominalFrameRate,
            boolean variableRate,
            int frames,
            boolean interlaced,
            boolean highDynamicRange) {}

    public record Audio(String codec, int channels, int sampleRate) {}

    /**
     * @throws FootageProblem if the file is no recording with pictures
     */
    public static Probe of(Path file) throws FootageProblem {
        try (Stream stream = new Stream(file)) {
            stream.seek(stream.start());
            long[] times = packetTimes(stream);
            List<String> problems = new ArrayList<>();
            double tick = stream.timeBase();
            double span = times.length < 2 ? 0 : (times[times.length - 1] - times[0]) * tick;
            double rate = span > 0 ? (times.length - 1) / span : 0;
            double shown =
                    times.length == 0
                            ? 0
                            : thousandths(span + (rate > 0 ? 1 / rate : stream.duration()));
            if (times.length == 0) {
                problems.add("There is no picture in it.");
            } else if (stream.duration() > shown + 1) {
                problems.add(
                        String.format(
                                java.util.Locale.ROOT,
                                "The file ends after %.1f of %.1f seconds.",
                                shown,
                                stream.duration()));
            }
            return new Probe(
                    container(stream, file),
                    shown,
                    video(stream, times, rate),
                    audio(stream),
                    problems);
        }
    }

    private static long[] packetTimes(Stream stream) {
        long[] times = new long[1024];
        int count = 0;
        AVPacket packet = av_packet_alloc();
        while (av_read_frame(stream.format(), packet) >= 0) {
            if (packet.stream_index() == stream.index()
                    && (packet.flags() & AV_PKT_FLAG_CORRUPT) == 0) {
                if (count == times.length) {
                    times = Arrays.copyOf(times, count * 2);
                }
                long time = packet.pts() == AV_NOPTS_VALUE ? packet.dts() : packet.pts();
                times[count] =
                        time == AV_NOPTS_VALUE
                                ? (count == 0 ? 0 : times[count - 1] + stream.frameDistance())
                                : time;
                count++;
            }
            av_packet_unref(packet);
        }
        av_packet_free(packet);
        long[] sorted = Arrays.copyOf(times, count);
        Arrays.sort(sorted);
        return sorted;
    }

    private static Video video(Stream stream, long[] times, double rate) {
        AVCodecParameters p = stream.stream().codecpar();
        double aspect = stream.pixelAspect();
        int width = (int) Math.round(p.width() * Math.max(1, aspect));
        int height = (int) Math.round(p.height() / Math.min(1, aspect));
        boolean lying = stream.rotation() % 180 != 0;
        int transfer = p.color_trc();
        return new Video(
                avcodec_get_name(p.codec_id()).getString(),
                lying ? height : width,
                lying ? width : height,
                stream.rotation(),
                rounded(rate),
                rounded(av_q2d(stream.stream().avg_frame_rate())),
                variable(times),
                times.length,
                p.field_order() != AV_FIELD_UNKNOWN && p.field_order() != AV_FIELD_PROGRESSIVE,
                transfer == AVCOL_TRC_SMPTE2084 || transfer == AVCOL_TRC_ARIB_STD_B67);
    }

    private static double thousandths(double seconds) {
        return Math.round(seconds * 1000) / 1000.0;
    }

    private static double rounded(double rate) {
        return Double.isFinite(rate) ? Math.round(rate * 1000) / 1000.0 : 0;
    }

    private static boolean variable(long[] times) {
        if (times.length < 3) {
            return false;
        }
        long[] gaps = new long[times.length - 1];
        for (int i = 0; i < gaps.length; i++) {
            gaps[i] = times[i + 1] - times[i];
        }
        Arrays.sort(gaps);
        long middle = gaps[gaps.length / 2];
        double tolerance = Math.max(1.5, middle * 0.1);
        long off = Arrays.stream(gaps).filter(g -> Math.abs(g - middle) > tolerance).count();
        return off > gaps.length / 50;
    }

    private static List<Audio> audio(Stream stream) {
        List<Audio> all = new ArrayList<>();
        for (int i = 0; i < stream.format().nb_streams(); i++) {
            AVCodecParameters p = stream.format().streams(i).codecpar();
            if (p.codec_type() == AVMEDIA_TYPE_AUDIO) {
                all.add(
                        new Audio(
                                avcodec_get_name(p.codec_id()).getString(),
                                p.ch_layout().nb_channels(),
                                p.sample_rate()));
            }
        }
        return all;
    }

    private static String container(Stream stream, Path file) {
        String name = stream.format().iformat().name().getString();
        String ending = file.toString().toLowerCase(java.util.Locale.ROOT);
        if (name.contains("mp4")) {
            return ending.endsWith(".mov") ? "mov" : "mp4";
        }
        if (name.contains("matroska")) {
            return ending.endsWith(".webm") ? "webm" : "matroska";
        }
        return name;
    }
}
