package methodos.core.drafting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.vocabulary.WordSet;

/** What a clause says to do with the verbs that the lists know. */
final class PlainVerbs {

    private static final Set<String> CALLS_FOR =
            WordSet.of(
                    "want need going have like got try has ought way is ready time forget wants"
                            + " needs remember you do supposed careful clockwise anticlockwise here about");

    private static final Set<String> LOOK_AT_PLACES =
            WordSet.of("go look press tap come feel drop hit");

    private static final Set<String> PERSONS = WordSet.of("everybody people everyone me us him");

    private static final Set<String> ACTORS = WordSet.of("it he she which who that");

    private static final Set<String> LEAVE_BY_THEMSELVES =
            WordSet.of("come go fall drop slide walk slip pull lift pop screw");

    private static final Set<String> WITHOUT_OBJECT =
            WordSet.of(
                    "go come drop fall slide walk pull lift pop slip spin work screw push press fit"
                            + " seat sit run turn swing thread knock drive tap ease twist");

    private static final Set<String> STATING = WordSet.of("hold weigh take need");

    private static final Set<String> DENIALS = WordSet.of("wont doesnt cant didnt wouldnt couldnt");

    private static final Set<String> BEING = WordSet.of("its thats theyre");

    private static final Set<String> FALLING = WordSet.of("drop fall slide");

    private static final Set<String> THINGS_TOLD = WordSet.of("they it that");

    private static final Set<String> SENSING = WordSet.of("catch feel see hear get");

    private static final Set<String> CAN = WordSet.of("can could cant");

    private static final Set<String> BEHIND_SO = WordSet.of("that you it they");

    private static final Set<String> RELATIVES = WordSet.of("that which who");

    /** What every verb means with "off" or "in" behind its object: "zip it off". */
    private static final Verb ANY =
            new Verb(
                    "",
                    null,
                    Map.of(
                            "off", "remove", "out", "remove", "back", "install", "in", "install",
                            "on", "install"),
                    false);

    private final ClauseReader reader;
    private final Speech speech;
    private final Said said;
    private final int start;
    private final int end;

    private PlainVerbs(ClauseReader reader) {
        this.reader = reader;
        this.speech = reader.speech();
        this.said = reader.said();
        this.start = reader.start();
        this.end = reader.end();
    }

    static List<Finding> of(ClauseReader reader) {
        return new PlainVerbs(reader).read();
    }

    private List<Finding> read() {
        for (int i = start; i < end; i++) {
            int at = i;
            Optional<Verb.Met> met = speech.verbAt(i, start, end).or(() -> unknown(at));
            if (met.isEmpty() || said.taken(i) && met.get().verb().alsoNoun() && i != start) {
                continue;
            }
            int so = speech.find(start, i, "so");
            if (purpose(i) || so > start && BEHIND_SO.contains(speech.word(so + 1))) {
                return List.of();
            }
            if (relative(i)) {
                continue;
            }
            Finding f = event(i, met.get());
            if (f != null) {
                List<Finding> found = new ArrayList<>(List.of(f));
                byMeans(i + 1).ifPresent(found::add);
                return found;
            }
        }
        return List.of();
    }

    /** A verb that no list knows, at the beginning of a clause. */
    private Optional<Verb.Met> unknown(int i) {
        boolean first =
                i == start || i == start + 1 && Grammar.SUBJECTS.contains(speech.word(start));
        boolean verb =
                first
                        && speech.tag(i).equals("VERB")
                        && speech.lexicon().verb(speech.token(i)).isEmpty()
                        && !Grammar.AUXILIARIES.contains(speech.word(i))
                        && speech.token(i).mark().isEmpty()
                        && (Set.of("it", "them", "that").contains(speech.word(i + 1))
                                || Grammar.ARTICLES.contains(speech.word(i + 1)));
        return verb ? Optional.of(new Verb.Met(ANY, Verb.Form.BASE)) : Optional.empty();
    }

    /** "to let the vacuum off", "so that it cannot turn": what for, and no step of its own. */
    private boolean purpose(int i) {
        int p = speech.previous(i, start);
        if (p < start || !speech.word(p).equals("to")) {
            return false;
        }
        int q = speech.previous(p, start);
        return q < start || !CALLS_FOR.contains(speech.word(q));
    }

    /** "the thing that lifts it": the verb belongs to the thing. */
    private boolean relative(int i) {
        int p = speech.previous(i, start);
        return p > start
                && RELATIVES.contains(speech.word(p))
                && NounPhrases.at(speech, start, p).isPresent();
    }

    /** "... by pushing the rod in" is a second thing that is done. */
    private Optional<Finding> byMeans(int from) {
        int by = speech.find(from, end, "by");
        if (by < 0) {
            return Optional.empty();
        }
        return speech.verbAt(by + 1, by, end)
                .filter(met -> means(by))
                .map(met -> event(by + 1, met));
    }

    private boolean means(int by) {
        return by + 1 < end
                && speech.verbAt(by + 1, by, end)
                        .filter(m -> m.form() == Verb.Form.ING)
                        .isPresent();
    }

    private Finding event(int v, Verb.Met met) {
        Verb verb = met.verb();
        if (described(v, met) || holds(v, verb) || states(v, met)) {
            return null;
        }
        int by = speech.find(v + 1, end, "by");
        Objects objects =
                Objects.behind(
                        speech,
                        said,
                        v + 1,
                        by > v + 1 && means(by) ? by : end,
                        LOOK_AT_PLACES.contains(verb.base()));
        if ("you".equals(objects.pronoun()) || PERSONS.contains(speech.word(v + 1))) {
            return null;
        }
        String action = action(v, met, objects);
        if (action == null) {
            return null;
        }
        Finding f = new Finding(Finding.kind(action), action, reader.clause());
        if (doneToSubject(v, met, objects)) {
            reader.take(Objects.behind(speech, said, start, v), f);
        } else {
            reader.take(objects, f);
        }
        if (objects.from() != null) {
            f.parts.replaceAll(p -> p.from() == null ? p.withFrom(objects.from()) : p);
        }
        f.place = objects.place();
        new Refining(reader, f, verb, objects).refine();
        return f;
    }

    /** "the clamp holds": no hand does it. */
    private boolean holds(int v, Verb verb) {
        int holder = speech.previous(v, start);
        return verb.base().equals("hold")
                && holder >= start
                && !Grammar.SUBJECTS.contains(speech.word(holder))
                && !Grammar.MODALS.contains(speech.word(holder))
                && NounPhrases.at(speech, start, v).filter(NounPhrase::part).isPresent();
    }

    /** "it takes two litres", "it is sticking": how things are, and no work. */
    private boolean states(int v, Verb.Met met) {
        int p = speech.previous(v, start);
        int subject = p <= start ? -1 : speech.previous(p, start);
        boolean goingOn =
                met.form() == Verb.Form.ING
                        && (BEING.contains(speech.word(p))
                                || subject >= start
                                        && Grammar.BE.contains(speech.word(p))
                                        && THINGS_TOLD.contains(speech.word(subject)));
        boolean fails =
                DENIALS.contains(speech.word(p))
                        && subject >= start
                        && THINGS_TOLD.contains(speech.word(subject));
        return goingOn
                || fails
                || met.form() == Verb.Form.THIRD_PERSON
                        && STATING.contains(met.verb().base())
                        && !reader.measures().isEmpty();
    }

    /** What is done; null where nothing is. */
    private String action(int v, Verb.Met met, Objects objects) {
        Verb verb = met.verb();
        String particle = objects.particle();
        boolean bySelf =
                WITHOUT_OBJECT.contains(verb.base()) && met.form() == Verb.Form.THIRD_PERSON;
        String action = verb.actionWith(particle);
        if (action == null
                && particle == null
                && (!objects.parts().isEmpty() || bySelf && !verb.base().equals("run"))
                && objects.placePreposition() != null) {
            action = verb.actionWith(objects.placePreposition());
        }
        boolean described =
                verb.base().equals("go")
                        && said.orientation != null
                        && objects.place() == null
                        && !reader.context().buildUp();
        if (described
                || youCan(v) && SENSING.contains(verb.base())
                || action == null
                || particle == null && objects.none() && youCan(v)) {
            return null;
        }
        if (!action.equals("install") || reader.context().buildUp()) {
            return action;
        }
        if (met.form() == Verb.Form.THIRD_PERSON && FALLING.contains(verb.base())) {
            return "remove";
        }
        int subject = speech.previous(v, start);
        boolean ofThings = subject >= start && THINGS_TOLD.contains(speech.word(subject));
        return ofThings && WITHOUT_OBJECT.contains(verb.base()) && !objects.binned()
                ? null
                : action;
    }

    private boolean youCan(int v) {
        int q = speech.previous(v, start);
        return q > start && CAN.contains(speech.word(q)) && speech.word(q - 1).equals("you");
    }

    /** Whether the verb is said of the thing in front of it: "the cover is taken off". */
    private boolean doneToSubject(int v, Verb.Met met, Objects objects) {
        boolean passive =
                (met.form() == Verb.Form.PAST || met.form() == Verb.Form.PARTICIPLE)
                        && speech.passive(v, start);
        return passive
                || objects.none()
                        && WITHOUT_OBJECT.contains(met.verb().base())
                        && (met.form() != Verb.Form.BASE || behindSubject(v));
    }

    /**
     * "it holds the roller", "he push it": what something does by itself, not what is to be done.
     */
    private boolean described(int v, Verb.Met met) {
        int p = speech.previous(v, start);
        if (p < start || !ACTORS.contains(speech.word(p)) || speech.passive(v, start)) {
            return false;
        }
        return !LEAVE_BY_THEMSELVES.contains(met.verb().base())
                || met.form() == Verb.Form.BASE && speech.word(p).equals("that");
    }

    /** "two washers come off", "bracket come out": a base form behind its subject. */
    private boolean behindSubject(int v) {
        int p = speech.previous(v, start);
        return p >= start
                && !Grammar.SUBJECTS.contains(speech.word(p))
                && (!Grammar.MODALS.contains(speech.word(p))
                        || speech.word(p).equals("to") && speech.word(p - 1).equals("ought"))
                && NounPhrases.at(speech, start, v).isPresent();
    }
}
