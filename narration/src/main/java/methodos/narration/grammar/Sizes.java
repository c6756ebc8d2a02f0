package methodos.narration.grammar;

import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.quantity.Rational;
import methodos.core.speech.Measure;
import methodos.core.speech.SpokenNumber;
import methodos.core.vocabulary.WordSet;

/** Sizes of fasteners and tools as people say them. */
public final class Sizes {

    private static final Pattern DIGITS = Pattern.compile("\\d+");

    private static final Pattern FULL_STOP = Pattern.compile("[.]?");

    private static final Pattern METRIC = Pattern.compile("m\\d+(\\.\\d+)?(x\\d+(\\.\\d+)?)?");

    private static final Set<String> NO_SIZES =
            WordSet.of("turn turns of the way full a hour minute");

    /**
     * @param print such as "M8 x 25", "1/4-20", "10 mm", "1-1/8 in", "No. 12"
     * @param thread whether it is the size of a thread
     */
    public record Size(int from, int to, String print, boolean thread) {}

    private static final Set<Integer> PITCHES = Set.of(13, 16, 18, 20, 24, 28, 32, 40);

    private Sizes() {}

    /** The size of a thread that is said from a place on: "m five", "quarter twenty". */
    public static Optional<Size> thread(Utterance said, int at, int end) {
        return Optional.ofNullable(at(said, at, end)).filter(Size::thread);
    }

    /** The size that is said from a place on, or null. */
    static Size at(Utterance said, int at, int end) {
        Size metric = metric(said, at, end);
        if (metric != null) {
            return metric;
        }
        if (said.word(at).equals("number")
                || said.word(at).equals("no")
                        && DIGITS.matcher(said.word(at + 1)).matches()
                        && FULL_STOP.matcher(said.token(at).mark()).matches()) {
            Optional<SpokenNumber> n = SpokenNumber.at(said.tokens(), at + 1);
            if (n.isPresent() && at + 1 + n.get().used() <= end) {
                return new Size(
                        at, at + 1 + n.get().used(), "No. " + decimal(n.get().value()), true);
            }
        }
        Size imperial = imperialThread(said, at, end);
        return imperial != null ? imperial : measured(said, at, end);
    }

    private static Size metric(Utterance said, int at, int end) {
        String w = said.word(at);
        int to;
        String diameter;
        if (METRIC.matcher(w).matches()) {
            diameter = w.substring(1).replace("x", " x ");
            to = at + 1;
        } else if (w.equals("m") && said.token(at).mark().isEmpty()) {
            Optional<SpokenNumber> n = SpokenNumber.at(said.tokens(), at + 1);
            if (n.isEmpty() || n.get().value().toDouble() > 64) {
                return null;
            }
            diameter = decimal(n.get().value());
            to = at + 1 + n.get().used();
        } else {
            return null;
        }
        if (Set.of("by", "x", "times").contains(said.word(to)) && !diameter.contains("x")) {
            Optional<SpokenNumber> length = SpokenNumber.at(said.tokens(), to + 1);
            if (length.isPresent() && to + 1 + length.get().used() <= end) {
                int behind = to + 1 + length.get().used();
                return new Size(
                        at, behind, "M" + diameter + " x " + decimal(length.get().value()), true);
            }
        }
        return new Size(at, to, "M" + diameter, true);
    }

    /** "quarter twenty", "three eighths sixteen". */
    private static Size imperialThread(Utterance said, int at, int end) {
        Optional<SpokenNumber> n = SpokenNumber.at(said.tokens(), at);
        if (n.isEmpty() || !n.get().fraction()) {
            return null;
        }
        int behind = at + n.get().used();
        Optional<SpokenNumber> pitch = SpokenNumber.at(said.tokens(), behind);
        if (pitch.isPresent()
                && behind < end
                && pitch.get().value().toDouble() < 100
                && PITCHES.contains((int) pitch.get().value().toDouble())
                && said.token(behind - 1).mark().isEmpty()) {
            String print = n.get().value() + "-" + decimal(pitch.get().value());
            return new Size(at, behind + pitch.get().used(), print, true);
        }
        return null;
    }

    private static Size measured(Utterance said, int at, int end) {
        Optional<Measure> found = said.measureAt(at);
        boolean behindArticle =
                found.isPresent()
                        && found.get().from() == at - 1
                        && Set.of("a", "an", "the").contains(said.word(at - 1));
        if (found.isPresent()
                && (found.get().from() == at || behindArticle)
                && found.get().to() <= end) {
            Measure m = found.get();
            if (m.single() && (m.length() || m.unit().equals("A"))) {
                int to = m.to();
                String print = print(m.min(), m.unit());
                if (said.phrase(to, "pipe thread")) {
                    return new Size(at, to + 2, print + " pipe thread", true);
                }
                if (Set.of("thread", "threads").contains(said.word(to))) {
                    return new Size(at, to + 1, print, true);
                }
                return new Size(at, to, print, false);
            }
        }
        Optional<SpokenNumber> n = SpokenNumber.at(said.tokens(), at);
        if (n.isPresent() && n.get().fraction() && at + n.get().used() < end) {
            int to = at + n.get().used();
            String next = said.word(to);
            if (Set.of("drive").contains(next)) {
                to++;
            }
            if (!NO_SIZES.contains(next)) {
                return new Size(at, to, print(n.get().value(), "in"), false);
            }
        }
        return null;
    }

    /** A size as it is printed: inches as fractions. */
    public static String print(Rational value, String unit) {
        if (!unit.equals("in")) {
            return decimal(value) + " " + unit;
        }
        String text = value.toString();
        int slash = text.indexOf('/');
        if (slash < 0) {
            return text + " in";
        }
        long over = Long.parseLong(text.substring(0, slash));
        long under = Long.parseLong(text.substring(slash + 1));
        if (Long.bitCount(under) != 1) {
            return decimal(value) + " in";
        }
        String whole = over > under ? over / under + "-" : "";
        return whole + over % under + "/" + under + " in";
    }

    static String decimal(Rational value) {
        return value.toDecimal();
    }
}
