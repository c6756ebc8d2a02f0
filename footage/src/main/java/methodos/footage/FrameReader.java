package methodos.footage;

import static org.bytedeco.ffmpeg.global.avcodec.AVDISCARD_ALL;
import static org.bytedeco.ffmpeg.global.avcodec.AVDISCARD_DEFAULT;
import static org.bytedeco.ffmpeg.global.avcodec.AVDISCARD_NONREF;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_KEY;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_frame;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_packet;
import static org.bytedeco.ffmpeg.global.avformat.AVSEEK_FLAG_BACKWARD;
import static org.bytedeco.ffmpeg.global.avformat.av_index_search_timestamp;
import static org.bytedeco.ffmpeg.global.avformat.av_read_frame;
import static org.bytedeco.ffmpeg.global.avformat.avformat_index_get_entries_count;
import static org.bytedeco.ffmpeg.global.avformat.avformat_index_get_entry;
import static org.bytedeco.ffmpeg.global.avutil.AVERROR_EOF;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_unref;
import static org.bytedeco.ffmpeg.presets.avutil.AVERROR_EAGAIN;

import java.util.function.Consumer;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/**
 * Finds the frame that is on the screen at a time: the one with the largest time stamp that is not
 * after it.
 *
 * <p>One frame is decoded ahead, since only the next one says that a frame is the last before a
 * time. A seek may land too late (open groups of pictures, transport streams), which the first
 * decoded frame shows; then the seek goes further back. While rolling forward to a distant time,
 * frames that no other frame refers to are skipped, except just before it.
 */
final class FrameReader implements AutoCloseable {

    /**
     * Steps back double from half a second: the twelfth goes back a quarter of an hour and more.
     */
    private static final int FURTHEST_BACK = 12;

    /** AV_FRAME_FLAG_DISCARD of the library, which its Java names leave out. */
    private static final int FLAG_DISCARD = 4;

    /** So many frames before the wanted one none is skipped, for at most a second. */
    private static final int MARGIN_FRAMES = 6;

    private final Stream stream;
    private final long margin;
    private AVPacket packet = av_packet_alloc();
    private AVFrame shown = av_frame_alloc();
    private AVFrame ahead = av_frame_alloc();
    private final AVFrame glance = av_frame_alloc();
    private boolean haveShown;
    private boolean haveAhead;
    private boolean endRead;
    private boolean drained;
    private boolean awaitingKey;
    private boolean skipped;
    private boolean fromStart = true;
    private boolean maySkip = true;
    private long target = Long.MIN_VALUE;
    private Consumer<AVFrame> onEach = f -> {};
    private long last = AV_NOPTS_VALUE;

    FrameReader(Stream stream) {
        this.stream = stream;
        this.margin =
                Math.min(
                        MARGIN_FRAMES * stream.frameDistance(),
                        Math.round(1.0 / stream.timeBase()));
    }

    /**
     * The frame shown at a time in the stream's time base, valid until the next call; the first
     * frame for earlier times.
     *
     * @throws FootageProblem if no frame can be decoded
     */
    AVFrame at(long time) throws FootageProblem {
        if (haveShown && shown.pts() <= time && (haveAhead ? time < ahead.pts() : endRead)) {
            return shown;
        }
        boolean forward = haveAhead && time >= ahead.pts() && !keyFrameBetween(ahead.pts(), time);
        for (int back = 0; back <= FURTHEST_BACK; back++) {
            if (!forward || back > 0) {
                seekBefore(time, back);
            }
            roll(time);
            if (haveShown && skippedTooMuch(time)) {
                return exactly(time);
            }
            if (haveShown) {
                return shown;
            }
            if (haveAhead && time <= stream.start()) {
                return first();
            }
        }
        if (haveAhead) {
            return first();
        }
        throw new FootageProblem("No picture could be decoded.");
    }

    /** Shows the first frame, although its time has not come yet. */
    private AVFrame first() {
        advance();
        haveAhead = decode(ahead);
        return shown;
    }

    /** Whether a time is at the frame last shown or a few frames after it. */
    boolean isNext(long time) {
        return haveShown
                && time >= shown.pts()
                && time < shown.pts() + MARGIN_FRAMES * stream.frameDistance();
    }

    /** The frame after the one last shown; null at the end. */
    AVFrame next() throws FootageProblem {
        if (!haveShown && !haveAhead) {
            return at(stream.start());
        }
        if (!haveAhead) {
            haveAhead = decode(ahead);
        }
        if (!haveAhead) {
            return null;
        }
        advance();
        haveAhead = decode(ahead);
        return shown;
    }

    /**
     * The key frame at or before a time, decoded by itself and without its last smoothing: near,
     * and there at once.
     */
    AVFrame nearby(long time) throws FootageProblem {
        seekBefore(time, 0);
        stream.decoder().skip_loop_filter(AVDISCARD_ALL);
        boolean got;
        try {
            while (awaitingKey && !endRead) {
                feed();
            }
            endRead = true;
            got = decode(glance);
        } finally {
            stream.decoder().skip_loop_filter(AVDISCARD_DEFAULT);
        }
        return got && glance.pts() <= time ? glance : at(time);
    }

    /**
     * Rolls from a key frame to the frame shown at a time and hands over each frame on the way.
     *
     * @param key the key frame at or before this time is the first
     * @param from earlier frames are not handed over
     */
    void walk(long key, long from, long time, Consumer<AVFrame> each) throws FootageProblem {
        long[] first = new long[1];
        onEach =
                f -> {
                    first[0] = Math.min(first[0], f.pts());
                    if (f.pts() >= from) {
                        each.accept(f);
                    }
                };
        try {
            for (int back = 0; back <= FURTHEST_BACK; back++) {
                first[0] = Long.MAX_VALUE;
                seekBefore(key, back);
                roll(time, from);
                if (first[0] <= key || fromStart) {
                    return;
                }
            }
        } finally {
            onEach = f -> {};
        }
    }

    private AVFrame exactly(long time) throws FootageProblem {
        maySkip = false;
        try {
            for (int back = 0; back <= FURTHEST_BACK; back++) {
                seekBefore(time, back);
                roll(time);
                if (haveShown) {
                    return shown;
                }
            }
            throw new FootageProblem("No picture could be decoded.");
        } finally {
            maySkip = true;
        }
    }

    /** A gap as long as the margin: a skipped frame might have been the wanted one. */
    private boolean skippedTooMuch(long time) {
        return skipped && shown.pts() < time - margin + 2 * stream.frameDistance();
    }

    private void roll(long time) {
        roll(time, time - margin);
    }

    /**
     * @param whole from here on no frame is skipped
     */
    private void roll(long time, long whole) {
        target = whole;
        while (true) {
            if (!haveAhead) {
                haveAhead = decode(ahead);
            }
            if (!haveAhead || ahead.pts() > time) {
                break;
            }
            advance();
        }
        target = Long.MIN_VALUE;
    }

    private void advance() {
        AVFrame free = shown;
        if (haveShown) {
            av_frame_unref(shown);
        }
        shown = ahead;
        ahead = free;
        haveShown = true;
        haveAhead = false;
        onEach.accept(shown);
    }

    private void seekBefore(long time, int back) throws FootageProblem {
        double seconds = back == 0 ? 0 : 0.5 * (1 << (back - 1));
        long furthest = stream.start() - Math.round(2 / stream.timeBase());
        long wanted = Math.max(time - Math.round(seconds / stream.timeBase()), furthest);
        fromStart = wanted <= stream.start();
        stream.seek(wanted);
        if (haveShown) {
            av_frame_unref(shown);
        }
        if (haveAhead) {
            av_frame_unref(ahead);
        }
        haveShown = false;
        haveAhead = false;
        endRead = false;
        drained = false;
        awaitingKey = true;
        skipped = false;
        last = AV_NOPTS_VALUE;
    }

    /** Decodes the next frame in the order of the screen; false at the end. */
    private boolean decode(AVFrame frame) {
        while (true) {
            int result = avcodec_receive_frame(stream.decoder(), frame);
            if (result == 0) {
                if ((frame.flags() & FLAG_DISCARD) != 0) {
                    av_frame_unref(frame); // outside of the edit list: decoded, never shown
                    continue;
                }
                long time = timeOf(frame);
                if (time == AV_NOPTS_VALUE) {
                    av_frame_unref(frame); // nobody knows when; further back they may
                    continue;
                }
                frame.pts(time);
                return true;
            }
            if (result == AVERROR_EOF() || result != AVERROR_EAGAIN() && endRead) {
                return false;
            }
            if (!feed()) {
                return false;
            }
        }
    }

    /** When the frame comes on the screen; no time where neither it nor one before says so. */
    private long timeOf(AVFrame frame) {
        long time = frame.best_effort_timestamp();
        if (time == AV_NOPTS_VALUE) {
            time = frame.pkt_dts();
        }
        if (time == AV_NOPTS_VALUE) {
            if (last == AV_NOPTS_VALUE && !fromStart) {
                return AV_NOPTS_VALUE;
            }
            time = last == AV_NOPTS_VALUE ? stream.start() : last + stream.frameDistance();
        }
        if (last != AV_NOPTS_VALUE && time <= last) {
            time = last + stream.frameDistance(); // frames come in the order of the screen
        }
        last = time;
        return time;
    }

    /** Hands the decoder one more packet, or the end; false when both are done. */
    private boolean feed() {
        if (endRead) {
            if (drained) {
                return false;
            }
            avcodec_send_packet(stream.decoder(), null);
            drained = true;
            return true;
        }
        if (av_read_frame(stream.format(), packet) < 0) {
            endRead = true;
            return true;
        }
        boolean key = (packet.flags() & AV_PKT_FLAG_KEY) != 0;
        if (packet.stream_index() == stream.index() && (key || !awaitingKey)) {
            awaitingKey = false;
            boolean far =
                    maySkip
                            && target != Long.MIN_VALUE
                            && packet.pts() != AV_NOPTS_VALUE
                            && packet.pts() < target;
            stream.decoder().skip_frame(far ? AVDISCARD_NONREF : AVDISCARD_DEFAULT);
            skipped |= far;
            avcodec_send_packet(stream.decoder(), packet); // one bad packet is passed over
        }
        av_packet_unref(packet);
        return true;
    }

    private boolean keyFrameBetween(long from, long to) {
        if (stream.keys() != null) {
            return stream.keys().between(from, to);
        } else {
            int count = avformat_index_get_entries_count(stream.stream());
            if (count > 2
                    && to <= avformat_index_get_entry(stream.stream(), count - 1).timestamp()) {
                int a = av_index_search_timestamp(stream.stream(), from, AVSEEK_FLAG_BACKWARD);
                int b = av_index_search_timestamp(stream.stream(), to, AVSEEK_FLAG_BACKWARD);
                if (a >= 0 && b >= 0) {
                    return a != b;
                }
            }
        }
        return (to - from) * stream.timeBase() > 1.0;
    }

    @Override
    public void close() {
        av_packet_free(packet);
        av_frame_free(shown);
        av_frame_free(ahead);
        av_frame_free(glance);
    }
}
