package methodos.narration.draft;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.narration.DraftedStep.PartNamed;
import methodos.core.narration.DraftedStep.ToolNamed;
import methodos.core.speech.Measure;
import methodos.narration.grammar.Clause;

/** A step in the making: what one clause says, and what those around it add. */
final class Sketch {

    /** The doubt what is to be done. */
    static final String ACTION = "action";

    final Kind kind;
    final String action;
    final Clause clause;
    final double confidence;

    /** The tokens of the clause and of those that belong to it. */
    int from;

    int to;

    final List<PartNamed> parts = new ArrayList<>();
    final List<ToolNamed> tools = new ArrayList<>();
    final Set<String> consumables = new LinkedHashSet<>();
    final List<Measure> torques = new ArrayList<>();
    final List<Measure> limits = new ArrayList<>();
    final List<Measure> waits = new ArrayList<>();
    final Set<String> hazards = new LinkedHashSet<>();
    final List<String> unsure = new ArrayList<>();
    Measure repeats;
    Double then;
    boolean leftHand;
    String pattern;
    String orientation;
    String condition;

    /** How the condition is asked for in print: "If ", or nothing before the name of a unit. */
    String asking = "";

    /** Behind the words that are printed where the step is printed as it is said. */
    int told;

    /** Until what it is done; null where that is not said. */
    String until;

    String reference;

    /** The reason that is given; null for none. */
    String why;

    /** The tokens of the work that is done again here; null where it is told by itself. */
    int[] repeated;

    /** Where it is done again. */
    String place;

    Sketch(Kind kind, String action, Clause clause, double confidence) {
        this.kind = kind;
        this.action = action;
        this.clause = clause;
        this.confidence = confidence;
        this.from = clause.from();
        this.to = clause.to();
        this.told = clause.to();
    }

    /** What a limit is of; null where nothing is named. */
    String measured() {
        return kind == Kind.MEASUREMENT && !parts.isEmpty() ? parts.get(0).name() : null;
    }

    boolean is(String... actions) {
        return action != null && List.of(actions).contains(action);
    }
}
