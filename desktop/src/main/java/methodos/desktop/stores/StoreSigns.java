package methodos.desktop.stores;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import methodos.core.kit.StoreList.InKit;
import methodos.core.manual.PartUse.Handling;
import methodos.desktop.theme.Lettering;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Theme;

/** The signs of the stores: balloons, dots of kits, what happens to a part, and text that fits. */
final class StoreSigns extends Lettering {

    private static final double DOT = 10;
    private static final int MOST_DOTS = 4;
    private final Theme theme;

    StoreSigns(Theme theme) {
        this.theme = theme;
    }

    private Palette colors() {
        return theme.palette().get();
    }

    void balloon(GraphicsContext g, String item, double x, double y) {
        g.setStroke(colors().ink());
        g.setLineWidth(1.5);
        g.setFill(colors().card());
        g.fillOval(x - 12, y - 12, 24, 24);
        g.strokeOval(x - 12, y - 12, 24, 24);
        g.setLineWidth(1);
        g.setTextAlign(TextAlignment.CENTER);
        Font font = Theme.heading(item.length() > 2 ? 13 : 14);
        fitted(g, item, new Style(font, colors().ink()), x, y, 26);
        g.setTextAlign(TextAlignment.LEFT);
    }

    /** A full dot for each that is used, a ring for each that is left over; many as a number. */
    void dots(GraphicsContext g, InKit kit, double x, double y) {
        int all = kit.used() + kit.spare();
        g.setStroke(colors().mark());
        g.setLineWidth(1.5);
        if (all > MOST_DOTS) {
            g.setFill(colors().mark());
            g.fillOval(x, y - DOT / 2, DOT, DOT);
            String count = kit.spare() > 0 ? kit.used() + " + " + kit.spare() : "" + kit.used();
            text(g, count, Theme.label(13), colors().accent(), x + DOT + 4, y);
        } else {
            for (int i = 0; i < all; i++) {
                double at = x + i * (DOT + 3);
                if (i < kit.used()) {
                    g.setFill(colors().mark());
                    g.fillOval(at, y - DOT / 2, DOT, DOT);
                } else {
                    g.strokeOval(at + .75, y - DOT / 2 + .75, DOT - 1.5, DOT - 1.5);
                }
            }
        }
        g.setLineWidth(1);
    }

    void stop(GraphicsContext g, Handling handling, double x, double y) {
        switch (handling) {
            case TAKEN_OFF -> {
                g.setFill(colors().ink());
                g.fillPolygon(
                        new double[] {x - 5, x + 5, x}, new double[] {y - 8, y - 8, y - 1}, 3);
            }
            case PUT_ON -> {
                g.setFill(colors().mark());
                g.fillPolygon(
                        new double[] {x - 5, x + 5, x}, new double[] {y + 8, y + 8, y + 1}, 3);
            }
            case LOOKED_AT -> {
                double[] xs = {x - 6, x, x + 6, x};
                double[] ys = {y, y - 6, y, y + 6};
                g.setFill(colors().card());
                g.fillPolygon(xs, ys, 4);
                g.setStroke(colors().ink());
                g.setLineWidth(1.5);
                g.strokePolygon(xs, ys, 4);
                g.setLineWidth(1);
            }
            case TOUCHED -> {
                g.setStroke(colors().soft());
                g.strokeLine(Math.round(x) + .5, y - 4, Math.round(x) + .5, y + 4);
            }
        }
    }
}
