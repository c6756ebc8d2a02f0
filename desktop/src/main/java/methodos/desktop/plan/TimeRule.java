package methodos.desktop.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import methodos.core.description.Id;
import methodos.core.manual.Step;
import methodos.core.plan.ManualPlan;
import methodos.core.plan.PlanTime;
import methodos.core.plan.WorkPlan;
import methodos.core.words.Words;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/**
 * Who does what along a rule of time: a lane for each person and one for what waits. What is on the
 * longest chain has a bold edge. A click chooses a step; so do the arrow keys.
 */
final class TimeRule {

    private static final double NAMES = 82;

    /** So that the frame of the focus lies beside the words. */
    private static final double INSET = 6;

    private static final double EDGE = 14;
    private static final double TOP = 6;
    private static final double RULE = 28;
    private static final double LANE = 60;
    private static final double BAR = 32;
    private static final double FOOT = 18;
    private static final double HATCH = 7;
    private static final double LEAST_LABEL = 16;

    /** Steps of the rule in seconds, the finest first. */
    private static final int[] STEPS = {60, 300, 600, 900, 1800, 3600, 7200, 14400, 28800};

    private static final double LEAST_STEP = 56;
    private static final int PARTS = 5;

    private final Surface surface = new Surface();
    private final Words words;
    private final Theme theme;
    private ManualPlan plan;
    private Map<String, ManualPlan.PlannedStep> steps = Map.of();
    private Set<String> longest = Set.of();
    private Id<Step> chosen;

    /**
     * @param choose called with the step that is clicked
     */
    TimeRule(Words words, Theme theme, Consumer<Id<Step>> choose) {
        this.words = words;
        this.theme = theme;
        surface.setId("timeRule");
        surface.setMinWidth(300);
        surface.setFocusTraversable(true);
        surface.widthProperty().addListener(o -> paint());
        surface.heightProperty().addListener(o -> paint());
        surface.focusedProperty().addListener(o -> paint());
        theme.palette().addListener(o -> paint());
        surface.setOnMouseClicked(
                e -> {
                    surface.requestFocus();
                    at(e.getX(), e.getY()).ifPresent(choose);
                });
        surface.setOnKeyPressed(
                e -> {
                    boolean on = e.getCode() == KeyCode.RIGHT;
                    if (on || e.getCode() == KeyCode.LEFT) {
                        beside(on ? 1 : -1).ifPresent(choose);
                        e.consume();
                    }
                });
    }

    Region node() {
        return surface;
    }

    void show(ManualPlan now, Id<Step> step) {
        plan = now;
        chosen = step;
        longest = Set.copyOf(now.plan().critical());
        steps = now.steps().stream().collect(Collectors.toMap(s -> s.step().id().text(), s -> s));
        double high = TOP + RULE + LANE * (now.people() + 1) + FOOT;
        surface.setMinHeight(high);
        surface.setPrefHeight(high);
        surface.setMaxHeight(high);
        surface.setAccessibleText(
                words.of("plan.rule", now.people(), words.duration(now.plan().elapsed())));
        paint();
    }

    private Optional<Id<Step>> beside(int by) {
        if (plan == null || plan.steps().isEmpty()) {
            return Optional.empty();
        }
        List<WorkPlan.Slot> slots = plan.plan().slots();
        int at = 0;
        for (int i = 0; i < slots.size(); i++) {
            if (chosen != null && slots.get(i).id().equals(chosen.text())) {
                at = Math.max(0, Math.min(slots.size() - 1, i + by));
            }
        }
        return Optional.of(new Id<>(slots.get(at).id()));
    }

    private Optional<Id<Step>> at(double x, double y) {
        if (plan == null) {
            return Optional.empty();
        }
        int lane = (int) Math.floor((y - TOP - RULE) / LANE) + 1;
        return plan.plan().slots().stream()
                .filter(
                        s ->
                                s.person() == lane && x >= x(s.start()) && x < x(s.free())
                                        || lane == plan.people() + 1
                                                && x >= x(s.free())
                                                && x < x(s.end()))
                .findFirst()
                .map(s -> new Id<>(s.id()));
    }

    private double x(double seconds) {
        double all = plan.plan().elapsed();
        double wide = surface.getWidth() - NAMES - EDGE;
        return NAMES + (all == 0 ? 0 : wide * seconds / all);
    }

    private double y(int lane) {
        return TOP + RULE + LANE * (lane - 1) + (LANE - BAR) / 2;
    }

    private void paint() {
        GraphicsContext g = surface.clean();
        if (plan == null || surface.getWidth() < NAMES) {
            return;
        }
        Palette palette = theme.palette().get();
        g.setFont(TextWidth.font());
        g.setLineWidth(1);
        rule(g, palette);
        for (int lane = 1; lane <= plan.people() + 1; lane++) {
            boolean waits = lane > plan.people();
            g.setFill(palette.ink());
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(
                    waits ? words.of("plan.waits") : words.of("plan.person", lane),
                    INSET,
                    y(lane) + BAR / 2);
            g.setFill(palette.soft());
            g.fillText(
                    waits
                            ? words.of("plan.nobody")
                            : words.duration(PlanTime.wholeMinutes(hands(lane))),
                    INSET,
                    y(lane) + BAR / 2 + 16);
            g.setStroke(palette.line());
            g.strokeLine(NAMES, y(lane) + BAR + 8, x(plan.plan().elapsed()), y(lane) + BAR + 8);
        }
        for (WorkPlan.Slot slot : plan.plan().slots()) {
            slot(g, palette, slot);
        }
        nameWaits(g, palette);
        if (surface.isFocused()) {
            g.setStroke(palette.mark());
            g.setLineWidth(2);
            g.strokeRect(1, 1, surface.getWidth() - 2, surface.getHeight() - 2);
        }
    }

    private double hands(int person) {
        return plan.plan().slots().stream()
                .filter(s -> s.person() == person)
                .mapToDouble(s -> s.free() - s.start())
                .sum();
    }

    private void rule(GraphicsContext g, Palette palette) {
        double all = plan.plan().elapsed();
        double wide = x(all) - NAMES;
        g.setFill(palette.rule());
        g.fillRoundRect(NAMES, TOP, wide, RULE, 4, 4);
        g.setStroke(palette.ruleEdge());
        g.strokeRoundRect(NAMES, TOP, wide, RULE, 4, 4);
        int step = STEPS[STEPS.length - 1];
        for (int i = STEPS.length - 1; i >= 0; i--) {
            if (all > 0 && wide * STEPS[i] / all >= LEAST_STEP) {
                step = STEPS[i];
            }
        }
        g.setTextAlign(TextAlignment.LEFT);
        for (int k = 0; (double) k * step / PARTS <= all; k++) {
            double x = x((double) k * step / PARTS);
            boolean whole = k % PARTS == 0;
            g.strokeLine(x, TOP + RULE, x, TOP + RULE - (whole ? RULE * .7 : RULE * .3));
            if (whole && x < x(all) - LEAST_STEP * .6) {
                g.setFill(palette.ink());
                g.fillText(PlanTime.clock(k / PARTS * step), x + 4, TOP + 13);
            }
        }
    }

    private void slot(GraphicsContext g, Palette palette, WorkPlan.Slot slot) {
        boolean bold = longest.contains(slot.id());
        boolean here = chosen != null && chosen.text().equals(slot.id());
        String number = String.valueOf(steps.get(slot.id()).number());
        if (slot.person() != WorkPlan.NOBODY) {
            double left = x(slot.start());
            double wide = Math.max(1, x(slot.free()) - left);
            double y = y(slot.person());
            g.setFill(here ? palette.mark() : palette.tint());
            g.fillRect(left, y, wide, BAR);
            g.setStroke(bold ? palette.ink() : palette.mark());
            g.setLineWidth(1);
            g.strokeRect(left, y, wide, BAR);
            if (bold) {
                g.setLineWidth(3);
                g.strokeLine(left, y + BAR, left + wide, y + BAR);
            }
            if (wide >= Math.max(LEAST_LABEL, TextWidth.of(number) + 4)) {
                g.setFill(here ? palette.card() : palette.ink());
                g.setTextAlign(TextAlignment.CENTER);
                g.fillText(number, left + wide / 2, y + BAR / 2 + 5);
            }
        }
        if (slot.end() > slot.free()) {
            waits(g, palette, slot, here);
        }
    }

    private void waits(GraphicsContext g, Palette palette, WorkPlan.Slot slot, boolean here) {
        double left = x(slot.free());
        double wide = Math.max(2, x(slot.end()) - left);
        double y = y(plan.people() + 1);
        g.setStroke(here ? palette.mark() : palette.ruleEdge());
        g.setLineWidth(longest.contains(slot.id()) ? 2.5 : 1);
        g.strokeRect(left, y, wide, BAR);
        g.setLineWidth(1);
        for (double x = left - BAR; x < left + wide; x += HATCH) {
            double low = Math.max(left, x);
            double high = Math.min(left + wide, x + BAR);
            if (high > low) {
                g.strokeLine(low, y + BAR - (low - x), high, y + BAR - (high - x));
            }
        }
        if (slot.person() != WorkPlan.NOBODY) {
            g.setLineDashes(3, 3);
            g.strokeLine(left, y(slot.person()) + BAR, left, y);
            g.setLineDashes();
        }
    }

    /** The longest waits first; one whose name would lie on another's has none. */
    private void nameWaits(GraphicsContext g, Palette palette) {
        g.setFill(palette.ink());
        g.setTextAlign(TextAlignment.LEFT);
        List<double[]> taken = new ArrayList<>();
        for (WorkPlan.Slot slot : plan.waits()) {
            String name =
                    words.of(
                            "plan.waitOf",
                            steps.get(slot.id()).number(),
                            words.duration(slot.end() - slot.free()));
            double wide = TextWidth.of(name) + INSET;
            double left = Math.max(0, Math.min(x(slot.free()), surface.getWidth() - wide));
            if (taken.stream().noneMatch(t -> left < t[1] && t[0] < left + wide)) {
                taken.add(new double[] {left, left + wide});
                g.fillText(name, left, y(plan.people() + 1) + BAR + 22);
            }
        }
    }

    /** The steps of a chain with stretches drawn together: 1–8, 35, 43. */
    static String stretches(List<Integer> numbers) {
        List<String> all = new ArrayList<>();
        for (int i = 0; i < numbers.size(); i++) {
            int from = i;
            while (i + 1 < numbers.size() && numbers.get(i + 1) == numbers.get(i) + 1) {
                i++;
            }
            all.add(
                    from == i
                            ? String.valueOf(numbers.get(i))
                            : numbers.get(from) + "–" + numbers.get(i));
        }
        return String.join(", ", all);
    }
}
