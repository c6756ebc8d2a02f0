package methodos.desktop.seam;

import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import methodos.core.scan.Scan;
import methodos.core.words.Words;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Theme;

/** Draws beside the film of a clip what its scan found: shot changes, what is of no use, sound. */
final class ScanMarks {

    private static final double SOUND_WIDTH = 10;
    private static final double HATCH = 6;
    private static final double NAMED_FROM = 15;
    private static final double ROW = 2;

    /** Loudness is shown on a root scale, so that quiet words are seen beside a hammer's blow. */
    private static final double LOUDEST_SHOWN = 0.5;

    private final GraphicsContext g;
    private final Palette colors;
    private final Words words;
    private final SeamLayout.Section section;
    private final double scale;
    private final double film;
    private final double soundX;

    ScanMarks(
            GraphicsContext g,
            Palette colors,
            Words words,
            SeamLayout.Section section,
            SeamLayout layout) {
        this.g = g;
        this.colors = colors;
        this.words = words;
        this.section = section;
        this.scale = layout.scale();
        this.film = layout.columns().film();
        this.soundX = SeamColumns.FILM_X + film + 2;
    }

    private double y(double time) {
        return section.timeTop() + time * scale;
    }

    void paint(Scan scan, double top, double bottom) {
        sound(scan, top, bottom);
        scan.unusable().stream()
                .filter(u -> y(u.to()) >= top && y(u.from()) <= bottom)
                .forEach(u -> unusable(u, top, bottom));
        scan.cuts().stream()
                .filter(c -> y(c) >= top - HATCH && y(c) <= bottom + HATCH)
                .forEach(c -> cut(Math.round(y(c)) + .5));
    }

    private void sound(Scan scan, double top, double bottom) {
        g.setFill(colors.mark());
        double end = Math.min(bottom, y(scan.loudness().size() * Scan.LOUDNESS_SLICE));
        double from = Math.rint(Math.max(section.timeTop(), top));
        double wide = 0;
        for (double row = from; row < end + ROW; row += ROW) {
            double now = row < end ? width(scan, row) : 0;
            if (now != wide) { // rows as loud as each other are one rectangle
                if (wide >= 1) {
                    g.fillRect(soundX, from, wide, row - from);
                }
                from = row;
                wide = now;
            }
        }
        for (Scan.Pause pause : scan.pauses()) {
            double start = Math.max(top, y(pause.from()));
            double stop = Math.min(bottom, y(pause.to()));
            if (stop - start >= ROW) {
                new Ruling(g).down(colors.soft(), soundX, start, stop, 1);
            }
        }
    }

    private double width(Scan scan, double row) {
        double from = (row - section.timeTop()) / scale;
        double loudest = scan.loudest(from, from + ROW / scale);
        return Math.rint(SOUND_WIDTH * Math.min(1, Math.sqrt(loudest / LOUDEST_SHOWN)));
    }

    private void unusable(Scan.Unusable u, double top, double bottom) {
        double from = Math.rint(Math.max(y(u.from()), top - HATCH));
        double to = Math.rint(Math.min(y(u.to()), bottom + HATCH));
        double x = SeamColumns.EDGE_X;
        double wide = SeamColumns.FILM_X - x - 1;
        g.setFill(colors.paper());
        g.fillRect(x + 1, from, wide, to - from);
        g.setStroke(colors.ink());
        for (double line = from; line <= to - 2; line += HATCH) {
            g.strokeLine(x + 1.5, Math.min(to, line + HATCH), x + wide, line);
        }
        g.strokeRect(x + .5, Math.round(from) + .5, wide, Math.max(1, Math.round(to - from) - 1));
        if (to - from >= NAMED_FROM) {
            String why = words.of(u.why());
            double room = TextMeasure.width(why, Theme.label(13)) + 10;
            double middle = Math.round((from + to) / 2);
            g.setFill(colors.paper());
            g.fillRect(SeamColumns.FILM_X, middle - 9, room, 18);
            g.setFill(colors.ink());
            g.setFont(Theme.label(13));
            g.setTextAlign(TextAlignment.LEFT);
            g.setTextBaseline(VPos.CENTER);
            g.fillText(why, SeamColumns.FILM_X + 5, middle);
        }
    }

    private void cut(double y) {
        double left = SeamColumns.FILM_X;
        double right = left + film;
        g.setStroke(colors.paper());
        g.setLineWidth(4);
        g.strokeLine(left, y, right, y);
        g.setStroke(colors.ink());
        g.setLineWidth(1.4);
        g.setLineDashes(7, 4);
        g.strokeLine(left - 5, y, right + SOUND_WIDTH + 2, y);
        g.setLineDashes();
        g.setLineWidth(1);
    }
}
