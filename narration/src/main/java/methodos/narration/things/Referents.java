package methodos.narration.things;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.NounPhrase;
import methodos.narration.grammar.Utterance;
import methodos.narration.vocabulary.Things;
import methodos.narration.vocabulary.WordClass;

/**
 * What a pronoun stands for: the thing named last before it that agrees in number, tools and what
 * is used up left aside.
 */
public final class Referents {

    private static final Set<String> SEVERAL = Set.of("them", "they", "those", "these", "both");
    private static final int REACH = 3;

    private final Utterance said;
    private final List<Clause> clauses;

    public Referents(Utterance said, List<Clause> clauses) {
        this.said = said;
        this.clauses = clauses;
    }

    /**
     * The things that a pronoun of a clause stands for; none where none was named before.
     *
     * @param pronoun empty where nothing at all is named
     */
    public List<NounPhrase> of(int clause, String pronoun) {
        boolean several = SEVERAL.contains(pronoun);
        int at = clauses.get(clause).from();
        for (int c = clause - 1; c >= 0 && joined(c, at); c--) {
            List<NounPhrase> named = named(clauses.get(c));
            if (several && (named.size() > 1 || !named.isEmpty() && named.get(0).plural())) {
                return named;
            }
            List<NounPhrase> single = named.stream().filter(np -> !np.plural()).toList();
            if (!several && !single.isEmpty()) {
                return List.of(single.get(single.size() - 1));
            }
        }
        return List.of();
    }

    /** Whether a clause is of the same sentence and near. */
    private boolean joined(int c, int at) {
        for (int i = clauses.get(c).to() - 1; i < at; i++) {
            if (said.ends(i)) {
                return false;
            }
        }
        return at - clauses.get(c).to() <= REACH;
    }

    /** What a clause acts on or is about. */
    private List<NounPhrase> named(Clause clause) {
        List<NounPhrase> named = new ArrayList<>();
        for (NounPhrase np : clause.complements().objects()) {
            if (thing(np)) {
                named.add(np);
            }
        }
        NounPhrase subject = clause.lead().thing();
        if (named.isEmpty() && subject != null && thing(subject)) {
            named.add(subject);
        }
        return named;
    }

    private boolean thing(NounPhrase np) {
        Things known = said.vocabulary().things();
        List<String> words = List.of(np.name().split(" "));
        boolean tool = known.toolAtEnd(words).filter(e -> !e.named().doubtful()).isPresent();
        boolean part = !known.part(np.head()).isEmpty();
        return part
                && !tool
                && !said.tag(np.to() - 1).equals("ADJ")
                && known.consumableAtEnd(words).isEmpty()
                && !WordClass.ABSTRACT.has(np.head())
                && !WordClass.PERSON.has(np.head());
    }
}
