package methodos.footage;

import static org.bytedeco.ffmpeg.global.avfilter.av_buffersink_get_frame;
import static org.bytedeco.ffmpeg.global.avfilter.av_buffersrc_add_frame;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_get_by_name;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_graph_alloc;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_graph_config;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_graph_create_filter;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_graph_free;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_link;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_FLT;
import static org.bytedeco.ffmpeg.global.avutil.av_channel_layout_default;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_unref;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.bytedeco.ffmpeg.avfilter.AVFilterContext;
import org.bytedeco.ffmpeg.avfilter.AVFilterGraph;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.javacpp.FloatPointer;

/**
 * Makes speech faster or slower at the same pitch, with the {@code atempo} filter of the FFmpeg
 * library. One channel of samples from -1 to 1.
 */
public final class Tempo implements AutoCloseable {

    /** The filter blends between half and double speed; beyond, several follow each other. */
    private static final double MOST_AT_ONCE = 2;

    private final int rate;
    private AVFilterGraph graph = avfilter_graph_alloc();
    private final AVFilterContext source = new AVFilterContext(null);
    private final AVFilterContext sink = new AVFilterContext(null);
    private final AVFrame out = av_frame_alloc();
    private long given;

    /**
     * @param rate samples a second
     * @param speed from 0.25 to 4
     * @throws FootageProblem if the library has no such filter
     */
    public Tempo(int rate, double speed) throws FootageProblem {
        this.rate = rate;
        int result =
                avfilter_graph_create_filter(
                        source,
                        avfilter_get_by_name("abuffer"),
                        "in",
                        String.format(
                                Locale.ROOT,
                                "sample_rate=%d:sample_fmt=flt:channel_layout=mono:time_base=1/%d",
                                rate,
                                rate),
                        null,
                        graph);
        AVFilterContext last = source;
        for (double factor : factors(speed)) {
            AVFilterContext tempo = new AVFilterContext(null);
            result =
                    Math.min(
                            result,
                            avfilter_graph_create_filter(
                                    tempo,
                                    avfilter_get_by_name("atempo"),
                                    "tempo",
                                    String.format(Locale.ROOT, "%.6f", factor),
                                    null,
                                    graph));
            result = Math.min(result, result < 0 ? result : avfilter_link(last, 0, tempo, 0));
            last = tempo;
        }
        result =
                Math.min(
                        result,
                        avfilter_graph_create_filter(
                                sink,
                                avfilter_get_by_name("abuffersink"),
                                "out",
                                null,
                                null,
                                graph));
        result = Math.min(result, result < 0 ? result : avfilter_link(last, 0, sink, 0));
        result = Math.min(result, result < 0 ? result : avfilter_graph_config(graph, null));
        if (result < 0) {
            close();
            throw new FootageProblem(
                    "The speed of the sound cannot be changed: " + Natives.words(result) + ".");
        }
    }

    static List<Double> factors(double speed) {
        List<Double> factors = new ArrayList<>();
        double left = speed;
        while (left > MOST_AT_ONCE || left < 1 / MOST_AT_ONCE) {
            double factor = left > 1 ? MOST_AT_ONCE : 1 / MOST_AT_ONCE;
            factors.add(factor);
            left /= factor;
        }
        factors.add(left);
        return factors;
    }

    /** Hands in samples, and gives those that are ready; null hands in the end. */
    public float[] change(float[] samples) {
        if (samples == null) {
            av_buffersrc_add_frame(source, null);
        } else {
            AVFrame in = av_frame_alloc();
            in.format(AV_SAMPLE_FMT_FLT);
            in.sample_rate(rate);
            in.nb_samples(samples.length);
            in.pts(given);
            av_channel_layout_default(in.ch_layout(), 1);
            if (av_frame_get_buffer(in, 0) == 0) {
                new FloatPointer(in.data(0)).put(samples, 0, samples.length);
                av_buffersrc_add_frame(source, in);
                given += samples.length;
            }
            av_frame_free(in);
        }
        float[] ready = new float[0];
        while (av_buffersink_get_frame(sink, out) >= 0) {
            int from = ready.length;
            ready = Arrays.copyOf(ready, from + out.nb_samples());
            new FloatPointer(out.data(0)).get(ready, from, out.nb_samples());
            av_frame_unref(out);
        }
        return ready;
    }

    @Override
    public void close() {
        if (graph != null) {
            avfilter_graph_free(graph);
            graph = null;
            av_frame_free(out);
        }
    }
}
