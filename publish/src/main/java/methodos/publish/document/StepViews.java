package methodos.publish.document;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.hazard.HazardStretches;
import methodos.core.manual.Action;
import methodos.core.manual.Alternative;
import methodos.core.manual.Answer;
import methodos.core.manual.Applicability;
import methodos.core.manual.Decision;
import methodos.core.manual.Figure;
import methodos.core.manual.Fit;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Practices;
import methodos.core.manual.Reading;
import methodos.core.manual.RepeatedSteps;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.TighteningWay;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import methodos.core.reverse.PlainReturn;
import methodos.core.words.ReadingText;
import methodos.core.words.TighteningText;
import methodos.core.words.Words;
import methodos.core.words.WorkText;
import methodos.publish.document.StepView.DecisionView;
import methodos.publish.document.StepView.FigureView;
import methodos.publish.document.StepView.HazardView;
import methodos.publish.document.StepView.LoosenView;
import methodos.publish.document.StepView.PartView;
import methodos.publish.document.StepView.ReadingView;
import methodos.publish.document.StepView.RuleView;
import methodos.publish.document.StepView.TightenView;

/** Makes the views of steps. */
final class StepViews {

    private final Manual manual;
    private final Publication publication;
    private final StepNumbers numbers;
    private final FigureFiles figures;
    private final Words words;
    private final TighteningText tightening;
    private final ReadingText readings;
    private final WorkText work;
    private final RepeatedSteps repeated;
    private final HazardStretches stretches;
    private final Map<Id<Step>, Films.Film> films;
    private final UnitLabels onlyFor;

    /** The first step that shows each figure: there it stands large. */
    private final Map<Id<Figure>, Integer> firsts;

    StepViews(
            Publication publication,
            StepNumbers numbers,
            FigureFiles figures,
            UnitLabels labels,
            HazardStretches stretches,
            Map<Id<Step>, Films.Film> films) {
        this.onlyFor = labels;
        this.films = films;
        this.publication = publication;
        this.manual = publication.manual();
        this.numbers = numbers;
        this.figures = figures;
        this.words = publication.words();
        this.tightening = new TighteningText(words);
        this.readings = new ReadingText(words, manual, numbers);
        this.work = new WorkText(words, manual, numbers);
        this.repeated = new RepeatedSteps(manual);
        this.stretches = stretches;
        this.firsts = firsts();
    }

    StepView of(Step step) {
        boolean off =
                manual.stageOf(step.id()).map(s -> s.kind() == Stage.Kind.TAKE_DOWN).orElse(false);
        return new StepView(
                numbers.of(step.id()).orElseThrow(),
                step,
                only(step),
                inReverse(step),
                stretches.of(step.id()).stream()
                        .sorted(Comparator.comparing(h -> h.hazard().signal()))
                        .map(h -> hazard(h, step))
                        .toList(),
                parts(step, false),
                off ? parts(step, true) : List.of(),
                step.tools().stream()
                        .flatMap(t -> manual.tool(t).stream())
                        .map(Tool::label)
                        .toList(),
                step.consumables().stream().map(work::consumable).toList(),
                step.actions().stream().flatMap(a -> work.fluid(a).stream()).toList(),
                conditions(step),
                step.joints().stream()
                        .flatMap(j -> manual.joint(j).stream())
                        .filter(j -> j.applicability().concerns(publication.sight()))
                        .map(j -> tighten(j, step))
                        .toList(),
                loosen(step),
                step.readings().stream().map(r -> reading(r, step)).toList(),
                manual.decisions().stream()
                        .filter(d -> step.id().equals(d.step()))
                        .map(this::decision)
                        .toList(),
                step.waits().stream().map(work::wait).toList(),
                again(step),
                figures(step),
                films.getOrDefault(step.id(), StepView.NO_FILM));
    }

    private HazardView hazard(HazardStretches.Stretch stretch, Step step) {
        List<Integer> at = numbers.of(stretch.steps());
        int first = at.get(0);
        int last = at.get(at.size() - 1);
        boolean begins = stretch.begins(step.id());
        return HazardView.of(
                stretch.hazard(),
                words,
                only(stretch.hazard().applicability(), step),
                begins && last > first ? words.of("steps.range", first, last) : "",
                begins ? 0 : first);
    }

    private List<PartView> parts(Step step, boolean onlyAlwaysNew) {
        List<PartView> result = new ArrayList<>();
        for (PartUse use : step.parts()) {
            Part part = manual.part(use.part()).orElse(null);
            if (part == null
                    || !part.applicability().concerns(publication.sight())
                    || onlyAlwaysNew
                            && (part.reuse() != ReuseRule.ALWAYS_NEW
                                    || use.in(Stage.Kind.TAKE_DOWN) != Handling.TAKEN_OFF)) {
                continue;
            }
            result.add(
                    new PartView(
                            part.item(),
                            part.label(),
                            use.count() > 1 ? words.of("part.off", use.count()) : "",
                            only(part.applicability(), step),
                            onlyAlwaysNew ? "" : work.placed(use)));
        }
        return result;
    }

    /** For which units something of a step is; empty where the step as a whole says so. */
    private String only(Applicability units, Step step) {
        String told = onlyFor.of(units);
        return told.equals(only(step)) ? "" : told;
    }

    private TightenView tighten(Joint joint, Step step) {
        boolean wrench = joint.byWrench();
        boolean only = onlyByWrench(joint);
        return new TightenView(
                only(joint.applicability(), step),
                joint.name(),
                value(joint),
                only ? joint.otherTorque().map(Quantity::print).orElse("") : "",
                wrench ? QuantityList.entered(joint.stages()) : "",
                joint.order(),
                only ? joined("; ", further(joint), joint.again()) : joint.again(),
                joined(
                        ", ",
                        tightening.thread(joint, ThreadTurn.Action.TIGHTEN),
                        joint.newEachTime() ? words.of("step.newFastener") : ""));
    }

    /** On what it hangs whether a step is done: the way that is taken, what is found, the will. */
    private List<String> conditions(Step step) {
        List<String> all = new ArrayList<>();
        manual.alternativeOf(step.way()).ifPresent(a -> all.add(way(a, step)));
        if (step.onlyIfFound() != null) {
            all.add(words.of("step.onlyIf", work.found(step.onlyIfFound())));
        }
        if (!step.onlyIf().isBlank()) {
            all.add(words.of("step.onlyIf", step.onlyIf()));
        }
        if (step.optional() || !step.optionalWhy().isBlank()) {
            all.add(
                    step.optionalWhy().isBlank()
                            ? words.of("step.optional")
                            : words.of("step.optional.why", step.optionalWhy()));
        }
        if (!step.witness().isBlank()) {
            all.add(words.of("step.witness", step.witness()));
        }
        return all;
    }

    private String way(Alternative alternative, Step step) {
        Alternative.Way way = alternative.way(step.way()).orElseThrow();
        String key = alternative.ways().get(0).equals(way) ? "step.either" : "step.or";
        String told = words.of(key, alternative.name(), way.name());
        return way.when().isBlank() ? told : words.of("step.wayWhen", told, way.when());
    }

    /** What is to know of the joints that a step loosens; nothing of those that are as usual. */
    private List<LoosenView> loosen(Step step) {
        return step.actions().stream()
                .filter(a -> a.verb() == Action.Verb.LOOSEN)
                .flatMap(a -> manual.joint(a.object()).stream())
                .filter(j -> j.applicability().concerns(publication.sight()))
                .map(
                        j ->
                                new LoosenView(
                                        j.name(),
                                        joined(
                                                ", ",
                                                tightening.thread(j, ThreadTurn.Action.LOOSEN),
                                                tightening.loosening(j))))
                .filter(v -> !v.how().isEmpty())
                .toList();
    }

    private static boolean onlyByWrench(Joint joint) {
        return joint.told().equals(List.of(TighteningWay.WRENCH));
    }

    /** The torque of a joint, or what there is in its place or may be chosen. */
    String value(Joint joint) {
        if (onlyByWrench(joint)) {
            return joint.torque()
                    .known()
                    .map(Quantity::print)
                    .orElseGet(() -> openTorque(joint.torque()));
        }
        return tightening.inBoth(joint);
    }

    /** What follows on the torque of a joint: a further turn, a turn back; empty for nothing. */
    String further(Joint joint) {
        return joined(
                ", ",
                joint.further() == null ? "" : words.of("torque.further", joint.further().print()),
                joint.backOff() == null ? "" : words.of("torque.back", joint.backOff().print()));
    }

    private static String joined(String by, String... texts) {
        return Stream.of(texts).filter(t -> !t.isEmpty()).collect(Collectors.joining(by));
    }

    /** The document that a value was read in, in brackets; empty where it was in none. */
    String source(Value value) {
        return readings.source(value);
    }

    /** Where a torque is to be found that is not given. */
    String openTorque(Value torque) {
        return torque instanceof Value.Open open
                ? open.where(manual)
                        .map(w -> words.of("open.see", w))
                        .orElse(words.of("torque.open"))
                : words.of("torque.open");
    }

    private DecisionView decision(Decision decision) {
        List<String> measures =
                decision.measures().stream()
                        .map(
                                m ->
                                        m.symbol()
                                                + ": "
                                                + joined(
                                                        ", ",
                                                        m.name(),
                                                        String.join(" / ", m.choices()),
                                                        m.tool() == null
                                                                ? ""
                                                                : manual.tool(m.tool())
                                                                        .map(Tool::label)
                                                                        .orElse("")))
                        .collect(Collectors.toCollection(ArrayList::new));
        decision.derived().forEach(d -> measures.add(d.symbol() + " = " + d.formula()));
        return new DecisionView(
                decision.id().text(),
                decision.name(),
                measures,
                decision.rules().stream().map(this::rule).toList());
    }

    private RuleView rule(Decision.Rule rule) {
        String when =
                rule.when().isEmpty()
                        ? words.of("decision.otherwise", rule.after())
                        : rule.when().stream()
                                .map(w -> w.symbol() + " " + w.is())
                                .collect(Collectors.joining(" " + words.of("decision.and") + " "));
        return new RuleView(when, then(rule));
    }

    private String then(Decision.Rule rule) {
        String told;
        if (rule.again() != null) {
            told = again(rule.again());
        } else if (rule.measure() != null) {
            told = words.of("decision.measure", rule.measure());
        } else {
            told = rule.verdict();
        }
        List<Integer> steps = numbers.of(rule.steps());
        return steps.isEmpty()
                ? told
                : words.of(
                        "decision.steps",
                        told,
                        steps.size(),
                        steps.get(0),
                        steps.get(steps.size() - 1));
    }

    private String again(Decision.Again again) {
        String told = words.of("decision.again", again.measure());
        String first = again.changes().isBlank() ? told : again.changes() + "; " + told;
        String most = again.most() == 0 ? "" : words.of("work.mostTimes", again.most());
        String then =
                again.exhausted().isBlank() ? "" : words.of("work.exhausted", again.exhausted());
        return joined(". ", joined(", ", first, most), then);
    }

    private String choose(Fit fit) {
        return fit == null
                ? ""
                : words.of(
                        "fit.choose",
                        fit.stock().stream().map(Quantity::print).collect(Collectors.joining(", ")),
                        words.of(fit.rule()),
                        fit.wanted().print());
    }

    private boolean inReverse(Step step) {
        return manual.practices().reassembly() == Practices.Reassembly.IN_REVERSE
                && manual.stageOf(step.id())
                        .filter(s -> s.kind() == Stage.Kind.BUILD_UP)
                        .isPresent()
                && PlainReturn.is(step, manual);
    }

    /** Where the steps up to this one are done once more; each place is a line on its own. */
    private List<String> again(Step step) {
        return manual.repeats().stream()
                .filter(r -> r.to().equals(step.id()))
                .map(work::again)
                .toList();
    }

    /** For which units a reading of a step is asked; empty where of each of the issue. */
    String askedOf(Reading reading, Step step) {
        String own = onlyFor.of(reading.applicability());
        return own.isEmpty() ? only(step) : own;
    }

    /** For which units a step is; empty where for each of the issue. */
    String only(Step step) {
        return onlyFor.of(step.applicability());
    }

    /** A reading with a blank for each, at each of the places where its step is done. */
    ReadingView reading(Reading reading, Step step) {
        List<String> labels = reading.labels();
        int places = repeated.of(step.id());
        return new ReadingView(
                only(reading.applicability(), step),
                reading.what(),
                readings.asked(reading),
                ReadingText.unit(reading),
                instrument(reading),
                reading.otherwise(),
                choose(reading.fit()),
                IntStream.range(0, labels.size() * places)
                        .mapToObj(i -> blank(reading, i))
                        .toList(),
                Collections.nCopies(places, labels).stream().flatMap(List::stream).toList(),
                reading.answer() instanceof Answer.Choice choice ? choice.answers() : List.of(),
                reading.answer() instanceof Answer.Reckoned);
    }

    /** What stands in a blank: the name or number of the reading, and the answers to tick. */
    private static String blank(Reading reading, int at) {
        String label = at < reading.names().size() ? reading.names().get(at) : "" + (at + 1);
        if (!(reading.answer() instanceof Answer.Choice choice)) {
            return label;
        }
        String ticks =
                choice.answers().stream().map(a -> "☐ " + a).collect(Collectors.joining("  "));
        return reading.count() == 1 ? ticks : label + ": " + ticks;
    }

    private String instrument(Reading reading) {
        return reading.tool() == null
                ? ""
                : manual.tool(reading.tool()).map(Tool::label).orElse("");
    }

    private List<FigureView> figures(Step step) {
        return step.figures().stream()
                .flatMap(f -> manual.figure(f).stream())
                .flatMap(f -> figures.of(f, alt(f)).stream().map(v -> at(step, f, v)))
                .toList();
    }

    private Map<Id<Figure>, Integer> firsts() {
        Map<Id<Figure>, Integer> all = new HashMap<>();
        manual.steps()
                .filter(s -> numbers.of(s.id()).isPresent())
                .forEach(
                        s ->
                                s.figures()
                                        .forEach(
                                                f ->
                                                        all.putIfAbsent(
                                                                f,
                                                                numbers.of(s.id()).orElseThrow())));
        return all;
    }

    private FigureView at(Step step, Figure figure, FigureView view) {
        int here = numbers.of(step.id()).orElseThrow();
        int first = firsts.get(figure.id());
        return view.at(only(figure.applicability(), step), first == here ? 0 : first);
    }

    private String alt(Figure figure) {
        return methodos.core.figure.FigureText.of(figure, manual, words);
    }
}
