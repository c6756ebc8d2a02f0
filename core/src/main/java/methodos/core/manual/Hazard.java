package methodos.core.manual;

import methodos.core.description.Required;

/**
 * A statement that stands before the action it warns of.
 *
 * @param hazard what is dangerous
 * @param consequence what it can do
 * @param avoidance what to do about it
 */
public record Hazard(
        @Required SignalWord signal, String hazard, String consequence, String avoidance) {

    /** The words of the safety standards, gravest first; a notice is about damage, not injury. */
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
    }
}
