package methodos.publish.figure;

import java.awt.geom.PathIterator;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Base64;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import javax.imageio.ImageIO;
import methodos.core.description.Id;
import methodos.core.figure.FigureDrawing;
import methodos.core.figure.Shape;
import methodos.core.figure.Shape.Dash;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.Figure;
import methodos.core.manual.Point;

/**
 * Writes a figure's drawing as SVG 1.1 that stands alone: pictures are embedded, text is outlines,
 * and it reads as its words to those who cannot see it.
 */
public final class FigureSvg {

    private static final int DIGITS = 3;

    private final FigureDrawing drawing;
    private final Function<Id<Figure>, Optional<BufferedImage>> pictures;
    private final StringBuilder out = new StringBuilder();
    private final Map<Id<Figure>, String> links = new HashMap<>();
    private int lenses;

    private FigureSvg(
            FigureDrawing drawing, Function<Id<Figure>, Optional<BufferedImage>> pictures) {
        this.drawing = drawing;
        this.pictures = pictures;
    }

    /**
     * @param pictures the prepared picture of a figure by its id
     * @param text what the figure shows, in words
     */
    public static String of(
            FigureDrawing drawing,
            Function<Id<Figure>, Optional<BufferedImage>> pictures,
            String text) {
        FigureSvg svg = new FigureSvg(drawing, pictures);
        return svg.written(text);
    }

    private String written(String text) {
        out.append(
                        "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\"")
                .append(
                        " xmlns:xlink=\"http://www.w3.org/1999/xlink\" version=\"1.1\" role=\"img\"")
                .append(attribute("width", drawing.width()))
                .append(attribute("height", drawing.height()))
                .append(" viewBox=\"0 0 ")
                .append(number(drawing.width()))
                .append(' ')
                .append(number(drawing.height()))
                .append("\">\n<title>")
                .append(escaped(text))
                .append("</title>\n<rect width=\"100%\" height=\"100%\" fill=\"#FFFFFF\"/>\n");
        drawing.shapes().forEach(this::write);
        return out.append("</svg>\n").toString();
    }

    private void write(Shape shape) {
        if (shape instanceof Shape.Picture p) {
            picture(p);
        } else if (shape instanceof Shape.Lens l) {
            lens(l);
        } else if (shape instanceof Shape.Path p) {
            out.append("<path d=\"").append(data(p)).append('"');
            style(p.fill(), p.line(), p.width(), p.dash());
        } else if (shape instanceof Shape.Circle c) {
            out.append("<circle")
                    .append(attribute("cx", c.x()))
                    .append(attribute("cy", c.y()))
                    .append(attribute("r", c.radius()));
            style(c.fill(), c.line(), c.width(), c.dash());
        } else if (shape instanceof Shape.Text t) {
            out.append("<path aria-label=\"")
                    .append(escaped(t.text()))
                    .append("\" d=\"")
                    .append(data(FigurePainter.outline(t).getPathIterator(null)))
                    .append('"');
            style(t.ink(), null, 0, Dash.NONE);
        }
    }

    private void picture(Shape.Picture p) {
        link(p.figure())
                .ifPresent(
                        link ->
                                out.append("<image preserveAspectRatio=\"none\"")
                                        .append(attribute("x", p.x()))
                                        .append(attribute("y", p.y()))
                                        .append(attribute("width", p.width()))
                                        .append(attribute("height", p.height()))
                                        .append(" xlink:href=\"")
                                        .append(link)
                                        .append("\"/>\n"));
    }

    private void lens(Shape.Lens l) {
        String id = "lens" + ++lenses;
        out.append("<clipPath id=\"")
                .append(id)
                .append("\"><circle")
                .append(attribute("cx", l.x()))
                .append(attribute("cy", l.y()))
                .append(attribute("r", l.radius()))
                .append("/></clipPath>\n<g clip-path=\"url(#")
                .append(id)
                .append(")\"><g transform=\"translate(")
                .append(number(l.x() - l.times() * l.spotX()))
                .append(' ')
                .append(number(l.y() - l.times() * l.spotY()))
                .append(") scale(")
                .append(number(l.times()))
                .append(")\">\n");
        picture(l.of());
        out.append("</g></g>\n");
    }

    private Optional<String> link(Id<Figure> figure) {
        if (!links.containsKey(figure)) {
            pictures.apply(figure).ifPresent(p -> links.put(figure, embedded(p)));
        }
        return Optional.ofNullable(links.get(figure));
    }

    private static String embedded(BufferedImage picture) {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "png", png);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return "data:image/png;base64," + Base64.getEncoder().encodeToString(png.toByteArray());
    }

    private void style(Ink fill, Ink line, double width, Dash dash) {
        out.append(" fill=\"").append(fill == null ? "none" : colour(fill)).append('"');
        if (line != null && width > 0) {
            out.append(" stroke=\"").append(colour(line)).append('"');
            out.append(attribute("stroke-width", width));
            out.append(" stroke-linejoin=\"round\"");
            if (dash == Dash.NONE) {
                out.append(" stroke-linecap=\"round\"");
            } else {
                out.append(" stroke-dasharray=\"")
                        .append(number(dash.drawn() * width))
                        .append(' ')
                        .append(number(dash.left() * width))
                        .append('"');
            }
        }
        out.append("/>\n");
    }

    private static String data(Shape.Path path) {
        StringBuilder data = new StringBuilder();
        for (Point p : path.points()) {
            data.append(data.isEmpty() ? 'M' : 'L')
                    .append(number(p.x()))
                    .append(' ')
                    .append(number(p.y()));
        }
        return path.closed() ? data.append('Z').toString() : data.toString();
    }

    private static String data(PathIterator path) {
        StringBuilder data = new StringBuilder();
        double[] c = new double[6];
        for (; !path.isDone(); path.next()) {
            int kind = path.currentSegment(c);
            data.append("MLQCZ".charAt(kind));
            int numbers = kind == PathIterator.SEG_CLOSE ? 0 : kind < 2 ? 2 : 2 * kind;
            for (int i = 0; i < numbers; i++) {
                data.append(i == 0 ? "" : " ").append(number(c[i]));
            }
        }
        return data.toString();
    }

    private static String attribute(String name, double value) {
        return " " + name + "=\"" + number(value) + "\"";
    }

    private static String number(double v) {
        return BigDecimal.valueOf(v)
                .setScale(DIGITS, RoundingMode.HALF_EVEN)
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String colour(Ink ink) {
        return String.format("#%06X", ink.rgb());
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
