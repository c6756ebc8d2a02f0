package methodos.publish.figure;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.font.GlyphVector;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import methodos.core.figure.FigureDrawing;
import methodos.core.figure.Shape;
import methodos.publish.Typeface;

/** Paints a figure's drawing: the one painter for the screen, for PNG and for print. */
public final class FigurePainter {

    private FigurePainter() {}

    /** The figure as a picture of the given width. */
    public static BufferedImage paint(FigureDrawing drawing, BufferedImage still, int width) {
        double scale = width / drawing.width();
        BufferedImage image =
                new BufferedImage(width, height(drawing, width), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.scale(scale, scale);
        paint(drawing, still, g);
        g.dispose();
        return image;
    }

    /** How high the picture of the given width is, in pixels. */
    public static int height(FigureDrawing drawing, int width) {
        return Math.max(1, (int) Math.round(drawing.height() * width / drawing.width()));
    }

    private static void paint(FigureDrawing drawing, BufferedImage still, Graphics2D g) {
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(
                RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        for (Shape shape : drawing.shapes()) {
            if (shape instanceof Shape.Picture p) {
                AffineTransform place = AffineTransform.getTranslateInstance(p.x(), p.y());
                place.scale(p.width() / still.getWidth(), p.height() / still.getHeight());
                g.drawImage(still, place, null);
            } else if (shape instanceof Shape.Line l) {
                g.setColor(color(l.ink()));
                g.setStroke(
                        new BasicStroke(
                                (float) l.width(), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
                g.draw(new Line2D.Double(l.x1(), l.y1(), l.x2(), l.y2()));
            } else if (shape instanceof Shape.Circle c) {
                var circle =
                        new Ellipse2D.Double(
                                c.x() - c.radius(),
                                c.y() - c.radius(),
                                2 * c.radius(),
                                2 * c.radius());
                if (c.fill() != null) {
                    g.setColor(color(c.fill()));
                    g.fill(circle);
                }
                g.setColor(color(c.line()));
                g.setStroke(new BasicStroke((float) c.width()));
                g.draw(circle);
            } else if (shape instanceof Shape.Text t) {
                text(g, t);
            }
        }
    }

    private static void text(Graphics2D g, Shape.Text text) {
        Font font = Typeface.HEADING.font().deriveFont((float) text.size());
        GlyphVector glyphs = font.createGlyphVector(g.getFontRenderContext(), text.text());
        Rectangle2D box = glyphs.getVisualBounds();
        g.setColor(color(text.ink()));
        g.fill(
                glyphs.getOutline(
                        (float) (text.x() - box.getCenterX()),
                        (float) (text.y() - box.getCenterY())));
    }

    private static Color color(Shape.Ink ink) {
        return new Color(ink.rgb());
    }
}
