package methodos.core.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.fit.InstrumentFit;
import methodos.core.fit.JudgedAnswer;
import methodos.core.fit.ReadingVerdict;
import methodos.core.fit.ReckonedReading;
import methodos.core.manual.Answer;
import methodos.core.manual.Found;
import methodos.core.manual.Reading;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import methodos.core.quantity.Rational;

/** What a run has measured so far: what is reckoned from it, and what has been found. */
final class Measures {

    private final WorkedManual work;
    private final List<StepWork> visits;

    /**
     * @param visits grow while the run goes on
     */
    Measures(WorkedManual work, List<StepWork> visits) {
        this.work = work;
        this.visits = visits;
    }

    /**
     * Judges what was typed.
     *
     * @throws IllegalArgumentException with a sentence if it is no answer to that reading
     */
    JudgedAnswer judge(StepWork at, int reading, int which, String typed) {
        Reading of = at.reading(reading, which);
        String earlier =
                Optional.ofNullable(of.against())
                        .flatMap(work::reading)
                        .flatMap(ref -> last(ref, which))
                        .map(t -> t.answer().given())
                        .orElse(null);
        return JudgedAnswer.of(of, typed, earlier, resolution(of).orElse(null));
    }

    private Optional<Quantity> resolution(Reading reading) {
        return Optional.ofNullable(reading.tool())
                .flatMap(work.manual()::tool)
                .flatMap(t -> InstrumentFit.resolution(t, reading));
    }

    /** The last taking at the latest visit; of several the same one, or the first. */
    private Optional<Taken> last(WorkedManual.Ref ref, int which) {
        Optional<Taken> last = Optional.empty();
        for (StepWork visit : visits) {
            if (visit.line() == ref.line()) {
                Optional<Taken> before = last;
                last =
                        visit.last(ref.index(), which)
                                .or(() -> visit.last(ref.index(), 0))
                                .or(() -> before);
            }
        }
        return last;
    }

    /** The answer that stands: the last that was taken, or what is reckoned. */
    Optional<JudgedAnswer> answer(StepWork at, int reading, int which) {
        Reading of = at.reading(reading, which);
        if (!(of.answer() instanceof Answer.Reckoned reckoned)) {
            return at.last(reading, which).map(Taken::answer);
        }
        try {
            return new ReckonedReading(reckoned.formula(), work.symbols())
                    .value(symbols(at))
                    .map(v -> JudgedAnswer.of(of, v.toDecimal(), null, null));
        } catch (IllegalArgumentException notUnderstood) {
            return Optional.empty();
        }
    }

    /** What the symbols of formulas stand for, those of the same round before others. */
    private Map<String, Rational> symbols(StepWork at) {
        Map<String, Rational> known = new HashMap<>();
        for (StepWork visit : visits) {
            if (visit != at) {
                symbols(visit, known);
            }
        }
        symbols(at, known);
        return known;
    }

    private static void symbols(StepWork visit, Map<String, Rational> known) {
        List<Reading> readings = visit.step().readings();
        for (int i = 0; i < readings.size(); i++) {
            Reading reading = readings.get(i);
            if (reading.symbol().isEmpty()) {
                continue;
            }
            List<String> names = ReckonedReading.symbols(reading);
            for (int n = 0; n < reading.count(); n++) {
                Optional<Taken> last = visit.last(i, n);
                if (last.isPresent()) {
                    known.put(names.get(n), value(reading, last.get()));
                }
            }
        }
    }

    /** The number of an answer in the unit of its reading; as it stands where that has none. */
    private static Rational value(Reading reading, Taken taken) {
        String given = taken.answer().given();
        Optional<MeasureUnit> unit = JudgedAnswer.knownUnit(reading);
        if (unit.isEmpty()) {
            return taken.answer()
                    .judged()
                    .map(q -> q.min().value())
                    .orElseGet(() -> Rational.of(given.replace(',', '.').replace("+", "")));
        }
        Quantity value = QuantityList.parse(given, unit.get()).get(0);
        return new Conversion(value, unit.get()).exact(value.min());
    }

    /** Whether something was found; empty where the run has not come by it. */
    Optional<Boolean> found(Found found) {
        if (found instanceof Found.Outside outside) {
            return work.reading(outside.reading()).flatMap(this::outside);
        }
        if (found instanceof Found.Fails fails) {
            return work.look(fails.look()).flatMap(this::fails);
        }
        if (found instanceof Found.Decided decided) {
            return decided(decided);
        }
        return Optional.empty();
    }

    private Optional<Boolean> outside(WorkedManual.Ref ref) {
        List<Boolean> all = new ArrayList<>();
        for (StepWork visit : visits) {
            if (visit.line() == ref.line()) {
                int count = visit.step().readings().get(ref.index()).count();
                for (int n = 0; n < count; n++) {
                    answer(visit, ref.index(), n)
                            .flatMap(JudgedAnswer::verdict)
                            .ifPresent(v -> all.add(v == ReadingVerdict.FAIL));
                }
            }
        }
        return any(all);
    }

    private Optional<Boolean> fails(WorkedManual.Ref ref) {
        List<Boolean> all = new ArrayList<>();
        for (StepWork visit : visits) {
            if (visit.line() == ref.line()) {
                List<Boolean> looked = visit.looked(ref.index());
                if (!looked.isEmpty()) {
                    all.add(!looked.get(looked.size() - 1));
                }
            }
        }
        return any(all);
    }

    private Optional<Boolean> decided(Found.Decided decided) {
        return visits.stream()
                .flatMap(v -> v.decision(decided.decision()).stream())
                .flatMap(d -> d.verdict().stream())
                .reduce((first, last) -> last)
                .map(v -> v.equals(decided.verdict()));
    }

    private static Optional<Boolean> any(List<Boolean> all) {
        return all.isEmpty() ? Optional.empty() : Optional.of(all.contains(true));
    }
}
