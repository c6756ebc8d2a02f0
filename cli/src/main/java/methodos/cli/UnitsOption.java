package methodos.cli;

import java.util.List;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Variant;
import methodos.core.typed.SerialText;
import methodos.files.problem.ProjectProblem;
import picocli.CommandLine.Option;

/** Which units a manual is looked at for: those of a variant, of a model, or one. */
final class UnitsOption {

    @Option(names = "--variant", description = "id of a variant, or the name of a model")
    private String variant;

    @Option(names = "--serial", description = "serial number of one unit")
    private String serial;

    /** The units that are looked at; all where nothing is said. */
    static Sight sight(UnitsOption units, Manual manual) throws ProjectProblem {
        if (units == null) {
            return Sight.EVERYTHING;
        }
        if (units.variant == null) {
            return one(units.serial(), manual.variants(), manual);
        }
        List<Variant> variants = units.variants(manual);
        if (units.serial != null) {
            return one(units.serial(), variants, manual);
        }
        Variant first = variants.get(0);
        return first.id().text().equals(units.variant)
                ? Sight.of(first)
                : new Sight(first.model(), SerialRange.ALL);
    }

    /** The variant of that id, or those of that model. */
    private List<Variant> variants(Manual manual) throws ProjectProblem {
        List<Variant> ofId =
                manual.variants().stream().filter(v -> v.id().text().equals(variant)).toList();
        List<Variant> all =
                ofId.isEmpty()
                        ? manual.variants().stream().filter(v -> v.model().equals(variant)).toList()
                        : ofId;
        if (all.isEmpty()) {
            throw new ProjectProblem("There is no variant or model " + variant + " in the manual.");
        }
        return all;
    }

    private SerialRange serial() throws ProjectProblem {
        return SerialText.only(serial)
                .orElseThrow(() -> new ProjectProblem("“" + serial + "” is no serial number."));
    }

    /** One unit among those of some variants. */
    private static Sight one(SerialRange serial, List<Variant> variants, Manual manual)
            throws ProjectProblem {
        List<String> models =
                variants.stream()
                        .filter(v -> v.serials().overlaps(serial))
                        .map(Variant::model)
                        .distinct()
                        .toList();
        if (models.isEmpty()) {
            throw new ProjectProblem(
                    (variants.equals(manual.variants())
                                    ? "No variant of the manual covers"
                                    : "No unit of "
                                            + String.join(
                                                    ", ",
                                                    variants.stream()
                                                            .map(Variant::model)
                                                            .distinct()
                                                            .toList())
                                            + " has")
                            + " serial number "
                            + serial.letters()
                            + serial.from()
                            + ".");
        }
        return new Sight(models.size() == 1 ? models.get(0) : null, serial);
    }

    /** The variant, the serial number or both as they were asked for, null where nothing is. */
    static String named(UnitsOption units) {
        if (units == null) {
            return null;
        }
        if (units.variant == null || units.serial == null) {
            return units.variant != null ? units.variant : units.serial;
        }
        return units.variant + " " + units.serial;
    }
}
