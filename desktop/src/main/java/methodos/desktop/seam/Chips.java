package methodos.desktop.seam;

import java.util.ArrayList;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.words.TighteningText;
import methodos.core.words.Words;

/** The short line under a step's text: parts with their balloons, tools, torque, what is open. */
final class Chips {

    /**
     * @param balloon the item number before the text, "?" for what was only heard, empty where
     *     there is none
     */
    record Chip(String balloon, String text, boolean open) {
        boolean heard() {
            return balloon.equals(HEARD);
        }
    }

    /** Stands where the number of an item would, before a thing that no list has. */
    private static final String HEARD = "?";

    private Chips() {}

    static List<Chip> of(Step step, Manual manual, Words words) {
        List<Chip> chips = new ArrayList<>();
        if (!step.accepted() && step.sure() == null) {
            chips.add(new Chip("", words.of("seam.drafted"), true));
        }
        for (var use : step.parts()) {
            manual.part(use.part())
                    .ifPresent(
                            p ->
                                    chips.add(
                                            new Chip(
                                                    p.heard() ? HEARD : p.item(),
                                                    use.count() > 1
                                                            ? words.of(
                                                                    "seam.partOff",
                                                                    p.name(),
                                                                    use.count())
                                                            : p.name(),
                                                    false)));
        }
        for (Id<Joint> joint : step.joints()) {
            manual.joint(joint)
                    .ifPresent(
                            j -> {
                                String tight = new TighteningText(words).whole(j);
                                boolean open = tight.isEmpty();
                                chips.add(
                                        new Chip(
                                                "", open ? words.of("seam.noValue") : tight, open));
                            });
        }
        step.tools().stream()
                .flatMap(t -> manual.tool(t).stream())
                .forEach(t -> chips.add(new Chip(t.heard() ? HEARD : "", t.label(), false)));
        step.consumableIds().stream()
                .flatMap(c -> manual.consumable(c).stream())
                .forEach(c -> chips.add(new Chip(c.heard() ? HEARD : "", c.label(), false)));
        return chips;
    }
}
