package methodos.desktop.stores;

import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import methodos.core.kit.StoreList.InKit;
import methodos.core.manual.Part;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** Draws what a kit holds, a box for each part. */
final class KitDrawing {

    private static final double BOX = 60;
    private static final double BOX_HEIGHT = 52;
    private static final double BOX_GAP = 7;

    private final Theme theme;
    private final StoreSigns signs;

    KitDrawing(Theme theme) {
        this.theme = theme;
        this.signs = new StoreSigns(theme);
    }

    private Palette colors() {
        return theme.palette().get();
    }

    static double height(int contents, double width) {
        int across = (int) Math.max(1, (width + BOX_GAP) / (BOX + BOX_GAP));
        int rows = (contents + across - 1) / across;
        return rows * (BOX_HEIGHT + BOX_GAP);
    }

    /** The contents of a kit as boxes: a balloon, and a dot for each. */
    void draw(Surface canvas, List<Part> parts, List<InKit> held) {
        GraphicsContext g = StoreSigns.clean(canvas);
        int across = (int) Math.max(1, (canvas.getWidth() + BOX_GAP) / (BOX + BOX_GAP));
        for (int i = 0; i < parts.size(); i++) {
            double x = (i % across) * (BOX + BOX_GAP);
            double y = (double) (i / across) * (BOX_HEIGHT + BOX_GAP);
            g.setFill(colors().card());
            g.setStroke(colors().line());
            g.fillRoundRect(x + .5, y + .5, BOX - 1, BOX_HEIGHT - 1, 4, 4);
            g.strokeRoundRect(x + .5, y + .5, BOX - 1, BOX_HEIGHT - 1, 4, 4);
            signs.balloon(g, parts.get(i).item(), x + 18, y + 17);
            signs.dots(g, held.get(i), x + 7, y + 40);
        }
    }
}
