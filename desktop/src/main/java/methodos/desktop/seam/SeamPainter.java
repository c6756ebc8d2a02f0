package methodos.desktop.seam;

import java.util.Optional;
import java.util.function.BiFunction;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import methodos.core.edit.StepQuestions;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.narration.WordState;
import methodos.core.narration.Workspace;
import methodos.core.words.Words;
import methodos.desktop.footage.FilmStrip;
import methodos.desktop.footage.FootageClock;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Theme;

/** Draws what of the seam is in view. */
final class SeamPainter {

    private static final double SURE_HEIGHT = 44;

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
                .forEach(b -> bracket(b, top, bottom, b.step().equals(state.step().get())));
        layout.cards().stream()
                .filter(c -> c.y() + c.height() >= top && c.y() <= bottom)
                .forEach(
                        c ->
                                card(
                                        c,
                                        manual,
                                        columns.cardWidth(),
                                        c.step().id().equals(state.step().get())));
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

    private void card(SeamLayout.Card card, Manual manual, double width, boolean chosen) {
        double x = columns.cards();
        double y = Math.round(card.y());
        double height = Math.round(card.height());
        if (chosen) {
            g.setFill(colors.tint());
            g.fillRect(x - 3, y - 3, width + 6, height + 6);
        }
        g.setFill(colors.card());
        g.fillRect(x, y, width, height);
        ruling.outline(chosen ? colors.mark() : colors.line(), x, y, width, height);
        g.setFill(colors.mark());
        if (card.step().accepted()) {
            g.fillRect(x, y, 4, height);
        } else {
            for (double d = 0; d < height; d += 9) {
                g.fillRect(x, y + d, 4, Math.min(5, height - d));
            }
        }
        double text = y + SeamLayout.CARD_PADDING + SeamLayout.TEXT_LINE / 2;
        if (card.hazard().isPresent()) {
            hazard(card.hazard().get(), x + 4, y, width - 4);
            text += SeamLayout.HAZARD;
        }
        g.setTextAlign(TextAlignment.LEFT);
        g.setFont(Theme.heading(15));
        g.setFill(colors.accent());
        g.fillText(String.valueOf(card.number()), x + 16, text);
        g.setFont(Theme.text(15));
        g.setFill(colors.ink());
        for (String line : card.lines()) {
            g.fillText(line, x + 44, text);
            text += SeamLayout.TEXT_LINE;
        }
        double right = x + width - 10;
        if (card.still().isPresent()) {
            right -= SeamLayout.STILL_WIDTH;
            double top = card.hazard().isPresent() ? y + SeamLayout.HAZARD : y;
            still(card.still().get(), manual, right, top + SeamLayout.CARD_PADDING);
            right -= SeamLayout.CARD_PADDING;
        }
        chips(card, manual, x + 16, text + 3, right);
        asks(card, x + 16, y + height - card.asks().size() * SeamLayout.ASK_LINE, chosen, width);
        sure(card.step(), x + width - 9, y + height - 6, height - 12);
    }

    /** The question with its answers, below a thin line; the keys count where it is chosen. */
    private void asks(SeamLayout.Card card, double x, double top, boolean chosen, double width) {
        double y = top + SeamLayout.ASK_LINE / 2 - 3;
        for (SeamLayout.AskLine line : card.asks()) {
            g.setFont(Theme.text(14));
            if (line.key().isEmpty()) {
                g.setFill(colors.soft());
                g.fillText(fitted(line.text(), width - 44), x, y);
            } else {
                ruling.outline(chosen ? colors.ink() : colors.line(), x, y - 9, 18, 18);
                g.setFill(chosen ? colors.ink() : colors.soft());
                g.setTextAlign(TextAlignment.CENTER);
                g.fillText(line.key(), x + 9, y);
                g.setTextAlign(TextAlignment.LEFT);
                g.fillText(fitted(line.text(), width - 72), x + 28, y);
            }
            y += SeamLayout.ASK_LINE;
        }
    }

    /** How sure a draft is of its step: a quiet bar, full to its sureness. */
    private void sure(Step step, double x, double bottom, double most) {
        if (step.accepted() || step.sure() == null) {
            return;
        }
        double tall = Math.min(most, SURE_HEIGHT);
        double full = Math.rint(tall * step.sure());
        ruling.outline(colors.line(), x, bottom - tall, 5, tall);
        g.setFill(StepQuestions.sure(step) ? colors.mark() : colors.open());
        g.fillRect(x, bottom - full, 5, full);
    }

    /** The still that is proposed; like all that is drafted it has a broken edge. */
    private void still(Figure.Still still, Manual manual, double x, double y) {
        manual.clip(still.clip())
                .flatMap(clip -> film.apply(clip, still.time()))
                .ifPresent(
                        image ->
                                g.drawImage(
                                        image,
                                        x,
                                        y,
                                        SeamLayout.STILL_WIDTH,
                                        SeamLayout.STILL_HEIGHT));
        g.setStroke(colors.mark());
        g.setLineDashes(4, 3);
        g.strokeRect(x - .5, y - .5, SeamLayout.STILL_WIDTH + 1, SeamLayout.STILL_HEIGHT + 1);
        g.setLineDashes();
    }

    private void hazard(Hazard hazard, double x, double y, double width) {
        Color ground =
                switch (hazard.signal()) {
                    case DANGER -> Color.web("C8102E");
                    case WARNING -> Color.web("F8943B");
                    case CAUTION -> Color.web("F9C800");
                    case NOTICE -> Color.web("0B5CAD");
                };
        boolean pale =
                hazard.signal() == Hazard.SignalWord.WARNING
                        || hazard.signal() == Hazard.SignalWord.CAUTION;
        g.setFill(ground);
        g.fillRect(x, y + 1, width - 1, SeamLayout.HAZARD - 1);
        g.setFill(pale ? Color.BLACK : Color.WHITE);
        g.setFont(Theme.heading(13));
        g.setTextAlign(TextAlignment.LEFT);
        String line =
                words.of(hazard.signal()) + "  " + hazard.hazard() + ". " + hazard.avoidance();
        g.fillText(fitted(line, width - 24), x + 12, y + SeamLayout.HAZARD / 2 + 1);
    }

    private void chips(SeamLayout.Card card, Manual manual, double from, double y, double end) {
        double x = from;
        g.setFont(Theme.label(13));
        for (Chips.Chip chip : Chips.of(card.step(), manual, words)) {
            double balloon = chip.balloon().isEmpty() ? 0 : 26;
            String text = fitted(chip.text(), end - x - balloon);
            double wide = TextMeasure.width(text, Theme.label(13));
            if (text.isEmpty() || text.length() < 3 && chip.text().length() > 4) {
                return;
            }
            if (balloon > 0) {
                g.setStroke(chip.heard() ? colors.mark() : colors.ink());
                g.setLineDashes(chip.heard() ? new double[] {3, 2} : new double[0]);
                g.strokeOval(x, y - 10, 20, 20);
                g.setLineDashes();
                g.setFill(chip.heard() ? colors.mark() : colors.ink());
                g.setTextAlign(TextAlignment.CENTER);
                g.fillText(chip.balloon(), x + 10, y + .5);
                g.setTextAlign(TextAlignment.LEFT);
            }
            g.setFill(chip.open() ? colors.open() : colors.ink());
            g.fillText(text, x + balloon, y);
            ruling.across(
                    chip.open() ? colors.open() : colors.soft(),
                    x + balloon,
                    x + balloon + wide,
                    y + 9,
                    1);
            x += balloon + wide + 12;
        }
    }

    private String fitted(String text, double room) {
        return TextMeasure.fitted(text, g.getFont(), room);
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
