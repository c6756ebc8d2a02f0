package methodos.core.scan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Makes the {@link Scan} of a clip from its frames, given one after the other as grey pictures. A
 * frame is looked at when it comes and only a thumbnail of it is kept, so an hour fits into memory.
 */
public final class Scanning {

    /** Width of the grey pictures that are to be given; the height follows the clip's. */
    public static final int WIDTH = 320;

    public static final int COLOUR_COLUMNS = Obstruction.COLUMNS / 2;

    public static final int COLOUR_ROWS = Obstruction.ROWS / 2;

    /** Below this share of what the shot's clear frames have, a frame is blurred. */
    private static final double BLURRED = 0.55;

    private static final double CLEAR_QUANTILE = 0.8;
    private static final double COVERED = 0.33;
    private static final double DARK = 0.08;
    private static final double DARK_FOR_ITS_SHOT = 0.5;
    private static final double DARK_AT_MOST = 0.30;
    private static final double BRIGHT = 0.35;
    private static final double MOVING = 0.12;

    /** Unusable stretches nearer to each other than this become one, in seconds. */
    private static final double GAP = 0.2;

    private record Seen(double time, FrameMeter meter, boolean damaged) {}

    private final List<Seen> seen = new ArrayList<>();
    private final List<Change> changes = new ArrayList<>();
    private final List<Obstruction.Thumbnail> thumbnails = new ArrayList<>();
    private Change.Look before;

    /**
     * The next frame.
     *
     * @param time seconds
     * @param grey rows of grey levels
     * @param colour the two colour differences in {@value #COLOUR_COLUMNS} by {@value #COLOUR_ROWS}
     *     means each, or nothing
     * @param damaged whether the decoder says that it is not whole
     */
    public void add(
            double time, byte[] grey, int width, int height, byte[] colour, boolean damaged) {
        Change.Look now = Change.Look.at(grey, width, height);
        changes.add(before == null ? Change.NONE : Change.between(before, now));
        before = now;
        thumbnails.add(
                new Obstruction.Thumbnail(
                        Luma.of(grey, width, height, Obstruction.COLUMNS, Obstruction.ROWS)
                                .levels(),
                        colour));
        seen.add(new Seen(time, FrameMeter.of(grey, width, height), damaged));
    }

    /** How many frames were added. */
    public int count() {
        return seen.size();
    }

    /** The scan of all that was added, with no word on the sound. */
    public Scan finish() {
        List<Integer> cuts =
                ShotChanges.in(
                        changes, thumbnails.stream().map(Obstruction.Thumbnail::grey).toList());
        double sharpest =
                quantile(seen.stream().mapToDouble(s -> s.meter.edges()).toArray(), 0.995);
        List<FrameScore> frames = new ArrayList<>();
        List<Scan.Unusable> unusable = new ArrayList<>();
        List<Integer> starts = new ArrayList<>(List.of(0));
        starts.addAll(cuts);
        for (int i = 0; i < starts.size(); i++) {
            int to = i + 1 < starts.size() ? starts.get(i + 1) : seen.size();
            shot(starts.get(i), to, sharpest, frames, unusable);
        }
        return new Scan(
                frames,
                cuts.stream().map(i -> seen.get(i).time).toList(),
                unusable,
                List.of(),
                List.of());
    }

    private void shot(
            int from,
            int to,
            double sharpest,
            List<FrameScore> frames,
            List<Scan.Unusable> unusable) {
        if (to <= from) {
            return;
        }
        double seconds = (seen.get(to - 1).time - seen.get(from).time) / Math.max(1, to - from - 1);
        double[] covered = Obstruction.of(thumbnails.subList(from, to), seconds);
        double clear = quantile(edges(from, to), CLEAR_QUANTILE);
        double light =
                quantile(
                        seen.subList(from, to).stream()
                                .mapToDouble(s -> s.meter.brightness())
                                .toArray(),
                        0.5);
        Scan.Why[] whys = new Scan.Why[to - from];
        for (int i = from; i < to; i++) {
            FrameMeter m = seen.get(i).meter;
            FrameScore score =
                    new FrameScore(
                            seen.get(i).time,
                            sharpest <= 0 ? 0 : Math.min(1, m.edges() / sharpest),
                            m.clipped(),
                            m.crushed(),
                            m.brightness(),
                            stillness(i, from, to),
                            covered[i - from]);
            frames.add(score);
            whys[i - from] = why(i, score, m.edges() / Math.max(1e-9, clear), light);
        }
        stretches(from, to, whys, unusable);
    }

    private double[] edges(int from, int to) {
        return seen.subList(from, to).stream().mapToDouble(s -> s.meter.edges()).toArray();
    }

    /** From the greater of the changes to the frame before and to the frame after. */
    private double stillness(int i, int from, int to) {
        double change = i > from ? changes.get(i).difference() : 0;
        if (i + 1 < to) {
            change = Math.max(change, changes.get(i + 1).difference());
        }
        return 1 / (1 + change / 4);
    }

    private Scan.Why why(int i, FrameScore score, double clearness, double light) {
        if (seen.get(i).damaged) {
            return Scan.Why.DAMAGED;
        }
        double dim = Math.min(DARK_AT_MOST, DARK_FOR_ITS_SHOT * light);
        if (score.brightness() < Math.max(DARK, dim)) {
            return Scan.Why.DARK;
        }
        if (score.clipped() > BRIGHT) {
            return Scan.Why.BRIGHT;
        }
        if (score.obstruction() > COVERED) {
            return Scan.Why.COVERED;
        }
        if (clearness < BLURRED) {
            return Scan.Why.BLURRED;
        }
        return score.stillness() < MOVING ? Scan.Why.MOVING : null;
    }

    private void stretches(int from, int to, Scan.Why[] whys, List<Scan.Unusable> unusable) {
        int i = 0;
        int first = unusable.size();
        while (i < whys.length) {
            if (whys[i] == null) {
                i++;
                continue;
            }
            int end = i;
            while (end < whys.length && whys[end] == whys[i]) {
                end++;
            }
            double start = seen.get(from + i).time;
            double stop = from + end < seen.size() ? seen.get(from + end).time : end(to);
            Scan.Unusable last = unusable.size() > first ? unusable.get(unusable.size() - 1) : null;
            if (last != null && last.why() == whys[i] && start - last.to() < GAP) {
                unusable.set(unusable.size() - 1, new Scan.Unusable(last.from(), stop, last.why()));
            } else {
                unusable.add(new Scan.Unusable(start, stop, whys[i]));
            }
            i = end;
        }
    }

    /** When the last frame leaves the screen, as far as its neighbours tell. */
    private double end(int to) {
        double last = seen.get(to - 1).time;
        return to < 2 ? last : last + (last - seen.get(to - 2).time);
    }

    private static double quantile(double[] values, double share) {
        if (values.length == 0) {
            return 0;
        }
        Arrays.sort(values);
        return values[(int) Math.min(values.length - 1.0, Math.floor(share * values.length))];
    }
}
