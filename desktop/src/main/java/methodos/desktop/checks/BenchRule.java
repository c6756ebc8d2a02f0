package methodos.desktop.checks;

import java.util.List;
import java.util.Set;
import java.util.function.IntConsumer;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** The steps along a rule, with a mark below each at which a newcomer would stumble. */
final class BenchRule {

    private static final double HEIGHT = 58;
    private static final double EDGE = 12;
    private static final double TOP = 18;
    private static final double RULE = 18;
    private static final int TEN = 10;
    private static final double MARK = 4.5;

    private final Surface surface = Surface.high(HEIGHT);
    private final Theme theme;
    private int steps;
    private int chosen;
    private Set<Integer> stumbles = Set.of();

    /**
     * @param choose called with the place of the step that is clicked, from 0
     */
    BenchRule(Theme theme, IntConsumer choose) {
        this.theme = theme;
        surface.setId("benchRule");
        surface.setMinWidth(200);
        surface.widthProperty().addListener(o -> paint());
        theme.palette().addListener(o -> paint());
        surface.setOnMouseClicked(
                e -> {
                    if (steps > 0) {
                        double share = (e.getX() - EDGE) / (surface.getWidth() - 2 * EDGE);
                        choose.accept(
                                (int) Math.max(0, Math.min(steps - 1, Math.floor(share * steps))));
                    }
                });
    }

    /**
     * @param chosen place of the step that is looked at, from 0
     * @param stumbles places of those at which one would stumble
     * @param told the same in words
     */
    void show(int steps, int chosen, List<Integer> stumbles, String told) {
        this.steps = steps;
        this.chosen = chosen;
        this.stumbles = Set.copyOf(stumbles);
        surface.setAccessibleText(told);
        paint();
    }

    Region node() {
        return surface;
    }

    private double x(double place) {
        return EDGE + (surface.getWidth() - 2 * EDGE) * (place + .5) / Math.max(1, steps);
    }

    private void paint() {
        GraphicsContext g = surface.clean();
        Palette palette = theme.palette().get();
        g.setFill(palette.rule());
        g.fillRoundRect(EDGE / 2, TOP, surface.getWidth() - EDGE, RULE, 4, 4);
        g.setTextAlign(TextAlignment.CENTER);
        for (int i = 0; i < steps; i++) {
            boolean ten = (i + 1) % TEN == 0;
            g.setStroke(palette.ruleEdge());
            g.strokeLine(x(i), TOP + RULE, x(i), TOP + RULE - (ten ? RULE / 2 : RULE / 4));
            if (ten) {
                g.setFill(palette.ink());
                g.fillText(String.valueOf(i + 1), x(i), TOP - 4);
            }
            if (stumbles.contains(i)) {
                g.setFill(palette.open());
                double y = TOP + RULE + 4;
                g.fillPolygon(
                        new double[] {x(i) - MARK, x(i) + MARK, x(i)},
                        new double[] {y + 2 * MARK, y + 2 * MARK, y},
                        3);
            }
        }
        if (steps > 0) {
            g.setStroke(palette.ink());
            g.setLineWidth(2);
            g.strokeLine(x(chosen), TOP - 2, x(chosen), TOP + RULE + 18);
        }
    }
}
