package methodos.publish.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.kit.Consumption;
import methodos.core.manual.Consumable;
import methodos.core.manual.Kit;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Sight;
import methodos.core.manual.StepNumbers;
import methodos.core.quantity.Quantity;
import methodos.core.words.Words;

/** What is to know beside the work: tasks, options, what comes in kits, what is used up. */
final class FactTables {

    private final Manual manual;
    private final Sight sight;
    private final StepNumbers numbers;
    private final Words words;

    FactTables(Publication publication, StepNumbers numbers) {
        this.manual = publication.manual();
        this.sight = publication.sight();
        this.words = publication.words();
        this.numbers = numbers;
    }

    /**
     * @param counter what counts, empty where it is due by the calendar
     */
    public record TaskRow(String what, String every, String counter, String steps) {}

    public record OptionRow(String mark, String name, String serials) {}

    public record KitExtra(String kit, String what, String amount) {}

    public record NoteRow(String item, String label, String note) {}

    /**
     * @param total how much all steps take together, empty where not all of them say it
     * @param uses in which step how much goes where
     */
    public record ConsumableRow(
            String label, String total, String reason, List<String> uses, String steps) {}

    List<TaskRow> tasks() {
        return manual.tasks().stream()
                .map(
                        t ->
                                new TaskRow(
                                        t.what(),
                                        t.every(),
                                        item(t.counter()).map(LedgerItem::name).orElse(""),
                                        DocumentModel.list(numbers.of(t.steps()))))
                .toList();
    }

    private Optional<LedgerItem> item(Id<LedgerItem> id) {
        return manual.ledgerItems().stream().filter(i -> i.id().equals(id)).findFirst();
    }

    List<OptionRow> options() {
        return manual.unit().options().stream()
                .map(o -> new OptionRow(o.mark(), o.name(), words.of(o.serials())))
                .toList();
    }

    /** What the kits hold beside parts. */
    List<KitExtra> kitExtras() {
        List<KitExtra> rows = new ArrayList<>();
        for (Kit kit : manual.kits()) {
            for (Kit.ConsumableContent some : kit.consumables()) {
                manual.consumable(some.consumable())
                        .ifPresent(
                                c ->
                                        rows.add(
                                                new KitExtra(
                                                        kit.number(), c.label(), some.amount())));
            }
            for (Kit.ToolContent tools : kit.tools()) {
                manual.tool(tools.tool())
                        .ifPresent(
                                t ->
                                        rows.add(
                                                new KitExtra(
                                                        kit.number(),
                                                        t.label(),
                                                        words.of("part.off", tools.count()))));
            }
        }
        return rows;
    }

    /** What is to mind of parts: their notes, which way round they go, where they are lifted. */
    List<NoteRow> partNotes() {
        return manual.parts().stream()
                .filter(p -> p.applicability().concerns(sight))
                .map(p -> new NoteRow(p.item(), p.label(), note(p)))
                .filter(r -> !r.note().isEmpty())
                .toList();
    }

    private String note(Part part) {
        List<String> pieces = new ArrayList<>();
        if (!part.note().isBlank()) {
            pieces.add(part.note());
        }
        if (!part.wayRound().isBlank()) {
            pieces.add(words.of("parts.wayRound", part.wayRound()));
        }
        if (!part.places().isEmpty()) {
            pieces.add(words.of("parts.places", String.join(", ", part.places())));
        }
        if (!part.lifting().isBlank()) {
            pieces.add(words.of("parts.lifting", part.lifting()));
        }
        return String.join("; ", pieces);
    }

    List<ConsumableRow> consumables() {
        Consumption consumption = new Consumption(manual, numbers);
        return manual.consumables().stream()
                .filter(c -> !consumption.uses(c).isEmpty())
                .map(c -> row(c, consumption))
                .toList();
    }

    private ConsumableRow row(Consumable consumable, Consumption consumption) {
        List<Consumption.Used> uses = consumption.uses(consumable);
        String total =
                consumable.amount().isEmpty()
                        ? consumption.total(consumable).map(Quantity::print).orElse("")
                        : consumable.amount();
        return new ConsumableRow(
                consumable.label(),
                total,
                consumable.reason(),
                uses.stream()
                        .filter(u -> !u.told().isEmpty())
                        .map(u -> words.of("consumables.use", u.number(), u.told()))
                        .toList(),
                DocumentModel.list(
                        uses.stream().map(Consumption.Used::number).distinct().toList()));
    }
}
