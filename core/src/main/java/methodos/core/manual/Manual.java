package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * The whole manual, a value: every change makes a new one.
 *
 * @param language as a tag, such as {@code en}
 * @param torqueDefaults values for joints without one of their own
 * @param decisions the decision tables
 * @param symptoms what is looked for before anything is taken apart
 * @param ledgerItems aids, fluids and marks, which the ledger follows
 * @param repeats steps that are done once more at other places
 * @param acceptances findings that somebody lives with
 * @param practices the ways that the manual keeps to where good people differ
 * @param lastId the highest number that an id has been made from; ids are never used again
 */
@RecordBuilder
public record Manual(
        String title,
        String language,
        Unit unit,
        List<Variant> variants,
        List<Document> documents,
        List<Energy> energies,
        List<Clip> clips,
        List<Part> parts,
        List<Kit> kits,
        List<Tool> tools,
        List<Wrench> wrenches,
        List<Consumable> consumables,
        List<Joint> joints,
        List<TorqueDefault> torqueDefaults,
        List<Decision> decisions,
        List<Symptom> symptoms,
        Practices practices,
        List<LedgerItem> ledgerItems,
        List<Stage> stages,
        List<Repeat> repeats,
        List<Figure> figures,
        List<Dismissal> dismissals,
        List<Acceptance> acceptances,
        long lastId)
        implements ManualBuilder.With {

    public Manual {
        title = title == null ? "" : title;
        language = language == null || language.isBlank() ? "en" : language;
        unit = unit == null ? Unit.unnamed() : unit;
        variants = copy(variants);
        documents = copy(documents);
        energies = copy(energies);
        clips = copy(clips);
        parts = copy(parts);
        kits = copy(kits);
        tools = copy(tools);
        wrenches = copy(wrenches);
        consumables = copy(consumables);
        joints = copy(joints);
        torqueDefaults = copy(torqueDefaults);
        decisions = copy(decisions);
        symptoms = copy(symptoms);
        practices = practices == null ? Practices.USUAL : practices;
        ledgerItems = copy(ledgerItems);
        stages = copy(stages);
        repeats = copy(repeats);
        figures = copy(figures);
        dismissals = copy(dismissals);
        acceptances = copy(acceptances);
    }

    private static <T> List<T> copy(List<T> list) {
        return list == null ? List.of() : List.copyOf(list);
    }

    /** A manual with its five stages and nothing in them. */
    public static Manual titled(String title) {
        List<Stage> stages = new ArrayList<>();
        long id = 0;
        for (Stage.Kind kind : Stage.Kind.values()) {
            stages.add(new Stage("stage" + ++id, kind, "", List.of()));
        }
        return ManualBuilder.builder().title(title).stages(stages).lastId(id).build();
    }

    /** The id that the next new thing gets; take the manual {@link #withIdTaken()} with it. */
    public String nextId(String prefix) {
        return prefix + (lastId + 1);
    }

    public Manual withIdTaken() {
        return withLastId(lastId + 1);
    }

    public Stream<Step> steps() {
        return stages.stream().flatMap(s -> s.steps().stream());
    }

    public Optional<Step> step(String id) {
        return steps().filter(s -> s.id().equals(id)).findFirst();
    }

    public Optional<Stage> stageOf(String step) {
        return stages.stream()
                .filter(s -> s.steps().stream().anyMatch(x -> x.id().equals(step)))
                .findFirst();
    }

    public Optional<Stage> stage(Stage.Kind kind) {
        return stages.stream().filter(s -> s.kind() == kind).findFirst();
    }

    public Optional<Part> part(String id) {
        return parts.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    public Optional<Tool> tool(String id) {
        return tools.stream().filter(t -> t.id().equals(id)).findFirst();
    }

    public Optional<Consumable> consumable(String id) {
        return consumables.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    public Optional<Joint> joint(String id) {
        return joints.stream().filter(j -> j.id().equals(id)).findFirst();
    }

    public Optional<Kit> kit(String id) {
        return kits.stream().filter(k -> k.id().equals(id)).findFirst();
    }

    public Optional<Decision> decision(String id) {
        return decisions.stream().filter(d -> d.id().equals(id)).findFirst();
    }

    public Optional<Symptom> symptom(String id) {
        return symptoms.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    public Optional<Figure> figure(String id) {
        return figures.stream().filter(f -> f.id().equals(id)).findFirst();
    }

    public Optional<Clip> clip(String id) {
        return clips.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    /** The clip that goes on from a clip, if one does. */
    public Optional<Clip> clipAfter(String id) {
        return clips.stream().filter(c -> id.equals(c.follows())).findFirst();
    }

    /** Where a clip begins on the clock of its camera: the length of those that it goes on from. */
    public double cameraStart(Clip clip) {
        double start = 0;
        Set<String> passed = new HashSet<>();
        Clip at = clip;
        while (at != null && at.follows() != null && passed.add(at.id())) {
            at = clip(at.follows()).orElse(null);
            start += at == null ? 0 : at.duration();
        }
        return start;
    }

    public Optional<Variant> variant(String id) {
        return variants.stream().filter(v -> v.id().equals(id)).findFirst();
    }

    public Manual withVariant(Variant variant) {
        return withVariants(put(variants, variant, Variant::id));
    }

    public Manual withEnergy(Energy energy) {
        return withEnergies(put(energies, energy, Energy::id));
    }

    public Manual withClip(Clip clip) {
        return withClips(put(clips, clip, Clip::id));
    }

    public Manual withPart(Part part) {
        return withParts(put(parts, part, Part::id));
    }

    public Manual withTool(Tool tool) {
        return withTools(put(tools, tool, Tool::id));
    }

    public Manual withJoint(Joint joint) {
        return withJoints(put(joints, joint, Joint::id));
    }

    public Manual withKit(Kit kit) {
        return withKits(put(kits, kit, Kit::id));
    }

    public Manual withConsumable(Consumable consumable) {
        return withConsumables(put(consumables, consumable, Consumable::id));
    }

    public Optional<LedgerItem> ledgerItem(String id) {
        return ledgerItems.stream().filter(x -> x.id().equals(id)).findFirst();
    }

    public Manual withLedgerItem(LedgerItem item) {
        return withLedgerItems(put(ledgerItems, item, LedgerItem::id));
    }

    public Optional<Energy> energy(String id) {
        return energies.stream().filter(e -> e.id().equals(id)).findFirst();
    }

    public Manual withDecision(Decision decision) {
        return withDecisions(put(decisions, decision, Decision::id));
    }

    public Manual withSymptom(Symptom symptom) {
        return withSymptoms(put(symptoms, symptom, Symptom::id));
    }

    public Manual withFigure(Figure figure) {
        return withFigures(put(figures, figure, Figure::id));
    }

    /** Takes a figure away, from the steps too; pictures beside it stand in its place there. */
    public Manual withoutFigure(String figure) {
        List<String> beside = figure(figure).map(Figure::beside).orElse(List.of());
        List<Stage> without =
                stages.stream()
                        .map(
                                stage ->
                                        stage.withSteps(
                                                stage.steps().stream()
                                                        .map(s -> without(s, figure, beside))
                                                        .toList()))
                        .toList();
        List<Figure> rest =
                figures.stream()
                        .filter(f -> !f.id().equals(figure))
                        .map(f -> f.withoutBeside(figure))
                        .toList();
        return withStages(without).withFigures(rest);
    }

    private static Step without(Step step, String figure, List<String> instead) {
        int at = step.figures().indexOf(figure);
        if (at < 0) {
            return step;
        }
        List<String> shown = new ArrayList<>(step.figures());
        shown.addAll(at, instead);
        shown.remove(figure);
        return step.withFigures(shown);
    }

    /** Puts the step in the place of the one with its id; nothing changes where there is none. */
    public Manual withStep(Step step) {
        return withStages(
                stages.stream()
                        .map(
                                stage ->
                                        stage.withSteps(
                                                stage.steps().stream()
                                                        .map(
                                                                s ->
                                                                        s.id().equals(step.id())
                                                                                ? step
                                                                                : s)
                                                        .toList()))
                        .toList());
    }

    /** Adds a step to a stage, behind the steps whose footage begins before its own. */
    public Manual withNewStep(String stage, Step step) {
        return withStages(
                stages.stream()
                        .map(s -> s.id().equals(stage) ? s.withSteps(inserted(s.steps(), step)) : s)
                        .toList());
    }

    /** Adds a step right behind another, in its stage. */
    public Manual withStepBehind(String before, Step step) {
        List<Stage> all = new ArrayList<>(stages);
        for (int i = 0; i < all.size(); i++) {
            List<Step> steps = new ArrayList<>(all.get(i).steps());
            int at = steps.stream().map(Step::id).toList().indexOf(before);
            if (at >= 0) {
                steps.add(at + 1, step);
                all.set(i, all.get(i).withSteps(steps));
            }
        }
        return withStages(all);
    }

    private List<Step> inserted(List<Step> steps, Step step) {
        int at = steps.size();
        while (at > 0 && isBefore(step, steps.get(at - 1))) {
            at--;
        }
        List<Step> all = new ArrayList<>(steps);
        all.add(at, step);
        return all;
    }

    private boolean isBefore(Step a, Step b) {
        if (a.spans().isEmpty() || b.spans().isEmpty()) {
            return false;
        }
        Span x = a.spans().get(0);
        Span y = b.spans().get(0);
        int byClip = Integer.compare(clipIndex(x.clip()), clipIndex(y.clip()));
        return byClip < 0 || byClip == 0 && x.start() < y.start();
    }

    private int clipIndex(String clip) {
        for (int i = 0; i < clips.size(); i++) {
            if (clips.get(i).id().equals(clip)) {
                return i;
            }
        }
        return clips.size();
    }

    /** Takes a step away; what is repeated with others is repeated without it. */
    public Manual withoutStep(String step) {
        return withRepeats(RepeatedSteps.without(this, step))
                .withStages(
                        stages.stream()
                                .map(
                                        s ->
                                                s.withSteps(
                                                        s.steps().stream()
                                                                .filter(x -> !x.id().equals(step))
                                                                .toList()))
                                .toList());
    }

    /** Puts a thing in the place of the one with its id, or at the end where there is none. */
    private static <T> List<T> put(List<T> list, T thing, Function<T, String> id) {
        List<T> all = new ArrayList<>(list);
        for (int i = 0; i < all.size(); i++) {
            if (id.apply(all.get(i)).equals(id.apply(thing))) {
                all.set(i, thing);
                return all;
            }
        }
        all.add(thing);
        return all;
    }
}
