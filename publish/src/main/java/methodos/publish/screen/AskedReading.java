package methodos.publish.screen;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Answer;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Step;
import methodos.core.quantity.Bound;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.words.ReadingText;

/**
 * A reading as it is typed into the form for the screen, with all that is needed to judge it there.
 *
 * @param id of it in the form; that of a place is this one, a stop, and its index from 0
 * @param kind number, choice, written or reckoned
 * @param min lowest value that passes, in the unit; null where open or nothing is judged
 * @param max highest value that passes
 * @param resolution smallest step of the instrument, null where it is not known
 * @param places what each value is called, as often as it is taken
 * @param answers to choose from
 * @param good those of them that pass
 * @param among what has to be written, one of them; empty where anything may
 * @param against id of the reading that it is held against, null for none
 * @param symbol what formulas call it
 * @param formula by which it is reckoned, null where it is typed
 */
record AskedReading(
        String id,
        int step,
        String what,
        String kind,
        String unit,
        Double min,
        Double max,
        Double resolution,
        List<String> places,
        List<String> answers,
        List<String> good,
        List<String> among,
        String against,
        String symbol,
        String formula,
        String otherwise) {

    /** The id in the form of a reading of a step. */
    static String id(Step step, int index) {
        return step.id().text() + "." + index;
    }

    static AskedReading of(Reading reading, Step step, int number, int repeated, Manual manual) {
        Optional<Quantity> limit = reading.known().filter(q -> !q.about());
        List<String> labels = reading.labels();
        Answer answer = reading.answer();
        return new AskedReading(
                id(step, step.readings().indexOf(reading)),
                number,
                reading.what(),
                kind(answer),
                ReadingText.unit(reading),
                limit.map(Quantity::min).map(AskedReading::number).orElse(null),
                limit.map(Quantity::max).map(AskedReading::number).orElse(null),
                resolution(reading, limit, manual),
                Collections.nCopies(repeated, labels).stream().flatMap(List::stream).toList(),
                answer instanceof Answer.Choice c ? c.answers() : List.of(),
                answer instanceof Answer.Choice c ? c.good() : List.of(),
                answer instanceof Answer.Written w ? w.among() : List.of(),
                against(reading, manual),
                reading.symbol(),
                answer instanceof Answer.Reckoned r ? r.formula() : null,
                reading.otherwise());
    }

    private static String kind(Answer answer) {
        if (answer instanceof Answer.Choice) {
            return "choice";
        }
        if (answer instanceof Answer.Written) {
            return "written";
        }
        return answer instanceof Answer.Reckoned ? "reckoned" : "number";
    }

    private static Double number(Bound bound) {
        return bound.value().toDouble();
    }

    /** The size of a measuring tool is its resolution. */
    private static Double resolution(Reading reading, Optional<Quantity> limit, Manual manual) {
        if (reading.tool() == null || limit.isEmpty()) {
            return null;
        }
        MeasureUnit unit = limit.get().unit();
        return manual.tool(reading.tool())
                .flatMap(t -> size(t.size()))
                .filter(q -> q.single() && q.unit().dimension() == unit.dimension())
                .map(q -> new Conversion(q, unit).exact(q.min()).toDouble())
                .orElse(null);
    }

    private static Optional<Quantity> size(String written) {
        try {
            return written.isBlank() ? Optional.empty() : Optional.of(Quantity.parse(written));
        } catch (IllegalArgumentException noQuantity) {
            return Optional.empty();
        }
    }

    private static String against(Reading reading, Manual manual) {
        if (reading.against() == null) {
            return null;
        }
        for (Step step : manual.steps().toList()) {
            for (int i = 0; i < step.readings().size(); i++) {
                if (reading.against().equals(step.readings().get(i).id())) {
                    return id(step, i);
                }
            }
        }
        return null;
    }
}
