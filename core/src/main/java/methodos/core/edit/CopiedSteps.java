package methodos.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import methodos.core.description.Id;
import methodos.core.description.RecordShape;
import methodos.core.manual.Applicability;
import methodos.core.manual.Consumable;
import methodos.core.manual.Document;
import methodos.core.manual.Energy;
import methodos.core.manual.Figure;
import methodos.core.manual.Joint;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Model;
import methodos.core.manual.Part;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Wrench;

/**
 * Steps put into a manual a second time, or out of another manual. What they need is known again by
 * its number or its name, and else put into the lists with them; footage and figures of another
 * unit stay behind, and nothing of another manual counts as agreed to.
 */
public final class CopiedSteps {

    /** By what a thing of another manual is known again; others are taken along as new ones. */
    private static final Map<Class<?>, Function<Object, String>> NAMES =
            Map.of(
                    Part.class, p -> named((Part) p),
                    Tool.class, t -> plain(((Tool) t).label()),
                    Consumable.class, c -> plain(((Consumable) c).label()),
                    Document.class, d -> plain(((Document) d).name()),
                    Energy.class, e -> plain(((Energy) e).name()),
                    Wrench.class, w -> plain(((Wrench) w).name()),
                    LedgerItem.class,
                            i -> ((LedgerItem) i).kind() + plain(((LedgerItem) i).name()));

    /** What is taken along where the manual has it not. */
    private static final Set<Class<?>> TAKEN =
            Set.of(
                    Part.class,
                    Tool.class,
                    Consumable.class,
                    Document.class,
                    Energy.class,
                    Wrench.class,
                    LedgerItem.class,
                    Joint.class);

    private final Manual source;
    private final Map<Id<?>, Id<?>> ids = new HashMap<>();
    private final boolean elsewhere;
    private Manual target;

    private CopiedSteps(Manual source, Manual target, boolean elsewhere) {
        this.elsewhere = elsewhere;
        this.source = source;
        this.target = target;
    }

    private static String named(Part part) {
        return part.number().isBlank()
                ? plain(part.name() + " " + part.size())
                : part.number().strip();
    }

    private static String plain(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    /** A manual with these steps alone, as it is carried from one place to another. */
    public static Manual of(Manual manual, List<Id<Step>> steps) {
        List<Stage> stages =
                manual.stages().stream()
                        .map(
                                s ->
                                        s.withSteps(
                                                s.steps().stream()
                                                        .filter(x -> steps.contains(x.id()))
                                                        .toList()))
                        .toList();
        return manual.withStages(stages).withDismissals(List.of()).withProposals(List.of());
    }

    /**
     * Puts steps behind another one.
     *
     * @param copied a manual with the steps alone
     * @param elsewhere whether it is another manual than the one they are put into
     * @param behind null to put each at the end of its part of the work
     */
    public static Edit put(Manual copied, boolean elsewhere, Id<Step> behind) {
        return Edit.named(
                EditKind.COPY_STEP,
                m -> {
                    Manual from = elsewhere ? LikeUnit.of(copied, copied.title()) : copied;
                    return new CopiedSteps(from, m, elsewhere).put(behind);
                });
    }

    /**
     * Puts marks on a picture, a little aside where it is the one that they were copied from.
     *
     * @param copied a manual with one figure that has the marks alone
     */
    public static Edit putMarks(Manual copied, boolean elsewhere, Id<Figure> figure) {
        Figure from = copied.figures().get(0);
        boolean same = !elsewhere && from.id().equals(figure);
        return Edit.named(
                EditKind.DUPLICATE_MARK,
                m -> {
                    CopiedSteps all = new CopiedSteps(copied, m, elsewhere);
                    for (Mark mark : from.marks()) {
                        Mark led = (Mark) all.led((Record) mark);
                        Mark put = same ? led.moved(FigureEdits.BESIDE, FigureEdits.BESIDE) : led;
                        all.target = FigureEdits.added(all.target, figure, put::withId);
                    }
                    return all.target;
                });
    }

    /** A manual with some marks of one of its figures alone. */
    public static Manual ofMarks(Manual manual, Figure figure, List<Mark> marks) {
        return of(manual, List.of()).withFigures(List.of(figure.withMarks(marks)));
    }

    private Manual put(Id<Step> behind) {
        List<Step> steps = source.steps().toList();
        for (Step step : steps) {
            ids.put(step.id(), taken(step.id()));
        }
        Id<Step> before = behind;
        for (Step step : steps) {
            Step led = StepEdits.copied(led(step).withId(idOf(step)));
            Step put = elsewhere ? forKnownUnits(led) : led;
            if (before == null) {
                Stage.Kind kind =
                        source.stageOf(step.id()).map(Stage::kind).orElse(Stage.Kind.TAKE_DOWN);
                target = atTheEnd(kind, put);
            } else {
                target = target.withStepBehind(before, put);
                before = put.id();
            }
        }
        return target;
    }

    private Manual atTheEnd(Stage.Kind kind, Step step) {
        Stage stage = target.stage(kind).orElseGet(() -> target.stages().get(0));
        return stage.steps().isEmpty()
                ? target.withNewStep(stage.id(), step)
                : target.withStepBehind(stage.steps().get(stage.steps().size() - 1).id(), step);
    }

    /** For all units where the manual knows none of those that it was for. */
    private Step forKnownUnits(Step step) {
        List<String> models = target.unit().models().stream().map(Model::name).toList();
        boolean known =
                step.applicability().any().stream().allMatch(c -> models.containsAll(c.models()));
        return known ? step : step.withApplicability(Applicability.ALL);
    }

    @SuppressWarnings("unchecked") // a step's new id is one of a step
    private Id<Step> idOf(Step step) {
        return (Id<Step>) ids.get(step.id());
    }

    private <T> Id<T> taken(Id<?> old) {
        Id<T> id = target.nextId(old.text().replaceAll("\\d+$", ""));
        target = target.withIdTaken();
        return id;
    }

    private <T extends Record> T led(T record) {
        return References.led(record, this::there);
    }

    private Id<?> there(List<Class<?>> types, Id<?> id) {
        if (ids.containsKey(id)) {
            return ids.get(id);
        }
        if (!elsewhere) {
            return id;
        }
        return types.stream()
                .map(type -> there(type, id))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }

    /** The id in the target of what has an id in the source; null for what stays behind. */
    private Id<?> there(Class<?> type, Id<?> id) {
        Optional<Record> thing = thing(source, type, x -> id(x).equals(id));
        if (thing.isEmpty()) {
            return null;
        }
        Optional<Record> same =
                thing(target, type, x -> x.equals(thing.get()))
                        .or(() -> thing(target, type, x -> called(type, thing.get(), x)));
        if (same.isPresent() || !TAKEN.contains(type)) {
            return same.map(CopiedSteps::id).orElse(null);
        }
        Id<?> fresh = taken(id);
        ids.put(id, fresh); // first: things lead to each other in circles
        Record led = led(thing.get());
        add(type, (Record) RecordShape.of(type).with(led, "id", fresh));
        return fresh;
    }

    private static boolean called(Class<?> type, Record a, Record b) {
        Function<Object, String> name = NAMES.get(type);
        return name != null && name.apply(a).equals(name.apply(b));
    }

    private static Optional<Record> thing(Manual manual, Class<?> type, Predicate<Record> sought) {
        return list(type)
                .flatMap(
                        c ->
                                ((List<?>) c.of(manual))
                                        .stream()
                                                .map(Record.class::cast)
                                                .filter(sought)
                                                .findFirst());
    }

    private void add(Class<?> type, Record thing) {
        RecordShape.Component list = list(type).orElseThrow();
        List<Object> all = new ArrayList<>((List<?>) list.of(target));
        all.add(thing);
        target = (Manual) RecordShape.of(Manual.class).with(target, list.name(), all);
    }

    private static Id<?> id(Record thing) {
        return (Id<?>) RecordShape.of(thing.getClass()).component("id").orElseThrow().of(thing);
    }

    /** The list of a manual in which things of a type stand. */
    private static Optional<RecordShape.Component> list(Class<?> type) {
        return RecordShape.of(Manual.class).components().stream()
                .filter(c -> c.isList() && c.element() == type)
                .findFirst();
    }
}
