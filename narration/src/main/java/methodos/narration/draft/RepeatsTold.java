package methodos.narration.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.narration.DraftedStep.PartNamed;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Utterance;

/** Finds where the work that was just told is to be done at another place. */
final class RepeatsTold {

    private static final Pattern REPEATS =
            Pattern.compile(
                    "same(?: (?:thing|again|work|job|way|drill))*"
                            + " (?:for|on|at|with|again|the other|over)\\b.*"
                            + "|same again\\b.*");

    private static final Pattern PLACE = Pattern.compile(".*\\b(?:for|on|at) (?:the )?");

    /** What is done on the way and is not the work that is repeated. */
    private static final Set<String> ASIDE =
            Set.of("discard", "record", "clean", "lubricate", "wait", "secure", "mark");

    private static final int STEPS = 4;
    private static final int WORDS = 40;
    private static final int LONGEST = 9;
    private static final double SURE = 0.5;

    private final Utterance said;
    private final List<Clause> clauses;

    RepeatsTold(Utterance said, List<Clause> clauses) {
        this.said = said;
        this.clauses = clauses;
    }

    /** The sketches with those of what is repeated, in the order in which they are said. */
    List<Sketch> with(List<Sketch> sketches) {
        List<Sketch> all = new ArrayList<>(sketches);
        for (int i = 0; i < said.size(); i++) {
            int end = i + 1;
            while (said.word(i).equals("same") && end - i < LONGEST && !said.ends(end - 1)) {
                end++;
            }
            String text = said.text(i, end);
            if (REPEATS.matcher(text).matches()) {
                int from = i;
                int to = end;
                clauses.stream()
                        .filter(c -> c.head() >= from && c.head() < to)
                        .findFirst()
                        .filter(c -> sketches.stream().noneMatch(s -> named(s, c)))
                        .ifPresent(c -> add(c, text, all));
            }
        }
        return all;
    }

    private static boolean named(Sketch s, Clause clause) {
        return s.clause == clause && !s.parts.isEmpty();
    }

    private void add(Clause clause, String text, List<Sketch> all) {
        all.removeIf(s -> s.clause == clause);
        int at = 0;
        while (at < all.size() && all.get(at).from < clause.from()) {
            at++;
        }
        for (int i = at - 1; i >= Math.max(0, at - STEPS); i--) {
            Sketch main = all.get(i);
            if (main.kind == Kind.CAUTION || ASIDE.contains(main.action)) {
                continue;
            }
            Sketch again = new Sketch(main.kind, main.action, clause, SURE);
            main.parts.stream()
                    .map(p -> new PartNamed(p.name(), p.quantity(), null, null, p.thing()))
                    .forEach(again.parts::add);
            int first = all.get(Math.max(0, at - STEPS)).from;
            again.repeated = new int[] {Math.max(first, main.from - WORDS), main.to};
            again.place = PLACE.matcher(text).replaceFirst("").strip();
            // the clause may have been taken for a detail of what it repeats
            main.to = Math.min(main.to, Math.max(main.from + 1, clause.from()));
            all.add(at, again);
            return;
        }
    }
}
