package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.quantity.Quantity;

/**
 * What is measured in turn, and what follows from it, as the trainer typed it.
 *
 * @param step id of the step that it decides in, null where none
 * @param measures what is measured, the first one first
 * @param derived what is reckoned from it
 * @param rules after each measure its rules in order; the first whose conditions all hold decides
 */
@RecordBuilder
public record Decision(
        Id<Decision> id,
        String name,
        Id<Step> step,
        List<Measure> measures,
        List<Derived> derived,
        List<Rule> rules)
        implements DecisionBuilder.With {

    /**
     * @param symbol what formulas and conditions call it: a letter, or letters and digits
     * @param range in which a reading can lie, with its unit; null where it is chosen from a list
     * @param tool id of the instrument, null where none is said
     * @param choices the words of which one is the answer; none where it is a number
     */
    @RecordBuilder
    public record Measure(
            String symbol, String name, Quantity range, Id<Tool> tool, List<String> choices)
            implements DecisionMeasureBuilder.With {
        public Measure {
            symbol = symbol == null ? "" : symbol;
            name = name == null ? "" : name;
            choices = choices == null ? List.of() : List.copyOf(choices);
        }

        /** A number. */
        public Measure(String symbol, String name, Quantity range, Id<Tool> tool) {
            this(symbol, name, range, tool, List.of());
        }
    }

    /** A reading that is reckoned, such as n = w + g − 0.1. */
    public record Derived(String symbol, String formula) {
        public Derived {
            symbol = symbol == null ? "" : symbol;
            formula = formula == null ? "" : formula;
        }
    }

    /**
     * @param is as it was typed: "≤ 0.13", "above 0.2", "0.06 to 0.16"
     */
    public record When(String symbol, String is) {
        public When {
            symbol = symbol == null ? "" : symbol;
            is = is == null ? "" : is;
        }
    }

    /**
     * One of verdict, measure and again is given.
     *
     * @param after symbol of the measure that it follows
     * @param when all have to hold; none for "otherwise"
     * @param verdict what is done, null where something else is measured
     * @param measure symbol of what is measured next, null where there is a verdict
     * @param steps those that a verdict leads to, none where it leads to none
     * @param again back to what was measured before, null where it goes on
     */
    @RecordBuilder
    public record Rule(
            String after,
            List<When> when,
            String verdict,
            String measure,
            List<Id<Step>> steps,
            Again again)
            implements DecisionRuleBuilder.With {
        public Rule {
            after = after == null ? "" : after;
            when = when == null ? List.of() : List.copyOf(when);
            steps = steps == null ? List.of() : List.copyOf(steps);
        }

        /** One that leads to no steps and never back. */
        public Rule(String after, List<When> when, String verdict, String measure) {
            this(after, when, verdict, measure, List.of(), null);
        }
    }

    /**
     * Back to what was measured before, which something makes anew.
     *
     * @param measure symbol of what is measured again
     * @param changes what is changed before, in words ("fit the next shim"); if it is the symbol of
     *     a measure, that one is taken again as well
     * @param most how often at most, 0 where nothing is said: then it goes round without an end
     * @param exhausted what is done when it was tried so often, in words
     */
    @RecordBuilder
    public record Again(String measure, String changes, int most, String exhausted)
            implements DecisionAgainBuilder.With {
        public Again {
            measure = measure == null ? "" : measure;
            changes = changes == null ? "" : changes;
            most = Math.max(0, most);
            exhausted = exhausted == null ? "" : exhausted;
        }
    }

    public Decision {
        name = name == null ? "" : name;
        measures = measures == null ? List.of() : List.copyOf(measures);
        derived = derived == null ? List.of() : List.copyOf(derived);
        rules = rules == null ? List.of() : List.copyOf(rules);
    }

    /** What a measure measures, its symbol where nothing is said or it is reckoned. */
    public String nameOf(String symbol) {
        return measures.stream()
                .filter(m -> m.symbol().equals(symbol) && !m.name().isEmpty())
                .map(Measure::name)
                .findFirst()
                .orElse(symbol);
    }
}
