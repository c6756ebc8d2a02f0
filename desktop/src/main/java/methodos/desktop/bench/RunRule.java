package methodos.desktop.bench;

import java.util.HashSet;
import java.util.Set;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import methodos.core.bench.BenchRun;
import methodos.core.bench.StepWork;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** The steps along a rule: what is done has a line below, where one is a hair line. */
final class RunRule {

    private static final double HEIGHT = 60;
    private static final double EDGE = 14;
    private static final double TOP = 8;
    private static final double RULE = 36;
    private static final int TEN = 10;

    /** Numbers nearer to each other than this would run into one another. */
    private static final double LEAST = 34;

    private final Surface surface = Surface.high(HEIGHT);
    private final Theme theme;
    private final Set<Integer> done = new HashSet<>();
    private int steps;
    private int here;

    RunRule(Theme theme) {
        this.theme = theme;
        surface.setId("runRule");
        surface.setMinWidth(160);
        surface.widthProperty().addListener(o -> paint());
        surface.heightProperty().addListener(o -> paint());
        theme.palette().addListener(o -> paint());
    }

    Region node() {
        return surface;
    }

    /**
     * @param told the same in words
     */
    void show(BenchRun run, String told) {
        steps = run.work().steps();
        done.clear();
        run.visits().stream()
                .filter(v -> v.outcome() != StepWork.Outcome.OPEN)
                .forEach(v -> done.add(v.number()));
        here = run.here().map(StepWork::number).orElse(0);
        surface.setAccessibleText(told);
        paint();
    }

    private double x(double place) {
        return EDGE + (surface.getWidth() - 2 * EDGE) * place / Math.max(1, steps);
    }

    private void paint() {
        GraphicsContext g = surface.clean();
        if (steps == 0 || surface.getWidth() < 2 * EDGE) {
            return;
        }
        Palette p = theme.palette().get();
        g.setFill(p.rule());
        g.fillRect(EDGE, TOP, x(steps) - EDGE, RULE);
        g.setStroke(p.ruleEdge());
        g.strokeRect(EDGE + .5, TOP + .5, x(steps) - EDGE - 1, RULE - 1);
        g.setFont(Theme.label(13));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        int numbered = TEN;
        while (x(numbered) - x(0) < LEAST) {
            numbered *= 2;
        }
        for (int i = 1; i <= steps; i++) {
            double at = Math.rint(x(i - .5)) + .5;
            boolean named = i % numbered == 0;
            g.strokeLine(at, TOP + RULE - (named ? 14 : i % 5 == 0 ? 10 : 6), at, TOP + RULE - 1);
            if (named) {
                g.setFill(p.ink());
                g.fillText(String.valueOf(i), at, TOP + 4);
            }
        }
        g.setFill(p.mark());
        for (int i : done) {
            g.fillRect(x(i - 1.0), TOP + RULE + 3, x(i) - x(i - 1.0), 5);
        }
        if (here > 0) {
            g.setFill(p.ink());
            g.fillRect(x(here - .5) - 1.5, 0, 3, HEIGHT);
        }
    }
}
