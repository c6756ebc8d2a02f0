package methodos.core.ledger;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import methodos.core.manual.SerialRange;

/**
 * Divides serial numbers so that each piece lies wholly inside or outside each of some ranges.
 * Where ranges go by the last digits and the piece cannot be said by them, one number stands for
 * all that are alike.
 */
final class SerialDivision {

    private SerialDivision() {}

    static List<SerialRange> of(SerialRange whole, List<SerialRange> ranges) {
        List<SerialRange> pieces = new ArrayList<>();
        for (String letters : letters(whole, ranges)) {
            SerialRange own =
                    whole.all() && !letters.isEmpty()
                            ? new SerialRange(null, null, letters, 0)
                            : whole;
            List<SerialRange> same =
                    ranges.stream().filter(r -> r.letters().equals(letters)).toList();
            for (SerialRange piece : byNumber(own, same)) {
                pieces.addAll(byLastDigits(piece, same));
            }
        }
        return pieces;
    }

    private static List<String> letters(SerialRange whole, List<SerialRange> ranges) {
        if (!whole.all()) {
            return List.of(whole.letters());
        }
        TreeSet<String> letters = new TreeSet<>();
        letters.add("");
        ranges.forEach(r -> letters.add(r.letters()));
        return List.copyOf(letters);
    }

    private static List<SerialRange> byNumber(SerialRange whole, List<SerialRange> ranges) {
        if (whole.lastDigits() > 0) {
            return List.of(whole);
        }
        TreeSet<Long> starts = new TreeSet<>();
        ranges.stream().filter(r -> r.lastDigits() == 0).forEach(r -> note(starts, r));
        List<SerialRange> pieces = new ArrayList<>();
        Long from = whole.from();
        for (long start : starts) {
            boolean inside =
                    (from == null || start > from) && (whole.to() == null || start <= whole.to());
            if (inside) {
                pieces.add(new SerialRange(from, start - 1, whole.letters(), 0));
                from = start;
            }
        }
        pieces.add(new SerialRange(from, whole.to(), whole.letters(), 0));
        return pieces;
    }

    /** Where a range begins, and where what is behind it begins. */
    private static void note(TreeSet<Long> starts, SerialRange range) {
        if (range.from() != null) {
            starts.add(range.from());
        }
        if (range.to() != null) {
            starts.add(range.to() + 1);
        }
    }

    private static List<SerialRange> byLastDigits(SerialRange piece, List<SerialRange> ranges) {
        int digits = ranges.stream().mapToInt(SerialRange::lastDigits).max().orElse(0);
        if (digits == 0 || piece.lastDigits() > 0) {
            return List.of(piece);
        }
        long cycle = Math.round(Math.pow(10, digits));
        TreeSet<Long> starts = new TreeSet<>(List.of(0L));
        for (SerialRange range : ranges) {
            if (range.lastDigits() > 0) {
                long own = Math.round(Math.pow(10, range.lastDigits()));
                for (long at = 0; at < cycle; at += own) {
                    starts.add(at + range.from());
                    starts.add((at + range.to() + 1) % cycle);
                }
            }
        }
        boolean open = piece.from() == null && piece.to() == null;
        List<SerialRange> pieces = new ArrayList<>();
        for (Long start : starts) {
            Long next = starts.higher(start);
            SerialRange ending =
                    new SerialRange(
                            start, (next == null ? cycle : next) - 1, piece.letters(), digits);
            if (open) {
                pieces.add(ending);
            } else if (ending.overlaps(piece)) {
                pieces.add(someOf(piece, ending, cycle));
            }
        }
        return pieces;
    }

    /** A number of a piece that ends so. */
    private static SerialRange someOf(SerialRange piece, SerialRange ending, long cycle) {
        if (piece.from() == null) {
            long last = piece.to() - Math.floorMod(piece.to() - ending.from(), cycle);
            return SerialRange.only(piece.letters(), last);
        }
        long over = Math.floorMod(piece.from(), cycle);
        long number =
                over >= ending.from() && over <= ending.to()
                        ? piece.from()
                        : piece.from() + Math.floorMod(ending.from() - over, cycle);
        return SerialRange.only(piece.letters(), number);
    }
}
