package methodos.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Answer;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;

/** What is asked of readings, in words. */
public final class ReadingText {

    private final Words words;
    private final Manual manual;
    private final StepNumbers numbers;

    /**
     * @param numbers of the steps by which earlier readings are named
     */
    public ReadingText(Words words, Manual manual, StepNumbers numbers) {
        this.words = words;
        this.manual = manual;
        this.numbers = numbers;
    }

    /**
     * "≤ 0.2 mm (≤ 0.0075 in)", "yes or no; yes is good", "the same as “serial number” of step 3";
     * empty where nothing is asked.
     */
    public String asked(Reading reading) {
        if (reading.answer() instanceof Answer.Choice choice) {
            String all = String.join(words.of("reading.or"), choice.answers());
            return choice.good().isEmpty()
                    ? all
                    : words.of("reading.good", all, String.join(", ", choice.good()));
        }
        List<String> pieces = new ArrayList<>();
        if (reading.answer() instanceof Answer.Written written) {
            if (!written.among().isEmpty()) {
                pieces.add(words.of("reading.among", String.join(", ", written.among())));
            }
            other(reading.against()).ifPresent(o -> pieces.add(words.of("reading.same", o)));
            return pieces.isEmpty()
                    ? words.of("reading.written")
                    : String.join(words.of("reading.and"), pieces);
        }
        if (reading.answer() instanceof Answer.Reckoned reckoned) {
            pieces.add(
                    "= "
                            + reckoned.formula()
                            + (reckoned.unit().isEmpty() ? "" : " (" + reckoned.unit() + ")"));
        } else if (reading.answer() instanceof Answer.Noted noted) {
            pieces.add(
                    noted.unit().isEmpty()
                            ? words.of("reading.written")
                            : words.of("reading.noted", noted.unit()));
        }
        limit(reading).ifPresent(pieces::add);
        return String.join("; ", pieces);
    }

    private Optional<String> limit(Reading reading) {
        Optional<String> limit =
                Optional.ofNullable(reading.limit()).map(v -> value(v) + source(v));
        Optional<String> other = other(reading.against());
        return other.isEmpty()
                ? limit
                : Optional.of(
                        limit.map(l -> words.of("reading.difference", other.get(), l))
                                .orElse(words.of("reading.differenceOnly", other.get())));
    }

    /** A value in both systems of measures, or where it is to be found. */
    public String value(Value value) {
        if (value instanceof Value.Open open) {
            return open.where(manual)
                    .map(w -> words.of("open.see", w))
                    .orElse(words.of("limit.open", open.why()));
        }
        return value.known()
                .map(q -> q.print() + q.inOtherSystem().map(o -> " (" + o.print() + ")").orElse(""))
                .orElse("");
    }

    /** "[HV-114, table 3]" for a value that was read in a document; else empty. */
    public String source(Value value) {
        return value instanceof Value.Known known
                ? known.where(manual).map(n -> " [" + n + "]").orElse("")
                : "";
    }

    /** An earlier reading by its name and step. */
    private Optional<String> other(Id<Reading> id) {
        return id == null
                ? Optional.empty()
                : manual.steps()
                        .filter(s -> named(s, id).isPresent())
                        .findFirst()
                        .map(s -> place(named(s, id).orElseThrow().what(), s));
    }

    private static Optional<Reading> named(Step step, Id<Reading> id) {
        return step.readings().stream().filter(r -> id.equals(r.id())).findFirst();
    }

    private String place(String what, Step step) {
        return numbers.of(step.id()).isPresent()
                ? words.of("reading.ofStep", what, numbers.of(step.id()).getAsInt())
                : what;
    }

    /** The unit in which a number is written down; empty for words, and where it is not known. */
    public static String unit(Reading reading) {
        if (reading.answer() instanceof Answer.Noted noted) {
            return noted.unit();
        }
        if (reading.answer() instanceof Answer.Reckoned reckoned) {
            return reckoned.unit();
        }
        return reading.answer() == null
                ? reading.known().map(Quantity::unit).map(u -> u.symbol()).orElse("")
                : "";
    }
}
