package methodos.desktop.unit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import methodos.core.check.OpenPoints;
import methodos.core.description.Id;
import methodos.core.manual.Energy;
import methodos.core.manual.EnergyCycle;
import methodos.core.manual.Manual;
import methodos.core.manual.Model;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Variant;
import methodos.core.words.Words;
import methodos.desktop.theme.Lettering;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** Draws the variants along the rule of serial numbers, and the energies between steps. */
final class UnitDrawing {

    /** Between two lines of one energy. */
    private static final double BETWEEN = 16;

    static final double NAME_WIDTH = 150;
    private static final double RULE = 30;
    private static final double ROW = 44;

    /** A variant's bar, for clicks. */
    record Bar(Variant variant, double x, double y, double width, double height) {}

    private final Theme theme;
    private final Words words;
    private final Lettering lettering = new Lettering();

    /** The energies by the height at which each was drawn. */
    private final TreeMap<Double, Id<Energy>> rows = new TreeMap<>();

    UnitDrawing(Theme theme, Words words) {
        this.theme = theme;
        this.words = words;
    }

    private Palette colors() {
        return theme.palette().get();
    }

    static double rangesHeight(Manual manual) {
        return 30 + RULE + 10 + Math.max(1, manual.unit().models().size()) * ROW + 6;
    }

    List<Bar> ranges(Surface canvas, Manual manual, Sight sight, Id<Variant> chosen) {
        GraphicsContext g = canvas.clean();
        double width = canvas.getWidth();
        g.setTextBaseline(VPos.CENTER);
        SerialScale scale = SerialScale.of(manual.variants(), NAME_WIDTH + 12, width - 14);
        rule(g, scale, width);
        List<Bar> bars = new ArrayList<>();
        double y = 30 + RULE + 10;
        for (Model model : manual.unit().models()) {
            g.setTextAlign(TextAlignment.LEFT);
            g.setFill(colors().ink());
            g.setFont(Theme.heading(14));
            g.fillText(model.name(), 0, y + 11);
            g.setFont(Theme.text(13));
            g.setFill(colors().soft());
            g.fillText(model.kind(), 0, y + 27);
            for (Variant v : manual.variants()) {
                if (v.model().equals(model.name())) {
                    bars.add(bar(g, manual, v, scale, y, v.id().equals(chosen)));
                }
            }
            for (SerialRange gap : OpenPoints.gaps(manual, model.name())) {
                gap(g, scale, gap, y);
            }
            y += ROW;
        }
        if (!sight.everything()) {
            pointer(g, scale, sight, y);
        }
        return bars;
    }

    private void rule(GraphicsContext g, SerialScale scale, double width) {
        g.setTextAlign(TextAlignment.LEFT);
        g.setFill(colors().soft());
        g.setFont(Theme.text(14));
        g.fillText(words.of("unit.serial"), 0, 30 + RULE / 2);
        g.setFill(colors().rule());
        g.fillRoundRect(NAME_WIDTH, 30, width - NAME_WIDTH - 2, RULE, 6, 6);
        g.setStroke(colors().ruleEdge());
        g.strokeRoundRect(NAME_WIDTH + .5, 30.5, width - NAME_WIDTH - 3, RULE - 1, 6, 6);
        long step = scale.step();
        long minor = Math.max(1, step / 5);
        for (long n = scale.first(); n <= scale.last(); n += minor) {
            double x = Math.round(scale.x(n)) + .5;
            boolean major = n % step == 0;
            g.strokeLine(x, 30 + RULE - (major ? 12 : 6), x, 30 + RULE - 1);
            if (major && x < width - 40) {
                g.setFill(colors().ink());
                g.setFont(Theme.label(13));
                g.setTextAlign(TextAlignment.LEFT);
                g.fillText(String.valueOf(n), x + 3, 30 + 10);
            }
        }
    }

    private Bar bar(
            GraphicsContext g,
            Manual manual,
            Variant v,
            SerialScale scale,
            double y,
            boolean chosen) {
        double left = scale.left(v.serials());
        double right = scale.right(v.serials()) - 2;
        boolean late = v.serials().to() == null;
        g.setFill(late ? colors().tint() : colors().rule().interpolate(colors().paper(), .45));
        g.fillRoundRect(left, y, right - left, ROW - 9, 4, 4);
        g.setStroke(late ? colors().mark() : colors().ruleEdge());
        g.setLineWidth(chosen ? 2.4 : 1);
        g.strokeRoundRect(left + .5, y + .5, right - left - 1, ROW - 10, 4, 4);
        g.setLineWidth(1);
        g.setTextAlign(TextAlignment.LEFT);
        g.setFill(colors().ink());
        g.setFont(Theme.heading(13));
        clipped(g, v.build(), left + 10, y + 11, right - left - 14);
        Sight sight = Sight.of(v);
        long parts = manual.parts().stream().filter(p -> p.applicability().concerns(sight)).count();
        g.setFont(Theme.text(13));
        g.setFill(colors().soft());
        clipped(
                g,
                words.of("unit.stepsParts", new StepNumbers(manual, sight).count(), parts),
                left + 10,
                y + 26,
                right - left - 14);
        return new Bar(v, left, y, right - left, ROW - 9);
    }

    /** What does not fit ends in dots; the whole of it is where the thing is changed. */
    private void clipped(GraphicsContext g, String text, double x, double y, double width) {
        lettering.fitted(
                g, text, new Lettering.Style(g.getFont(), (Color) g.getFill()), x, y, width);
    }

    private void gap(GraphicsContext g, SerialScale scale, SerialRange gap, double y) {
        double left = scale.left(gap);
        double width = scale.right(gap) - left - 2;
        g.setStroke(colors().open());
        g.setLineDashes(4, 3);
        g.strokeRoundRect(left + .5, y + .5, width, ROW - 10, 4, 4);
        g.setLineDashes();
        g.setFill(colors().open());
        g.setFont(Theme.heading(13));
        clipped(g, words.of("unit.notCovered"), left + 8, y + 17, width - 10);
    }

    private void pointer(GraphicsContext g, SerialScale scale, Sight sight, double bottom) {
        double x = Math.round((scale.left(sight.serials()) + scale.right(sight.serials())) / 2);
        g.setFill(colors().mark());
        g.fillPolygon(new double[] {x - 6, x + 6, x}, new double[] {17, 17, 28}, 3);
        g.setFont(Theme.text(13));
        g.setFill(colors().accent());
        boolean right = x > scale.to() - 220;
        g.setTextAlign(right ? TextAlignment.RIGHT : TextAlignment.LEFT);
        g.fillText(words.of("unit.lookedThrough", words.of(sight)), x + (right ? -11 : 11), 18);
    }

    /** The energy that was drawn at a height. */
    Optional<Id<Energy>> energyAt(double y) {
        return Optional.ofNullable(rows.floorEntry(y)).map(Map.Entry::getValue);
    }

    static double energiesHeight(Manual manual) {
        return 24 + manual.energies().size() * 34;
    }

    void energies(Surface canvas, Manual manual, Sight sight) {
        GraphicsContext g = canvas.clean();
        double width = canvas.getWidth();
        g.setTextBaseline(VPos.CENTER);
        StepNumbers numbers = new StepNumbers(manual, sight);
        double safeX = width * .36;
        double lineX = width * .60;
        double backX = width - 118;
        g.setFont(Theme.text(13));
        g.setFill(colors().soft());
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(words.of("unit.madeSafe"), safeX, 10);
        g.fillText(words.of("unit.givenBack"), backX + 16, 10);
        double y = 26;
        rows.clear();
        for (Energy e : manual.energies()) {
            if (!e.applicability().concerns(sight)) {
                continue;
            }
            rows.put(y, e.id());
            energy(g, e, numbers, y + 14, new Columns(safeX, lineX, backX));
            g.setStroke(colors().line());
            g.strokeLine(0, y + 31.5, width, y + 31.5);
            y += 34;
        }
    }

    /** Where the steps that make an energy safe stand, its line, and those that give it back. */
    private record Columns(double safe, double line, double back) {}

    /** How often it is made safe and given back: a line of its own for each time. */
    private static int times(Energy energy, StepNumbers numbers) {
        Map<Id<Step>, Integer> places = new HashMap<>();
        for (Id<Step> step : energy.safeSteps()) {
            numbers.of(step).ifPresent(n -> places.put(step, n));
        }
        for (Id<Step> step : energy.restoreSteps()) {
            numbers.of(step).ifPresent(n -> places.put(step, n));
        }
        return Math.max(1, EnergyCycle.of(energy, places).size());
    }

    private void time(GraphicsContext g, double from, double to, double y, boolean closed) {
        g.strokeLine(from, y, to, y);
        g.setLineDashes();
        g.setFill(colors().ink());
        g.fillPolygon(
                new double[] {from - 5, from + 5, from}, new double[] {y - 7, y - 7, y + 1}, 3);
        if (closed) {
            g.setFill(colors().mark());
            g.fillPolygon(new double[] {to - 5, to + 5, to}, new double[] {y + 8, y + 8, y}, 3);
        }
    }

    private void energy(
            GraphicsContext g, Energy e, StepNumbers numbers, double y, Columns columns) {
        double safeX = columns.safe();
        double lineX = columns.line();
        double backX = columns.back();
        g.setTextAlign(TextAlignment.LEFT);
        g.setFill(colors().ink());
        g.setFont(Theme.heading(14));
        clipped(g, e.name(), 0, y, 148);
        g.setFont(Theme.text(14));
        g.setFill(colors().soft());
        clipped(g, e.amount(), 152, y, safeX - 158);
        g.setFill(colors().ink());
        List<Integer> safe = numbers.of(e.safeSteps());
        List<Integer> back = numbers.of(e.restoreSteps());
        String steps = safe.isEmpty() ? "" : words.of("unit.steps", safe.size(), list(safe));
        double told = steps.isEmpty() ? 0 : lettering.width(steps, g.getFont()) + 14;
        clipped(g, e.madeSafe(), safeX, y, lineX - safeX - told);
        g.setFill(colors().soft());
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(steps, lineX - 12, y);
        boolean closed = !safe.isEmpty() && !back.isEmpty();
        g.setStroke(closed ? colors().mark() : colors().open());
        g.setLineWidth(2.4);
        if (!closed) {
            g.setLineDashes(3, 5);
        }
        int times = closed ? times(e, numbers) : 1;
        double each = (backX - lineX + BETWEEN) / times;
        for (int i = 0; i < times; i++) {
            time(g, lineX + i * each, lineX + (i + 1) * each - BETWEEN, y, closed);
        }
        g.setLineWidth(1);
        g.setTextAlign(TextAlignment.LEFT);
        if (closed) {
            g.setFill(colors().soft());
            g.fillText(words.of("unit.steps", back.size(), list(back)), backX + 16, y);
        } else {
            g.setLineWidth(2.2);
            g.strokeOval(backX - 5, y - 5, 10, 10);
            g.setLineWidth(1);
            g.setFill(colors().open());
            g.fillText(words.of("unit.nowhere"), backX + 16, y);
        }
    }

    private static String list(List<Integer> numbers) {
        return String.join(", ", numbers.stream().map(String::valueOf).toList());
    }
}
