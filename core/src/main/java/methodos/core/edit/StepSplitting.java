package methodos.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.manual.Action;
import methodos.core.manual.Decision;
import methodos.core.manual.Energy;
import methodos.core.manual.Evidence;
import methodos.core.manual.Figure;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.Repeat;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.manual.Symptom;
import methodos.core.manual.Tool;
import methodos.core.quantity.Quantity;

/**
 * Makes two steps of one at a moment of its footage. Both are for the same units; each detail goes
 * to the one in whose words it is named, and where neither names it to the first, or to the second
 * what belongs to the end of work: what it waits for and what is seen then.
 */
public final class StepSplitting {

    private static final Set<String> EMPTY_WORDS =
            Set.of("the", "a", "an", "and", "of", "to", "in", "on", "it", "is", "with", "for");

    private final Manual manual;
    private final Step whole;
    private final int span;
    private final double at;
    private final Words before;
    private final Words after;
    private final List<Evidence> headEvidence = new ArrayList<>();
    private final List<Evidence> tailEvidence = new ArrayList<>();

    /** What one of the two steps says, and the words to tell by what belongs to it. */
    private record Words(String text, Set<String> all) {}

    private StepSplitting(Manual manual, Step whole, int span, double at) {
        this.manual = manual;
        this.whole = whole;
        this.span = span;
        this.at = at;
        whole.evidence().forEach(this::share);
        String saidBefore = said(headEvidence);
        String saidAfter = said(tailEvidence);
        List<String> sentences = sentences(whole.text());
        int cut = sentences.size() < 2 ? 1 : cut(sentences, saidBefore, saidAfter);
        String head = String.join(" ", sentences.subList(0, Math.min(cut, sentences.size())));
        String tail =
                sentences.size() < 2
                        ? saidAfter
                        : String.join(" ", sentences.subList(cut, sentences.size()));
        before = new Words(head, words(head + " " + saidBefore));
        after = new Words(tail, words(tail + " " + saidAfter));
    }

    /**
     * Makes two steps of one.
     *
     * @param clip id of the clip of one of the step's spans
     * @param at seconds in it, inside the span; elsewhere nothing changes
     */
    public static Edit split(String step, String clip, double at) {
        return Edit.named(EditKind.SPLIT, m -> divided(m, step, clip, at));
    }

    private static Manual divided(Manual manual, String id, String clip, double at) {
        Step whole = manual.step(id).orElse(null);
        if (whole == null) {
            return manual;
        }
        for (int i = 0; i < whole.spans().size(); i++) {
            Span span = whole.spans().get(i);
            if (span.clip().equals(clip) && at > span.start() && at < span.end()) {
                return new StepSplitting(manual, whole, i, at).divided();
            }
        }
        return manual;
    }

    private Manual divided() {
        Span cut = whole.spans().get(span);
        List<Span> headSpans = new ArrayList<>(whole.spans().subList(0, span));
        headSpans.add(new Span(cut.clip(), cut.start(), at));
        List<Span> tailSpans = new ArrayList<>();
        tailSpans.add(new Span(cut.clip(), at, cut.end()));
        tailSpans.addAll(whole.spans().subList(span + 1, whole.spans().size()));
        boolean whyLast = later(whole.why(), false);
        boolean seenLast = later(whole.expected(), true);
        Step head =
                whole.withText(before.text())
                        .withSpans(headSpans)
                        .withEvidence(headEvidence)
                        .withWhy(whyLast ? "" : whole.why())
                        .withExpected(seenLast ? "" : whole.expected());
        Step tail =
                whole.withId(StepEdits.nextStepId(manual))
                        .withText(after.text())
                        .withSpans(tailSpans)
                        .withEvidence(tailEvidence)
                        .withWhy(whyLast ? whole.why() : "")
                        .withExpected(seenLast ? whole.expected() : "")
                        .withDoubts(List.of());
        Halves halves = new Halves(head, tail);
        halves.share(Step::parts, Step::withParts, this::named, false);
        halves.share(Step::tools, Step::withTools, this::tool, false);
        halves.share(Step::consumables, Step::withConsumables, this::consumable, false);
        halves.share(Step::joints, Step::withJoints, this::joint, false);
        halves.share(
                Step::hazards, Step::withHazards, h -> h.hazard() + " " + h.avoidance(), false);
        halves.share(Step::readings, Step::withReadings, r -> r.what(), false);
        halves.share(Step::waits, Step::withWaits, w -> w.what(), true);
        halves.share(Step::looks, Step::withLooks, l -> l.what(), false);
        halves.share(Step::actions, Step::withActions, this::action, false);
        halves.figures();
        return led(
                manual.withIdTaken().withStep(halves.head).withStepBehind(whole.id(), halves.tail),
                halves.tail.id());
    }

    private interface With<T> {
        Step with(Step step, List<T> list);
    }

    /** The two steps, with one list after the other shared between them. */
    private final class Halves {
        private Step head;
        private Step tail;

        Halves(Step head, Step tail) {
            this.head = head;
            this.tail = tail;
        }

        <T> void share(
                Function<Step, List<T>> list, With<T> with, Function<T, String> name, boolean end) {
            List<T> all = list.apply(whole);
            head = with.with(head, all.stream().filter(x -> !later(name.apply(x), end)).toList());
            tail = with.with(tail, all.stream().filter(x -> later(name.apply(x), end)).toList());
        }

        void figures() {
            List<String> all = whole.figures();
            head = head.withFigures(all.stream().filter(f -> !shownLater(f)).toList());
            tail = tail.withFigures(all.stream().filter(f -> shownLater(f)).toList());
        }
    }

    /** What leads to the step leads to the half that it is about; causes are cured in both. */
    private Manual led(Manual divided, String tail) {
        String id = whole.id();
        List<Energy> energies =
                divided.energies().stream()
                        .map(
                                e ->
                                        e.withSafeSteps(led(e.safeSteps(), tail, e.name(), false))
                                                .withRestoreSteps(
                                                        led(
                                                                e.restoreSteps(),
                                                                tail,
                                                                e.name(),
                                                                true)))
                        .toList();
        List<Repeat> repeats =
                divided.repeats().stream()
                        .map(
                                r ->
                                        r.to().equals(id)
                                                ? new Repeat(r.id(), r.from(), tail, r.places())
                                                : r)
                        .toList();
        List<Decision> decisions =
                divided.decisions().stream()
                        .map(
                                d ->
                                        id.equals(d.step()) && later(d.name(), false)
                                                ? d.withStep(tail)
                                                : d)
                        .toList();
        return divided.withEnergies(energies)
                .withRepeats(repeats)
                .withDecisions(decisions)
                .withSymptoms(divided.symptoms().stream().map(s -> cured(s, tail)).toList());
    }

    private List<String> led(List<String> steps, String tail, String name, boolean end) {
        return later(name, end)
                ? steps.stream().map(s -> s.equals(whole.id()) ? tail : s).toList()
                : steps;
    }

    private Symptom cured(Symptom symptom, String tail) {
        return symptom.withChecks(
                symptom.checks().stream()
                        .map(c -> c.withYes(cured(c.yes(), tail)).withNo(cured(c.no(), tail)))
                        .toList());
    }

    private Symptom.Outcome cured(Symptom.Outcome outcome, String tail) {
        if (outcome == null || !outcome.steps().contains(whole.id())) {
            return outcome;
        }
        return new Symptom.Outcome(
                outcome.check(),
                outcome.cause(),
                outcome.steps().stream()
                        .flatMap(s -> s.equals(whole.id()) ? Stream.of(s, tail) : Stream.of(s))
                        .toList());
    }

    /** Evidence goes where its moment is; a quote over the moment is cut between its words. */
    private void share(Evidence evidence) {
        Span cut = whole.spans().get(span);
        if (!(evidence instanceof Evidence.Recorded recorded)) {
            headEvidence.add(evidence);
            return;
        }
        Span said = recorded.span();
        if (!said.clip().equals(cut.clip())) {
            boolean behind =
                    whole.spans().subList(span + 1, whole.spans().size()).stream()
                            .anyMatch(s -> s.clip().equals(said.clip()));
            (behind ? tailEvidence : headEvidence).add(evidence);
        } else if (said.end() <= at) {
            headEvidence.add(evidence);
        } else if (said.start() >= at) {
            tailEvidence.add(evidence);
        } else {
            List<String> words = List.of(recorded.quote().split(" "));
            int first = (int) Math.round(words.size() * (at - said.start()) / said.seconds());
            headEvidence.add(
                    new Evidence.Recorded(
                            new Span(said.clip(), said.start(), at),
                            String.join(" ", words.subList(0, first))));
            tailEvidence.add(
                    new Evidence.Recorded(
                            new Span(said.clip(), at, said.end()),
                            String.join(" ", words.subList(first, words.size()))));
        }
    }

    private static String said(List<Evidence> evidence) {
        return evidence.stream()
                .filter(e -> e instanceof Evidence.Recorded)
                .map(e -> ((Evidence.Recorded) e).quote())
                .filter(q -> !q.isBlank())
                .collect(Collectors.joining(" "));
    }

    private static List<String> sentences(String text) {
        return List.of(text.strip().split("(?<=[.!?])\\s+(?=[\\p{Lu}“\"])"));
    }

    /** Behind which sentence both sides have most words in common with what is said there. */
    private static int cut(List<String> sentences, String before, String after) {
        Set<String> first = words(before);
        Set<String> second = words(after);
        int best = 1;
        int most = -1;
        for (int i = 1; i < sentences.size(); i++) {
            int common =
                    common(words(String.join(" ", sentences.subList(0, i))), first)
                            + common(
                                    words(String.join(" ", sentences.subList(i, sentences.size()))),
                                    second);
            if (common > most) {
                most = common;
                best = i;
            }
        }
        return best;
    }

    /** Whether the second step names it; where neither does, whether it belongs to the end. */
    private boolean later(String name, boolean end) {
        Set<String> named = words(name);
        int first = common(named, before.all());
        int second = common(named, after.all());
        return first == second ? end && first == 0 : second > first;
    }

    private static int common(Set<String> a, Set<String> b) {
        return (int) a.stream().filter(b::contains).count();
    }

    private static Set<String> words(String text) {
        Set<String> words = new HashSet<>();
        for (String word : text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\d]+")) {
            if (!word.isEmpty() && !EMPTY_WORDS.contains(word)) {
                boolean plural = word.length() > 3 && word.endsWith("s") && !word.endsWith("ss");
                words.add(plural ? word.substring(0, word.length() - 1) : word);
            }
        }
        return words;
    }

    private boolean shownLater(String figure) {
        Span cut = whole.spans().get(span);
        return manual.figure(figure)
                .map(Figure::still)
                .filter(s -> s.clip().equals(cut.clip()))
                .map(s -> s.time() >= at)
                .orElse(false);
    }

    private String named(PartUse use) {
        return manual.part(use.part()).map(p -> p.label()).orElse("");
    }

    private String tool(String tool) {
        return manual.tool(tool).map(Tool::label).orElse("");
    }

    private String consumable(String consumable) {
        return manual.consumable(consumable).map(c -> c.label()).orElse("");
    }

    private String joint(String id) {
        Joint joint = manual.joint(id).orElse(null);
        if (joint == null) {
            return "";
        }
        String fastener =
                joint.fastener() == null ? "" : named(new PartUse(joint.fastener(), joint.count()));
        String value =
                joint.torque() == null
                        ? ""
                        : joint.torque().known().map(Quantity::entered).orElse("");
        return joint.name() + " " + fastener + " " + value;
    }

    private String action(Action action) {
        return manual.ledgerItem(action.object())
                .map(i -> i.name())
                .orElseGet(() -> joint(action.object()));
    }
}
