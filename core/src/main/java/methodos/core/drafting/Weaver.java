package methodos.core.drafting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;

/** Puts the clauses together: what adds to which step, what holds for which, what is set aside. */
final class Weaver {

    /** Tokens that no step is drawn from, with the reason; null for a note. */
    record Left(int from, int to, int sentence, Draft.Reason reason) {}

    private static final int NEAR = 30;

    private final Speech speech;
    private final boolean later;
    private final Context context = new Context();
    private final List<Finding> findings = new ArrayList<>();
    private final List<Left> left = new ArrayList<>();
    private String condition;
    private int conditionFrom = -1;
    private int conditionSentence = -1;
    private List<Measure> conditionMeasures = List.of();
    private Clause pending;
    private String model;
    private int modelSentence = -1;
    private int talked = -1;
    private Draft.Reason talk;

    private Weaver(Speech speech, boolean later) {
        this.later = later;
        this.speech = speech;
    }

    /**
     * @param later whether the work has begun before
     */
    static Weaver of(Speech speech, boolean later) {
        Weaver weaver = new Weaver(speech, later);
        for (Clause clause : Clauses.of(speech)) {
            weaver.read(clause);
        }
        weaver.settle();
        return weaver;
    }

    List<Finding> findings() {
        return findings;
    }

    List<Left> left() {
        return left;
    }

    private Finding last() {
        return findings.isEmpty() ? null : findings.get(findings.size() - 1);
    }

    private static final Pattern REPEATS =
            Pattern.compile(
                    ".*\\bsame (thing |again |work |job |way |drill |procedure )*(for|on|at|with|again|the other|over)\\b.*"
                            + "|.*\\bother .*\\b(the |just the )?same( way)?$|.*\\bit is the same work.*|^(and )?(do )?the same (on|for|at).*"
                            + "|.*\\bsame again\\b.*|.*\\bthe same only backwards.*");

    /** "same for the other side": the work that was just told, at another place. */
    private boolean repeats(Clause clause, Said said) {
        String text = speech.text(clause.body(), clause.to());
        if (!REPEATS.matcher(text).matches()
                || text.matches(".*\\bsame (grease|oil|order|size|torque|value|socket|key)\\b.*")) {
            return false;
        }
        Finding main = null;
        for (int i = findings.size() - 1; i >= 0 && i >= findings.size() - 4 && main == null; i--) {
            Finding f = findings.get(i);
            if (f.kind != Kind.CAUTION
                    && f.action != null
                    && !f.is("discard", "record", "clean", "lubricate", "wait", "secure", "mark")) {
                main = f;
            }
        }
        if (main == null) {
            return false;
        }
        Finding again = new Finding(main.kind, main.action, clause);
        int first = findings.get(Math.max(0, findings.size() - 4)).from;
        Optional<NounPhrase> named = Optional.empty();
        for (int i = clause.body(); i < clause.to() && named.isEmpty(); i++) {
            named =
                    NounPhrases.at(speech, i, clause.to())
                            .filter(
                                    n ->
                                            n.part()
                                                    && !Set.of(
                                                                    "side", "work", "machine",
                                                                    "end", "job")
                                                            .contains(n.head())
                                                    && !Set.of("hand", "same").contains(n.head()));
        }
        if (named.isPresent()) {
            NounPhrase n = named.get();
            again.parts.add(new Finding.Part(n.name(), n.quantity(), null, null, n.plural()));
        } else {
            again.parts.addAll(main.parts);
        }
        again.repeated = new int[] {Math.max(first, main.from - 40), main.to};
        again.place = text.replaceFirst(".*\\b(?:for|on|at) (the )?", "").strip();
        again.leftHand =
                said.leftHand
                        || text.matches(
                                ".*\\bleft (hand )?one\\b.*\\b(backwards|anticlockwise|other way)\\b.*");
        if (said.leftHand) {
            context.takeLeftHand();
        }
        findings.add(again);
        return true;
    }

    /** "petroleum jelly: no", "pliers? no": what is named before must not be used. */
    private boolean denied(Clause clause) {
        if (!speech.text(clause.body(), clause.to()).matches("no|never|not|no never|do not|dont")) {
            return false;
        }
        boolean goesOn = !speech.token(clause.to() - 1).endsSentence();
        Finding f = last();
        if (f != null && f.kind == Kind.CAUTION && clause.from() - f.to <= 1) {
            f.extend(clause);
            return true;
        }
        if (goesOn
                && !speech.runsOn()
                && pending == null
                && (f == null || !f.telegraphic || f.to != clause.from())) {
            return false;
        }
        if (pending != null && pending.to() == clause.from()) {
            if (goesOn) {
                return false;
            }
            Finding caution = new Finding(Kind.CAUTION, null, clause);
            caution.from = pending.from();
            pending = null;
            findings.add(caution);
            return true;
        }
        if (f != null
                && f.to == clause.from()
                && (f.telegraphic
                        || f.kind == Kind.INSPECTION
                        || f.is("lubricate", "apply", "clean"))
                && f.to - f.from <= 6) {
            findings.remove(f);
            Finding caution = new Finding(Kind.CAUTION, null, clause);
            caution.from = f.from;
            findings.add(caution);
            return true;
        }
        return false;
    }

    /** A story goes on with "and it came down", "his shoes". */
    private boolean told(Clause clause, String story) {
        Left before = left.isEmpty() ? null : left.get(left.size() - 1);
        if (!speech.runsOn()
                || before == null
                || before.reason() != Draft.Reason.ASIDE
                || before.to() != clause.from()) {
            return false;
        }
        String w = speech.word(clause.body());
        if (clause.to() - clause.body() == 1 && !speech.word(clause.body()).equals("then")) {
            return true;
        }
        return Set.of("he", "she", "his", "her", "him").contains(w)
                || Set.of("we", "i").contains(w) && Set.of("and", "before", "when", "so", "").contains(clause.lead())
                || Set.of("it", "they").contains(w) && Set.of("and", "").contains(clause.lead());
    }

    private void read(Clause clause) {
        for (String phrase : speech.lexicon().phrases("going back")) {
            int at = speech.find(clause.from(), clause.to(), phrase);
            boolean story =
                    !left.isEmpty()
                            && left.get(left.size() - 1).reason() == Draft.Reason.ASIDE
                            && left.get(left.size() - 1).to() == clause.from();
            if (findings.size() > 8 && at >= 0 && at - clause.body() <= 3 && !story) {
                context.goBack();
            }
        }
        Said[] also = new Said[1];
        Outcome outcome = ClauseReader.read(speech, context, clause, also);
        Said said = also[0];
        if (said.leftHand) {
            Finding f = last();
            boolean names =
                    f != null && clause.from() - f.to <= 3 && f.is("loosen")
                            || f != null
                                    && clause.from() - f.to <= 3
                                    && f.is("remove", "tighten")
                                    && f.parts.stream()
                                            .anyMatch(
                                                    p ->
                                                            speech.has(
                                                                    clause.from(),
                                                                    clause.to(),
                                                                    Nouns.head(p.name()),
                                                                    "its",
                                                                    "this one",
                                                                    "thats"));
            if (names && outcome.sort() == Outcome.Sort.NOTE) {
                f.leftHand = true;
            } else {
                context.leftHandSaid();
            }
        }
        if (outcome.sort() != Outcome.Sort.SET_ASIDE && repeats(clause, said)) {
            dropPending();
            return;
        }
        if (clause.sentence() == talked && !speech.runsOn()) {
            outcome = Outcome.aside(talk);
        }
        if (denied(clause)) {
            return;
        }
        if (speech.has(clause.from(), clause.to(), "forget that", "forget it", "scratch that")
                && last() != null
                && clause.from() - last().to <= 2
                && !speech.has(clause.from(), clause.to(), "dont forget", "if you forget")) {
            Finding taken = findings.remove(findings.size() - 1);
            boolean more = outcome.sort() == Outcome.Sort.STEPS;
            left.add(
                    new Left(
                            taken.from,
                            more ? clause.from() : clause.to(),
                            clause.sentence(),
                            null));
            if (!more) {
                return;
            }
        }
        if (outcome.sort() != Outcome.Sort.SET_ASIDE && told(clause, "story")) {
            outcome = Outcome.aside(Draft.Reason.ASIDE);
        }
        if (said.condition != null && outcome.sort() != Outcome.Sort.STEPS) {
            model = said.condition;
            modelSentence = clause.sentence();
        }
        switch (outcome.sort()) {
            case SET_ASIDE -> {
                talked = clause.sentence();
                talk = outcome.reason();
                dropPending();
                left.add(new Left(clause.from(), clause.to(), clause.sentence(), outcome.reason()));
                condition = null;
            }
            case CONDITION -> condition(clause, said);
            case REASON -> reason(clause, said);
            case NOTE -> note(clause, said);
            case ADDITION -> addition(clause, said);
            case EXPECTATION -> expectation(clause, said);
            case STEPS -> {
                for (Finding f : outcome.findings()) {
                    step(f, clause, said);
                }
            }
        }
    }

    // ---------------------------------------------------------------- steps

    private void step(Finding f, Clause clause, Said said) {
        told = null;
        if (pending != null) {
            f.from = Math.min(f.from, pending.from());
            if (f.parts.isEmpty() && f.kind != Kind.CAUTION && !f.is("test", "wait") && pending.to() == clause.from()) {
                NounPhrases.at(speech, pending.body(), pending.to())
                        .filter(n -> n.part() && n.to() == clause.from() && speech.lexicon().tool(n.head()).isEmpty())
                        .ifPresent(n -> f.parts.add(new Finding.Part(n.name(), n.quantity(), n.size(), null, n.plural())));
            }
            Said before = Said.in(speech, pending.from(), pending.to());
            pending = null;
            attach(f, before, f.from, clause.from());
            judged(f, f.from, clause.from());

        }
        attach(f, said, clause.from(), clause.to());
        judged(f, clause.from(), clause.to());
        told(f, clause);
        if (replacesLast(f)) {
            Finding before = findings.remove(findings.size() - 1);
            f.from = Math.min(f.from, before.from);
            f.tools.addAll(before.tools);
            f.hazards.addAll(before.hazards);
            f.torques.addAll(before.torques);
            f.limits.addAll(before.limits);
            f.parts.clear();
            f.parts.addAll(before.parts);
        }
        if (said.condition != null && f.kind != Kind.CAUTION) {
            f.condition = said.condition;
        } else if (model != null && modelSentence == clause.sentence()) {
            f.condition = model;
        }
        boolean asked = conditionFrom >= 0 && conditionSentence == clause.sentence() - 1 && conditionAsked;
        if (condition != null
                && (conditionSentence == clause.sentence() || asked || speech.runsOn())
                && f.from - conditionFrom < NEAR) {
            f.condition = condition;
            if (f.telegraphic && f.is("install") && speech.has(f.from, f.to, "new")) {
                f.action = "replace";
            }
            f.from = Math.min(f.from, conditionFrom);
            condition = null;
        } else {
            condition = null;
        }
        if (f.kind == Kind.CAUTION) {
            findings.add(f);
            return;
        }
        Finding measured = last();
        if (f.is("turn")
                && measured != null
                && measured.is("measure")
                && measured.limits.isEmpty()
                && f.from - measured.to <= 1) {
            measured.extend(clause);
            return;
        }
        if (f.parts.isEmpty() && f.kind != Kind.CAUTION && !f.is("test", "wait")) {
            context.topic(clause.sentence())
                    .filter(p -> !Set.of("water", "air", "oil").contains(Nouns.head(p.name())))
                    .ifPresent(f.parts::add);
        }
        f.hazards.addAll(speech.lexicon().hazards().done(speech, f));
        if (f.is("lift", "lower", "install", "remove")
                && speech.has(
                        f.from, f.to, "two people", "two persons", "two of you", "with two")) {
            f.hazards.add("heavy load");
        }
        boolean gloves =
                speech.has(f.from, f.to, "gloves")
                        || speech.has(Math.max(0, f.from - 4), f.from, "gloves");
        if (gloves && f.is("install", "press", "push") && heated()) {
            f.hazards.add("hot surface");
        }
        phase(f);
        inherit(f, clause);
        thread(f, said);
        for (Finding.Part p : f.parts) {
            context.remember(p, f.to);
        }
        Finding announced = last();
        if (announced != null && announced.is(f.action == null ? "" : f.action) && f.from - announced.to < 12 && announced.limits.isEmpty()
                && !f.limits.isEmpty() && speech.has(announced.from, announced.to, "going to")) {
            findings.remove(announced);
            left.add(new Left(announced.from, announced.to, announced.sentence, Draft.Reason.REPEAT));
        }
        f.buildUp = context.buildUp();
        if (!merged(f)) {
            findings.add(f);
        }
    }

    /** The same thing said twice in one breath is one step: "unplug it, literally unplug it". */
    private boolean merged(Finding f) {
        Finding before = last();
        if (before == null || before.action == null || before.kind == Kind.CAUTION) {
            return false;
        }
        boolean bareListed =
                f.telegraphic
                        && before.telegraphic
                        && f.sentence == before.sentence
                        && f.is("install", "remove")
                        && before.is(f.action)
                        && f.orientation == null
                        && before.orientation == null
                        && f.from == before.to
                        && f.to - f.from <= 4
                        && f.torques.isEmpty()
                        && f.consumables.isEmpty()
                        && !speech.has(f.from, f.to, "off", "on", "in", "out", "back");
        if (bareListed) {
            before.parts.addAll(f.parts);
            before.to = f.to;
            return true;
        }
        boolean twiceAgain = f.parts.isEmpty() && speech.has(f.from, f.to, "again") && findings.size() > 1
                && findings.get(findings.size() - 2).sentence == f.sentence && findings.get(findings.size() - 2).is(f.action);
        if (twiceAgain) {
            before.to = Math.max(before.to, f.to);
            return true;
        }
        boolean again =
                before.is(f.action)
                        && f.parts.isEmpty()
                        && f.sentence == before.sentence
                        && f.from - before.to < 8
                        && (speech.has(f.from, f.to, "again")
                                || f.is("record", "wait", "lubricate", "apply", "measure"));
        if (again) {
            before.to = Math.max(before.to, f.to);
            before.consumables.addAll(f.consumables);
            before.waits.addAll(f.waits);
            before.tools.addAll(f.tools);
            before.limits.addAll(f.limits);
            return true;
        }
        if (!before.action.equals(f.action) || f.from - before.to > (f.is("inspect") ? 8 : 3)) {
            return false;
        }
        boolean sameParts =
                f.parts.isEmpty()
                        || f.parts.stream().allMatch(p -> before.names(Nouns.head(p.name())));
        boolean adds =
                f.is("test", "inspect", "disconnect", "isolate", "wait", "clean")
                        && (f.parts.isEmpty() || !f.unsure.isEmpty() || sameParts);
        boolean twice =
                f.sentence == before.sentence
                        && f.condition == null
                        && before.condition == null
                        && sameParts
                        && f.torques.isEmpty()
                        && f.limits.isEmpty()
                        && (f.is(
                                        "test",
                                        "inspect",
                                        "disconnect",
                                        "isolate",
                                        "wait",
                                        "loosen",
                                        "remove",
                                        "turn",
                                        "tighten")
                                || f.is("clean") && f.tools.isEmpty() && f.consumables.isEmpty());
        boolean sought =
                f.is("inspect")
                        && before.is("inspect")
                        && f.from - before.to <= 8
                        && (f.parts.isEmpty()
                                || speech.has(f.from, f.to, "looking for", "look for"));
        twice |= sought;
        if (!(adds && f.is("test", "disconnect", "isolate") || twice)) {
            return false;
        }
        before.to = Math.max(before.to, f.to);
        before.limits.addAll(f.limits);
        before.torques.addAll(f.torques);
        before.waits.addAll(f.waits);
        before.tools.addAll(f.tools);
        before.hazards.addAll(f.hazards);
        if (f.count != null) {
            before.count = f.count;
            before.countMax = f.countMax;
        }
        before.leftHand |= f.leftHand;
        return true;
    }

    /** "flakes mean that it must be replaced", "more than that, its a new rotor", "torn ones go". */
    private void told(Finding f, Clause clause) {
        if (!f.is("replace", "discard") || f.condition != null) {
            return;
        }
        String text = speech.text(clause.body(), clause.to());
        int mean = Math.max(speech.find(clause.body(), clause.to(), "mean"), speech.find(clause.body(), clause.to(), "means"));
        int equals = speech.find(clause.body(), clause.to(), "=");
        if (mean > clause.body()) {
            f.condition = speech.text(clause.body(), mean);
        } else if (equals > clause.body()) {
            f.condition = speech.text(clause.body(), equals);
        } else if (text.matches("(any )?(more|less|over|under)( than)?( that)? .*")) {
            Finding measured = last();
            String figure = measured == null || measured.limits.isEmpty() ? "that"
                    : Wording.figure(measured.limits.get(measured.limits.size() - 1).measure()).replaceFirst("^at (most|least) ", "");
            f.condition = (text.contains("less") || text.contains("under") ? "under " : "over ") + figure;
        } else if (text.matches("(torn|worn|damaged|cracked|broken|bent|scored) .*")) {
            f.condition = speech.word(clause.body());
        }
    }

    /** "under 55: new" says what the measurement before must give. */
    private void judged(Finding f, int from, int to) {
        if (!f.is("replace", "discard")) {
            return;
        }
        if (speech.has(from, to, "shows", "reads")) {
            f.condition = speech.text(from, to);
            f.limits.clear();
        }
        for (Measure m : speech.measures(from, to)) {
            Finding measured = last();
            if (m.bound() == Measure.Bound.NONE || m.turnedRound().equals(m)) {
                continue;
            }
            if (measured == null || !measured.is("measure") || from - measured.to > 24) {
                boolean length = m.length() || m.unit().isEmpty();
                if (length && !f.parts.isEmpty()) {
                    Finding own = new Finding(Kind.MEASUREMENT, "measure", new Clause(from, to, "", from, f.sentence));
                    own.parts.add(f.parts.get(0).withQuantity(null));
                    Values.limit(own, "", (m.unit().isEmpty() ? m.in(speech.lengthUnit()) : m).turnedRound());
                    own.confidence = 0.5;
                    findings.add(own);
                }
                continue;
            }
            String unit =
                    m.unit().isEmpty() && !measured.limits.isEmpty()
                            ? measured.limits.get(0).measure().unit()
                            : m.unit();
            if (!unit.isEmpty()) {
                Values.limit(measured, "", m.in(unit).turnedRound());
                f.condition = speech.text(from, to);
            }
        }
    }

    /**
     * "new bearing, press it in": the first clause only names what the second does something to.
     */
    private boolean replacesLast(Finding f) {
        Finding before = last();
        return before != null
                && before.telegraphic
                && before.sentence == f.sentence
                && f.from - before.to <= 4
                && before.orientation == null
                && !f.unsure.isEmpty()
                && f.parts.stream().allMatch(p -> before.names(Nouns.head(p.name())))
                && (f.is("press", "push", "tap", "install") && before.is("install")
                        || f.is("remove", "loosen", "pull", "lower")
                                && before.is("remove", "install"));
    }

    private boolean heated() {
        return findings.stream().skip(Math.max(0, findings.size() - 4)).anyMatch(f -> f.is("heat"));
    }

    private void phase(Finding f) {
        boolean fresh = false;
        for (int i = f.from; i < f.to; i++) {
            fresh |= speech.word(i).equals("new");
        }
        boolean back = speech.has(f.from, f.to, "back in", "back on", "back together", "back up");
        boolean inPlace = findings.stream().anyMatch(x -> x.sentence == f.sentence && x.is("remove", "loosen", "clean")) && !speech.runsOn();
        if (inPlace) {
            return;
        }
        if (f.is("install", "press", "lift", "heat")
                && (fresh || back && !f.is("heat"))
                && (later || findings.size() > 12)) {
            context.goBack();
        }
    }

    /** Fastener counts carry over in one breath: "fit the six screws and tighten them". */
    private void inherit(Finding f, Clause clause) {
        if (!f.is(
                "discard", "measure", "inspect", "record", "clean", "turn", "push", "lift",
                "lower")) {
            return;
        }
        f.parts.replaceAll(p -> f.unsure.isEmpty() ? p : p.withQuantity(null));
    }

    private void thread(Finding f, Said said) {
        boolean pendingLeft = context.buildUp() && f.is("tighten", "hand-tighten");
        boolean turns =
                f.is(
                        "loosen",
                        "remove",
                        "tighten",
                        "install",
                        "turn",
                        "disconnect",
                        "connect",
                        "hand-tighten");
        boolean threaded =
                f.parts.isEmpty()
                        || f.parts.stream()
                                .anyMatch(
                                        p ->
                                                p.name()
                                                        .matches(
                                                                ".*\\b(nut|locknut|union|gland|cap|ring)\\b.*"));
        boolean nutty =
                f.parts.isEmpty()
                        || f.parts.stream()
                                .anyMatch(
                                        p ->
                                                p.name()
                                                        .matches(
                                                                ".*\\b(nut|locknut|union|gland|ring nut|bolt|screw|cap)\\b.*"));
        if (!turns) {
            return;
        }
        boolean undoing = f.is("loosen", "remove", "disconnect");
        boolean doing = f.is("tighten", "install", "connect", "hand-tighten");
        if (said.leftHand) {
            f.leftHand = true;
            context.takeLeftHand();
        } else if (nutty
                && (undoing && said.clockwise
                        || doing && said.anticlockwise
                        || f.is("turn")
                                && said.clockwise
                                && speech.has(
                                        f.from, f.to, "to get it off", "to undo", "is off"))) {
            f.leftHand = true;
            context.takeLeftHand();
        } else if (threaded && pendingLeft && context.takeLeftHand()) {
            f.leftHand = true;
        } else if (threaded
                && undoing
                && f.is("loosen", "remove", "disconnect")
                && context.takeLeftHand()) {
            f.leftHand = true;
        }
    }

    private void attach(Finding f, Said said, int from, int to) {
        for (Finding.ToolSaid tool : said.tools) {
            if (f.tools.stream().noneMatch(t -> t.equals(tool)) && !(f.kind == Kind.CAUTION)) {
                f.tools.add(tool);
            }
        }
        boolean uses =
                f.is("apply", "lubricate", "fill", "clean", "secure", "cover", "heat", "test")
                        || f.is("install", "tighten", "push", "press", "inspect", "hand-tighten")
                                && speech.has(from, to, "with", "in", "of", "using");
        boolean object =
                f.parts.stream().anyMatch(p -> said.consumables.contains(p.name()))
                        && !f.is("fill", "apply", "lubricate");
        if (uses && !object) {
            f.consumables.addAll(said.consumables);
        }
        f.hazards.addAll(said.hazards);
        if (f.kind == Kind.CAUTION) {
            f.hazards.remove("chemical");
        } else if (!warnings.isEmpty() && from - warnedAt <= 3) {
            f.hazards.addAll(warnings);
        }
        warnings.clear();
        if (said.pattern != null) {
            f.pattern = said.pattern;
        }
        if (said.orientation != null && f.orientation == null && f.kind != Kind.CAUTION) {
            f.orientation = said.orientation;
        }
        if (said.reference != null
                && speech.measures(from, to).stream().noneMatch(Measure::torque)
                && f.kind != Kind.CAUTION) {
            f.reference = said.reference;
        }
        f.byHand |= said.byHand;
        if (f.kind != Kind.CAUTION) {
            Values.into(f, speech, said, from, to);
            size(f, from, to);
        }
    }

    /** A size that is said apart from its part: "three screws, M5", "new bearing, 6206". */
    private void size(Finding f, int from, int to) {
        if (f.parts.isEmpty()) {
            return;
        }
        int at = f.parts.size() - 1;
        Finding.Part part = f.parts.get(at);
        if (part.size() != null) {
            return;
        }
        for (int i = from; i < to; i++) {
            Sizes.Size size = Sizes.at(speech, i, to);
            if (size != null && size.thread()) {
                f.parts.set(
                        at,
                        new Finding.Part(
                                part.name(),
                                part.quantity(),
                                size.print(),
                                part.from(),
                                part.plural()));
                return;
            }
            Optional<Measure> m = speech.measureAt(i);
            if (m.isPresent()
                    && m.get().unit().isEmpty()
                    && m.get().single()
                    && m.get().min().toString().matches("6[0-9]{3}|[1-9][0-9]{4}")
                    && f.parts.stream().anyMatch(p -> Nouns.head(p.name()).equals("bearing"))) {
                f.parts.set(
                        at,
                        new Finding.Part(
                                part.name(),
                                part.quantity(),
                                m.get().min().toString(),
                                part.from(),
                                part.plural()));
                return;
            }
        }
    }

    // ---------------------------------------------------------------- what adds to steps

    private void condition(Clause clause, Said said) {
        dropPending();
        remember(clause);
        condition = resolved(clause.body(), clause.to());
        if (condition.matches("(you|youre|youd) (want|like|need|have to|forget|ask|wonder).*")) {
            condition = null;
        }
        conditionFrom = clause.from();
        conditionSentence = clause.sentence();
        conditionMeasures = speech.measures(clause.from(), clause.to());
        Finding before = last();
        List<Measure> bounds =
                conditionMeasures.stream()
                        .filter(
                                m ->
                                        m.bound() != Measure.Bound.NONE
                                                && (m.length()
                                                        || m.unit().isEmpty()
                                                                && !m.turnedRound().equals(m)
                                                                && !whole(m)))
                        .toList();
        boolean bare = bounds.stream().anyMatch(m -> m.unit().isEmpty());
        if (!bounds.isEmpty()
                && !(!bare && before != null
                        && (before.kind == Kind.MEASUREMENT || before.kind == Kind.INSPECTION)
                        && clause.from() - before.to < NEAR)) {
            Finding own = new Finding(Kind.MEASUREMENT, "measure", clause);
            Optional<NounPhrase> np =
                    NounPhrases.at(speech, clause.body(), clause.to()).filter(NounPhrase::part);
            if (np.isPresent()) {
                own.parts.add(
                        new Finding.Part(np.get().name(), null, null, null, np.get().plural()));
            } else {
                context.last(clause.from()).ifPresent(own.parts::add);
            }
            for (Measure m : bounds) {
                Values.limit(
                        own,
                        "",
                        (m.unit().isEmpty() ? m.in(speech.lengthUnit()) : m).turnedRound());
            }
            own.confidence = 0.6;
            findings.add(own);
        }
        boolean figures =
                conditionMeasures.stream()
                        .anyMatch(m -> m.length() && m.bound() != Measure.Bound.NONE);
        if (figures
                && before != null
                && (before.kind == Kind.MEASUREMENT || before.kind == Kind.INSPECTION)
                && clause.from() - before.to < NEAR) {
            for (Measure m : conditionMeasures) {
                if (!m.length()) {
                    continue;
                }
                before.limits.add(new Finding.LimitSaid("", m.turnedRound()));
            }
        }
        conditionAsked = speech.token(clause.to() - 1).mark().equals("?");
        after(clause);
    }

    private static boolean whole(Measure m) {
        return (m.min() == null ? m.max() : m.min()).toString().matches("\\d+");
    }

    private boolean conditionAsked;

    /** "replace the wheel if it is below five millimetres": a condition behind what it is for. */
    private void after(Clause clause) {
        Finding f = last();
        boolean behind = f != null && f.sentence == clause.sentence() && f.to == clause.from() && f.kind != Kind.CAUTION && clause.from() > 0
                && speech.token(clause.from() - 1).mark().isEmpty() && !speech.runsOn() && clause.lead().equals("if")
                && speech.word(clause.from()).equals("if");
        if (behind && condition != null && f.condition == null) {
            f.condition = condition;
            f.extend(clause);
            condition = null;
        }
    }

    /** A condition with the name of what "it" stands for, and with figures as they are printed. */
    private String resolved(int from, int to) {
        StringBuilder text = new StringBuilder();
        for (int i = from; i < to; i++) {
            String w = speech.word(i);
            Optional<Measure> m = speech.measureAt(i);
            if (m.isPresent() && m.get().from() == i && !m.get().unit().isEmpty() && m.get().to() <= to) {
                text.append(Wording.figure(m.get()).replaceFirst("^at (most|least) ", "")).append(' ');
                i = m.get().to() - 1;
            } else if (Set.of("it", "its", "theyre", "they", "shes", "she").contains(w) && i == from) {
                String named = context.last(from).map(Finding.Part::name).orElse(w);
                text.append(named).append(w.equals("its") || w.equals("shes") ? " is " : w.equals("theyre") ? " are " : " ");
            } else if (!speech.filler(i)) {
                text.append(w).append(' ');
            }
        }
        return text.toString().strip();
    }


    private void reason(Clause clause, Said said) {
        Finding f = last();
        if (f != null && clause.from() - f.to <= 2) {
            f.hazards.addAll(said.hazards);
            f.why = speech.text(clause.body(), clause.to());
            f.extend(clause);
        } else {
            left.add(new Left(clause.from(), clause.to(), clause.sentence(), null));
        }
    }

    private void note(Clause clause, Said said) {
        if (told(clause, said)) {
            return;
        }
        dropPending();
        warned(clause, said);
        remember(clause);
        left.add(new Left(clause.from(), clause.to(), clause.sentence(), null));
    }

    /** "its eleven kilos", "glasses on": what is dangerous in the step before, or in the next. */
    private void warned(Clause clause, Said said) {
        Finding f = last();
        if (said.hazards.isEmpty()) {
            return;
        }
        if (f != null
                && f.kind != Kind.CAUTION
                && clause.from() - f.to <= 2
                && (f.sentence >= clause.sentence() - 1)) {
            f.hazards.addAll(said.hazards);
        } else {
            warnings.addAll(said.hazards);
            warnedAt = clause.to();
        }
    }

    private final Set<String> warnings = new java.util.LinkedHashSet<>();
    private int warnedAt;

    /** Things that are told of: what "it" and "them" stand for next. */
    private void remember(Clause clause) {
        int i = clause.body();
        if (speech.text(i, i + 1).matches("itll|youll|theyll")) {
            return;
        }
        if (speech.word(i).equals("theres") && speech.number(i + 1)) {
            Optional<methodos.core.speech.SpokenNumber> n =
                    methodos.core.speech.SpokenNumber.at(speech.tokens(), i + 1);
            if (n.isPresent()
                    && NounPhrases.at(speech, i + 1, clause.to())
                            .filter(NounPhrase::part)
                            .isEmpty()) {
                int count = (int) n.get().value().toDouble();
                context.count(count);
                Finding f = last();
                if (f != null && !f.parts.isEmpty() && clause.from() - f.to <= 2 && f.parts.get(0).quantity() == null) {
                    f.parts.set(0, f.parts.get(0).withQuantity(count));
                }
                return;
            }
        }
        while (i < clause.to()) {
            Optional<NounPhrase> np = NounPhrases.at(speech, i, clause.to());
            boolean inPlace =
                    i > clause.from() && Grammar.PREPOSITIONS.contains(speech.word(i - 1));
            boolean tool =
                    np.isPresent()
                            && speech.lexicon().tool(np.get().head()).isPresent()
                            && !speech.lexicon().doubtfulTool(np.get().head());
            if (np.isPresent()
                    && np.get().part()
                    && !tool
                    && Telegraphic.FASTENERS.contains(np.get().head())) {
                NounPhrase n = np.get();
                told =
                        new Told(
                                n.name(),
                                n.quantity(),
                                n.size(),
                                n.plural(),
                                clause.from(),
                                clause.from());
            }
            boolean adjective =
                    np.isPresent()
                            && clause.body() == i
                            && speech.phrase(i, "its")
                            && np.get().from() == i
                            && np.get().name().endsWith("ing")
                            && np.get().to() - i == 2;
            if (np.isPresent()
                    && np.get().part()
                    && !adjective
                    && !np.get().head().equals("part")
                    && !speech.word(np.get().to()).equals("one")
                    && !(clause.conditional() && !speech.determiner(np.get().from()))
                    && !(clause.conditional() && speech.word(np.get().from()).equals("its"))
                    && !inPlace
                    && !tool
                    && !Defects.is(np.get().head())) {
                context.remember(
                        new Finding.Part(
                                np.get().name(),
                                np.get().quantity(),
                                np.get().size(),
                                null,
                                np.get().plural()),
                        clause.from());
            }
            i = np.map(n -> Math.max(n.to(), 0)).filter(n -> n > 0).orElse(i + 1);
        }
    }

    /**
     * "the nut is twenty-two newton metres", "thats about three turns": a figure for what was done.
     */
    private boolean told(Clause clause, Said said) {
        List<Measure> figures = speech.measures(clause.from(), clause.to());
        Finding f = last();
        if (toolTold(clause, said) || looksUp(clause, said)) {
            return true;
        }
        if (said.anticlockwise && context.buildUp()) {
            context.leftHandSaid();
        }
        if (said.pattern != null
                && said.pattern.matches("\\d.*")
                && figures.stream().noneMatch(Measure::torque)) {
            Finding own = new Finding(Kind.ACTION, "tighten", clause);
            context.fastener().ifPresent(own.parts::add);
            step(own, clause, said);
            return true;
        }
        if (figures.stream().anyMatch(Measure::torque)) {
            Finding own = tightened(clause);
            if (own == null
                    && f != null
                    && clause.from() - f.to < 20
                    && f.is("tighten", "hand-tighten", "install", "turn", "connect")) {
                if (f.is("tighten") || f.is("turn")) {
                    attach(f, said, clause.from(), clause.to());
                    f.extend(clause);
                    return true;
                }
                own = new Finding(Kind.ACTION, "tighten", clause);
                own.parts.addAll(f.parts);
            }
            if (own == null) {
                own = new Finding(Kind.ACTION, "tighten", clause);
                context.fastener().ifPresent(own.parts::add);
            }
            step(own, clause, said);
            return true;
        }
        boolean near = f != null && clause.from() - f.to <= 2 && f.kind != Kind.CAUTION;
        if (near
                && !f.limits.isEmpty()
                && !figures.isEmpty()
                && figures.stream().allMatch(m -> m.single() && m.length())
                && speech.has(
                        clause.body(),
                        clause.body() + 3,
                        "thats",
                        "its",
                        "call",
                        "or",
                        "about",
                        "say")) {
            Measure first = f.limits.get(f.limits.size() - 1).measure();
            for (Measure m : figures) {
                if (!first.unit().equals(m.unit())) {
                    Values.limit(
                            f,
                            "",
                            new Measure(
                                    m.from(),
                                    m.to(),
                                    first.min() == null ? null : m.min(),
                                    first.max() == null ? null : m.max(),
                                    m.unit(),
                                    first.bound()));
                }
            }
            f.extend(clause);
            return true;
        }
                if (f != null && f.is("record") && clause.from() - f.to <= 3 && f.limits.isEmpty() && figures.stream().anyMatch(m -> m.unit().isEmpty() && !whole(m))
                && speech.has(Math.max(0, f.from - 4), f.to, "turn", "turns")) {
            figures.stream().filter(m -> m.unit().isEmpty()).limit(1).forEach(m -> Values.limit(f, "turns", m.in("turn")));
            f.extend(clause);
            return true;
        }
        boolean reading = f != null
                        && clause.from() - f.to <= 6
                        && f.is("record", "measure")
                        && f.limits.isEmpty()
                        && figures.stream().anyMatch(m -> !m.unit().isEmpty() && !m.time())
                        && speech.has(
                                clause.body(),
                                clause.body() + 3,
                                "ive got",
                                "i got",
                                "i have",
                                "this ones",
                                "its",
                                "thats",
                                "this one",
                                "i get");
        if (reading) {
            Values.expected(f, figures, speech);
            f.extend(clause);
            return true;
        }
        if (near
                && figures.size() == 1
                && figures.get(0).time()
                && figures.get(0).from() <= clause.body() + 1
                && f.is("wait", "lubricate", "clean", "heat", "cool")) {
            attach(f, said, clause.from(), clause.to());
            f.extend(clause);
            return true;
        }
        boolean bearing =
                near
                        && f.names("bearing")
                        && figures.stream()
                                .anyMatch(
                                        m ->
                                                m.unit().isEmpty()
                                                        && m.min() != null
                                                        && m.min().toString().matches("6[0-9]{3}"));
        if (bearing) {
            attach(f, said, clause.from(), clause.to());
            f.extend(clause);
            return true;
        }
                boolean pumped = near && f.is("pressurise") && figures.stream().anyMatch(m -> m.unit().equals("psi") || m.unit().equals("bar"));
        if (pumped) {
            attach(f, said, clause.from(), clause.to());
            f.extend(clause);
            return true;
        }
                boolean warm = f != null && clause.from() - f.to <= 8 && f.is("heat", "cool")
                        && figures.stream()
                                .anyMatch(
                                        m -> m.unit().startsWith("°") || m.unit().equals("degree"));
        boolean angle =
                near
                        && f.is("tighten")
                        && figures.stream()
                                .anyMatch(
                                        m -> m.unit().equals("degree") || m.unit().equals("turn"));
        if (warm || angle) {
            attach(f, said, clause.from(), clause.to());
            f.extend(clause);
            return true;
        }
        if (near && said.anticlockwise && f.is("install", "tighten", "connect", "hand-tighten")) {
            thread(f, said);
        }
        if (said.pattern != null
                && figures.stream().noneMatch(Measure::torque)
                && f != null
                && clause.from() - f.to <= 3
                && f.is("hand-tighten", "install")
                && context.fastener().isPresent()) {
            Finding own = new Finding(Kind.ACTION, "tighten", clause);
            own.parts.add(context.fastener().get());
            step(own, clause, said);
            return true;
        }
        boolean figure =
                figures.stream()
                        .anyMatch(
                                m ->
                                        m.time()
                                                || m.unit().equals("turn")
                                                || m.length()
                                                        && f != null
                                                        && (f.kind != Kind.ACTION
                                                                || f.is("adjust")));
        if (near
                && figure
                && speech.has(
                        clause.body(),
                        Math.min(clause.to(), clause.body() + 2),
                        "its",
                        "thats",
                        "takes",
                        "it")) {
            attach(f, said, clause.from(), clause.to());
            f.extend(clause);
            return true;
        }
        return false;
    }

    /** "thats a seven eighths wrench", "it takes a ten mil socket": how the part comes off. */
    private boolean toolTold(Clause clause, Said said) {
        if (said.tools.stream().noneMatch(t -> t.size() != null)
                || !speech.has(
                        clause.body(),
                        clause.to(),
                        "see", "there is", "got", "hold",
                        "is",
                        "its",
                        "thats",
                        "takes",
                        "its a",
                        "theyre",
                        "has")) {
            return false;
        }
        Finding f = last();
        Finding own = tightened(clause);
        boolean fastener =
                own != null
                        && own.parts.stream()
                                .anyMatch(
                                        p -> Telegraphic.FASTENERS.contains(Nouns.head(p.name())));
        if (!fastener) {
            own = null;
        }
                if (f != null && f.sentence == clause.sentence() && clause.from() - f.to <= 8 && own == null && f.is("remove", "loosen", "tighten")) {
            attach(f, said, clause.from(), clause.to());
            f.extend(clause);
            return true;
        }
        if (own == null) {
            Optional<Finding.Part> meant = context.last(clause.from());
            if (meant.isEmpty()) {
                return false;
            }
            own = new Finding(Kind.ACTION, "loosen", clause);
            own.parts.add(meant.get());
        }
        own.action = context.buildUp() ? "tighten" : "loosen";
        step(own, clause, said);
        return true;
    }

    /** "axle torque, thats in your manual": a value that is not given. */
    private boolean looksUp(Clause clause, Said said) {
        if (said.reference == null
                || speech.measures(clause.from(), clause.to()).stream().anyMatch(Measure::torque)) {
            return false;
        }
        Left asked = left.isEmpty() ? null : left.get(left.size() - 1);
        if (pending == null
                && asked != null
                && asked.to() == clause.from()
                && asked.reason() == null) {
            left.remove(asked);
            pending = new Clause(asked.from(), asked.to(), "", asked.from(), asked.sentence());
        }
        int from = pending != null ? pending.from() : clause.from();
        Finding before = last();
        boolean torque =
                speech.has(from, clause.to(), "torque", "tight", "newton metres", "tightness")
                        || before != null && before.is("tighten") && clause.from() - before.to < 16;
        Finding own =
                new Finding(
                        torque ? Kind.ACTION : Kind.MEASUREMENT,
                        torque ? "tighten" : "measure",
                        clause);
        own.reference = said.reference;
        if (!torque) {
            Finding f = last();
            if (f != null
                    && f.sentence == clause.sentence()
                    && clause.from() - f.to <= 1
                    && f.kind != Kind.CAUTION) {
                f.reference = said.reference;
                f.extend(clause);
                return true;
            }
        }
        Optional<NounPhrase> np =
                NounPhrases.at(
                        speech, pending != null ? pending.body() : clause.body(), clause.to());
        if (np.isPresent()
                && np.get().part()
                && !np.get().name().contains(said.reference)
                && !said.reference.contains(np.get().head())) {
            String name = np.get().name().replaceFirst(" (torque|value|number|figure)$", "");
            own.parts.add(new Finding.Part(name, null, null, null, np.get().plural()));
        } else {
            context.last(clause.from()).ifPresent(own.parts::add);
        }
        step(own, clause, said);
        return true;
    }

    /** The fastener that is the subject of a torque. */
    private Finding tightened(Clause clause) {
        Optional<NounPhrase> np = Optional.empty();
        for (int i = clause.body(); i < clause.to() && np.isEmpty(); i++) {
            np = NounPhrases.at(speech, i, clause.to()).filter(n -> Telegraphic.FASTENERS.contains(n.head()) || n.from() == clause.body());
        }
        if (np.isEmpty()
                || !np.get().part()
                || Set.of(
                                "torque",
                                "book",
                                "manual",
                                "kid",
                                "handbook",
                                "sheet",
                                "figure",
                                "chart",
                                "value")
                        .contains(np.get().head())) {
            return null;
        }
        Finding f = new Finding(Kind.ACTION, "tighten", clause);
        f.parts.add(
                new Finding.Part(
                        np.get().name(),
                        np.get().quantity(),
                        np.get().size(),
                        null,
                        np.get().plural()));
        return f;
    }

    private void addition(Clause clause, Said said) {
        Finding f = last();
        boolean torque =
                speech.measures(clause.from(), clause.to()).stream().anyMatch(Measure::torque);
        if (torque
                && f != null
                && f.is("tighten")
                && f.torques.isEmpty()
                && f.sentence == clause.sentence()
                && clause.from() - f.to < 16) {
            attach(f, said, clause.from(), clause.to());
            f.extend(clause);
            return;
        }
        if (torque
                && f != null
                && f.is("tighten")
                && clause.from() - f.to < 16
                && NounPhrases.at(speech, clause.body(), clause.to()).isEmpty()
                && !(clause.sentence() == f.sentence && clause.from() == f.to)) {
            if (f.torques.isEmpty()) {
                attach(f, said, clause.from(), clause.to());
                f.extend(clause);
                return;
            }
            Finding own = new Finding(Kind.ACTION, "tighten", clause);
            own.parts.addAll(f.parts);
            step(own, clause, said);
            return;
        }
        if (torque && (f == null || !f.is("tighten")) && told(clause, said)) {
            return;
        }
        if (f != null && f.is("pressurise") && clause.from() - f.to <= 4 && speech.measures(clause.from(), clause.to()).stream().anyMatch(m -> m.unit().equals("psi") || m.unit().equals("bar"))) {
            attach(f, said, clause.from(), clause.to());
            f.extend(clause);
            return;
        }
        if (measuring(clause, said)) {
            return;
        }
        if (said.pattern != null
                && !torque
                && f != null
                && clause.from() - f.to <= 3
                && f.is("hand-tighten", "install")
                && context.fastener().isPresent()) {
            Finding own = new Finding(Kind.ACTION, "tighten", clause);
            own.parts.add(context.fastener().get());
            step(own, clause, said);
            return;
        }
        boolean nothingNamed =
                NounPhrases.at(speech, clause.body(), clause.to())
                        .filter(n -> n.part() && !said.taken(n.to() - 1))
                        .isEmpty();
        if (condition != null
                && conditionSentence >= clause.sentence() - 1
                && !said.tools.isEmpty()
                && nothingNamed
                && f != null
                && f.action != null) {
            Finding own = new Finding(f.kind, f.action, clause);
            own.parts.addAll(f.parts);
            conditionSentence = clause.sentence();
            step(own, clause, said);
            return;
        }
        if (said.byHand
                && nothingNamed
                && f != null
                && f.is("install", "replace", "connect")
                && clause.from() - f.to <= 2) {
            Finding own = new Finding(Kind.ACTION, "hand-tighten", clause);
            own.parts.addAll(f.parts);
            step(own, clause, said);
            return;
        }
        Optional<Finding.Part> topic = context.topic(clause.sentence());
        if (nothingNamed
                && topic.isPresent()
                && Telegraphic.FASTENERS.contains(Nouns.head(topic.get().name()))
                && said.tools.isEmpty()
                && speech.measures(clause.from(), clause.to()).stream()
                        .anyMatch(m -> m.unit().equals("mm") && m.single())) {
            Measure m = speech.measures(clause.from(), clause.to()).get(0);
            Finding own = new Finding(Kind.ACTION, "support", clause);
            own.parts.add(topic.get());
            own.tools.add(new Finding.ToolSaid("spanner", Sizes.print(m.min(), "mm")));
            own.confidence = 0.5;
            findings.add(own);
            pending = null;
            return;
        }
        if (nothingNamed
                && topic.isPresent()
                && said.tools.isEmpty()
                && said.consumables.isEmpty()
                && (f == null || f.from < clause.from() - 8 || f.sentence != clause.sentence())
                                && speech.measures(clause.from(), clause.to()).stream()
                        .anyMatch(m -> m.unit().isEmpty() && !whole(m) && Telegraphic.DIMENSIONS.contains(Nouns.head(topic.get().name())) || m.length() || m.unit().equals("bar")
                                                || m.unit().equals("psi")
                                                || m.unit().equals("V")
                                                || m.unit().equals("ohm"))) {
            Finding own = new Finding(Kind.MEASUREMENT, "measure", clause);
            boolean gauged = speech.measures(clause.from(), clause.to()).stream().noneMatch(Measure::length)
                    && !Set.of("gauge", "pressure", "manometer", "battery", "winding").contains(Nouns.head(topic.get().name()));
            if (!gauged) {
                own.parts.add(topic.get());
            } else {
                context.about(-1, null);
            }
            step(own, clause, said);
            return;
        }
        String toldHead = told == null ? "" : Nouns.head(told.name());
        if (told != null
                && said.tools.stream()
                        .anyMatch(t -> t.size() != null || t.name().startsWith(toldHead))
                && (f == null || clause.from() - f.to > 1 || told.from() >= f.to)) {
            Finding own =
                    new Finding(Kind.ACTION, context.buildUp() ? "tighten" : "remove", clause);
            own.parts.add(
                    new Finding.Part(
                            told.name(), told.quantity(), told.size(), null, told.plural()));
            own.from = Math.min(own.from, told.clauseFrom());
            unleave(own.from);
            step(own, clause, said);
            return;
        }
        if (said.orientation != null && pending != null && context.buildUp()) {
            Optional<NounPhrase> thing =
                    NounPhrases.at(speech, pending.body(), pending.to()).filter(NounPhrase::part);
            if (thing.isPresent() && pending.sentence() == clause.sentence()) {
                NounPhrase np = thing.get();
                Finding own = new Finding(Kind.ACTION, "install", clause);
                own.parts.add(
                        new Finding.Part(np.name(), np.quantity(), np.size(), null, np.plural()));
                step(own, clause, said);
                return;
            }
        }
        if (said.orientation == null) {
            remember(clause);
        }
        if (listed(clause, said, f)) {
            return;
        }
        boolean same =
                f != null
                        && f.sentence == clause.sentence()
                        && clause.from() - f.to <= 1
                        && pending == null;
        boolean close =
                f != null
                        && clause.from() - f.to <= 1
                        && pending == null
                        && (said.orientation != null || !said.tools.isEmpty() && f.tools.isEmpty());
        if ((same || close) && f.kind != Kind.CAUTION) {
            if (f.telegraphic
                    && f.is("restore")
                    && speech.measures(clause.from(), clause.to()).stream()
                            .anyMatch(Measure::time)) {
                f.kind = Kind.TEST;
                f.action = "test";
            }
            attach(f, said, clause.from(), clause.to());
            thread(f, said);
            f.extend(clause);
        } else if (pending == null) {
            pending = clause;
        } else if (pending.sentence() == clause.sentence() && pending.to() == clause.from()) {
            pending =
                    new Clause(
                            pending.from(),
                            clause.to(),
                            pending.lead(),
                            pending.body(),
                            pending.sentence());
        } else {
            dropPending();
            pending = clause;
        }
    }

    /** "handle, 2 washers, spring": the next of a list, or how many of what was named. */
    private boolean listed(Clause clause, Said said, Finding f) {
        boolean plain =
                said.tools.isEmpty() && said.consumables.isEmpty() && said.orientation == null;
        Optional<NounPhrase> np = NounPhrases.at(speech, clause.body(), clause.to());
        boolean bare = np.isPresent() && np.get().part() && np.get().to() == clause.to();
        if (plain
                && bare
                && f != null
                && f.telegraphic
                && f.sentence == clause.sentence()
                && clause.from() == f.to
                && f.is("remove", "install")) {
            NounPhrase n = np.get();
            f.parts.add(new Finding.Part(n.name(), n.quantity(), n.size(), null, n.plural()));
            f.extend(clause);
            return true;
        }
        if (plain
                && np.isEmpty()
                && speech.text(clause.body(), clause.to())
                        .matches("\\d{1,2}|two|three|four|five|six|eight")
                && context.topic(clause.sentence()).isPresent()) {
            int n =
                    (int)
                            methodos.core.speech.SpokenNumber.at(speech.tokens(), clause.body())
                                    .orElseThrow()
                                    .value()
                                    .toDouble();
            context.count(n);
            context.about(
                    clause.sentence(),
                    context.topic(clause.sentence()).orElseThrow().withQuantity(n));
        }
        boolean isTool =
                np.isPresent()
                        && speech.lexicon().tool(np.get().head()).isPresent()
                        && !speech.lexicon().doubtfulTool(np.get().head());
        if (isTool) {
            return false;
        }
        if (bare
                || np.isPresent()
                        && np.get().part()
                        && speech.token(clause.to() - 1).mark().matches("[:?-]")) {
            NounPhrase n = np.get();
            context.about(
                    clause.sentence(),
                    new Finding.Part(n.name(), n.quantity(), n.size(), null, n.plural()));
        }
        if (said.leftHand && context.topic(clause.sentence()).isPresent() && !speech.runsOn()) {
            Finding own =
                    new Finding(Kind.ACTION, context.buildUp() ? "tighten" : "loosen", clause);
            own.parts.add(context.topic(clause.sentence()).orElseThrow());
            if (own.is("loosen")
                    && (own.names("union") || own.names("hose") || own.names("pipe"))) {
                own.action = "disconnect";
            }
            step(own, clause, said);
            return true;
        }
        return false;
    }

    private static final Set<String> MEASURING =
            Set.of(
                    "feeler gauge",
                    "dial gauge",
                    "micrometer",
                    "caliper",
                    "vernier caliper",
                    "vernier",
                    "ruler",
                    "multimeter",
                    "meter",
                    "straight edge",
                    "thermometer",
                    "insulation tester",
                    "ohmmeter");

    /** "dial gauge on the end": a measurement without its verb. */
    private boolean measuring(Clause clause, Said said) {
        Finding f = last();
        if (said.tools.stream()
                .noneMatch(t -> MEASURING.stream().anyMatch(m -> t.name().endsWith(m)))) {
            return false;
        }
        if (f != null && f.kind == Kind.MEASUREMENT && clause.from() - f.to <= 1) {
            attach(f, said, clause.from(), clause.to());
            f.extend(clause);
            return true;
        }
        Finding own = new Finding(Kind.MEASUREMENT, "measure", clause);
        for (int i = clause.body(); i < clause.to(); i++) {
            if (Set.of("on", "over", "across", "under", "in", "between").contains(speech.word(i))) {
                NounPhrases.at(speech, i + 1, clause.to())
                        .filter(n -> n.part() && !Grammar.PARTITIVE.contains(n.head()))
                        .ifPresent(
                                n ->
                                        own.parts.add(
                                                new Finding.Part(
                                                        n.name(),
                                                        n.quantity(),
                                                        null,
                                                        null,
                                                        n.plural())));
                break;
            }
        }
        if (own.parts.isEmpty()) {
            context.last(clause.from()).ifPresent(own.parts::add);
        }
        step(own, clause, said);
        return true;
    }

    /** A fastener that was told of, for the tool that is named next. */
    private record Told(
            String name, Integer quantity, String size, boolean plural, int from, int clauseFrom) {}

    private Told told;

    private void unleave(int from) {
        left.removeIf(l -> l.from() >= from && l.reason() == null);
    }

    private void expectation(Clause clause, Said said) {
        dropPending();
        Finding f = last();
        List<Measure> figures = speech.measures(clause.from(), clause.to());
                if (f != null && figures.isEmpty() && speech.word(clause.body()).equals("no")
                && clause.from() - f.to <= 2
                && f.kind != Kind.CAUTION) {
            f.extend(clause);
            return;
        }
        if (measuring(clause, said)) {
            Values.expected(last(), figures, speech);
            return;
        }
        Optional<NounPhrase> named =
                NounPhrases.at(speech, clause.body(), clause.to()).filter(NounPhrase::part);
        Finding near = f;
        boolean other =
                f != null
                        && named.isPresent()
                        && clause.sentence() != f.sentence
                        && !f.parts.isEmpty()
                        && !near.names(named.get().head())
                        && !Grammar.PARTITIVE.contains(named.get().head())
                        && figures.stream().anyMatch(m -> !m.unit().isEmpty());
        boolean looks =
                f != null
                        && !other
                        && clause.from() - f.to <= 3
                        && f.kind != Kind.CAUTION
                        && f.kind != Kind.NOTE;
        if (looks && f.kind != Kind.ACTION) {
            Values.expected(f, figures, speech);
            f.extend(clause);
            return;
        }
        String text = speech.text(clause.body(), clause.to());
        if (text.matches(
                ".*\\b(switch|breaker|isolator|motor|power|plug)\\b.*\\b(off|zero|out|unplugged)\\b.*")) {
            Finding off = new Finding(Kind.ACTION, "isolate", clause);
            NounPhrases.at(speech, clause.body(), clause.to())
                    .filter(NounPhrase::part)
                    .ifPresent(
                            n ->
                                    off.parts.add(
                                            new Finding.Part(
                                                    n.name(), null, null, null, n.plural())));
            step(off, clause, said);
            return;
        }
        Finding own =
                new Finding(
                        figures.isEmpty() ? Kind.INSPECTION : Kind.MEASUREMENT,
                        figures.isEmpty() ? "inspect" : "measure",
                        clause);
        Objects subject = Objects.behind(speech, said, clause.body(), clause.to());
        if (!subject.parts().isEmpty()) {
            own.parts.add(subject.parts().get(0));
        }
        attach(own, said, clause.from(), clause.to());
        Values.expected(own, figures, speech);
        findings.add(own);
    }

    private void dropPending() {
        if (pending != null) {
            warned(pending, Said.in(speech, pending.from(), pending.to()));
            left.add(new Left(pending.from(), pending.to(), pending.sentence(), null));
            pending = null;
        }
    }

    private void settle() {
        dropPending();
        int first = findings.isEmpty() ? Integer.MAX_VALUE : findings.get(0).from;
        int last = findings.isEmpty() ? -1 : findings.get(findings.size() - 1).to;
        // what is told before the first step and after the last is an introduction and a farewell
        int firstSentence = findings.isEmpty() ? -1 : findings.get(0).sentence;
        left.replaceAll(
                l ->
                        l.reason() == null
                                        && (l.to() <= first && l.sentence() != firstSentence
                                                || l.from() >= last)
                                ? new Left(l.from(), l.to(), l.sentence(), Draft.Reason.CHATTER)
                                : l);
    }
}
