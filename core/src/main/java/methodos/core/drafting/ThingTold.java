package methodos.core.drafting;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.WordSet;

/** What is meant by a thing that is named without a verb: "nut off", "four bolts". */
final class ThingTold {

    private static final Set<String> HEADINGS =
            WordSet.of(
                    "assembly reassembly inspection disassembly preparation testing cleaning"
                            + " measuring test order");

    private static final Set<String> OF_TIGHTENING = WordSet.of("thread torque tightness");

    private static final Set<String> MIDDLES = WordSet.of("middle centre center");

    private static final Set<String> MARKS = WordSet.of("line mark");

    private static final Set<String> GAUGED = WordSet.of("bar kg ohm psi");

    private static final Set<String> INWARD = WordSet.of("in on back through");

    private static final Set<String> TOGETHER = WordSet.of("together up on in");

    private static final Set<String> DRIVES = WordSet.of("motor engine");

    private static final Pattern HEATERS =
            Pattern.compile(".*(heater|oven|hot plate|induction plate)");

    private static final Pattern SUPPORTS =
            Pattern.compile(".*(vee block|stand|centers|centres|cradle)");

    /** A value without a verb may be a reading, or a size. */
    private static final double MEASURE_CONFIDENCE = 0.6;

    private static final double CONFIDENCE = 0.7;

    private final ClauseReader reader;
    private final Fragment fragment;
    private final List<NounPhrase> things;
    private final NounPhrase first;
    private final String particle;
    private final Said said;
    private final List<Measure> measures;
    private final boolean buildUp;

    private ThingTold(
            ClauseReader reader, Fragment fragment, List<NounPhrase> things, String particle) {
        this.reader = reader;
        this.fragment = fragment;
        this.things = things;
        this.first = things.get(0);
        this.particle = particle;
        this.said = reader.said();
        this.measures = reader.measures();
        this.buildUp = reader.context().buildUp();
    }

    /**
     * @param things at least one
     * @param particle where they go, or null
     */
    static Outcome of(
            ClauseReader reader, Fragment fragment, List<NounPhrase> things, String particle) {
        return new ThingTold(reader, fragment, things, particle).read();
    }

    private Outcome read() {
        boolean topic = fragment.mark().equals(":") && particle == null && !first.fresh();
        if (topic
                || OF_TIGHTENING.contains(first.head())
                || said.pattern != null && MIDDLES.contains(first.head())) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        if (HEADINGS.contains(first.name())) {
            return Outcome.of(Outcome.Sort.NOTE);
        }
        if (Things.DIRT.contains(first.head()) && !buildUp && fragment.placed()) {
            Finding f = new Finding(Kind.ACTION, "clean", reader.clause());
            f.addNamed(fragment.places());
            return Outcome.steps(List.of(f));
        }
        if (MARKS.contains(first.head()) && !buildUp && particle == null) {
            return step(reader, "mark", List.of());
        }
        String action = action();
        if (action == null) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        boolean row = particle == null && action.equals("install") && inOrder();
        return step(reader, action, row ? fragment.apart(first) : things);
    }

    /** A step on the parts among some things. */
    static Outcome step(ClauseReader reader, String action, List<NounPhrase> things) {
        Finding f = new Finding(Finding.kind(action), action, reader.clause());
        f.addParts(things);
        boolean measured = action.equals("measure");
        f.confidence = measured ? MEASURE_CONFIDENCE : CONFIDENCE;
        f.telegraphic = !measured;
        return Outcome.steps(List.of(f));
    }

    private String action() {
        if (withTool(HEATERS)) {
            return "heat";
        }
        if (buildUp && oneAlone() && (particle == null || particle.equals("on"))) {
            boolean gap = measures.stream().anyMatch(m -> m.length() && m.single());
            if (gap && !first.fresh()) {
                return "adjust";
            }
        }
        if (particle != null) {
            return moved();
        }
        if (buildUp && said.byHand) {
            return "hand-tighten";
        }
        if (buildUp && inOrder() || fragment.placed() && withTool(SUPPORTS)) {
            return "install";
        }
        boolean measured = measures.stream().anyMatch(m -> m.length() || GAUGED.contains(m.unit()));
        boolean renewed = first.fresh() || buildUp && fragment.has("new") && things.size() == 1;
        if (!measured && renewed) {
            return "install";
        }
        if (measured && oneAlone()) {
            return "measure";
        }
        if (first.head().equals("date")) {
            return "record";
        }
        if (first.name().equals("power") && buildUp) {
            return "restore";
        }
        return counted();
    }

    private boolean withTool(Pattern name) {
        return said.tools.stream().anyMatch(t -> name.matcher(t.name()).matches());
    }

    private boolean inOrder() {
        return fragment.has("that order", "this order");
    }

    /** Whether nothing but one thing is named, without a size, and it is no fastener. */
    private boolean oneAlone() {
        return said.tools.isEmpty()
                && things.size() == 1
                && first.size() == null
                && !Things.FASTENERS.contains(first.head());
    }

    /** "four bolts", "spring in the bore": it comes off or goes on, by where the work is. */
    private String counted() {
        String moved = buildUp ? "install" : "remove";
        boolean counted = first.quantity() != null;
        if (Things.FASTENERS.contains(first.head())) {
            boolean turned = measures.stream().anyMatch(Measure::turns) || said.pattern != null;
            if (buildUp && turned) {
                return "tighten";
            }
            if (counted) {
                return moved;
            }
        }
        if (buildUp && said.orientation != null) {
            return "install";
        }
        boolean vise = fragment.vise();
        if (fragment.placed() && (buildUp || Things.AIDS.contains(first.head()) || vise)) {
            return vise ? "secure" : "install";
        }
        if (Things.DIMENSIONS.contains(first.head()) && !measures.isEmpty()) {
            return "measure";
        }
        boolean bare = fragment.bare(things);
        return bare
                        && (buildUp && measures.isEmpty()
                                || counted && measures.stream().allMatch(Measure::bare))
                ? moved
                : null;
    }

    /** A part with "off", "on", "tight" ... behind it; null where nothing moves. */
    private String moved() {
        boolean sits =
                INWARD.contains(particle)
                        && !buildUp
                        && !Things.AIDS.contains(first.head())
                        && !first.fresh()
                        && !Things.POWER.contains(first.head())
                        && fragment.placedThing();
        if (sits) {
            return fragment.vise() ? "secure" : null;
        }
        if (MARKS.contains(first.head())) {
            if (!buildUp) {
                return null;
            }
            if (TOGETHER.contains(particle)) {
                return "align";
            }
        }
        if (particle.equals("out") && first.head().equals("air")) {
            return "vent";
        }
        if (particle.equals("through")
                && fragment.has("through all", "through its", "through the")) {
            return "turn";
        }
        String action = byParticle();
        if (action == null) {
            return null;
        }
        return switch (action) {
            case "lift", "lower" -> buildUp && said.orientation != null ? "install" : action;
            case "install" -> {
                String fixed = first.head().equals("lock") ? "secure" : "install";
                yield said.byHand ? "hand-tighten" : fixed;
            }
            default -> action;
        };
    }

    private String byParticle() {
        return switch (particle) {
            case "off" -> power() ? "isolate" : "remove";
            case "out", "away" -> power() && first.head().equals("plug") ? "isolate" : "remove";
            case "on", "in", "back", "through", "together", "home" ->
                    power() && !DRIVES.contains(first.head()) ? "restore" : "install";
            case "up" ->
                    fragment.has("back up") && buildUp
                            ? "install"
                            : fragment.has("up against", "up to", "up tight") ? "tighten" : "lift";
            case "down" -> "lower";
            case "tight" -> "tighten";
            case "loose" -> "loosen";
            case "open" -> buildUp ? "restore" : "vent";
            case "closed", "shut" -> "isolate";
            default -> null;
        };
    }

    private boolean power() {
        return switch (first.head()) {
            case "key" -> particle.equals("off");
            case "plug" -> !first.plural() && !first.name().contains(" ");
            default -> Things.POWER.contains(first.head());
        };
    }
}
