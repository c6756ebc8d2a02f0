package methodos.cli;

import java.util.List;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Variant;
import methodos.files.problem.ProjectProblem;
import picocli.CommandLine.Option;

/** Through whose eyes a manual is looked at: a variant, a model, or one unit. */
final class Eyes {

    @Option(names = "--variant", description = "id of a variant, or the name of a model")
    private String variant;

    @Option(names = "--serial", description = "serial number of one unit")
    private Long serial;

    /** The units that are looked at; all where nothing is said. */
    static Sight sight(Eyes eyes, Manual manual) throws ProjectProblem {
        if (eyes == null) {
            return Sight.EVERYTHING;
        }
        if (eyes.variant != null) {
            return manual.variants().stream()
                    .filter(v -> v.id().equals(eyes.variant))
                    .findFirst()
                    .map(Sight::of)
                    .or(
                            () ->
                                    manual.variants().stream()
                                            .filter(v -> v.model().equals(eyes.variant))
                                            .findFirst()
                                            .map(v -> new Sight(v.model(), SerialRange.ALL)))
                    .orElseThrow(
                            () ->
                                    new ProjectProblem(
                                            "There is no variant or model "
                                                    + eyes.variant
                                                    + " in the manual."));
        }
        SerialRange one = SerialRange.only(eyes.serial);
        List<String> models =
                manual.variants().stream()
                        .filter(v -> v.serials().overlaps(one))
                        .map(Variant::model)
                        .distinct()
                        .toList();
        if (models.isEmpty()) {
            throw new ProjectProblem(
                    "No variant of the manual covers serial number " + eyes.serial + ".");
        }
        return new Sight(models.size() == 1 ? models.get(0) : null, one);
    }

    /** The variant or serial number as it was asked for, null where nothing is said. */
    static String named(Eyes eyes) {
        if (eyes == null) {
            return null;
        }
        return eyes.variant != null ? eyes.variant : String.valueOf(eyes.serial);
    }
}
