package methodos.core.drafting;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/** What the object, the place, the tool and the consumable make of a verb. */
final class Refining {

    private static final Set<String> LINES = WordSet.of("cable lead wire connector hose");

    private static final Set<String> INTO_HEAT =
            WordSet.ofPhrases("in the, into the, in an, on the, onto the, under the");

    private static final Set<String> SOCKETS =
            WordSet.ofPhrases("wall, socket, outlet, mains, wall socket, receptacle");

    private static final Set<String> COUPLED = WordSet.of("hose pipe union cable coupling-half");

    private static final Set<String> ELECTRICAL =
            WordSet.of("plug power current breaker switch pump supply mains fuse");

    private static final Set<String> HAND_TURNED =
            WordSet.of(
                    "screw bolt nut cap plug gland locknut stud fitting union glass gauge ring"
                            + " fastener");

    private static final Set<String> DRAWN = WordSet.of("mark line");

    private static final Set<String> TAGS = WordSet.of("tag label");

    private static final Set<String> VISES = WordSet.of("vise vice");

    private static final Set<String> STANDS = WordSet.of("stand trestle block plank");

    /** Where parts are laid while other work goes on. */
    private static final Set<String> RESTS =
            WordSet.of(
                    "bench workbench table floor stand trestle rag cloth towel cardboard mat tray"
                            + " tub box bag shelf pallet plank block");

    private static final List<String> IN_ORDER =
            List.of(
                    "in a row",
                    "in order",
                    "in a line",
                    "in the order",
                    "side by side",
                    "to one side");

    private static final Set<String> ONTO = WordSet.of("in into on onto");

    private static final Pattern HOT_PLACE = Pattern.compile(".*(oven|heater|hot plate)");

    private static final Pattern COLD_PLACE = Pattern.compile(".*(freezer|fridge|ice)");

    private final ClauseReader reader;
    private final Finding f;
    private final Verb verb;
    private final Objects objects;
    private final Said said;

    Refining(ClauseReader reader, Finding f, Verb verb, Objects objects) {
        this.reader = reader;
        this.f = f;
        this.verb = verb;
        this.objects = objects;
        this.said = reader.said();
    }

    /** Changes the action, and the parts where the object turns out to be none. */
    void refine() {
        if (verb.base().equals("plug") && objects.pronoun() != null && f.is("restore")) {
            f.parts.clear();
            f.unsure.clear();
            return;
        }
        if (verb.base().equals("hold")
                && f.is("support")
                && reader.measures().stream().anyMatch(Measure::time)) {
            f.action = "wait";
            f.parts.clear();
            f.unsure.clear();
            return;
        }
        boolean newOne =
                objects.pronoun() != null
                        && reader.speech().has(reader.start(), reader.end(), "new one", "new ones");
        if (f.is("install") && newOne && objects.particle() == null && !buildUp()) {
            f.action = "replace";
        }
        consumable();
        disconnected();
        if (f.is("tighten", "install", "turn") && said.byHand && handy()) {
            f.action = "hand-tighten";
        }
        if (f.is("remove", "lower", "install") && objects.binned()) {
            f.action = "discard";
        }
        if (f.is("loosen") && f.anyPart(COUPLED)) {
            f.action = "disconnect";
        }
        marked();
        plugged();
        if (f.is("install")) {
            puller();
        }
        if (f.is("install")) {
            placed();
        }
    }

    private boolean buildUp() {
        return reader.context().buildUp();
    }

    /** "grease the lip", "put some paste on the threads": the consumable is no part. */
    private void consumable() {
        if (said.consumables.isEmpty()) {
            if (f.is("lubricate") && Set.of("grease", "oil").contains(verb.base())) {
                f.consumables.add(verb.base());
            }
            if (verb.base().equals("spread")) {
                f.action = "bend";
            }
            return;
        }
        if (!f.is("install", "apply", "lubricate")) {
            return;
        }
        Lexicon lexicon = reader.speech().lexicon();
        boolean named = f.parts.stream().allMatch(p -> lexicon.namesConsumable(p.name()));
        if (f.is("install") && !named) {
            return;
        }
        if (said.lubricant() || said.sealant() || f.is("install")) {
            f.action = said.lubricant() ? "lubricate" : "apply";
        }
        if (named) {
            f.parts.clear();
            takePlace();
        }
    }

    private void takePlace() {
        if (objects.place() != null) {
            f.parts.add(Finding.Part.named(objects.place()));
        } else if (objects.pronounPlace() != null) {
            reader.context()
                    .meant(objects.pronounPlace(), reader.clause().from())
                    .ifPresent(f.parts::add);
        }
    }

    private void disconnected() {
        if (f.is("pull", "remove")
                && f.parts.stream().anyMatch(p -> p.name().endsWith("plug"))
                && reader.speech().hasAny(reader.start(), reader.end(), SOCKETS)) {
            f.action = "isolate";
        }
        if (f.is("pull", "remove") && f.anyPart(LINES)) {
            f.action = "disconnect";
        }
    }

    /** "put a mark on the cover", "hang a tag on it": the place is what is marked. */
    private void marked() {
        if (f.parts.isEmpty()) {
            return;
        }
        if (f.is("install") && f.allParts(DRAWN) && !buildUp()) {
            f.action = "mark";
            if (objects.place() != null) {
                f.parts.clear();
                f.addNamed(objects.places());
            }
        }
        if (f.is("restore") && !f.anyPart(ELECTRICAL) && verb.base().equals("plug")) {
            f.action = "connect";
        }
        if (f.is("install", "support", "secure") && f.allParts(TAGS)) {
            f.action = "mark";
            if (objects.place() != null || objects.pronounPlace() != null) {
                f.parts.clear();
                takePlace();
            }
        }
    }

    /** "plug it in" at the end gives the energy back. */
    private void plugged() {
        if (f.is("connect", "restore")
                && verb.base().equals("plug")
                && objects.pronoun() != null
                && buildUp()) {
            f.action = "restore";
            f.parts.clear();
        }
    }

    /** "put the puller on" pulls what was spoken of. */
    private void puller() {
        if (verb.base().equals("put")
                && said.tools.stream().anyMatch(t -> t.name().endsWith("puller"))) {
            f.action = "pull";
            f.parts.clear();
            reader.context().meant("it", reader.clause().from()).ifPresent(f.parts::add);
        }
    }

    /** "put it in the oven", "in the vise", "on the bench": what the place makes of it. */
    private void placed() {
        boolean hotTool =
                reader.speech().hasAny(reader.start(), reader.end(), INTO_HEAT)
                        && said.tools.stream().anyMatch(t -> HOT_PLACE.matcher(t.name()).matches());
        if (hotTool || objects.places().stream().anyMatch(p -> HOT_PLACE.matcher(p).matches())) {
            f.action = "heat";
        } else if (objects.places().stream().anyMatch(p -> COLD_PLACE.matcher(p).matches())) {
            f.action = "cool";
        } else if (objects.place() != null
                && reader.speech().lexicon().namesConsumable(objects.place())
                && !f.parts.isEmpty()) {
            boolean hot = reader.measures().stream().anyMatch(Measure::temperature);
            f.action = hot ? "heat" : "lubricate";
        } else if (objects.place() != null && VISES.contains(objects.place())) {
            f.action = "secure";
        } else {
            laidDown();
        }
    }

    /** "put it on the bench", "lay them in a row": a part is laid down, and goes into nothing. */
    private void laidDown() {
        Speech speech = reader.speech();
        int end = reader.end();
        for (String order : IN_ORDER) {
            int at = speech.find(reader.start(), end, order);
            if (at > 0 && !buildUp()) {
                f.action = "lower";
                f.restsOn = order;
                return;
            }
        }
        for (int i = reader.start() + 1; i < end - 1; i++) {
            if (!ONTO.contains(speech.word(i))) {
                continue;
            }
            int to = NounPhrases.at(speech, i + 1, end).map(NounPhrase::to).orElse(i + 1);
            // "the wooden stand": tagged as a verb, it is no part of the phrase
            int last = to < end && RESTS.contains(speech.word(to)) ? to : to - 1;
            String rest = Nouns.singular(speech.word(last));
            if (RESTS.contains(rest)) {
                f.action = STANDS.contains(rest) ? "support" : "lower";
                f.restsOn = speech.text(i, last + 1);
                return;
            }
        }
    }

    private boolean handy() {
        return f.is("tighten") || f.allParts(HAND_TURNED);
    }
}
