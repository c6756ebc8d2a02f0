package methodos.footage;

import static org.bytedeco.ffmpeg.global.avformat.avformat_open_input;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_free;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_set;

import java.nio.file.Files;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avutil.AVDictionary;

/**
 * Opens the container of a recording: ordinary files only, and only those that hold what is played.
 * A list that names other files or places, whatever it is called, is none.
 */
final class Source {

    /** Containers of cameras, phones, recorders and editors, by the names of the library. */
    private static final String CONTAINERS =
            String.join(
                    ",",
                    "mov,mp4,m4a,3gp,3g2,mj2",
                    "matroska,webm",
                    "avi",
                    "mpegts,mpeg,mpegvideo,vob",
                    "asf,flv,mxf,dv,ivf,nut,ogg,gif",
                    "h264,hevc,m4v,mjpeg,yuv4mpegpipe",
                    "wav,w64,aiff,caf,mp3,aac,ac3,flac");

    private Source() {}

    /**
     * @return to be closed by who asked for it
     * @throws FootageProblem if it is no file, or no container of recordings
     */
    static AVFormatContext open(Path file) throws FootageProblem {
        Natives.load();
        if (!Files.exists(file)) {
            throw new FootageProblem(file + " does not exist.");
        }
        if (!Files.isRegularFile(file)) {
            throw new FootageProblem(file + " is no file.");
        }
        AVFormatContext format = new AVFormatContext(null);
        AVDictionary options = new AVDictionary(null);
        try {
            av_dict_set(options, "protocol_whitelist", "file", 0);
            av_dict_set(options, "format_whitelist", CONTAINERS, 0);
            int opened = avformat_open_input(format, address(file), null, options);
            if (opened < 0) {
                throw new FootageProblem(
                        file
                                + " is no recording that can be read ("
                                + Natives.words(opened)
                                + ").");
            }
            return format;
        } finally {
            av_dict_free(options);
        }
    }

    /** A path that the library takes as such, though there be a colon in it. */
    static String address(Path file) {
        return "file:" + file.toAbsolutePath();
    }
}
