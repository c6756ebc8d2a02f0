package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.description.Required;

/**
 * The whole manual, a value: every change makes a new one.
 *
 * @param language as a tag, such as {@code en}
 * @param torqueDefaults values for joints without one of their own
 * @param decisions the decision tables
 * @param symptoms what is looked for before anything is taken apart
 * @param ledgerItems aids, fluids and marks, which the ledger follows
 * @param repeats steps that are done once more at other places
 * @param tasks work that is due again and again
 * @param training where it stands in a series
 * @param identity by what an issue of it is known
 * @param proposals words of the narration that its reading would set aside; nobody has agreed yet
 * @param acceptances findings that somebody lives with
 * @param practices the ways that the manual keeps to where good people differ
 * @param lastId the highest number that an id has been made from; ids are never used again
 */
@RecordBuilder
public record Manual(
        String title,
        @Required String language,
        @Required Unit unit,
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
        @Required List<Stage> stages,
        List<Repeat> repeats,
        List<Alternative> alternatives,
        List<Task> tasks,
        Training training,
        Identity identity,
        List<Figure> figures,
        List<Dismissal> dismissals,
        List<Dismissal> proposals,
        List<Acceptance> acceptances,
        @Required long lastId)
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
        alternatives = copy(alternatives);
        tasks = copy(tasks);
        training = training == null ? Training.NONE : training;
        identity = identity == null ? Identity.NONE : identity;
        figures = copy(figures);
        dismissals = copy(dismissals);
        proposals = copy(proposals);
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
            stages.add(new Stage(new Id<>("stage" + ++id), kind, "", List.of()));
        }
        return ManualBuilder.builder().title(title).stages(stages).lastId(id).build();
    }

    /** The alternative that a way is of; empty for none, and for a way that there is none of. */
    public Optional<Alternative> alternativeOf(Id<Alternative.Way> way) {
        return way == null
                ? Optional.empty()
                : alternatives.stream().filter(a -> a.way(way).isPresent()).findFirst();
    }

    /** The id that the next new thing gets; take the manual {@link #withIdTaken()} with it. */
    public <T> Id<T> nextId(String prefix) {
        return new Id<>(prefix + (lastId + 1));
    }

    /** The manual in which the next id is taken. */
    public Manual withIdTaken() {
        return withLastId(lastId + 1);
    }

    /** All steps in the order of the work. */
    public Stream<Step> steps() {
        return stages.stream().flatMap(s -> s.steps().stream());
    }

    /** The step of an id; empty where there is none. */
    public Optional<Step> step(Id<Step> id) {
        return steps().filter(s -> s.id().equals(id)).findFirst();
    }

    /** The reading of an id; empty where there is none. */
    public Optional<Reading> reading(Id<Reading> id) {
        return steps().flatMap(s -> s.readings().stream())
                .filter(r -> r.id() != null && r.id().equals(id))
                .findFirst();
    }

    /** What is judged by eye, by its id; empty where there is none. */
    public Optional<Look> look(Id<Look> id) {
        return steps().flatMap(s -> s.looks().stream())
                .filter(l -> l.id() != null && l.id().equals(id))
                .findFirst();
    }

    /** The stage in which a step stands; empty where there is no such step. */
    public Optional<Stage> stageOf(Id<Step> step) {
        return stages.stream()
                .filter(s -> s.steps().stream().anyMatch(x -> x.id().equals(step)))
                .findFirst();
    }

    /** The first stage of a kind; empty where there is none. */
    public Optional<Stage> stage(Stage.Kind kind) {
        return stages.stream().filter(s -> s.kind() == kind).findFirst();
    }

    /** The part of an id; empty where there is none. */
    public Optional<Part> part(Id<Part> id) {
        return parts.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** The tool of an id; empty where there is none. */
    public Optional<Tool> tool(Id<Tool> id) {
        return tools.stream().filter(t -> t.id().equals(id)).findFirst();
    }

    /** The consumable of an id; empty where there is none. */
    public Optional<Consumable> consumable(Id<Consumable> id) {
        return consumables.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    /** The joint of an id; empty where it is none or of something else. */
    public Optional<Joint> joint(Id<? extends ActedOn> id) {
        return joints.stream().filter(j -> j.id().equals(id)).findFirst();
    }

    /** The kit of an id; empty where there is none. */
    public Optional<Kit> kit(Id<Kit> id) {
        return kits.stream().filter(k -> k.id().equals(id)).findFirst();
    }

    /** The decision of an id; empty where there is none. */
    public Optional<Decision> decision(Id<Decision> id) {
        return decisions.stream().filter(d -> d.id().equals(id)).findFirst();
    }

    /** The symptom of an id; empty where there is none. */
    public Optional<Symptom> symptom(Id<Symptom> id) {
        return symptoms.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** The figure of an id; empty where there is none. */
    public Optional<Figure> figure(Id<Figure> id) {
        return figures.stream().filter(f -> f.id().equals(id)).findFirst();
    }

    /** The clip of an id; empty where there is none. */
    public Optional<Clip> clip(Id<Clip> id) {
        return clips.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    /** The clip that goes on from a clip, if one does. */
    public Optional<Clip> clipAfter(Id<Clip> id) {
        return clips.stream().filter(c -> id.equals(c.follows())).findFirst();
    }

    /** Where a clip begins on the clock of its camera: the length of those that it goes on from. */
    public double cameraStart(Clip clip) {
        double start = 0;
        Set<Id<Clip>> passed = new HashSet<>();
        Clip at = clip;
        while (at != null && at.follows() != null && passed.add(at.id())) {
            at = clip(at.follows()).orElse(null);
            start += at == null ? 0 : at.duration();
        }
        return start;
    }

    /** The document of an id; empty where there is none. */
    public Optional<Document> document(Id<Document> id) {
        return documents.stream().filter(d -> d.id().equals(id)).findFirst();
    }

    /** The variant of an id; empty where there is none. */
    public Optional<Variant> variant(Id<Variant> id) {
        return variants.stream().filter(v -> v.id().equals(id)).findFirst();
    }

    /** Puts a variant in the place of the one with its id, or behind all. */
    public Manual withVariant(Variant variant) {
        return withVariants(put(variants, variant, Variant::id));
    }

    /** Puts an energy in the place of the one with its id, or behind all. */
    public Manual withEnergy(Energy energy) {
        return withEnergies(put(energies, energy, Energy::id));
    }

    /** Puts a clip in the place of the one with its id, or behind all. */
    public Manual withClip(Clip clip) {
        return withClips(put(clips, clip, Clip::id));
    }

    /** Puts a part in the place of the one with its id, or behind all. */
    public Manual withPart(Part part) {
        return withParts(put(parts, part, Part::id));
    }

    /** Puts a tool in the place of the one with its id, or behind all. */
    public Manual withTool(Tool tool) {
        return withTools(put(tools, tool, Tool::id));
    }

    /** Puts a joint in the place of the one with its id, or behind all. */
    public Manual withJoint(Joint joint) {
        return withJoints(put(joints, joint, Joint::id));
    }

    /** Puts a kit in the place of the one with its id, or behind all. */
    public Manual withKit(Kit kit) {
        return withKits(put(kits, kit, Kit::id));
    }

    /** Puts a consumable in the place of the one with its id, or behind all. */
    public Manual withConsumable(Consumable consumable) {
        return withConsumables(put(consumables, consumable, Consumable::id));
    }

    /** The aid, fluid or mark of an id; empty where it is none or of a joint. */
    public Optional<LedgerItem> ledgerItem(Id<? extends ActedOn> id) {
        return ledgerItems.stream().filter(x -> x.id().equals(id)).findFirst();
    }

    /** Puts an aid, a fluid or a mark in the place of the one with its id, or behind all. */
    public Manual withLedgerItem(LedgerItem item) {
        return withLedgerItems(put(ledgerItems, item, LedgerItem::id));
    }

    /** The energy of an id; empty where there is none. */
    public Optional<Energy> energy(Id<Energy> id) {
        return energies.stream().filter(e -> e.id().equals(id)).findFirst();
    }

    /** Puts a decision in the place of the one with its id, or behind all. */
    public Manual withDecision(Decision decision) {
        return withDecisions(put(decisions, decision, Decision::id));
    }

    /** Puts a symptom in the place of the one with its id, or behind all. */
    public Manual withSymptom(Symptom symptom) {
        return withSymptoms(put(symptoms, symptom, Symptom::id));
    }

    /** Puts a figure in the place of the one with its id, or behind all. */
    public Manual withFigure(Figure figure) {
        return withFigures(put(figures, figure, Figure::id));
    }

    /** Takes a figure away, from the steps too; pictures beside it stand in its place there. */
    public Manual withoutFigure(Id<Figure> figure) {
        List<Id<Figure>> beside = figure(figure).map(Figure::beside).orElse(List.of());
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

    private static Step without(Step step, Id<Figure> figure, List<Id<Figure>> instead) {
        int at = step.figures().indexOf(figure);
        if (at < 0) {
            return step;
        }
        List<Id<Figure>> shown = new ArrayList<>(step.figures());
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
    public Manual withNewStep(Id<Stage> stage, Step step) {
        return withStages(
                stages.stream()
                        .map(s -> s.id().equals(stage) ? s.withSteps(inserted(s.steps(), step)) : s)
                        .toList());
    }

    /** Adds a step right behind another, in its stage. */
    public Manual withStepBehind(Id<Step> before, Step step) {
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

    private int clipIndex(Id<Clip> clip) {
        for (int i = 0; i < clips.size(); i++) {
            if (clips.get(i).id().equals(clip)) {
                return i;
            }
        }
        return clips.size();
    }

    /** Takes a step away; what is repeated with others is repeated without it. */
    public Manual withoutStep(Id<Step> step) {
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
    private static <T> List<T> put(List<T> list, T thing, Function<T, Id<T>> id) {
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
