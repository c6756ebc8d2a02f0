package methodos.desktop.seam;

import java.util.Optional;
import java.util.function.BiFunction;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.narration.WordState;
import methodos.core.narration.Workspace;
import methodos.core.words.Words;
import methodos.desktop.footage.FilmStrip;
import methodos.desktop.footage.FootageClock;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Theme;

/** Draws what of the seam is in view. */
final class SeamPainter {

    /** So far out of view things are still drawn. */
    private static final double NEAR = 40;

    private final GraphicsContext g;
    private final Ruling ruling;
    private SeamColumns columns;
    private final Palette colors;
    private final Words words;
    private final BiFunction<Clip, Double, Optional<Image>> film;

    SeamPainter(
            GraphicsContext g,
            Palette colors,
            Words words,
            BiFunction<Clip, Double, Optional<Image>> film) {
        this.g = g;
        this.ruling = new Ruling(g);
        this.colors = colors;
        this.words = words;
        this.film = film;
    }

    /**
     * @param top the height in the layout that is at the upper edge of the view
     */
    void paint(
            SeamLayout layout,
            SeamState state,
            Workspace workspace,
            double top,
            double width,
            double height) {
        columns = layout.columns();
        Manual manual = workspace.manual();
        g.setFill(colors.paper());
        g.fillRect(0, 0, width, height);
        g.save();
        g.translate(0, -top);
        double bottom = top + height;
        for (SeamLayout.Section section : layout.sections()) {
            if (section.bottom() >= top && section.top() <= bottom) {
                section(section, manual, layout.scale(), top, bottom, width);
                workspace
                        .scan(section.clip().id())
                        .ifPresent(
                                scan ->
                                        new ScanMarks(g, colors, words, section, layout)
                                                .paint(scan, top, bottom));
            }
        }
        selection(layout, state);
        layout.blocks().stream()
                .filter(b -> b.y() + b.height() >= top && b.y() <= bottom)
                .forEach(this::words);
        layout.brackets().stream()
                .filter(b -> b.touches(top - NEAR, bottom + NEAR))
                .forEach(b -> bracket(b, top, bottom, state.isChosen(b.step())));
        CardPainter card = new CardPainter(g, colors, words, film, manual, columns);
        layout.cards().stream()
                .filter(c -> c.y() + c.height() >= top && c.y() <= bottom)
                .forEach(c -> card.paint(c, state.isChosen(c.step().id())));
        position(layout, state, manual);
        g.restore();
    }

    private void section(
            SeamLayout.Section s,
            Manual manual,
            double scale,
            double top,
            double bottom,
            double width) {
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.LEFT);
        g.setFill(colors.soft());
        g.setFont(Theme.heading(13));
        String from =
                Optional.ofNullable(s.clip().follows())
                        .flatMap(manual::clip)
                        .map(c -> "  " + words.of("seam.goesOn", c.name()))
                        .orElse("");
        g.fillText(s.clip().name() + from, SeamColumns.FILM_X, s.top() + 14);
        double named = TextMeasure.width(s.clip().name() + from, g.getFont());
        ruling.across(
                colors.line(),
                SeamColumns.FILM_X + Math.max(140, named + 12),
                width - 16,
                s.top() + 14,
                1);
        double end = s.timeTop() + s.clip().duration() * scale;
        g.setFill(colors.rule());
        double shownFrom = Math.rint(Math.max(s.timeTop(), top - NEAR));
        double shownTo = Math.rint(Math.min(end, bottom + NEAR));
        g.fillRect(SeamColumns.EDGE_X, shownFrom, 8, Math.max(0, shownTo - shownFrom));
        ruling.down(colors.ruleEdge(), SeamColumns.EDGE_X, shownFrom, shownTo, 1);
        int first = (int) Math.max(0, Math.floor((top - s.timeTop()) / scale) - 1);
        int last =
                (int) Math.min(s.clip().duration(), Math.ceil((bottom - s.timeTop()) / scale) + 1);
        g.setTextAlign(TextAlignment.RIGHT);
        int mark = (int) Math.ceil(s.clock() + first);
        for (; mark <= s.clock() + last; mark++) {
            double y = Math.round(s.timeTop() + (mark - s.clock()) * scale) + .5;
            boolean labelled = mark % 10 == 0;
            double tick = labelled ? 9 : mark % 5 == 0 ? 6 : 3.5;
            ruling.across(colors.ruleEdge(), SeamColumns.EDGE_X - tick, SeamColumns.EDGE_X, y, 1);
            if (labelled) {
                g.setFill(colors.soft());
                g.setFont(Theme.label(13));
                g.fillText(FootageClock.minutes(mark), SeamColumns.EDGE_X - 11, y);
            }
        }
        film(s, scale, first, last);
    }

    private void film(SeamLayout.Section s, double scale, int first, int last) {
        double high = Math.rint(FilmStrip.HEIGHT * columns.film() / FilmStrip.WIDTH);
        int every = Math.max(1, (int) Math.ceil((high + 14) / scale));
        for (int t = Math.max(0, first / every * every - every); t <= last; t += every) {
            if (t >= s.clip().duration()) {
                break;
            }
            double y = Math.rint(s.timeTop() + t * scale);
            Optional<Image> image = film.apply(s.clip(), (double) t);
            if (image.isPresent()) {
                if (columns.film() == FilmStrip.WIDTH) {
                    g.drawImage(image.get(), SeamColumns.FILM_X, y); // as it is, which is quicker
                } else {
                    g.drawImage(image.get(), SeamColumns.FILM_X, y, columns.film(), high);
                }
            } else {
                g.setFill(colors.sheet());
                g.fillRect(SeamColumns.FILM_X, y, columns.film(), high);
            }
            ruling.outline(colors.line(), SeamColumns.FILM_X, y, columns.film(), high);
        }
    }

    private void selection(SeamLayout layout, SeamState state) {
        if (state.span().get() == null) {
            return;
        }
        var span = state.span().get();
        layout.y(span.clip(), span.start())
                .ifPresent(
                        y -> {
                            g.setFill(colors.tint());
                            g.fillRect(
                                    columns.words() - 8,
                                    y,
                                    columns.brackets() - columns.words() + 4,
                                    span.seconds() * layout.scale());
                        });
    }

    private void words(SeamLayout.WordBlock block) {
        g.setTextAlign(TextAlignment.LEFT);
        boolean proposed = block.state() == WordState.PROPOSED;
        boolean aside = block.state() == WordState.DISMISSED || proposed;
        double line = aside ? SeamLayout.ASIDE_LINE : SeamLayout.WORD_LINE;
        double x = aside ? columns.words() + SeamLayout.ASIDE_INDENT : columns.words();
        double y = Math.rint(block.y() + line / 2 + 2);
        if (aside) {
            g.setFont(Theme.text(13));
            g.setFill(colors.soft());
            g.setFill(proposed ? colors.open() : colors.soft());
            g.fillText(words.of(proposed ? "seam.proposed" : "seam.setAside"), columns.words(), y);
            g.setFill(colors.soft());
            g.setLineDashes(1.5, 2.5);
            g.setStroke(colors.soft());
            g.strokeLine(columns.words(), y + 8.5, columns.words() + 50, y + 8.5);
            g.setLineDashes();
        } else {
            g.setFont(Theme.text(14));
            g.setFill(block.silent() ? colors.open() : colors.ink());
        }
        for (String text : block.lines()) {
            g.fillText(text, x, y);
            y += line;
        }
        values(block, x, line);
        if (proposed) {
            // open like the rest, but with an answer ready: a broken line
            g.setFill(colors.open());
            for (double d = 2; d < block.height() - 6; d += 8) {
                g.fillRect(columns.words() - 9, Math.rint(block.y() + d), 3, 4);
            }
        }
        if (block.state() == WordState.OPEN) {
            g.setFill(colors.open());
            g.fillRect(
                    columns.words() - 9,
                    Math.rint(block.y() + 2),
                    3,
                    Math.rint(block.height() - 6));
        }
    }

    /** Rules a line under the words that are taken for a value, over the ends of lines too. */
    private void values(SeamLayout.WordBlock block, double x, double line) {
        if (block.values().isEmpty()) {
            return;
        }
        String all = String.join(" ", block.lines());
        for (String value : block.values()) {
            int from = all.indexOf(value);
            if (from < 0) {
                continue;
            }
            int to = from + value.length();
            int start = 0;
            double y = Math.rint(block.y() + line - 2) + .5;
            for (String text : block.lines()) {
                int end = start + text.length();
                int a = Math.max(from, start);
                int b = Math.min(to, end);
                if (a < b) {
                    double left = x + TextMeasure.width(text.substring(0, a - start), g.getFont());
                    double right = x + TextMeasure.width(text.substring(0, b - start), g.getFont());
                    ruling.across(colors.accent(), left, right, y, 1.5);
                }
                start = end + 1;
                y += line;
            }
        }
    }

    private void bracket(SeamLayout.Bracket b, double top, double bottom, boolean chosen) {
        Color color = chosen ? colors.accent() : colors.mark();
        double thick = chosen ? 2 : 1;
        double from = Math.round(b.from()) + .5;
        double to = Math.round(b.to()) + .5;
        double middle = within(Math.round((from + to) / 2) + .5, top, bottom);
        double card = within(Math.round(b.card()) + .5, top, bottom);
        // neighbours turn at different places, so that lines that run far do not lie on each other
        double elbow = columns.elbow(b.lane());
        if (b.accepted()) {
            ruling.across(color, columns.brackets(), columns.brackets() + 8, from, thick);
            ruling.across(color, columns.brackets(), columns.brackets() + 8, to, thick);
            ruling.down(
                    color,
                    columns.brackets() + 7,
                    within(from, top, bottom),
                    within(to, top, bottom),
                    thick);
            ruling.across(color, columns.brackets() + 7, elbow, middle, thick);
            ruling.down(color, elbow, middle, card, thick);
            ruling.across(color, elbow, columns.cards(), card, thick);
        } else {
            drafted(color, thick, new double[] {from, to, middle, card, elbow});
        }
        for (double y : new double[] {from, to}) {
            g.setFill(chosen ? colors.accent() : colors.paper());
            g.fillRect(columns.brackets() - 4, Math.floor(y) - 3, 7, 7);
            ruling.outline(color, columns.brackets() - 4, Math.floor(y) - 3, 7, 7);
        }
    }

    /**
     * The bracket of a step that is not accepted is dashed.
     *
     * @param at from, to, middle, card and elbow of the bracket
     */
    private void drafted(Color color, double thick, double[] at) {
        g.setStroke(color);
        g.setLineWidth(thick);
        g.setLineDashes(4, 3);
        g.strokePolyline(
                new double[] {
                    columns.brackets(),
                    columns.brackets() + 7,
                    columns.brackets() + 7,
                    columns.brackets()
                },
                new double[] {at[0], at[0], at[1], at[1]},
                4);
        g.strokePolyline(
                new double[] {columns.brackets() + 7, at[4], at[4], columns.cards()},
                new double[] {at[2], at[2], at[3], at[3]},
                4);
        g.setLineDashes();
        g.setLineWidth(1);
    }

    /**
     * Ends of lines that are far out of view are drawn only as far as is seen: long lines are slow.
     */
    private static double within(double y, double top, double bottom) {
        return Math.max(top - NEAR, Math.min(bottom + NEAR, y));
    }

    private void position(SeamLayout layout, SeamState state, Manual manual) {
        if (state.clip().get() == null) {
            return;
        }
        layout.y(state.clip().get(), state.time().get())
                .ifPresent(
                        y -> {
                            double line = Math.round(y) + .5;
                            ruling.across(
                                    colors.ink(),
                                    SeamColumns.EDGE_X,
                                    columns.words() - 12,
                                    line,
                                    2);
                            g.setFill(colors.ink());
                            g.fillRect(4, line - 10, 40, 20);
                            g.setFill(colors.paper());
                            g.setFont(Theme.heading(13));
                            g.setTextAlign(TextAlignment.CENTER);
                            double start =
                                    manual.clip(state.clip().get())
                                            .map(manual::cameraStart)
                                            .orElse(0.0);
                            g.fillText(FootageClock.minutes(start + state.time().get()), 24, line);
                        });
    }
}
