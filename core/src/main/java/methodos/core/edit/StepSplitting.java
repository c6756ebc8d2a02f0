package methodos.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.description.RecordShape;
import methodos.core.manual.Action;
import methodos.core.manual.Clip;
import methodos.core.manual.Consumable;
import methodos.core.manual.Decision;
import methodos.core.manual.Energy;
import methodos.core.manual.Evidence;
import methodos.core.manual.Figure;
import methodos.core.manual.Joint;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Question;
import methodos.core.manual.Repeat;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.manual.Symptom;
import methodos.core.manual.Tool;
import methodos.core.quantity.Quantity;
import methodos.core.vocabulary.Nouns;

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
    public static Edit split(Id<Step> step, Id<Clip> clip, double at) {
        return Edit.named(EditKind.SPLIT, m -> divided(m, step, clip, at));
    }

    private static Manual divided(Manual manual, Id<Step> id, Id<Clip> clip, double at) {
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
        RecordShape shape = RecordShape.of(Step.class);
        Step head =
                ((Step) shape.make(shared(shape, false)))
                        .withText(before.text())
                        .withSpans(headSpans)
                        .withEvidence(headEvidence);
        Step tail =
                ((Step) shape.make(shared(shape, true)))
                        .withId(StepEdits.nextStepId(manual))
                        .withText(after.text())
                        .withSpans(tailSpans)
                        .withEvidence(tailEvidence)
                        .withDoubts(List.of());
        return led(manual.withIdTaken().withStep(head).withStepBehind(whole.id(), tail), tail.id());
    }

    /** What one half has of each component: its share of texts and lists, and all of the rest. */
    private Object[] shared(RecordShape shape, boolean tail) {
        return shape.components().stream().map(c -> shared(c, tail)).toArray();
    }

    private Object shared(RecordShape.Component component, boolean tail) {
        Object value = component.of(whole);
        if (value instanceof String text && !component.name().equals("id")) {
            return later(text, component.endOfWork()) == tail ? text : "";
        }
        if (value instanceof List<?> list && !component.name().equals("doubts")) {
            return list.stream().filter(x -> later(component, x) == tail).toList();
        }
        return value;
    }

    private boolean later(RecordShape.Component component, Object element) {
        if (component.refersTo().contains(Figure.class)) {
            return shownLater((Id<?>) element);
        }
        return later(
                element instanceof Id<?> id ? named(component.refersTo(), id) : named(element),
                component.endOfWork());
    }

    /** The words by which a thing is known that the step leads to. */
    private String named(List<Class<?>> kinds, Id<?> id) {
        Stream<String> tools =
                manual.tools().stream().filter(t -> t.id().equals(id)).map(Tool::label);
        Stream<String> consumables =
                manual.consumables().stream().filter(c -> c.id().equals(id)).map(Consumable::label);
        Stream<String> joints =
                manual.joints().stream().filter(j -> j.id().equals(id)).map(this::named);
        Stream<String> items =
                manual.ledgerItems().stream().filter(x -> x.id().equals(id)).map(LedgerItem::name);
        return Stream.of(
                        kinds.contains(Tool.class) ? tools : Stream.<String>empty(),
                        kinds.contains(Consumable.class) ? consumables : Stream.<String>empty(),
                        kinds.contains(Joint.class) ? joints : Stream.<String>empty(),
                        kinds.contains(LedgerItem.class) ? items : Stream.<String>empty())
                .flatMap(s -> s)
                .findFirst()
                .orElse(id.text());
    }

    /** The words by which a detail of the step is known: all that it says. */
    private String named(Object detail) {
        if (detail instanceof PartUse use) {
            return manual.part(use.part()).map(Part::label).orElse("");
        }
        if (detail instanceof String text) {
            return text;
        }
        if (detail instanceof Question question) {
            return question.named().name();
        }
        if (detail instanceof Action action) {
            return named(List.of(Joint.class, LedgerItem.class), action.object());
        }
        return RecordShape.of(detail.getClass()).components().stream()
                .filter(c -> c.type() == String.class && c.refersTo().isEmpty())
                .map(c -> (String) c.of(detail))
                .filter(Objects::nonNull)
                .collect(Collectors.joining(" "));
    }

    /** What leads to the step leads to the half that it is about; causes are cured in both. */
    private Manual led(Manual divided, Id<Step> tail) {
        Id<Step> id = whole.id();
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
                        .map(r -> r.to().equals(id) ? r.withTo(tail) : r)
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

    private List<Id<Step>> led(List<Id<Step>> steps, Id<Step> tail, String name, boolean end) {
        return later(name, end)
                ? steps.stream().map(s -> s.equals(whole.id()) ? tail : s).toList()
                : steps;
    }

    private Symptom cured(Symptom symptom, Id<Step> tail) {
        return symptom.withChecks(
                symptom.checks().stream()
                        .map(c -> c.withYes(cured(c.yes(), tail)).withNo(cured(c.no(), tail)))
                        .toList());
    }

    private Symptom.Outcome cured(Symptom.Outcome outcome, Id<Step> tail) {
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
                words.add(Nouns.singular(word));
            }
        }
        return words;
    }

    private boolean shownLater(Id<?> figure) {
        Span cut = whole.spans().get(span);
        return manual.figures().stream()
                .filter(f -> f.id().equals(figure))
                .findFirst()
                .map(Figure::still)
                .filter(s -> s.clip().equals(cut.clip()))
                .map(s -> s.time() >= at)
                .orElse(false);
    }

    private String named(Joint joint) {
        String fastener =
                manual.part(joint.fastener() == null ? new Id<>("") : joint.fastener())
                        .map(Part::label)
                        .orElse("");
        String value =
                joint.torque() == null
                        ? ""
                        : joint.torque().known().map(Quantity::entered).orElse("");
        return joint.name() + " " + fastener + " " + value;
    }
}
