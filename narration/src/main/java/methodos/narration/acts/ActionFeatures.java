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

/** What tells which action a clause means: its verb, its particle, the kinds of its things. */
public final class ActionFeatures {

    private static final Set<String> OFF = Set.of("remove", "loosen", "disconnect", "drain");
    private static final Set<String> ON =
            Set.of("install", "tighten", "hand-tighten", "connect", "fill");

    private static final int DECISIVE = 5;
    private static final int FURTHEST = 20;
    private static final int AHEAD = 2;

    private ActionFeatures() {}

    /** Of a verb by itself, as the vocabulary knows it. */
    public static List<String> of(Act act, String particle) {
        Set<String> f = new LinkedHashSet<>();
        verb(act, particle, f);
        return new ArrayList<>(f);
    }

    /** Of one of the clauses, with where it stands and what is done around it. */
    public static List<String> of(Utterance said, List<Clause> clauses, int index) {
        Clause clause = clauses.get(index);
        List<String> f = of(said, clause);
        String place = "place=" + (int) (6.0 * clause.head() / Math.max(1, said.size()));
        String direction = "direction=" + direction(said, clauses, index);
        f.add(place);
        f.add(clause.type() + "&" + place);
        f.add(direction);
        f.add(clause.type() + "&" + direction);
        f.add(direction + "&particle=" + clause.complements().particle());
        return f;
    }

    /** Whether things come off or go on around a clause, as far as verbs and particles tell. */
    private static String direction(Utterance said, List<Clause> clauses, int index) {
        int sum = 0;
        int decisive = 0;
        for (int c = index - 1; c >= 0 && decisive < DECISIVE && index - c < FURTHEST; c--) {
            int way = way(said, clauses.get(c));
            sum += way;
            decisive += Math.abs(way);
        }
        for (int c = index + 1; c < clauses.size() && c <= index + AHEAD; c++) {
            sum += way(said, clauses.get(c));
        }
        return sum < 0
                ? sum < -2 ? "off" : "rather off"
                : sum > 2 ? "on" : sum > 0 ? "rather on" : "none";
    }

    private static int way(Utterance said, Clause clause) {
        String particle = clause.complements().particle();
        String action =
                said.act(clause.head())
                        .filter(m -> clause.type() == Clause.Type.VERB)
                        .map(m -> m.act().actionWith(particle))
                        .orElse(null);
        if (action == null && clause.type() == Clause.Type.BARE && particle != null) {
            action =
                    particle.matches("off|out")
                            ? "remove"
                            : particle.matches("on|in") ? "install" : null;
        }
        return action == null ? 0 : OFF.contains(action) ? -1 : ON.contains(action) ? 1 : 0;
    }

    /** Of a clause by itself. */
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
