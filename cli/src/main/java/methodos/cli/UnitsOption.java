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
        if (units.variant != null) {
            return manual.variants().stream()
                    .filter(v -> v.id().text().equals(units.variant))
                    .findFirst()
                    .map(Sight::of)
                    .or(
                            () ->
                                    manual.variants().stream()
                                            .filter(v -> v.model().equals(units.variant))
                                            .findFirst()
                                            .map(v -> new Sight(v.model(), SerialRange.ALL)))
                    .orElseThrow(
                            () ->
                                    new ProjectProblem(
                                            "There is no variant or model "
                                                    + units.variant
                                                    + " in the manual."));
        }
        SerialRange one =
                SerialText.only(units.serial)
                        .orElseThrow(
                                () ->
                                        new ProjectProblem(
                                                "“" + units.serial + "” is no serial number."));
        List<String> models =
                manual.variants().stream()
                        .filter(v -> v.serials().overlaps(one))
                        .map(Variant::model)
                        .distinct()
                        .toList();
        if (models.isEmpty()) {
            throw new ProjectProblem(
                    "No variant of the manual covers serial number " + units.serial + ".");
        }
        return new Sight(models.size() == 1 ? models.get(0) : null, one);
    }

    /** The variant or serial number as it was asked for, null where nothing is said. */
    static String named(UnitsOption units) {
        if (units == null) {
            return null;
        }
        return units.variant != null ? units.variant : units.serial;
    }
}
