package methodos.desktop.history;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.description.RecordShape;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;

/**
 * What taking an earlier state back would change, by the identity of steps and of the things in the
 * lists.
 */
record StateDifference(List<Line> lines) {

    /**
     * @param kind in which way it is different, as in the words of the window
     * @param text words of the step, or the name of the list
     */
    record Line(String kind, String text) {}

    static StateDifference of(Manual earlier, Manual now) {
        List<Line> lines = new ArrayList<>();
        Map<Id<Step>, Step> later = new HashMap<>();
        now.steps().forEach(s -> later.put(s.id(), s));
        for (Step step : earlier.steps().toList()) {
            Step there = later.remove(step.id());
            if (there == null) {
                lines.add(new Line("comesBack", step.text()));
            } else if (!there.equals(step)) {
                lines.add(
                        new Line(
                                there.text().equals(step.text()) ? "detail" : "reads",
                                step.text()));
            }
        }
        now.steps().filter(s -> later.containsKey(s.id())).forEach(s -> goes(lines, s));
        for (RecordShape.Component component : RecordShape.of(Manual.class).components()) {
            if (!component.name().equals("stages")
                    && !component.name().equals("lastId")
                    && !component.of(earlier).equals(component.of(now))) {
                lines.add(new Line("list", component.name()));
            }
        }
        return new StateDifference(lines);
    }

    private static void goes(List<Line> lines, Step step) {
        lines.add(new Line("goes", step.text()));
    }

    boolean none() {
        return lines.isEmpty();
    }
}
