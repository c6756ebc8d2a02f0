package methodos.cli.calc;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import methodos.core.fit.DecisionTable;
import methodos.core.fit.Formula;
import methodos.core.fit.TableCheck;
import methodos.core.quantity.Rational;

/** {@code calc table}: walks a decision table, and tells where it does not end. */
final class TableCalculator implements Calculator {

    @Override
    public Answer answer(Request request) throws WrongRequest {
        DecisionTable table = table(request);
        Map<String, Object> value = new LinkedHashMap<>();
        List<String> words = new ArrayList<>();
        if (request.has("values")) {
            Map<String, List<Rational>> values = values(request, table);
            DecisionTable.Walk walk =
                    Request.checked(
                            "values", () -> table.walk((r, taking) -> value(values, r, taking)));
            value.put("path", walk.path());
            value.put("verdict", walk.verdict().orElse(null));
            if (!walk.steps().isEmpty()) {
                value.put("steps", walk.steps());
            }
            if (walk.exhausted()) {
                value.put("exhausted", true);
            }
            words.add(
                    String.join(" → ", walk.path())
                            + ": "
                            + walk.verdict().orElse("it does not end"));
        }
        TableCheck check = TableCheck.of(table);
        value.put("missing", check.missing().stream().map(m -> missing(m, table)).toList());
        value.put("unreachable", check.unreachable().stream().map(i -> i + 1).toList());
        value.put("endless", check.endless());
        words.add(
                check.missing().size()
                        + " holes, "
                        + check.unreachable().size()
                        + " rules that are never reached, "
                        + check.endless().size()
                        + " ways that go round.");
        words.add("After a reading the first rule whose conditions all hold decides.");
        return new Answer(value, words);
    }

    /** By the reading, its value for each time that it is taken. */
    private static Map<String, List<Rational>> values(Request request, DecisionTable table)
            throws WrongRequest {
        Map<String, List<Rational>> all = new LinkedHashMap<>();
        Request values = request.object("values");
        for (DecisionTable.Reading reading : table.readings()) {
            if (!values.has(reading.id())) {
                continue;
            }
            if (reading.choices().isEmpty()) {
                all.put(reading.id(), values.oneOrMoreDecimals(reading.id()));
            } else {
                List<String> chosen = values.oneOrMoreTexts(reading.id());
                all.put(
                        reading.id(),
                        Request.checked(
                                "values", () -> chosen.stream().map(reading::choice).toList()));
            }
        }
        return all;
    }

    /** One value alone holds each time; of several each holds once. */
    private static Optional<Rational> value(
            Map<String, List<Rational>> values, String reading, int taking) {
        List<Rational> own = values.getOrDefault(reading, List.of());
        int at = own.size() == 1 ? 0 : taking;
        return at < own.size() ? Optional.of(own.get(at)) : Optional.empty();
    }

    private static DecisionTable table(Request request) throws WrongRequest {
        List<DecisionTable.Reading> readings = new ArrayList<>();
        for (Request r : request.neededObjects("readings")) {
            if (r.has("values")) {
                String id = r.text("id");
                List<String> choices = r.texts("values");
                readings.add(
                        Request.checked(
                                "readings.values", () -> DecisionTable.Reading.of(id, choices)));
                continue;
            }
            Rational from = Rational.of(r.decimal("from"));
            Rational to = Rational.of(r.decimal("to"));
            if (from.compareTo(to) > 0) {
                throw new WrongRequest("“readings.from” is above “to”.");
            }
            readings.add(new DecisionTable.Reading(r.text("id"), from, to));
        }
        Map<String, Formula> derived = new LinkedHashMap<>();
        for (Request d : request.objects("derived")) {
            String formula = d.text("formula");
            derived.put(
                    d.text("id"), Request.checked("derived.formula", () -> Formula.parse(formula)));
        }
        List<DecisionTable.Rule> rules = new ArrayList<>();
        for (Request r : request.neededObjects("rules")) {
            rules.add(rule(r, readings));
        }
        String start = request.text("start");
        return Request.checked("rules", () -> new DecisionTable(start, readings, derived, rules));
    }

    private static DecisionTable.Rule rule(Request r, List<DecisionTable.Reading> readings)
            throws WrongRequest {
        List<DecisionTable.Condition> when = new ArrayList<>();
        for (Request c : r.objects("when")) {
            if (c.has("is")) {
                when.add(chosen(c, readings));
                continue;
            }
            when.add(
                    new DecisionTable.Condition(
                            c.text("reading"),
                            end(c, "min"),
                            end(c, "max"),
                            end(c, "above"),
                            end(c, "below")));
        }
        Request then = r.object("then");
        String verdict = then.has("verdict") ? then.text("verdict") : null;
        String measure = then.has("measure") ? then.text("measure") : null;
        DecisionTable.Again again = then.has("again") ? again(then) : null;
        if (Stream.of(verdict, measure, again).filter(Objects::nonNull).count() != 1) {
            throw new WrongRequest(
                    "“rules.then” has one of a verdict, a reading to measure and one to take"
                            + " again.");
        }
        return new DecisionTable.Rule(
                r.text("after"), when, verdict, measure, again, then.texts("steps"));
    }

    private static DecisionTable.Again again(Request then) throws WrongRequest {
        return new DecisionTable.Again(
                then.text("again"),
                then.has("changes") ? then.text("changes") : "",
                then.has("most") ? Integer.valueOf(then.teeth("most")) : null);
    }

    private static DecisionTable.Condition chosen(Request c, List<DecisionTable.Reading> readings)
            throws WrongRequest {
        String id = c.text("reading");
        String is = c.text("is");
        DecisionTable.Reading reading =
                readings.stream()
                        .filter(x -> x.id().equals(id) && !x.choices().isEmpty())
                        .findFirst()
                        .orElseThrow(
                                () -> new WrongRequest("“" + id + "” is not chosen from a list."));
        Rational at = Request.checked("rules.when.is", () -> reading.choice(is));
        return new DecisionTable.Condition(id, at, at, null, null);
    }

    private static Rational end(Request c, String field) throws WrongRequest {
        return c.has(field) ? Rational.of(c.decimal(field)) : null;
    }

    private static Map<String, Object> missing(TableCheck.Missing missing, DecisionTable table) {
        Map<String, Object> example = new LinkedHashMap<>();
        missing.example()
                .forEach(
                        (id, v) -> {
                            List<String> choices = table.reading(id).choices();
                            example.put(
                                    id,
                                    choices.isEmpty()
                                            ? (Object) v.toDouble()
                                            : choices.get((int) v.toDouble()));
                        });
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("after", missing.after());
        value.put("example", example);
        return value;
    }
}
