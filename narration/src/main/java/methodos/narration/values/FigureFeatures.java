package methodos.narration.values;

import java.util.ArrayList;
import java.util.List;
import methodos.core.speech.Measure;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.NounPhrase;
import methodos.narration.grammar.Utterance;

/** What tells whether a quantity is a torque, a limit, a wait, a count, a size or of no account. */
public final class FigureFeatures {

    private FigureFeatures() {}

    /**
     * @param clause the clause that holds the quantity, or the one before it
     * @param outcome what the judge takes that clause for
     * @param action the action that is nearest
     */
    public static List<String> of(
            Utterance said, Measure m, Clause clause, String outcome, String action) {
        List<String> f = new ArrayList<>();
        String unit = m.bare() ? "none" : m.unit();
        String kind = kind(m);
        f.add("unit=" + unit);
        f.add("kind=" + kind);
        f.add("bound=" + m.bound());
        f.add("kind=" + kind + "&bound=" + m.bound());
        f.add("range=" + !m.single() + "&kind=" + kind);
        f.add("whole=" + m.whole() + "&kind=" + kind);
        f.add("outcome=" + outcome + "&kind=" + kind);
        f.add("action=" + action + "&kind=" + kind);
        f.add("action=" + action + "&unit=" + unit);
        for (int d = 1; d <= 3; d++) {
            f.add("before" + d + "=" + said.word(m.from() - d));
            f.add("before=" + said.word(m.from() - d) + "&kind=" + kind);
        }
        f.add("after=" + said.word(m.to()));
        f.add("after=" + said.word(m.to()) + "&kind=" + kind);
        f.add("after2=" + said.word(m.to()) + " " + said.word(m.to() + 1));
        f.add("after tag=" + said.tag(m.to()) + "&kind=" + kind);
        f.add("ends=" + said.ends(m.to() - 1) + "&kind=" + kind);
        boolean tool = false;
        for (int d = 0; d < 3; d++) {
            String w = said.word(m.to() + d);
            tool |= said.vocabulary().things().tool(w).isPresent();
        }
        f.add("tool behind=" + tool + "&kind=" + kind);
        if (clause != null) {
            f.add("inside=" + (m.from() >= clause.from() && m.from() < clause.to()));
            f.add("type=" + clause.type() + "&kind=" + kind);
            f.add("negated=" + clause.lead().negated() + "&kind=" + kind);
            f.add("sub=" + clause.lead().subordinator() + "&kind=" + kind);
            f.add(
                    "head="
                            + said.act(clause.head()).map(a -> a.act().base()).orElse("")
                            + "&kind="
                            + kind);
            for (NounPhrase thing : clause.complements().objects()) {
                boolean within = m.from() >= thing.from() && m.from() < thing.to();
                f.add("in thing=" + within + "&kind=" + kind);
                f.add("thing=" + thing.head() + "&kind=" + kind);
            }
        }
        return f;
    }

    private static String kind(Measure m) {
        return m.torque()
                ? "torque"
                : m.time()
                        ? "time"
                        : m.length()
                                ? "length"
                                : m.bare()
                                        ? "bare"
                                        : m.cycles()
                                                ? "times"
                                                : m.turns() || m.unit().equals("degree")
                                                        ? "turn"
                                                        : m.weight() ? "weight" : "other";
    }
}
