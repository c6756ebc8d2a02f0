package methodos.publish.document;

import methodos.core.ledger.UnitsLookedAt;
import methodos.core.manual.Applicability;
import methodos.core.words.Words;

/** Says for which units of an issue something is, where not each of them has it. */
final class UnitLabels {

    private final UnitsLookedAt units;
    private final Words words;

    UnitLabels(Publication publication) {
        this.units =
                new UnitsLookedAt(publication.seen().practised().manual(), publication.sight());
        this.words = publication.words();
    }

    /** Empty where each unit of the issue has it. */
    String of(Applicability applicability) {
        return units.allHave(applicability) ? "" : words.of(applicability);
    }
}
