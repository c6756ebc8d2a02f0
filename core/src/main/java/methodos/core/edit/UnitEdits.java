package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.manual.Document;
import methodos.core.manual.Energy;
import methodos.core.manual.EnergyBuilder;
import methodos.core.manual.Identity;
import methodos.core.manual.Manual;
import methodos.core.manual.Model;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.Practices;
import methodos.core.manual.Task;
import methodos.core.manual.TaskBuilder;
import methodos.core.manual.Training;
import methodos.core.manual.Unit;
import methodos.core.manual.Variant;

/** The changes that are made to the unit, its variants, and the parts list. */
public final class UnitEdits {

    private UnitEdits() {}

    /**
     * @param field which field is typed into, so that typing joins into one edit
     */
    public static Edit unit(String field, UnaryOperator<Unit> change) {
        return Edit.named(EditKind.UNIT, m -> m.withUnit(change.apply(m.unit())))
                .joining("unit " + field);
    }

    /** What the manual is called, on its cover too. */
    public static Edit title(String title) {
        return Edit.named(EditKind.TITLE, m -> m.withTitle(title)).joining("title");
    }

    /** Adds work that is due again and again, behind the others. */
    public static Edit newTask(String what) {
        return Edit.named(
                EditKind.TASK,
                m -> {
                    List<Task> all = new ArrayList<>(m.tasks());
                    all.add(TaskBuilder.builder().id(m.nextId("k")).what(what).build());
                    return m.withIdTaken().withTasks(all);
                });
    }

    /**
     * @param task in the place of the one with its number, from 0; null takes that out
     */
    public static Edit task(int at, Task task) {
        return Edit.named(EditKind.TASK, m -> m.withTasks(Lists.put(m.tasks(), at, task)));
    }

    /** Says by what an issue is known and who answers for it. */
    public static Edit identity(Identity identity) {
        return Edit.named(EditKind.IDENTITY, m -> m.withIdentity(identity));
    }

    /** Says where the manual stands in a series of trainings. */
    public static Edit training(Training training) {
        return Edit.named(EditKind.TRAINING, m -> m.withTraining(training));
    }

    /** Changes what the manual does where good people differ. */
    public static Edit practices(UnaryOperator<Practices> change) {
        return Edit.named(EditKind.PRACTICES, m -> m.withPractices(change.apply(m.practices())));
    }

    /** Puts a variant in the place of the one with its id; its model is named where it is new. */
    public static Edit variant(Variant variant) {
        return Edit.named(EditKind.VARIANT, m -> withModel(m.withVariant(variant), variant.model()))
                .joining("variant " + variant.id());
    }

    /**
     * @param variant gets an id of its own, whatever it has
     */
    public static Edit newVariant(Variant variant) {
        return Edit.named(
                EditKind.NEW_VARIANT,
                m -> {
                    Variant named =
                            new Variant(
                                    m.nextId("v"),
                                    variant.model(),
                                    variant.serials(),
                                    variant.build());
                    return withModel(m.withIdTaken().withVariant(named), variant.model());
                });
    }

    /** Takes a variant away; what was for it alone stays and is found by the checks. */
    public static Edit deleteVariant(Id<Variant> variant) {
        return Edit.named(
                EditKind.DELETE_VARIANT,
                m ->
                        m.withVariants(
                                m.variants().stream()
                                        .filter(v -> !v.id().equals(variant))
                                        .toList()));
    }

    private static Manual withModel(Manual manual, String model) {
        if (manual.unit().models().stream().anyMatch(x -> x.name().equals(model))) {
            return manual;
        }
        List<Model> models = new ArrayList<>(manual.unit().models());
        models.add(new Model(model, ""));
        return manual.withUnit(manual.unit().withModels(models));
    }

    /** Changes an energy; nothing where it is gone. */
    public static Edit energy(Id<Energy> energy, UnaryOperator<Energy> change) {
        return Edit.named(
                EditKind.ENERGY,
                m -> m.energy(energy).map(e -> m.withEnergy(change.apply(e))).orElse(m));
    }

    /** Takes an energy away. */
    public static Edit deleteEnergy(Id<Energy> energy) {
        return Edit.named(
                EditKind.ENERGY,
                m ->
                        m.withEnergies(
                                m.energies().stream()
                                        .filter(e -> !e.id().equals(energy))
                                        .toList()));
    }

    /** Makes an energy with nothing but its name. */
    public static Edit newEnergy(String name) {
        return Edit.named(
                EditKind.ENERGY,
                m ->
                        m.withIdTaken()
                                .withEnergy(
                                        EnergyBuilder.builder()
                                                .id(m.nextId("e"))
                                                .name(name)
                                                .build()));
    }

    /** Makes a document with nothing but its name. */
    public static Edit newDocument(String name) {
        return Edit.named(
                EditKind.DOCUMENT,
                m -> {
                    List<Document> all = new ArrayList<>(m.documents());
                    all.add(new Document(m.nextId("d"), name, "", ""));
                    return m.withIdTaken().withDocuments(all);
                });
    }

    /** Puts a part in the place of the one with its id. */
    public static Edit part(Part part) {
        return Edit.named(EditKind.PART, m -> m.withPart(part)).joining("part " + part.id());
    }

    /** Makes a part of which the unit has one. */
    public static Edit newPart(String name) {
        return Edit.named(EditKind.NEW_PART, m -> m.withIdTaken().withPart(part(m, name)));
    }

    /** A new line of the parts list, not in it yet, with the next free item number. */
    static Part part(Manual manual, String name) {
        return PartBuilder.builder()
                .id(manual.nextId("p"))
                .item(nextItem(manual))
                .name(name)
                .quantity(1)
                .build();
    }

    /** The number after the highest item number of the list. */
    private static String nextItem(Manual manual) {
        int highest =
                manual.parts().stream()
                        .map(Part::item)
                        .filter(i -> i.matches("\\d{1,6}"))
                        .mapToInt(Integer::parseInt)
                        .max()
                        .orElse(0);
        return String.valueOf(highest + 1);
    }
}
