package methodos.core.drafting;

import java.util.Set;
import methodos.core.vocabulary.WordSet;

/** Verbs that mean what stands behind them: "give it a wipe", "run it for five minutes". */
final class SpecialVerbs extends VerbReading {

    private static final Set<String> LEADING =
            WordSet.of(
                    "go ahead going to want wanna need gotta got and then just ll now please gonna"
                            + " have here first next start try by thing");

    private final OpeningVerbs opening;
    private final LookingVerbs looking;
    private final RunningVerbs running;
    private final HandlingVerbs handling;

    private SpecialVerbs(ClauseReader reader) {
        super(reader);
        this.opening = new OpeningVerbs(reader);
        this.looking = new LookingVerbs(reader);
        this.running = new RunningVerbs(reader);
        this.handling = new HandlingVerbs(reader);
    }

    /** A finding without an action is a remark that is worth keeping; null is none at all. */
    static Finding of(ClauseReader reader) {
        SpecialVerbs verbs = new SpecialVerbs(reader);
        int v = verbs.main();
        return v < 0 ? null : verbs.at(v);
    }

    private int main() {
        for (int i = reader.start(); i < end; i++) {
            String w = speech.word(i);
            if (speech.filler(i)
                    || Grammar.SUBJECTS.contains(w)
                    || Grammar.MODALS.contains(w)
                    || Grammar.ADVERBS.contains(w)
                    || w.equals("go")
                            && Set.of("ahead", "and", "find", "look").contains(speech.word(i + 1))
                    || LEADING.contains(w) && !verbOfItsOwn(i)) {
                continue;
            }
            return i;
        }
        return -1;
    }

    private boolean verbOfItsOwn(int i) {
        String w = speech.word(i);
        return w.equals("have") && Set.of("a", "somebody", "someone").contains(speech.word(i + 1))
                || w.equals("go") && !Set.of("ahead", "and", "look").contains(speech.word(i + 1))
                || w.equals("start");
    }

    private Finding at(int v) {
        return switch (speech.word(v)) {
            case "run", "runs", "cycle" -> running.run(v);
            case "start" -> running.start(v);
            case "let" -> running.let(v);
            case "leave" -> running.leave(v);
            case "wait" -> running.wait(v);
            case "hold" -> looking.hold(v);
            case "watch" -> looking.watch(v);
            case "look", "looking", "search" -> looking.seek(v);
            case "feel" -> act("inspect", v + 1);
            case "see" ->
                    Set.of("that", "if").contains(speech.word(v + 1))
                            ? act("inspect", v + 2)
                            : null;
            case "open" -> opening.open(v);
            case "close", "shut" -> opening.shut(v);
            case "take" ->
                    speech.has(v, end, "look", "peek") && !handling.photographs(v)
                            ? looking.look(v)
                            : handling.take(v);
            case "put", "stick", "draw", "paint", "scratch" -> handling.put(v);
            case "give", "gives" -> handling.give(v);
            case "make" -> handling.make(v);
            case "have" ->
                    speech.has(v, end, "look", "peek", "feel")
                            ? looking.look(v)
                            : handling.helper(v);
            case "get" -> handling.helper(v);
            case "keep" -> handling.keep(v);
            case "use", "using" -> handling.use(v);
            case "wear" ->
                    speech.has(v, end, "heat-proof", "heatproof", "thick") ? caution() : note();
            case "count" -> act("record", v + 1);
            case "set" -> handling.set(v);
            case "go" -> handling.goWrongWay(v);
            default -> null;
        };
    }
}
