package methodos.footage;

import static org.bytedeco.ffmpeg.global.avutil.AV_LOG_QUIET;
import static org.bytedeco.ffmpeg.global.avutil.av_log_set_level;
import static org.bytedeco.ffmpeg.global.avutil.av_strerror;

import java.nio.charset.StandardCharsets;

/** The native library: loaded once, kept quiet, its error numbers put into words. */
final class Natives {

    static {
        av_log_set_level(AV_LOG_QUIET);
    }

    private Natives() {}

    static void load() {
        // the static block does it, once
    }

    /** What an error number of the library means. */
    static String words(int error) {
        byte[] text = new byte[128];
        av_strerror(error, text, text.length);
        String all = new String(text, StandardCharsets.UTF_8);
        return all.substring(0, Math.max(0, all.indexOf('\0')));
    }
}
