package methodos.cli.calc;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
            Map<String, Rational> values = request.decimalsByName("values");
            DecisionTable.Walk walk = Request.checked("values", () -> table.walk(values));
            value.put("path", walk.path());
            value.put("verdict", walk.verdict().orElse(null));
            words.add(
                    String.join(" → ", walk.path())
                            + ": "
                            + walk.verdict().orElse("it does not end"));
        }
        TableCheck check = TableCheck.of(table);
        value.put("missing", check.missing().stream().map(TableCalculator::missing).toList());
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

    private static DecisionTable table(Request request) throws WrongRequest {
        List<DecisionTable.Reading> readings = new ArrayList<>();
        for (Request r : request.neededObjects("readings")) {
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
            rules.add(rule(r));
        }
        String start = request.text("start");
        return Request.checked("rules", () -> new DecisionTable(start, readings, derived, rules));
    }

    private static DecisionTable.Rule rule(Request r) throws WrongRequest {
        List<DecisionTable.Condition> when = new ArrayList<>();
        for (Request c : r.objects("when")) {
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
        if ((verdict == null) == (measure == null)) {
            throw new WrongRequest("“rules.then” has a verdict or a reading to measure.");
        }
        return new DecisionTable.Rule(r.text("after"), when, verdict, measure);
    }

    private static Rational end(Request c, String field) throws WrongRequest {
        return c.has(field) ? Rational.of(c.decimal(field)) : null;
    }

    private static Map<String, Object> missing(TableCheck.Missing missing) {
        Map<String, Object> example = new LinkedHashMap<>();
        missing.example().forEach((id, v) -> example.put(id, v.toDouble()));
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("after", missing.after());
        value.put("example", example);
        return value;
    }
}
