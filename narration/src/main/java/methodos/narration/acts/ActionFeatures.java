package methodos.narration.acts;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.speech.Measure;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Complements;
import methodos.narration.grammar.NounPhrase;
import methodos.narration.grammar.Utterance;
import methodos.narration.vocabulary.Act;
import methodos.narration.vocabulary.WordClass;

/** What tells which action a clause means: its verb, its particle, the kinds of its things. */
public final class ActionFeatures {

    private ActionFeatures() {}

    /** Of a verb by itself, as the vocabulary knows it. */
    public static List<String> of(Act act, String particle) {
        Set<String> f = new LinkedHashSet<>();
        verb(act, particle, f);
        return new ArrayList<>(f);
    }

    /** Of a clause that is said. */
    public static List<String> of(Utterance said, Clause clause) {
        Set<String> f = new LinkedHashSet<>();
        f.add("type=" + clause.type());
        Complements c = clause.complements();
        Optional<Act.Met> met = said.act(clause.head());
        if (clause.type() == Clause.Type.VERB && met.isPresent()) {
            verb(met.get().act(), c.particle(), f);
            f.add("form=" + met.get().form());
        } else {
            f.add(clause.type() + "&particle=" + c.particle());
            if (clause.type() == Clause.Type.VERB) {
                f.add("word=" + said.word(clause.head()));
            }
        }
        String base = met.map(m -> m.act().base()).orElse("");
        for (NounPhrase object : c.objects()) {
            f.add("object=" + object.head());
            kinds(said, object, "object kind=", base, f);
            f.add("fresh=" + object.fresh());
        }
        NounPhrase subject = clause.lead().thing();
        if (subject != null) {
            f.add("object=" + subject.head());
            kinds(said, subject, "subject kind=", base, f);
        }
        if (clause.lead().let()) {
            f.add("let&verb=" + base);
        }
        if (c.objects().isEmpty()) {
            f.add("no object");
        }
        for (Complements.Prepositional p : c.phrases()) {
            f.add("preposition=" + p.preposition());
            f.add("preposition=" + p.preposition() + "&verb=" + base);
            if (p.thing() != null) {
                kinds(said, p.thing(), p.preposition() + " kind=", "", f);
            }
        }
        for (Measure m : said.measures(clause.from(), clause.to())) {
            f.add("figure=" + (m.torque() ? "torque" : m.unit()));
        }
        if (clause.lead().negated()) {
            f.add("negated");
        }
        f.add("place=" + (int) (6.0 * clause.head() / Math.max(1, said.size())));
        f.add(clause.type() + "&place=" + (int) (6.0 * clause.head() / Math.max(1, said.size())));
        for (int i = clause.from(); i < clause.to(); i++) {
            f.add("said=" + said.word(i));
        }
        return new ArrayList<>(f);
    }

    private static void verb(Act act, String particle, Set<String> f) {
        f.add("verb=" + act.base());
        f.add("verb=" + act.base() + "&particle=" + particle);
        f.add("means=" + act.actionWith(particle));
        f.add("alone=" + act.action());
        f.add("particle=" + particle);
        f.add("alone=" + act.action() + "&particle=" + particle);
        if (particle != null && act.particles().containsKey(particle)) {
            f.add("by particle=" + act.actionWith(particle));
        }
    }

    private static void kinds(
            Utterance said, NounPhrase thing, String as, String verb, Set<String> f) {
        if (WordClass.WASTE.has(thing.head())) {
            f.add(as + "waste");
        }
        for (String kind : said.vocabulary().things().part(thing.head())) {
            f.add(as + kind);
            f.add(as + kind + "&verb=" + verb);
        }
        if (said.vocabulary().things().tool(thing.head()).isPresent()) {
            f.add(as + "tool");
            f.add(as + "tool&verb=" + verb);
        }
        said.vocabulary()
                .things()
                .consumable(thing.head())
                .ifPresent(
                        c -> {
                            f.add(as + c.kind());
                            f.add(as + c.kind() + "&verb=" + verb);
                        });
    }
}
