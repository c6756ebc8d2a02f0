package methodos.desktop.plan;

import java.util.Map;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import methodos.core.manual.Stage;
import methodos.core.plan.ManualPlan;
import methodos.core.plan.PlanTime;
import methodos.core.words.Words;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** Where the work's time goes: a bar shared out among the stages. */
final class StagesBar {

    private static final double HEIGHT = 34;

    private final Surface surface = Surface.high(HEIGHT);
    private final Words words;
    private final Theme theme;
    private Map<Stage.Kind, Double> stages = Map.of();

    StagesBar(Words words, Theme theme) {
        this.words = words;
        this.theme = theme;
        surface.setId("timeOfStages");
        surface.widthProperty().addListener(o -> paint());
        theme.palette().addListener(o -> paint());
    }

    Region node() {
        return surface;
    }

    void show(ManualPlan plan) {
        stages = plan.byStage();
        StringBuilder told = new StringBuilder();
        stages.forEach((kind, seconds) -> told.append(told(kind, seconds)).append(". "));
        surface.setAccessibleText(told.toString().strip());
        paint();
    }

    private String told(Stage.Kind kind, double seconds) {
        return words.of("plan.ofStage", words.of(kind), minutes(seconds));
    }

    private String minutes(double seconds) {
        return words.duration(PlanTime.wholeMinutes(seconds));
    }

    private void paint() {
        GraphicsContext g = surface.clean();
        g.setFont(TextWidth.font());
        Palette palette = theme.palette().get();
        double all = stages.values().stream().mapToDouble(s -> s).sum();
        double x = 1;
        boolean odd = false;
        for (Map.Entry<Stage.Kind, Double> stage : stages.entrySet()) {
            double wide = (surface.getWidth() - 2) * stage.getValue() / all;
            g.setFill(odd ? palette.card() : palette.tint());
            g.fillRect(x, 1, wide, HEIGHT - 2);
            g.setStroke(palette.mark());
            g.setLineWidth(1);
            g.strokeRect(x, 1, wide, HEIGHT - 2);
            String full = told(stage.getKey(), stage.getValue());
            String brief = minutes(stage.getValue());
            g.setFill(palette.ink());
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(
                    fits(full, wide) ? full : fits(brief, wide) ? brief : "",
                    x + 6,
                    HEIGHT / 2 + 5);
            x += wide;
            odd = !odd;
        }
    }

    private static boolean fits(String text, double wide) {
        return TextWidth.of(text) + 12 <= wide;
    }
}
