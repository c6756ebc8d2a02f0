package methodos.core.dryrun;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import methodos.core.finding.Finding;
import methodos.core.finding.Rule;
import methodos.core.ledger.ClaimedUnits;
import methodos.core.manual.Manual;
import methodos.core.manual.RepeatedSteps;
import methodos.core.manual.Tool;
import methodos.core.memory.Remembered;
import methodos.core.practice.PractisedManual;

/**
 * Goes through an instruction as somebody would who knows only what it has said so far: for each
 * group of units, step by step. A step is possible if what its actions, parts, joints, readings and
 * figures presuppose is so by then; a thing that its words name and no list has is a matter of its
 * own. It remembers the words of texts; several threads may use one.
 */
public final class DryRun {

    private static final Set<Rule> RULES =
            EnumSet.of(
                    Rule.STILL_TIGHT,
                    Rule.NOT_LOOSENED,
                    Rule.NEVER_PUT_THERE,
                    Rule.NO_TOOL,
                    Rule.TOO_COARSE,
                    Rule.CANNOT_BE_READ,
                    Rule.NOT_LISTED,
                    Rule.NOT_CHOSEN,
                    Rule.THROWN_AWAY,
                    Rule.ORDER_UNTOLD,
                    Rule.COUNTS_DIFFER,
                    Rule.OTHER_UNITS,
                    Rule.FIGURE);

    private final Remembered<String, Said> said = new Remembered<>(Said::of);
    private final Remembered<String, List<String>> names = new Remembered<>(DryRunWords::ofName);

    /** Whether somebody stumbles over what a rule finds: it is grave, or found by the dry run. */
    public static boolean stumbles(Rule rule) {
        return rule.severity().grave() || RULES.contains(rule);
    }

    /** Whether a tool turns a screw or a nut. */
    public static boolean turns(Tool tool) {
        return DryRunWords.has("turns", tool.name());
    }

    /** Whether a torque wrench turns a screw or a nut with it. */
    public static boolean drives(Tool tool) {
        return DryRunWords.has("drives", tool.name());
    }

    /** Where he would stumble, each place once. */
    public List<Finding> of(PractisedManual practised) {
        return of(practised, ClaimedUnits.of(practised.manual()));
    }

    /**
     * The same where the groups of units are known.
     *
     * @param groups for each of which the work is gone through
     */
    public List<Finding> of(PractisedManual practised, List<ClaimedUnits.Group> groups) {
        Manual manual = practised.manual();
        Stumbles stumbles = new Stumbles();
        ToolsAtHand tools = new ToolsAtHand(manual, names::of, said::of, stumbles);
        Instruments instruments = new Instruments(manual, stumbles);
        WordsOfSteps words = new WordsOfSteps(manual, names::of, said::of, stumbles);
        PicturesOfSteps pictures = new PicturesOfSteps(manual, stumbles);
        manual.steps()
                .forEach(
                        step -> {
                            tools.at(step);
                            instruments.at(step);
                            words.at(step);
                        });
        pictures.look();
        RepeatedSteps repeated = new RepeatedSteps(manual);
        List<BenchWalk.Named> named =
                manual.parts().stream()
                        .map(p -> new BenchWalk.Named(p, names.of(p.name())))
                        .filter(p -> !p.name().isEmpty())
                        .toList();
        for (ClaimedUnits.Group group : groups) {
            new BenchWalk(manual, named, repeated, group.sight(), said::of, stumbles).walk();
        }
        return stumbles.all();
    }
}
