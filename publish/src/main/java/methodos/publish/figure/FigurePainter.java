package methodos.publish.figure;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import methodos.core.description.Id;
import methodos.core.figure.FigureDrawing;
import methodos.core.figure.Shape;
import methodos.core.figure.Shape.Anchor;
import methodos.core.figure.Shape.Dash;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.Figure;
import methodos.core.manual.Point;
import methodos.publish.Typeface;

/** Paints a figure's drawing: the one painter for the screen, for PNG and for print. */
public final class FigurePainter {

    /** Height of a capital of the heading face, as a share of its size. */
    private static final double CAPITAL = 0.7;

    /** Glyphs lie where the typeface says, at every size and in every medium. */
    private static final FontRenderContext UNHINTED = new FontRenderContext(null, true, true);

    private final FigureDrawing drawing;
    private final Function<Id<Figure>, Optional<BufferedImage>> pictures;

    /**
     * @param pictures the prepared picture of a figure by its id
     */
    public FigurePainter(
            FigureDrawing drawing, Function<Id<Figure>, Optional<BufferedImage>> pictures) {
        this.drawing = drawing;
        this.pictures = pictures;
    }

    /** The figure as a picture of the given width. */
    public BufferedImage paint(int width) {
        return over(backdrop(width));
    }

    /** The sheet with its pictures, without what is drawn over them. */
    public BufferedImage backdrop(int width) {
        return painted(
                blank(width),
                drawing.shapes().stream().filter(s -> s instanceof Shape.Picture).toList());
    }

    /**
     * The figure over its own backdrop, which is left as it is.
     *
     * @param backdrop of a drawing whose pictures lie where those of this one do
     */
    public BufferedImage over(BufferedImage backdrop) {
        BufferedImage image = blank(backdrop.getWidth());
        Graphics2D g = image.createGraphics();
        g.drawImage(backdrop, 0, 0, null);
        g.dispose();
        return painted(
                image,
                drawing.shapes().stream().filter(s -> !(s instanceof Shape.Picture)).toList());
    }

    private BufferedImage blank(int width) {
        BufferedImage image =
                new BufferedImage(width, height(drawing, width), BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.dispose();
        return image;
    }

    /** How high the picture of the given width is, in pixels. */
    public static int height(FigureDrawing drawing, int width) {
        return Math.max(1, (int) Math.round(drawing.height() * width / drawing.width()));
    }

    private BufferedImage painted(BufferedImage image, List<Shape> shapes) {
        Graphics2D g = image.createGraphics();
        double scale = image.getWidth() / drawing.width();
        g.scale(scale, scale);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(
                RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        shapes.forEach(s -> paint(g, s));
        g.dispose();
        return image;
    }

    private void paint(Graphics2D g, Shape shape) {
        if (shape instanceof Shape.Picture p) {
            picture(g, p);
        } else if (shape instanceof Shape.Lens l) {
            lens(g, l);
        } else if (shape instanceof Shape.Path p) {
            Path2D path = path(p);
            fill(g, path, p.fill());
            stroke(g, path, p.line(), p.width(), p.dash());
        } else if (shape instanceof Shape.Circle c) {
            Ellipse2D circle =
                    new Ellipse2D.Double(
                            c.x() - c.radius(), c.y() - c.radius(), 2 * c.radius(), 2 * c.radius());
            fill(g, circle, c.fill());
            stroke(g, circle, c.line(), c.width(), c.dash());
        } else if (shape instanceof Shape.Text t) {
            g.setColor(color(t.ink()));
            g.fill(outline(t));
        }
    }

    private void picture(Graphics2D g, Shape.Picture p) {
        pictures.apply(p.figure())
                .ifPresent(
                        image -> {
                            AffineTransform place =
                                    AffineTransform.getTranslateInstance(p.x(), p.y());
                            place.scale(
                                    p.width() / image.getWidth(), p.height() / image.getHeight());
                            g.drawImage(image, place, null);
                        });
    }

    private void lens(Graphics2D g, Shape.Lens l) {
        Graphics2D in = (Graphics2D) g.create();
        in.clip(
                new Ellipse2D.Double(
                        l.x() - l.radius(), l.y() - l.radius(), 2 * l.radius(), 2 * l.radius()));
        in.setColor(Color.WHITE);
        in.fill(in.getClip());
        in.translate(l.x(), l.y());
        in.scale(l.times(), l.times());
        in.translate(-l.spotX(), -l.spotY());
        picture(in, l.of());
        in.dispose();
    }

    private static Path2D path(Shape.Path p) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < p.points().size(); i++) {
            Point at = p.points().get(i);
            if (i == 0) {
                path.moveTo(at.x(), at.y());
            } else {
                path.lineTo(at.x(), at.y());
            }
        }
        if (p.closed()) {
            path.closePath();
        }
        return path;
    }

    private static void fill(Graphics2D g, java.awt.Shape shape, Ink ink) {
        if (ink != null) {
            g.setColor(color(ink));
            g.fill(shape);
        }
    }

    private static void stroke(
            Graphics2D g, java.awt.Shape shape, Ink ink, double width, Dash dash) {
        if (ink == null || width <= 0) {
            return;
        }
        float w = (float) width;
        g.setColor(color(ink));
        g.setStroke(
                dash == Dash.NONE
                        ? new BasicStroke(w, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                        : new BasicStroke(
                                w,
                                BasicStroke.CAP_BUTT,
                                BasicStroke.JOIN_ROUND,
                                10,
                                new float[] {
                                    (float) (dash.drawn() * width), (float) (dash.left() * width)
                                },
                                0));
        g.draw(shape);
    }

    /** The text as outlines: the same in every medium, with or without the typeface. */
    static java.awt.Shape outline(Shape.Text text) {
        Path2D outline = new Path2D.Double();
        double wide = 0;
        for (String run : runs(text.text())) {
            Font font = face(run.codePointAt(0)).font().deriveFont((float) text.size());
            GlyphVector glyphs = font.createGlyphVector(UNHINTED, run);
            outline.append(glyphs.getOutline((float) wide, 0), false);
            wide += glyphs.getLogicalBounds().getWidth();
        }
        double x = text.anchor() == Anchor.MIDDLE ? text.x() - wide / 2 : text.x();
        outline.transform(
                AffineTransform.getTranslateInstance(x, text.y() + CAPITAL * text.size() / 2));
        return outline;
    }

    /** Stretches that one typeface has all signs of. */
    private static List<String> runs(String text) {
        List<String> runs = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < text.length(); i += Character.charCount(text.codePointAt(i))) {
            if (i > from && face(text.codePointAt(i)) != face(text.codePointAt(from))) {
                runs.add(text.substring(from, i));
                from = i;
            }
        }
        if (from < text.length()) {
            runs.add(text.substring(from));
        }
        return runs;
    }

    private static Typeface face(int sign) {
        if (Typeface.HEADING.font().canDisplay(sign)) {
            return Typeface.HEADING;
        }
        return Typeface.STRONG.font().canDisplay(sign) ? Typeface.STRONG : Typeface.SIGNS;
    }

    private static Color color(Ink ink) {
        return new Color(ink.rgb());
    }
}
