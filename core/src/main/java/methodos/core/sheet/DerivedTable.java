package methodos.core.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import methodos.core.description.Id;
import methodos.core.fit.LimitTable;
import methodos.core.kit.Consumption;
import methodos.core.kit.KitCoverage;
import methodos.core.manual.Applicability;
import methodos.core.manual.Consumable;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Reading;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.StepUses;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.practice.PractisedManual;
import methodos.core.practice.SeenManual;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import methodos.core.torque.TighteningTable;
import methodos.core.typed.AnswerText;
import methodos.core.words.Words;

/**
 * A table of what a manual needs, derived from its steps, for the units that are looked at.
 *
 * @param columns names of the columns, in order
 * @param rows values by column: text, whole numbers, lists of step numbers, or null
 */
public record DerivedTable(What what, List<String> columns, List<Map<String, Object>> rows) {

    /** What a table tells. */
    public enum What {
        PARTS,
        KITS,
        TOOLS,
        CONSUMABLES,
        TORQUES,
        LIMITS,
        /** The time plan. */
        PLAN
    }

    private static final String STEPS = "steps";

    /** Which units have it, nothing where all have. */
    private static final String UNITS = "units";

    /** Where a value was read, or is to be found. */
    private static final String DOCUMENT = "document";

    /** Why a value is not known. */
    private static final String OPEN = "open";

    /** Tables are read by programs: their words do not change with the manual's language. */
    private static final Words ENGLISH = new Words(null, Locale.ENGLISH);

    /** At how many places it is, where its steps are repeated. */
    private static final String PLACES = "places";

    /** Derives a table for the units that are looked at, where nothing is known of runs. */
    public static DerivedTable of(What what, PractisedManual practised, Sight sight) {
        return of(what, practised, sight, Map.of());
    }

    /**
     * Derives a table for the units that are looked at.
     *
     * @param times seconds that steps took in earlier runs
     */
    public static DerivedTable of(
            What what, PractisedManual practised, Sight sight, Map<Id<Step>, List<Double>> times) {
        Manual manual = practised.manual();
        return switch (what) {
            case PARTS -> parts(manual, sight);
            case KITS -> kits(practised.seenBy(sight));
            case TOOLS -> tools(manual, sight);
            case CONSUMABLES -> consumables(manual, sight);
            case TORQUES -> torques(practised, sight);
            case LIMITS -> limits(practised, sight);
            case PLAN -> PlanTable.of(manual, sight, times);
        };
    }

    /** A row is built in the order of the columns. */
    private static Map<String, Object> row(List<String> columns, Object... values) {
        Map<String, Object> row = new LinkedHashMap<>();
        for (int i = 0; i < values.length; i++) {
            row.put(columns.get(i), values[i]);
        }
        return row;
    }

    private static <T> StepUses<T> uses(
            Manual manual, Sight sight, Function<Step, List<Id<T>>> what) {
        return new StepUses<>(manual, new StepNumbers(manual, sight), what);
    }

    private static DerivedTable parts(Manual manual, Sight sight) {
        List<String> columns =
                List.of(
                        "item",
                        "number",
                        "name",
                        "size",
                        "quantity",
                        "reuse",
                        STEPS,
                        "instead",
                        "set",
                        "mass",
                        "lifted at",
                        "way round",
                        "places",
                        "note",
                        UNITS);
        List<Map<String, Object>> rows = new ArrayList<>();
        StepUses<Part> uses =
                uses(manual, sight, s -> s.parts().stream().map(u -> u.part()).toList());
        Map<Id<Part>, String> items = new HashMap<>();
        manual.parts().forEach(p -> items.put(p.id(), p.item()));
        for (Part p : manual.parts()) {
            if (p.applicability().concerns(sight)) {
                rows.add(
                        row(
                                columns,
                                p.item(),
                                p.number(),
                                p.name(),
                                p.size(),
                                p.quantity(),
                                switch (p.reuse()) {
                                    case ALWAYS_NEW -> "new";
                                    case INSPECT -> "inspect";
                                    case REUSE, AS_PRACTISED -> "reuse";
                                },
                                uses.of(p.id()),
                                items.get(p.convertedTo()),
                                p.set(),
                                p.mass() == null ? null : p.mass().print(),
                                p.lifting(),
                                p.wayRound(),
                                p.places(),
                                p.note(),
                                units(p.applicability())));
            }
        }
        return new DerivedTable(What.PARTS, columns, rows);
    }

    /** For each part that is needed new, or that a kit holds, what each kit holds of it. */
    private static DerivedTable kits(SeenManual seen) {
        Manual manual = seen.practised().manual();
        List<String> columns = new ArrayList<>(List.of("item", "name", "needed", "certain"));
        manual.kits().stream().map(Kit::number).forEach(columns::add);
        List<Map<String, Object>> rows = new ArrayList<>();
        for (KitCoverage.Row r : KitCoverage.of(seen)) {
            Map<String, Object> row =
                    row(columns, r.part().item(), r.part().name(), r.needed(), r.certain());
            manual.kits().forEach(k -> row.put(k.number(), r.inKit().getOrDefault(k.id(), 0)));
            rows.add(row);
        }
        for (Consumable c : manual.consumables()) {
            Map<String, Object> row = row(columns, "", c.label(), null, null);
            manual.kits().forEach(k -> row.put(k.number(), held(k, c)));
            if (manual.kits().stream().anyMatch(k -> held(k, c) != null)) {
                rows.add(row);
            }
        }
        for (Tool t : manual.tools()) {
            Map<String, Object> row = row(columns, "", t.label(), null, null);
            manual.kits().forEach(k -> row.put(k.number(), held(k, t)));
            if (manual.kits().stream().anyMatch(k -> held(k, t) > 0)) {
                rows.add(row);
            }
        }
        return new DerivedTable(What.KITS, List.copyOf(columns), rows);
    }

    private static String held(Kit kit, Consumable consumable) {
        return kit.consumables().stream()
                .filter(s -> s.consumable().equals(consumable.id()))
                .findFirst()
                .map(Kit.ConsumableContent::amount)
                .orElse(null);
    }

    private static int held(Kit kit, Tool tool) {
        return kit.tools().stream()
                .filter(t -> t.tool().equals(tool.id()))
                .mapToInt(Kit.ToolContent::count)
                .sum();
    }

    private static DerivedTable tools(Manual manual, Sight sight) {
        List<String> columns = List.of("name", "size", "kind", "note", STEPS, "carries");
        List<Map<String, Object>> rows = new ArrayList<>();
        StepUses<Tool> uses = uses(manual, sight, Step::tools);
        for (Tool t : manual.tools()) {
            List<Integer> steps = uses.of(t.id());
            if (!steps.isEmpty()) {
                String kind = t.kind().name().toLowerCase(Locale.ROOT);
                String carries = t.rated() == null ? null : t.rated().print();
                rows.add(
                        row(
                                columns,
                                t.name(),
                                t.size(),
                                kind.replace('_', '-'),
                                t.note(),
                                steps,
                                carries));
            }
        }
        return new DerivedTable(What.TOOLS, columns, rows);
    }

    private static DerivedTable consumables(Manual manual, Sight sight) {
        List<String> columns = List.of("name", "grade", STEPS, "total", "uses");
        Consumption consumption = new Consumption(manual, new StepNumbers(manual, sight));
        List<Map<String, Object>> rows = new ArrayList<>();
        StepUses<Consumable> uses = uses(manual, sight, Step::consumableIds);
        for (Consumable c : manual.consumables()) {
            List<Integer> steps = uses.of(c.id());
            if (!steps.isEmpty()) {
                rows.add(
                        row(
                                columns,
                                c.name(),
                                c.grade(),
                                steps,
                                consumption.total(c).map(Quantity::print).orElse(null),
                                consumption.uses(c).stream()
                                        .map(u -> u.number() + ": " + u.told())
                                        .toList()));
            }
        }
        return new DerivedTable(What.CONSUMABLES, columns, rows);
    }

    private static DerivedTable torques(PractisedManual practised, Sight sight) {
        List<String> columns =
                List.of(
                        "joint",
                        "count",
                        "fastener",
                        "class",
                        "condition",
                        "torque",
                        "other",
                        "stages",
                        "order",
                        STEPS,
                        PLACES,
                        "further turn",
                        "turned",
                        "back off",
                        "feel",
                        "by hand",
                        "thread hand",
                        "new each time",
                        "loosening order",
                        "loosening rounds",
                        UNITS,
                        DOCUMENT,
                        OPEN);
        List<Map<String, Object>> rows = new ArrayList<>();
        for (TighteningTable.Row r : TighteningTable.of(practised, sight)) {
            rows.add(
                    row(
                            columns,
                            r.joint().name(),
                            r.joint().count(),
                            r.fastener().map(Part::label).orElse(null),
                            r.joint().propertyClass(),
                            r.joint().condition(),
                            r.entered().map(Quantity::print).orElse(null),
                            r.other().map(Quantity::print).orElse(null),
                            QuantityList.entered(r.joint().stages()),
                            r.joint().order(),
                            r.steps(),
                            r.places(),
                            text(r.joint().further()),
                            text(r.joint().turned()),
                            text(r.joint().backOff()),
                            r.joint().feel(),
                            r.joint().byHand(),
                            r.joint().hand() == ThreadTurn.Hand.LEFT ? "left" : null,
                            r.joint().newEachTime(),
                            r.joint().loosenOrder(),
                            r.joint().loosenRounds(),
                            units(r.joint().applicability()),
                            document(practised.manual(), r.joint().torque()),
                            open(r.joint().torque())));
        }
        return new DerivedTable(What.TORQUES, columns, rows);
    }

    private static DerivedTable limits(PractisedManual practised, Sight sight) {
        List<String> columns =
                List.of(
                        "what",
                        "limit",
                        "count",
                        "instrument",
                        "otherwise",
                        OPEN,
                        STEPS,
                        PLACES,
                        "names",
                        "answer",
                        "symbol",
                        "against",
                        UNITS,
                        DOCUMENT);
        List<Map<String, Object>> rows = new ArrayList<>();
        for (LimitTable.Row r : LimitTable.of(practised, sight)) {
            rows.add(
                    row(
                            columns,
                            r.reading().what(),
                            r.reading().known().map(Quantity::print).orElse(null),
                            r.reading().count(),
                            r.instrument().map(Tool::label).orElse(null),
                            r.reading().otherwise(),
                            r.reading()
                                    .open()
                                    .map(o -> o.where(practised.manual()).orElse(o.why()))
                                    .orElse(null),
                            List.of(r.number()),
                            r.places(),
                            r.reading().names(),
                            r.reading().answer() == null
                                    ? null
                                    : AnswerText.text(r.reading().answer()),
                            r.reading().symbol(),
                            against(practised.manual(), r.reading()),
                            units(r.reading().applicability()),
                            document(practised.manual(), r.reading().limit())));
        }
        return new DerivedTable(What.LIMITS, columns, rows);
    }

    /** Which units have it; nothing where all have. */
    private static String units(Applicability applicability) {
        return applicability.all() ? null : ENGLISH.of(applicability);
    }

    /** The document in which a value was read, or in which it is to be found. */
    private static String document(Manual manual, Value value) {
        if (value instanceof Value.Open open) {
            return open.where(manual).orElse(null);
        }
        return value instanceof Value.Known known ? known.where(manual).orElse(null) : null;
    }

    /** Why a value is not known; nothing where it is. */
    private static String open(Value value) {
        return value instanceof Value.Open open && !open.why().isEmpty() ? open.why() : null;
    }

    private static String text(Quantity quantity) {
        return quantity == null ? null : quantity.print();
    }

    private static String against(Manual manual, Reading reading) {
        return manual.reading(reading.against()).map(Reading::what).orElse(null);
    }

    /** A value as it stands in a cell: lists with commas, nothing for null. */
    public static String cell(Object value) {
        if (value == null) {
            return "";
        }
        return value instanceof List<?> list
                ? String.join(", ", list.stream().map(String::valueOf).toList())
                : String.valueOf(value);
    }
}
