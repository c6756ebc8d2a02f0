package methodos.narration.draft;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.vocabulary.WordSet;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.NounPhrase;
import methodos.narration.grammar.Utterance;
import methodos.narration.things.Referents;
import methodos.narration.values.Figures;
import methodos.narration.vocabulary.WordClass;

/** Gives each step the condition that it is told for: "if the rod is bent, fit a new one". */
final class ConditionsTold {

    /** Behind these "if" stands for "whether", or asks nothing. */
    private static final Set<String> WHETHER =
            WordSet.of("see check wonder know find out look feel test tell even as what");

    /** "if you want", "if you like": nothing that a step can depend on. */
    private static final Pattern WISH =
            Pattern.compile(
                    "(you|youre|youd) (want|like|need|forget|wonder|have to|look|ever)\\b.*");

    private static final Set<String> PRONOUNS =
            Set.of("it", "its", "they", "theyre", "that", "thats");
    private static final int LONGEST = 16;
    private static final int REACH = 3;
    private static final int BRIEF = 5;

    private final Utterance said;
    private final List<Clause> clauses;
    private final List<Sketch> sketches;

    ConditionsTold(Utterance said, List<Clause> clauses, List<Sketch> sketches) {
        this.said = said;
        this.clauses = clauses;
        this.sketches = sketches;
    }

    void give() {
        for (int i = 0; i < said.size(); i++) {
            if (asks(i)) {
                told(i);
            }
        }
        for (Clause clause : clauses) {
            if (question(clause)) {
                next(clause.to(), false)
                        .ifPresent(s -> take(s, text(clause.from(), clause.to(), -1), "If "));
            }
        }
        for (Sketch s : sketches) {
            if (s.condition == null) {
                s.condition = ModelsSaid.of(said.text(s.from, s.to));
            }
        }
    }

    /** "if", where it does not stand for "whether": "see if it moves". */
    private boolean asks(int i) {
        String w = said.word(i);
        int p = said.previous(i);
        String before = said.ends(p) ? "" : said.word(p);
        boolean clausal =
                w.equals("if")
                        || w.equals("unless")
                        || (w.equals("when") || w.equals("once")) && subject(i + 1);
        return clausal && !WHETHER.contains(before);
    }

    /** Whether somebody or something that does or is something can begin here. */
    private boolean subject(int i) {
        String w = said.word(i);
        return WordClass.SUBJECT.has(w)
                || WordClass.DETERMINER.has(w)
                || WordClass.POSSESSIVE.has(w)
                || WordClass.parts(w).size() > 1;
    }

    /** "Bent? New rod." */
    private boolean question(Clause clause) {
        boolean brief = clause.to() - clause.from() <= BRIEF;
        return brief
                && said.mark(clause.to() - 1).equals("?")
                && (clause.type() != Clause.Type.VERB || clause.to() - clause.from() == 1)
                && sketches.stream().noneMatch(s -> s.clause == clause);
    }

    private void told(int start) {
        int c = Math.max(0, Figures.clauseAt(clauses, start + 1));
        Clause clause = clauses.get(c);
        int end = behind(start, clause);
        String asking = asking(said.word(start));
        boolean begins = start == 0 || said.ends(said.previous(start)) || opens(start);
        boolean closes = said.ends(end - 1);
        if (closes && !begins) {
            int begun = start;
            sketches.stream()
                    .filter(s -> s.clause.from() < begun)
                    .filter(s -> begun - s.clause.to() <= REACH)
                    .reduce((a, b) -> b)
                    .ifPresent(s -> take(s, text(begun + 1, end, c), asking));
            return;
        }
        String condition = text(start + 1, end, c);
        next(end, true)
                .ifPresent(
                        first -> {
                            take(first, condition, asking);
                            first.from = Math.min(first.from, start);
                            and(first, condition, asking);
                        });
    }

    /** What follows with "and" in the same sentence depends on it as well. */
    private void and(Sketch first, String condition, String asking) {
        int at = sketches.indexOf(first);
        for (int i = at + 1; i < sketches.size(); i++) {
            Sketch next = sketches.get(i);
            boolean joined =
                    next.clause.lead().coordinator().equals("and")
                            && next.clause.from() - sketches.get(i - 1).to <= REACH
                            && !parted(sketches.get(i - 1).clause.to(), next.clause.from());
            if (!joined || said.runsOn()) {
                return;
            }
            take(next, condition, asking);
        }
    }

    private boolean parted(int from, int to) {
        for (int i = from - 1; i < to; i++) {
            if (said.ends(i)) {
                return true;
            }
        }
        return false;
    }

    private boolean opens(int start) {
        int p = said.previous(start);
        return WordClass.COORDINATOR.has(said.word(p)) || said.runsOn();
    }

    /** Where what is asked ends: at a comma, or where a step begins. */
    private int behind(int start, Clause clause) {
        int end = start + 1;
        while (end < said.size()
                && end - start < LONGEST
                && !said.ends(end - 1)
                && !(end - start > 2 && said.mark(end - 1).equals(","))
                && !begins(end, clause)) {
            end++;
        }
        return end;
    }

    private boolean begins(int word, Clause asking) {
        return sketches.stream().anyMatch(s -> s.clause != asking && s.clause.from() == word);
    }

    private Optional<Sketch> next(int from, boolean within) {
        return sketches.stream()
                .filter(s -> s.kind != Kind.CAUTION)
                .filter(s -> s.clause.from() >= from && s.clause.from() - from <= REACH)
                .filter(s -> !within || !parted(from + 1, s.clause.from()))
                .findFirst();
    }

    private static String asking(String word) {
        return switch (word) {
            case "unless" -> "Unless ";
            case "when", "once" -> "When ";
            default -> "If ";
        };
    }

    private static void take(Sketch s, String condition, String asking) {
        if (s.condition == null && !condition.isEmpty() && !WISH.matcher(condition).matches()) {
            s.condition = condition;
            s.asking = asking;
        }
    }

    /** The words of a condition, with the name of what "it" stands for. */
    private String text(int from, int to, int clause) {
        StringBuilder text = new StringBuilder();
        for (int i = from; i < to; i++) {
            String w = said.word(i);
            if (said.filler(i)) {
                continue;
            }
            if (text.isEmpty() && PRONOUNS.contains(w) && clause >= 0) {
                List<NounPhrase> named =
                        new Referents(said, clauses)
                                .of(clause, w.startsWith("they") ? "they" : "it");
                String verb = w.endsWith("s") ? " is" : w.endsWith("re") ? " are" : "";
                text.append(named.isEmpty() ? w : named.get(0).name() + verb);
            } else {
                text.append(text.isEmpty() ? "" : " ").append(String.join(" ", WordClass.parts(w)));
            }
        }
        return text.toString();
    }
}
