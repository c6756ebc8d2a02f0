package methodos.desktop.seam;

import java.util.Optional;
import java.util.function.BiFunction;
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
import methodos.core.words.Sentences;
import methodos.core.words.Words;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Theme;

/**
 * Draws the card of a step: what it says, handles and warns of, and what is asked about a draft.
 */
final class CardPainter {

    private static final double SURE_HEIGHT = 44;

    private final GraphicsContext g;
    private final Ruling ruling;
    private final Palette colors;
    private final Words words;
    private final BiFunction<Clip, Double, Optional<Image>> film;
    private final Manual manual;
    private final SeamColumns columns;

    /**
     * @param film a still of a clip near a time, where it is at hand
     */
    CardPainter(
            GraphicsContext g,
            Palette colors,
            Words words,
            BiFunction<Clip, Double, Optional<Image>> film,
            Manual manual,
            SeamColumns columns) {
        this.g = g;
        this.ruling = new Ruling(g);
        this.colors = colors;
        this.words = words;
        this.film = film;
        this.manual = manual;
        this.columns = columns;
    }

    /**
     * @param chosen whether its step is the chosen one
     */
    void paint(SeamLayout.Card card, boolean chosen) {
        double x = columns.cards();
        double width = columns.cardWidth();
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
            still(card.still().get(), right, top + SeamLayout.CARD_PADDING);
            right -= SeamLayout.CARD_PADDING;
        }
        chips(card, x + 16, text + 3, right);
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
    private void still(Figure.Still still, double x, double y) {
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
                words.of(hazard.signal())
                        + "  "
                        + Sentences.joined(hazard.hazard(), hazard.avoidance());
        g.fillText(fitted(line, width - 24), x + 12, y + SeamLayout.HAZARD / 2 + 1);
    }

    private void chips(SeamLayout.Card card, double from, double y, double end) {
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
}
