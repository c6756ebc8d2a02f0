package methodos.desktop.footage;

import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import methodos.core.manual.Clip;
import methodos.core.scan.Scan;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** A clip laid along a rule of seconds: its shots, its sound, and what of it is of no use. */
final class ClipRule extends Region {

    static final double HEIGHT = 46;

    private static final double FILM = 22;
    private static final double RULE = 6;
    private static final double HATCH = 5;
    private static final double NARROWEST_LABEL = 64;
    private static final int[] STEPS = {1, 2, 5, 10, 20, 30, 60, 120, 300, 600, 1200, 1800, 3600};

    private final Clip clip;
    private final Theme theme;
    private final Surface canvas = new Surface();
    private Scan scan;

    ClipRule(Clip clip, Theme theme) {
        this.clip = clip;
        this.theme = theme;
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        getChildren().add(canvas);
    }

    void show(Optional<Scan> found) {
        scan = found.orElse(null);
        draw();
    }

    @Override
    protected void layoutChildren() {
        canvas.size(getWidth(), HEIGHT);
        draw();
    }

    private double x(double time) {
        return time / Math.max(clip.duration(), 1e-3) * (canvas.getWidth() - 1);
    }

    private void draw() {
        if (canvas.getWidth() <= 1) {
            return;
        }
        Palette colors = theme.palette().get();
        GraphicsContext g = canvas.clean();
        g.setFill(colors.sheet());
        g.fillRect(0, 0, canvas.getWidth(), FILM);
        if (scan != null) {
            sound(g, colors);
            scan.unusable().forEach(u -> unusable(g, colors, u));
            g.setStroke(colors.ink());
            for (double cut : scan.cuts()) {
                double at = Math.round(x(cut)) + .5;
                g.strokeLine(at, 0, at, FILM + RULE);
            }
        }
        g.setStroke(colors.line());
        g.strokeRect(.5, .5, canvas.getWidth() - 1, FILM - 1);
        rule(g, colors);
    }

    private void sound(GraphicsContext g, Palette colors) {
        g.setFill(colors.mark());
        double each = clip.duration() / canvas.getWidth();
        for (int column = 0; column < canvas.getWidth(); column++) {
            double loudest = scan.loudest(column * each, (column + 1) * each);
            double high = (FILM - 4) * Math.min(1, Math.sqrt(2 * loudest));
            if (high >= 1) {
                g.fillRect(column, FILM - 1 - high, 1, high);
            }
        }
    }

    private void unusable(GraphicsContext g, Palette colors, Scan.Unusable u) {
        double from = Math.floor(x(u.from()));
        double wide = Math.max(2, Math.ceil(x(u.to())) - from);
        g.setFill(colors.paper());
        g.fillRect(from, 1, wide, FILM - 2);
        g.setStroke(colors.ink());
        g.save();
        g.beginPath();
        g.rect(from, 1, wide, FILM - 2);
        g.clip();
        for (double line = from - FILM; line < from + wide; line += HATCH) {
            g.strokeLine(line, FILM, line + FILM, 0);
        }
        g.restore();
        g.strokeRect(from + .5, 1.5, wide, FILM - 3);
    }

    private void rule(GraphicsContext g, Palette colors) {
        g.setFill(colors.rule());
        g.fillRect(0, FILM, canvas.getWidth(), RULE);
        g.setStroke(colors.ruleEdge());
        g.setFill(colors.soft());
        g.setFont(Theme.label(13));
        g.setTextBaseline(VPos.TOP);
        int step = 3600;
        for (int i = STEPS.length - 1; i >= 0 && x(STEPS[i]) >= NARROWEST_LABEL; i--) {
            step = STEPS[i];
        }
        for (int t = 0; t <= clip.duration(); t += step) {
            double at = Math.round(x(t)) + .5;
            g.strokeLine(at, FILM, at, FILM + RULE + 3);
            g.setTextAlign(t == 0 ? TextAlignment.LEFT : TextAlignment.CENTER);
            if (t == 0 || at < canvas.getWidth() - 20) {
                g.fillText(FootageClock.minutes(t), at, FILM + RULE + 3);
            }
        }
    }
}
