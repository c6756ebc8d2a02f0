package methodos.publish.document;

import java.util.LinkedHashMap;
import java.util.Map;
import methodos.core.ledger.UnitsLookedAt;
import methodos.core.manual.Applicability;
import methodos.core.words.Words;

/** Says for which units of an issue something is, where not each of them has it. */
final class UnitLabels {

    private final UnitsLookedAt units;
    private final Words words;
    private final Map<String, Applicability> given = new LinkedHashMap<>();

    UnitLabels(Publication publication) {
        this.units =
                new UnitsLookedAt(publication.seen().practised().manual(), publication.sight());
        this.words = publication.words();
    }

    /** Empty where each unit of the issue has it. */
    String of(Applicability applicability) {
        if (units.allHave(applicability)) {
            return "";
        }
        String label = words.of(applicability);
        given.put(label, applicability);
        return label;
    }

    /** Every label that was given, with the units that it means. */
    Map<String, Applicability> given() {
        return given;
    }
}
