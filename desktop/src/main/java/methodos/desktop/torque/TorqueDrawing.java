package methodos.desktop.torque;

import java.util.List;
import java.util.Locale;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import methodos.core.fit.LimitRule;
import methodos.core.fit.ReadingVerdict;
import methodos.core.manual.Wrench;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.Quantity;
import methodos.core.torque.JointTorque;
import methodos.core.torque.Preload;
import methodos.core.torque.WrenchScale;
import methodos.core.words.Words;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** Draws wrenches and values along the rule of torque, and how much a screw bears. */
final class TorqueDrawing {

    static final double HEAD = 84;
    static final double ROW = 46;
    static final double BEARS = 44;
    static final double LIMIT = 36;
    static final double FIT = 74;

    private static final double INSET = 22;
    private static final double TOP = 20;

    private static final double RULE = 26;
    private static final double BAR = 13;
    private static final int LANES = 3;

    private final Theme theme;
    private final Words words;

    TorqueDrawing(Theme theme, Words words) {
        this.theme = theme;
        this.words = words;
    }

    private Palette colors() {
        return theme.palette().get();
    }

    private static GraphicsContext clean(Surface canvas) {
        GraphicsContext g = canvas.clean();
        g.setTextBaseline(VPos.CENTER);
        return g;
    }

    /** The wrenches, each over the part of the rule that it is usable for, and the rule. */
    void head(Surface canvas, TorqueRule rule, List<Wrench> wrenches) {
        GraphicsContext g = clean(canvas);
        double top = HEAD - RULE;
        double[] end = new double[LANES];
        for (Wrench wrench : wrenches) {
            WrenchScale scale = WrenchScale.of(wrench.range());
            double x1 = rule.x(scale.usableFrom(WrenchScale.USABLE_FROM).toDouble());
            double x2 = rule.x(scale.to().toDouble());
            int lane = 0;
            while (lane < LANES - 1 && end[lane] > x1 - 2) {
                lane++;
            }
            end[lane] = x2;
            double y = top - 4 - (lane + 1) * (BAR + 3);
            g.setFill(colors().tint());
            g.setStroke(colors().mark());
            g.fillRoundRect(x1, y, x2 - x1, BAR, 4, 4);
            g.strokeRoundRect(x1, y, x2 - x1, BAR, 4, 4);
            g.setFill(colors().accent());
            g.setFont(Theme.label(13));
            g.setTextAlign(TextAlignment.CENTER);
            g.fillText(wrench.name(), (x1 + x2) / 2, y + BAR / 2, x2 - x1 - 4);
        }
        g.setFill(colors().rule());
        g.setStroke(colors().ruleEdge());
        g.fillRoundRect(.5, top, rule.width() - 1, RULE - 1, 5, 5);
        g.strokeRoundRect(.5, top, rule.width() - 1, RULE - 1, 5, 5);
        for (double mark : rule.marks()) {
            g.strokeLine(rule.x(mark), HEAD - 7, rule.x(mark), HEAD - 2);
        }
        g.setFill(colors().ink()); // the rule is dark in the dark variant
        g.setFont(Theme.label(13));
        g.setTextAlign(TextAlignment.CENTER);
        List<Double> numbered = rule.numbered();
        for (int i = 0; i < numbered.size(); i++) {
            boolean last = i == numbered.size() - 1;
            String text = number(numbered.get(i)) + (last ? " N·m" : "");
            double x = rule.x(numbered.get(i));
            g.setTextAlign(last ? TextAlignment.RIGHT : TextAlignment.CENTER);
            boolean crowded = i == numbered.size() - 2;
            if (!crowded) {
                g.fillText(text, last ? rule.width() - 4 : x, top + 9);
            }
        }
    }

    private static String number(double v) {
        return v >= 1
                ? String.format(Locale.ROOT, "%.0f", v)
                : String.format(Locale.ROOT, "%.2g", v);
    }

    /** The stages of a joint as rings, its value as a block; with a slip where it was meant. */
    void row(Surface canvas, TorqueRule rule, JointTorque joint) {
        GraphicsContext g = clean(canvas);
        double y = ROW / 2 - 4;
        g.setStroke(colors().line());
        g.setLineWidth(1.5);
        g.strokeLine(rule.x(rule.least()), y, rule.x(rule.most()), y);
        List<JointTorque.Stage> stages = joint.stages();
        if (stages.isEmpty()) {
            return;
        }
        for (JointTorque.Stage stage : stages.subList(0, stages.size() - 1)) {
            double x = rule.x((stage.min() + stage.max()) / 2);
            g.setFill(colors().sheet());
            g.setStroke(colors().ink());
            g.setLineWidth(2);
            g.fillOval(x - 4, y - 4, 8, 8);
            g.strokeOval(x - 4, y - 4, 8, 8);
        }
        JointTorque.Stage whole = stages.get(stages.size() - 1);
        boolean wrong =
                joint.preload().filter(p -> p.verdict() != Preload.Verdict.PLAUSIBLE).isPresent();
        block(g, rule, whole, y, wrong ? colors().open() : colors().ink());
        joint.meant()
                .ifPresent(
                        meant -> {
                            double x = rule.x(meant.min().toDouble());
                            g.setStroke(colors().open());
                            g.setLineWidth(1);
                            g.setLineDashes(2, 2);
                            double w = Math.max(6, rule.x(meant.max().toDouble()) - x);
                            g.strokeRect(x, y - 9, w, 18);
                            g.setLineDashes();
                            g.setFill(colors().open());
                            g.setFont(Theme.text(13));
                            g.setTextAlign(TextAlignment.LEFT);
                            String told =
                                    words.of(
                                            "torque.meant",
                                            joint.preload()
                                                    .flatMap(Preload::slip)
                                                    .map(Preload.Slip::words)
                                                    .orElse(""),
                                            String.format(
                                                    Locale.ROOT, "%.2g", meant.max().toDouble()));
                            g.fillText(told, Math.min(x, rule.width() - 200), y + 19);
                        });
    }

    private static void block(
            GraphicsContext g, TorqueRule rule, JointTorque.Stage stage, double y, Color color) {
        double x = rule.x(stage.min());
        double w = Math.max(7, rule.x(stage.max()) - x);
        g.setFill(color);
        g.fillRoundRect(x, y - 9, w, 18, 3, 3);
    }

    /** Share of the proof load: what is right tinted, the value as a block, 90 % as a line. */
    void bears(Surface canvas, JointTorque joint) {
        GraphicsContext g = clean(canvas);
        Preload preload = joint.preload().orElse(null);
        if (preload == null || joint.stages().isEmpty()) {
            return;
        }
        double width = canvas.getWidth();
        double most = Math.max(1.0, preload.ofProof() * 1.15);
        JointTorque.Stage whole = joint.stages().get(joint.stages().size() - 1);
        double middle = (whole.min() + whole.max()) / 2;
        double scale = width / most;
        g.setFill(colors().card());
        g.setStroke(colors().line());
        g.fillRect(.5, 4.5, width - 1, 18);
        g.strokeRect(.5, 4.5, width - 1, 18);
        g.setFill(colors().tint());
        g.fillRect(.15 * scale, 5, .75 * scale, 17);
        boolean right = preload.verdict() == Preload.Verdict.PLAUSIBLE;
        g.setFill(right ? colors().ink() : colors().open());
        double x1 = preload.ofProof() * whole.min() / middle * scale;
        double x2 = preload.ofProof() * whole.max() / middle * scale;
        g.fillRoundRect(x1, 4, Math.max(5, x2 - x1), 19, 3, 3);
        g.setStroke(colors().ink());
        g.setLineWidth(2);
        g.strokeLine(.9 * scale, 2, .9 * scale, 25);
        g.setFill(colors().soft());
        g.setFont(Theme.text(13));
        g.setTextAlign(TextAlignment.LEFT);
        if (.9 * scale > 40) { // else the two would lie over each other
            g.fillText("0", 0, 35);
        }
        g.setTextAlign(TextAlignment.CENTER);
        g.fillText("90 %", Math.max(16, Math.min(width - 16, .9 * scale)), 35);
    }

    /**
     * A rule of its own with what is inside tinted, and readings under it: filled where they pass.
     */
    void limit(
            Surface canvas,
            Quantity limit,
            List<Quantity> readings,
            List<ReadingVerdict> verdicts) {
        GraphicsContext g = clean(canvas);
        LimitRule rule = LimitRule.of(limit);
        inside(g, canvas, rule, limit);
        double width = canvas.getWidth() - 2 * INSET;
        for (int i = 0; i < readings.size(); i++) {
            Quantity reading = readings.get(i);
            boolean inside = verdicts.get(i) == ReadingVerdict.PASS;
            double at = new Conversion(reading, limit.unit()).exact(reading.min()).toDouble();
            double x = INSET + width * rule.share(at);
            g.setFill(inside ? colors().ink() : colors().sheet());
            g.setStroke(inside ? colors().ink() : colors().open());
            g.setLineWidth(2);
            g.fillOval(x - 5, TOP + 2.5, 10, 10);
            g.strokeOval(x - 5, TOP + 2.5, 10, 10);
        }
    }

    /**
     * The clearance that each stocked size would leave, as triangles under the limit; the chosen
     * one filled.
     *
     * @param left the clearance for each size
     * @param chosen index of the one that is taken, −1 for none
     */
    void fit(Surface canvas, Quantity limit, List<String> sizes, List<Double> left, int chosen) {
        GraphicsContext g = clean(canvas);
        LimitRule rule = LimitRule.of(limit, left);
        inside(g, canvas, rule, limit);
        double width = canvas.getWidth() - 2 * INSET;
        for (int i = 0; i < left.size(); i++) {
            double x = INSET + width * rule.share(left.get(i));
            double y = TOP + 17;
            double[] xs = {x - 6, x + 6, x};
            double[] ys = {y + 11, y + 11, y};
            if (i == chosen) {
                g.setFill(colors().mark());
                g.fillPolygon(xs, ys, 3);
            } else {
                g.setStroke(colors().soft());
                g.setLineWidth(1);
                g.strokePolygon(xs, ys, 3);
            }
            g.setFont(i == chosen ? Theme.heading(13) : Theme.text(13));
            g.setFill(i == chosen ? colors().accent() : colors().soft());
            g.setTextAlign(TextAlignment.CENTER);
            g.fillText(sizes.get(i), x, y + 22);
        }
    }

    /** The rule, and what of it is inside the limit. */
    private void inside(GraphicsContext g, Surface canvas, LimitRule rule, Quantity limit) {
        double width = canvas.getWidth() - 2 * INSET;
        double top = TOP;
        g.setFont(Theme.text(13));
        g.setTextAlign(TextAlignment.CENTER);
        for (double mark : rule.numbered()) {
            double x = INSET + width * rule.share(mark);
            g.setFill(colors().soft());
            g.fillText(rule.text(mark), x, 8);
            g.setStroke(colors().ruleEdge());
            g.setLineWidth(1);
            g.strokeLine(x, top - 4, x, top);
        }
        g.setStroke(colors().ruleEdge());
        g.strokeLine(INSET, top, INSET + width, top);
        double x1 =
                limit.min() == null
                        ? INSET
                        : INSET + width * rule.share(limit.min().value().toDouble());
        double x2 =
                limit.max() == null
                        ? INSET + width
                        : INSET + width * rule.share(limit.max().value().toDouble());
        g.setFill(colors().tint());
        g.setStroke(colors().mark());
        g.fillRect(x1, top + 2, Math.max(2, x2 - x1), 11);
        g.strokeRect(x1, top + 2, Math.max(2, x2 - x1), 11);
    }
}
