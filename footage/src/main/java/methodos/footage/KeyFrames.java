package methodos.footage;

import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_KEY;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avformat.av_read_frame;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;

import java.util.NavigableMap;
import java.util.TreeMap;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;

/**
 * The key frames of a stream, by the time they are shown, with the time they are decoded.
 *
 * <p>A transport stream has no table of its own, and searching it goes by decoding time; without
 * this a seek lands behind the wanted frame. Made by reading the packets once, without decoding.
 */
final class KeyFrames {

    private final NavigableMap<Long, Long> decoded = new TreeMap<>();

    KeyFrames(AVFormatContext format, int stream) {
        AVPacket packet = av_packet_alloc();
        while (av_read_frame(format, packet) >= 0) {
            boolean key = (packet.flags() & AV_PKT_FLAG_KEY) != 0;
            if (key && packet.stream_index() == stream && packet.pts() != AV_NOPTS_VALUE) {
                long dts = packet.dts() == AV_NOPTS_VALUE ? packet.pts() : packet.dts();
                decoded.put(packet.pts(), dts);
            }
            av_packet_unref(packet);
        }
        av_packet_free(packet);
    }

    /** Decoding time of the last key frame shown at or before a time; null before the first. */
    Long decodingTimeBefore(long shown) {
        var entry = decoded.floorEntry(shown);
        return entry == null ? null : entry.getValue();
    }

    boolean between(long from, long to) {
        Long a = decoded.floorKey(from);
        Long b = decoded.floorKey(to);
        return b != null && !b.equals(a);
    }

    boolean isFirst(long shown) {
        return decoded.isEmpty()
                || shown < decoded.firstKey()
                || decoded.firstKey().equals(decoded.floorKey(shown));
    }
}
