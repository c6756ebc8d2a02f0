package methodos.narration.draft;

import java.util.Set;
import methodos.core.vocabulary.WordSet;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Lead;
import methodos.narration.grammar.Utterance;
import methodos.narration.vocabulary.Act;
import methodos.narration.vocabulary.WordClass;

/**
 * Tells a clause that only says when, where or why, or that asks: "before the head is taken off",
 * "because it leaks", "who puts a bolt there?", "rather than heating it": no one has to do what it
 * names.
 */
final class Circumstance {

    private static final Set<String> GROUNDS = WordSet.of("because where although though whereas");
    private static final Set<String> TIMES =
            WordSet.of("before after until till if unless when once");

    private final Utterance said;

    Circumstance(Utterance said) {
        this.said = said;
    }

    boolean is(Clause clause) {
        Lead lead = clause.lead();
        if (lead.negated()) {
            return denied(clause);
        }
        boolean undergone =
                lead.be() || lead.have() || said.act(clause.head()).filter(this::does).isPresent();
        boolean named = lead.subject().equals("thing");
        return rejected(clause)
                || GROUNDS.contains(lead.subordinator())
                || TIMES.contains(lead.subordinator()) && named && undergone
                || asks(clause);
    }

    /** "if it does not drop", "he never got it out", "do not worry": nothing is forbidden. */
    private boolean denied(Clause clause) {
        Lead lead = clause.lead();
        boolean asks = lead.subordinator().matches("if|unless|because");
        boolean past =
                said.act(clause.head()).filter(m -> m.form() == Act.Form.PAST).isPresent()
                        && clause.type() == Clause.Type.VERB
                        && !lead.be()
                        && lead.modal().isEmpty();
        return asks && !lead.subject().equals("you")
                || past
                || WordClass.MUSING.has(said.word(clause.head()));
    }

    /** "rather than heating it", "instead of heating it", "without heating it" */
    private boolean rejected(Clause clause) {
        int before = said.previous(clause.head());
        boolean doing = said.act(clause.head()).filter(m -> m.form() == Act.Form.ING).isPresent();
        String word = said.word(before);
        String earlier = said.word(before - 1);
        return doing && (word.equals("without") || WordClass.REJECTING.has(earlier));
    }

    private boolean does(Act.Met met) {
        return met.form() == Act.Form.THIRD_PERSON || met.form() == Act.Form.PAST;
    }

    private boolean asks(Clause clause) {
        return clause.lead().interrogative().matches("who|why|how|what|which")
                && said.mark(clause.to() - 1).equals("?");
    }
}
