package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import methodos.core.description.Required;

/**
 * A statement that stands before the action it warns of.
 *
 * @param hazard what is dangerous
 * @param consequence what it can do
 * @param avoidance what to do about it
 * @param applicability the units that have the hazard, among those that have the step
 */
@RecordBuilder
public record Hazard(
        @Required SignalWord signal,
        String hazard,
        String consequence,
        String avoidance,
        Applicability applicability)
        implements HazardBuilder.With {

    /**
     * The signal words of ISO 3864-2 and ANSI Z535.6, gravest first: what comes of it if it is not
     * avoided. With danger, death or a serious injury is sure; with a warning it is possible; with
     * a caution a minor or moderate injury is possible; a notice is about damage, not injury.
     */
    public enum SignalWord {
        DANGER,
        WARNING,
        CAUTION,
        NOTICE
    }

    public Hazard {
        signal = signal == null ? SignalWord.WARNING : signal;
        hazard = hazard == null ? "" : hazard;
        consequence = consequence == null ? "" : consequence;
        avoidance = avoidance == null ? "" : avoidance;
        applicability = applicability == null ? Applicability.ALL : applicability;
    }

    /** A hazard of all units. */
    public Hazard(SignalWord signal, String hazard, String consequence, String avoidance) {
        this(signal, hazard, consequence, avoidance, Applicability.ALL);
    }
}
