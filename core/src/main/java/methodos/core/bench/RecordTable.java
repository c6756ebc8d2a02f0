package methodos.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import methodos.core.fit.JudgedAnswer;
import methodos.core.fit.ReadingVerdict;
import methodos.core.manual.Part;
import methodos.core.quantity.Quantity;

/** A record as one table: a row for all that was measured, judged, tightened, signed and said. */
public final class RecordTable {

    /** What a row tells. */
    public enum Kind {
        READING,
        LOOK,
        DECISION,
        TIGHTENED,
        NEW_PART,
        DEVIATION,
        SIGNED,
        REMARK,
        STEP
    }

    /** The columns, as they are headed. */
    public static final List<String> COLUMNS =
            List.of(
                    "kind",
                    "step",
                    "place",
                    "what",
                    "asked",
                    "as found",
                    "as left",
                    "verdict",
                    "with",
                    "why");

    /** How a remark tells of its photo; the digest by which it is kept follows. */
    public static final String PHOTO = "photo ";

    /**
     * A row; what it has nothing of is empty.
     *
     * @param step number of the step, 0 where it is of none
     * @param asked the limit, the torque, or how many
     * @param with the instrument, or the name of who signed
     */
    public record Row(
            Kind kind,
            int step,
            String place,
            String what,
            String asked,
            String found,
            String left,
            String verdict,
            String with,
            String why) {

        /** What stands in the columns. */
        public Map<String, Object> cells() {
            Map<String, Object> cells = new LinkedHashMap<>();
            Object[] values = {
                small(kind),
                step == 0 ? null : step,
                place,
                what,
                asked,
                found,
                left,
                verdict,
                with,
                why
            };
            for (int i = 0; i < values.length; i++) {
                Object value = values[i];
                cells.put(COLUMNS.get(i), "".equals(value) ? null : value);
            }
            return cells;
        }
    }

    private RecordTable() {}

    /** All rows, by their kinds. */
    public static List<Row> of(RunRecord record) {
        List<Row> rows = new ArrayList<>();
        record.readings().forEach(r -> rows.add(reading(r)));
        record.looks()
                .forEach(
                        l ->
                                rows.add(
                                        row(
                                                Kind.LOOK,
                                                l.where(),
                                                l.what(),
                                                "",
                                                good(l.found()),
                                                l.renewed() == null
                                                        ? good(l.left())
                                                        : renewed(l.renewed()),
                                                l.left() || l.renewed() != null ? "pass" : "fail",
                                                "",
                                                "")));
        record.decisions()
                .forEach(
                        d ->
                                rows.add(
                                        row(
                                                Kind.DECISION,
                                                d.where(),
                                                d.name(),
                                                "",
                                                String.join("; ", d.values()),
                                                "",
                                                d.verdict(),
                                                "",
                                                "")));
        record.tightenings()
                .forEach(
                        t ->
                                rows.add(
                                        row(
                                                Kind.TIGHTENED,
                                                t.where(),
                                                t.joint(),
                                                (t.asked() + " × " + t.fasteners()).strip(),
                                                "",
                                                String.join("; ", t.shown()),
                                                "",
                                                "",
                                                "")));
        record.newParts()
                .forEach(
                        p ->
                                rows.add(
                                        row(
                                                Kind.NEW_PART,
                                                null,
                                                (p.part().item() + " " + p.part().label()).strip(),
                                                String.valueOf(p.count()),
                                                "",
                                                "",
                                                "",
                                                "",
                                                "")));
        record.deviations()
                .forEach(
                        d ->
                                rows.add(
                                        row(
                                                Kind.DEVIATION,
                                                d.where(),
                                                d.what(),
                                                "",
                                                "",
                                                "",
                                                small(d.kind()),
                                                "",
                                                d.why())));
        record.signatures()
                .forEach(
                        s ->
                                rows.add(
                                        row(
                                                Kind.SIGNED,
                                                s.where(),
                                                s.energy(),
                                                small(s.of().sign()),
                                                "",
                                                s.of().at().toString(),
                                                "",
                                                s.of().name(),
                                                "")));
        record.remarks()
                .forEach(
                        r ->
                                rows.add(
                                        row(
                                                Kind.REMARK,
                                                r.where(),
                                                r.of().text(),
                                                small(r.of().kind()),
                                                r.of().file().isEmpty()
                                                        ? ""
                                                        : PHOTO + r.of().file(),
                                                r.of().at().toString(),
                                                "",
                                                r.of().by(),
                                                "")));
        for (StepWork visit : record.run().visits()) {
            rows.add(
                    row(
                            Kind.STEP,
                            new RunRecord.Where(visit.number(), visit.place(), visit.visit()),
                            visit.step().text(),
                            "",
                            "",
                            String.valueOf(Math.round(visit.seconds())),
                            small(visit.outcome()),
                            "",
                            ""));
        }
        return rows;
    }

    private static Row reading(RunRecord.Measured reading) {
        return row(
                Kind.READING,
                reading.where(),
                reading.what(),
                Optional.ofNullable(reading.limit()).map(Quantity::print).orElse(""),
                reading.found().given(),
                reading.renewed() == null ? told(reading.left()) : renewed(reading.renewed()),
                reading.renewed() == null
                        ? reading.verdict().map(RecordTable::verdict).orElse("")
                        : "",
                reading.instrument(),
                "");
    }

    /** What was read, with what was judged where that is another number. */
    private static String told(JudgedAnswer answer) {
        return answer.given()
                + answer.judged()
                        .map(Quantity::print)
                        .filter(j -> !j.equals(answer.given()))
                        .map(j -> " (" + j + ")")
                        .orElse("");
    }

    private static String renewed(Part part) {
        return "new: " + part.name();
    }

    private static String verdict(ReadingVerdict verdict) {
        return small(verdict);
    }

    private static String good(boolean good) {
        return good ? "good" : "bad";
    }

    private static String small(Enum<?> one) {
        return one.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static Row row(
            Kind kind,
            RunRecord.Where where,
            String what,
            String asked,
            String found,
            String left,
            String verdict,
            String with,
            String why) {
        return new Row(
                kind,
                where == null ? 0 : where.number(),
                where == null ? "" : where.place(),
                what,
                asked,
                found,
                left,
                verdict,
                with,
                why);
    }
}
