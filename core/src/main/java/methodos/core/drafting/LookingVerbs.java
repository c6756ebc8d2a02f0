package methodos.core.drafting;

import java.util.List;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/** Verbs by which somebody looks, feels or watches: "look for cracks", "hold it to the light". */
final class LookingVerbs extends VerbReading {

    private static final Set<String> GAUGES =
            WordSet.ofPhrases("gauge, level, needle, pressure, dial");

    LookingVerbs(ClauseReader reader) {
        super(reader);
    }

    Finding watch(int v) {
        return Set.of("for", "it").contains(speech.word(v + 1)) || speech.hasAny(v, end, GAUGES)
                ? look(v)
                : caution();
    }

    Finding seek(int v) {
        return speech.has(v, v + 3, "look it up", "look like") ? null : look(v);
    }

    Finding look(int v) {
        Finding f = finding(Kind.INSPECTION, "inspect");
        Objects o = Objects.behind(speech, reader.said(), v + 1, end, true);
        boolean sought = speech.word(v + 1).equals("for") && !speech.word(v + 2).equals("the");
        for (Finding.Part p : sought ? List.<Finding.Part>of() : o.parts()) {
            if (!Defects.is(Nouns.head(p.name())) && !p.name().equals("look")) {
                f.parts.add(p);
            }
        }
        if (f.parts.isEmpty()) {
            for (String place : o.places()) {
                if (!f.parts.isEmpty() && speech.word(v + 1).equals("for")) {
                    break;
                }
                if (!(sought && o.place().equals(place) && "for".equals(o.placePreposition()))
                        && !Defects.is(Nouns.head(place))
                        && speech.lexicon().tool(place).isEmpty()) {
                    f.parts.add(Finding.Part.named(place));
                }
            }
        }
        if (f.parts.isEmpty()) {
            reader.context().last(reader.clause().from()).ifPresent(f.parts::add);
        }
        return f;
    }

    Finding hold(int v) {
        if (speech.has(v, end, "up to the light", "against the light", "to the light")) {
            return act("inspect", v + 1);
        }
        Objects o = behind(v + 1);
        boolean control =
                o.parts().stream()
                        .anyMatch(
                                p ->
                                        Set.of("button", "trigger", "switch", "key", "pedal")
                                                .contains(Nouns.head(p.name())));
        if (control) {
            return act("press", v + 1);
        }
        if (speech.has(v, end, "against", "down") && times()) {
            return act("push", v + 1);
        }
        return null;
    }
}
