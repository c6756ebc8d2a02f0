package methodos.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import methodos.core.manual.Decision;
import methodos.core.manual.Decision.When;

/** The conditions of a rule on one line, as a trainer types them: "≤ 0.13 and w above 2". */
public final class ConditionText {

    private static final Pattern AND = Pattern.compile("\\s*(?:;|\\band\\b)\\s*");
    private static final Pattern NAMED =
            Pattern.compile("([\\p{L}][\\p{L}\\d_]*)\\s*(?:is\\b)?\\s*(.+)");

    private ConditionText() {}

    /**
     * @param after the reading that is meant where none is named
     * @throws IllegalArgumentException with a sentence if a condition is not understood
     */
    public static List<When> parse(Decision decision, String after, String text) {
        Set<String> symbols =
                decision.measures().stream()
                        .map(Decision.Measure::symbol)
                        .collect(Collectors.toSet());
        decision.derived().forEach(d -> symbols.add(d.symbol()));
        List<When> all = new ArrayList<>();
        for (String one : AND.split(text.strip())) {
            if (one.isBlank()) {
                continue;
            }
            Matcher named = NAMED.matcher(one);
            When when =
                    named.matches() && symbols.contains(named.group(1))
                            ? new When(named.group(1), named.group(2).strip())
                            : new When(after, one.strip());
            DecisionTables.understand(decision, when);
            all.add(when);
        }
        return all;
    }

    /** The conditions of a rule as they are typed. */
    public static String of(Decision.Rule rule) {
        return rule.when().stream()
                .map(w -> w.symbol().equals(rule.after()) ? w.is() : w.symbol() + " " + w.is())
                .collect(Collectors.joining(" and "));
    }
}
