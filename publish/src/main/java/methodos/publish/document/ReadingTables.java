package methodos.publish.document;

import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import methodos.core.manual.Decision;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.words.Words;

/** The table of limits, and the fields of the record of the work. */
final class ReadingTables {

    private final Manual manual;
    private final StepNumbers numbers;
    private final StepViews views;
    private final Words words;

    ReadingTables(Manual manual, StepNumbers numbers, StepViews views, Words words) {
        this.manual = manual;
        this.numbers = numbers;
        this.views = views;
        this.words = words;
    }

    /**
     * @param units the units of which it is asked, empty where of each of the issue
     * @param places one for each reading that is written down
     * @param ids by which the form for the screen knows what was typed
     * @param verdict id of the decision whose verdict it is, empty for what is read
     */
    public record LimitRow(
            String units,
            String what,
            String limit,
            String unit,
            String with,
            String steps,
            List<String> places,
            List<String> ids,
            String verdict) {}

    /** The limits that the steps measure against. */
    List<LimitRow> limits() {
        return shown().flatMap(this::readings).filter(r -> !r.limit().isEmpty()).toList();
    }

    private LimitRow limit(Step step, int index, String units, StepView.ReadingView reading) {
        String number = String.valueOf(numbers.of(step.id()).orElseThrow());
        return new LimitRow(
                units,
                reading.what(),
                reading.limit(),
                reading.unit(),
                reading.with(),
                number,
                reading.places(),
                IntStream.range(0, reading.places().size())
                        .mapToObj(i -> step.id().text() + "." + index + "." + i)
                        .toList(),
                "");
    }

    /** Every field of the record: the readings of the steps, and what decisions ask for. */
    List<LimitRow> record() {
        return shown().flatMap(s -> Stream.concat(readings(s), decided(s))).toList();
    }

    private Stream<LimitRow> readings(Step step) {
        return IntStream.range(0, step.readings().size())
                .mapToObj(
                        i -> {
                            Reading r = step.readings().get(i);
                            return limit(step, i, views.askedOf(r, step), views.reading(r, step));
                        });
    }

    private Stream<LimitRow> decided(Step step) {
        String number = String.valueOf(numbers.of(step.id()).orElseThrow());
        String units = views.only(step);
        return manual.decisions().stream()
                .filter(d -> step.id().equals(d.step()))
                .flatMap(d -> Stream.concat(measures(d, units, number), verdict(d, units, number)));
    }

    private static Stream<LimitRow> measures(Decision decision, String units, String number) {
        return decision.measures().stream()
                .map(
                        m ->
                                new LimitRow(
                                        units,
                                        m.name().isEmpty() ? m.symbol() : m.name(),
                                        "",
                                        m.range() == null ? "" : m.range().unit().symbol(),
                                        "",
                                        number,
                                        m.choices().isEmpty()
                                                ? List.of(m.symbol())
                                                : m.choices().stream().map(c -> "☐ " + c).toList(),
                                        List.of(
                                                "decision."
                                                        + decision.id().text()
                                                        + "."
                                                        + m.symbol()),
                                        ""));
    }

    private Stream<LimitRow> verdict(Decision decision, String units, String number) {
        return Stream.of(
                new LimitRow(
                        units,
                        decision.name(),
                        words.of("record.verdictOf"),
                        "",
                        "",
                        number,
                        decision.rules().stream()
                                .map(Decision.Rule::verdict)
                                .filter(Objects::nonNull)
                                .distinct()
                                .map(v -> "☐ " + v)
                                .toList(),
                        List.of(),
                        decision.id().text()));
    }

    private Stream<Step> shown() {
        return manual.steps().filter(s -> numbers.of(s.id()).isPresent());
    }
}
