package methodos.core.narration;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import methodos.core.manual.Stage;

/**
 * One step as the narration gives it, before somebody has agreed to it.
 *
 * @param start seconds in the clip, where its words begin
 * @param end seconds, where its words end
 * @param action a canonical verb, null for cautions and notes
 * @param text the instruction for print
 * @param pattern the order of tightening: star, cross, opposing, alternating, inside-out or an
 *     order of numbers such as 1-4-2-3; null where none is said
 * @param threadDirection "left" where a left-hand thread is said, otherwise null
 * @param orientation which way round, in the words said; null where none is
 * @param until what ends it, in the words said without "until"; null where nothing is said
 * @param condition under which the step applies; null for always
 * @param reference a document that the words send the reader to; null for none
 * @param why the reason that is given; null for none
 * @param repeatOf the same work at another place; null for none
 * @param confidence 0 to 1
 * @param unsure what in particular is in doubt
 * @param stage the part of the work that it belongs to, as far as the words tell
 */
@RecordBuilder
public record DraftedStep(
        Kind kind,
        double start,
        double end,
        String action,
        String text,
        List<PartNamed> parts,
        List<ToolNamed> tools,
        List<String> consumables,
        List<Torque> torques,
        String pattern,
        List<Limit> limits,
        List<Pause> waits,
        Cycles repeats,
        String threadDirection,
        String orientation,
        String until,
        String condition,
        String reference,
        List<String> hazards,
        String why,
        RepeatOf repeatOf,
        double confidence,
        List<String> unsure,
        List<Quote> evidence,
        Stage.Kind stage)
        implements DraftedStepBuilder.With {

    public DraftedStep {
        parts = List.copyOf(parts);
        tools = List.copyOf(tools);
        consumables = List.copyOf(consumables);
        torques = List.copyOf(torques);
        limits = List.copyOf(limits);
        waits = List.copyOf(waits);
        hazards = List.copyOf(hazards);
        unsure = List.copyOf(unsure);
        evidence = List.copyOf(evidence);
    }

    /** What kind of statement a step is. */
    public enum Kind {
        ACTION,
        INSPECTION,
        MEASUREMENT,
        TEST,
        CAUTION,
        NOTE
    }

    /**
     * What is acted on.
     *
     * @param quantity null where it is not said
     * @param size null where it is not said
     * @param from what it sits on, null where it is not said
     * @param thing whether it is a thing of its own, and not only a side or a measure of one
     */
    public record PartNamed(
            String name, Integer quantity, String size, String from, boolean thing) {
        /** A thing of its own. */
        public PartNamed(String name, Integer quantity, String size, String from) {
            this(name, quantity, size, from, true);
        }
    }

    public record ToolNamed(String name, String size) {}

    /**
     * A torque; either bound may be null.
     *
     * @param then degrees to turn after it, null for none
     */
    public record Torque(Double min, Double max, String unit, Double then, String quote) {}

    /** A figure to be met; either bound may be null. */
    public record Limit(String of, Double min, Double max, String unit, String quote) {}

    public record Pause(double seconds, String quote) {}

    /**
     * @param max null where a single number is said
     */
    public record Cycles(int count, Integer max) {}

    /** The same work at another place, with the span of the words that it repeats. */
    public record RepeatOf(String place, double from, double to) {}

    public record Quote(double start, double end, String quote) {}
}
