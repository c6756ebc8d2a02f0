package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.manual.Document;
import methodos.core.manual.Energy;
import methodos.core.manual.Manual;
import methodos.core.manual.Model;
import methodos.core.manual.Part;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Unit;
import methodos.core.manual.Variant;

/** The changes that are made to the unit, its variants, and the parts list. */
public final class UnitEdits {

    private UnitEdits() {}

    /**
     * @param field which field is typed into, so that typing joins into one edit
     */
    public static Edit unit(String field, UnaryOperator<Unit> change) {
        return Edit.named("edit.unit", m -> m.withUnit(change.apply(m.unit())))
                .joining("unit " + field);
    }

    /** Puts a variant in the place of the one with its id; its model is named where it is new. */
    public static Edit variant(Variant variant) {
        return Edit.named(
                        "edit.variant",
                        m -> {
                            List<Variant> all = new ArrayList<>(m.variants());
                            all.replaceAll(v -> v.id().equals(variant.id()) ? variant : v);
                            return withModel(m.withVariants(all), variant.model());
                        })
                .joining("variant " + variant.id());
    }

    public static Edit newVariant(Variant variant) {
        return Edit.named(
                "edit.newVariant",
                m -> {
                    List<Variant> all = new ArrayList<>(m.variants());
                    all.add(
                            new Variant(
                                    m.nextId("v"),
                                    variant.model(),
                                    variant.serials(),
                                    variant.build()));
                    return withModel(m.withIdTaken().withVariants(all), variant.model());
                });
    }

    public static Edit deleteVariant(String variant) {
        return Edit.named(
                "edit.deleteVariant",
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

    public static Edit newEnergy(String name) {
        return Edit.named(
                "edit.energy",
                m -> {
                    List<Energy> all = new ArrayList<>(m.energies());
                    all.add(new Energy(m.nextId("e"), name, "", "", null, null, null));
                    return m.withIdTaken().withEnergies(all);
                });
    }

    public static Edit newDocument(String name) {
        return Edit.named(
                "edit.document",
                m -> {
                    List<Document> all = new ArrayList<>(m.documents());
                    all.add(new Document(m.nextId("d"), name, "", ""));
                    return m.withIdTaken().withDocuments(all);
                });
    }

    public static Edit part(Part part) {
        return Edit.named("edit.part", m -> m.withPart(part)).joining("part " + part.id());
    }

    public static Edit newPart(String name) {
        return Edit.named(
                "edit.newPart",
                m ->
                        m.withIdTaken()
                                .withPart(
                                        new Part(
                                                m.nextId("p"),
                                                StepEdits.nextItem(m),
                                                "",
                                                name,
                                                "",
                                                1,
                                                ReuseRule.INSPECT,
                                                null,
                                                "")));
    }
}
