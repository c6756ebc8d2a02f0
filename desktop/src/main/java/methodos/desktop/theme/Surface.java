package methodos.desktop.theme;

import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;

/**
 * What is drawn on. Its canvas has as many pixels as the text size asks for, so that a drawing is
 * as sharp when all is shown larger; whoever draws knows only the usual size.
 */
public final class Surface extends Region {

    private final Canvas canvas = new Canvas();

    /** A sheet that takes the size that its place gives it. */
    public Surface() {
        getChildren().add(canvas);
    }

    /** A sheet of its own size. */
    public Surface(double width, double height) {
        this();
        size(width, height);
    }

    /** A sheet of its own height, as wide as its place. */
    public static Surface high(double height) {
        Surface surface = new Surface();
        surface.setMinHeight(height);
        surface.setPrefHeight(height);
        surface.setMaxHeight(height);
        return surface;
    }

    /** Gives the sheet a size of its own. */
    public void size(double width, double height) {
        setMinSize(width, height);
        setPrefSize(width, height);
        setMaxSize(width, height);
        resize(width, height);
    }

    /** The sheet with nothing on it, in the measures of the usual size. */
    public GraphicsContext clean() {
        GraphicsContext g = covered();
        g.clearRect(0, 0, getWidth() + 1, getHeight() + 1);
        return g;
    }

    /** The same for who paints over all of it anyway, which is quicker. */
    public GraphicsContext covered() {
        double factor = TextSize.factor().get();
        canvas.setWidth(Math.ceil(getWidth() * factor));
        canvas.setHeight(Math.ceil(getHeight() * factor));
        canvas.setScaleX(1 / factor);
        canvas.setScaleY(1 / factor);
        // it grows and shrinks around its middle
        canvas.relocate(
                (getWidth() - canvas.getWidth()) / 2, (getHeight() - canvas.getHeight()) / 2);
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setTransform(factor, 0, 0, factor, 0, 0);
        return g;
    }

    /** What is drawn with, since the sheet was cleaned. */
    public GraphicsContext graphics() {
        return canvas.getGraphicsContext2D();
    }
}
