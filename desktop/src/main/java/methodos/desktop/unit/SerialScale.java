package methodos.desktop.unit;

import java.util.List;
import java.util.stream.LongStream;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Variant;

/** The rule of serial numbers: which numbers it shows, and where each lies on it. */
record SerialScale(long first, long last, double from, double to) {

    /** A scale that shows all bounds of the variants with room on both sides. */
    static SerialScale of(List<Variant> variants, double from, double to) {
        LongStream bounds =
                variants.stream()
                        .filter(v -> v.serials().lastDigits() == 0)
                        .flatMap(
                                v ->
                                        java.util.stream.Stream.of(
                                                        v.serials().from(), v.serials().to())
                                                .filter(b -> b != null))
                        .mapToLong(Long::longValue);
        long[] all = bounds.toArray();
        if (all.length == 0) {
            return new SerialScale(0, 1000, from, to);
        }
        long low = LongStream.of(all).min().orElseThrow();
        long high = LongStream.of(all).max().orElseThrow();
        long room = Math.max(10, (high - low) / 2);
        long step = step(high - low + 2 * room);
        return new SerialScale(
                Math.max(0, (low - room / 4) / step * step),
                (high + room) / step * step + step,
                from,
                to);
    }

    /** Distance of the numbered marks: 1, 2 or 5 times a power of ten, five to ten on the rule. */
    private static long step(long range) {
        long step = 1;
        while (range / step > 9) {
            String s = Long.toString(step);
            step = s.startsWith("2") ? step / 2 * 5 : step * 2;
        }
        return step;
    }

    long step() {
        return step(last - first);
    }

    double x(long serial) {
        return from + (to - from) * (serial - first) / Math.max(1, last - first);
    }

    /** Left end of a range on the rule; an open end lies at the rule's own. */
    double left(SerialRange range) {
        return range.from() == null || range.lastDigits() > 0
                ? from
                : Math.max(from, x(range.from()));
    }

    double right(SerialRange range) {
        return range.to() == null || range.lastDigits() > 0 ? to : Math.min(to, x(range.to() + 1));
    }
}
