package methodos.core.drafting;

import java.util.Set;
import methodos.core.vocabulary.WordSet;

/** Kinds of things, known by the noun that ends their names. */
final class Things {

    /** What holds parts together. */
    static final Set<String> FASTENERS =
            WordSet.of("screw bolt nut locknut stud fastener rivet clip circlip pin set-screw");

    /** What carries energy, or lets it through. */
    static final Set<String> POWER =
            WordSet.of(
                    "power pump breaker switch key isolator ignition mains plug motor engine"
                            + " current supply electricity gas water air");

    /** What is cleaned away. */
    static final Set<String> DIRT =
            WordSet.of(
                    "glue dirt grease rust sealant muck carbon scale sludge paint sand dust lint");

    /** What is put there for the work and taken away again. */
    static final Set<String> AIDS =
            WordSet.of(
                    "tray pan sling rag block cloth tag lock padlock weight stand bucket chock"
                            + " drip-pan prop basin container tub");

    /** What is measured. */
    static final Set<String> DIMENSIONS =
            WordSet.of(
                    "diameter thickness length width depth height clearance gap runout play float"
                            + " resistance pressure temperature stroke travel backlash tension bore");

    /** What a technician wears. */
    static final Set<String> PROTECTION =
            WordSet.of("glasses goggles gloves glove glass mask apron goggle protection");

    /** What is turned into a thread. */
    static final Set<String> THREADED =
            WordSet.of("screw bolt nut locknut stud plug union gland cap fitting fastener hose");

    private Things() {}
}
