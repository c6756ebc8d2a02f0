package methodos.core.dryrun;

import java.util.List;
import methodos.core.finding.Finding;
import methodos.core.ledger.ClaimedUnits;
import methodos.core.manual.Manual;
import methodos.core.practice.PractisedManual;

/**
 * Goes through an instruction as somebody would who knows only what it has said so far: for each
 * group of units, step by step. A step is possible if what its actions, parts, joints, readings and
 * figures presuppose is so by then; a thing that its words name and no list has is a matter of its
 * own.
 */
public final class DryRun {

    private DryRun() {}

    /** Where he would stumble, in the order of the steps. */
    public static List<Finding> of(PractisedManual practised) {
        Manual manual = practised.manual();
        Stumbles stumbles = new Stumbles();
        ToolsAtHand tools = new ToolsAtHand(manual, stumbles);
        Instruments instruments = new Instruments(manual, stumbles);
        WordsOfSteps words = new WordsOfSteps(manual, stumbles);
        PicturesOfSteps pictures = new PicturesOfSteps(manual, stumbles);
        manual.steps()
                .forEach(
                        step -> {
                            tools.at(step);
                            instruments.at(step);
                            words.at(step);
                        });
        pictures.look();
        for (ClaimedUnits.Group group : ClaimedUnits.of(manual)) {
            new BenchWalk(manual, group.sight(), stumbles).walk();
        }
        return stumbles.all();
    }
}
