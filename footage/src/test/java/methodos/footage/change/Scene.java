package methodos.footage.change;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import methodos.core.change.SeenChange;
import methodos.core.manual.Point;

/**
 * A bench with things on it, as a camera sees it before and after something was done: what is gone,
 * new or moved is known. All of it comes from a seed.
 */
final class Scene {

    static final int WIDTH = 1280;
    static final int HEIGHT = 720;

    /** What happens besides, to be told from things that change. */
    enum Trouble {
        NONE,
        LIGHT,
        SHADOW,
        SHAKE,
        CAMERA,
        REFLECTION
    }

    /**
     * @param x middle in pixels, before
     * @param movedX where it is after, the same where it did not move
     */
    private record Thing(
            double x,
            double y,
            double radius,
            int form,
            Color colour,
            long seed,
            boolean before,
            boolean after,
            double movedX,
            double movedY) {}

    /** What is to be found: where, in shares of its still, and how large. */
    record Truth(SeenChange.Kind kind, Point middle, double radius) {}

    private final long seed;
    private final Trouble trouble;
    private final List<Thing> things = new ArrayList<>();
    private final double[] camera;

    /**
     * @param changes how many things change, 0 for none
     */
    Scene(long seed, Trouble trouble, int changes) {
        this.seed = seed;
        this.trouble = trouble;
        Random random = new Random(seed * 7919 + 13);
        int still = 5 + random.nextInt(6);
        for (int i = 0; i < still + changes; i++) {
            boolean changed = i >= still;
            Thing thing = null;
            for (int trial = 0; trial < 200 && thing == null; trial++) {
                thing = thing(random, changed);
                if (!free(thing)) {
                    thing = null;
                }
            }
            if (thing != null) {
                things.add(thing);
            }
        }
        double far = trouble == Trouble.SHAKE ? 6 : trouble == Trouble.CAMERA ? 40 : 0;
        camera =
                new double[] {
                    far * (random.nextDouble() - .5),
                    far * (random.nextDouble() - .5),
                    far == 0 ? 0 : (random.nextDouble() - .5) * far * .002,
                    far == 0 ? 1 : 1 + (random.nextDouble() - .5) * far * .002
                };
    }

    private Thing thing(Random random, boolean changed) {
        double radius = 18 + random.nextDouble() * 62;
        double x = 90 + random.nextDouble() * (WIDTH - 180);
        double y = 90 + random.nextDouble() * (HEIGHT - 180);
        int kind = changed ? random.nextInt(3) : 3;
        int grey = 40 + random.nextInt(170);
        Color colour =
                random.nextInt(3) == 0
                        ? Color.getHSBColor(
                                random.nextFloat(),
                                .35f + random.nextFloat() * .5f,
                                .3f + random.nextFloat() * .6f)
                        : new Color(grey, grey, Math.min(255, grey + 6));
        double mx = kind == 2 ? 90 + random.nextDouble() * (WIDTH - 180) : x;
        double my = kind == 2 ? 90 + random.nextDouble() * (HEIGHT - 180) : y;
        return new Thing(
                x,
                y,
                radius,
                random.nextInt(5),
                colour,
                random.nextLong(),
                kind != 1,
                kind != 0,
                mx,
                my);
    }

    private boolean free(Thing thing) {
        if (thing.before
                && thing.after
                && Math.hypot(thing.x - thing.movedX, thing.y - thing.movedY) > 1
                && Math.hypot(thing.x - thing.movedX, thing.y - thing.movedY) < 3 * thing.radius) {
            return false;
        }
        for (Thing other : things) {
            double gap = (thing.radius + other.radius) * 1.25 + 12;
            if (Math.hypot(thing.x - other.x, thing.y - other.y) < gap
                    || Math.hypot(thing.movedX - other.x, thing.movedY - other.y) < gap
                    || Math.hypot(thing.x - other.movedX, thing.y - other.movedY) < gap
                    || Math.hypot(thing.movedX - other.movedX, thing.movedY - other.movedY) < gap) {
                return false;
            }
        }
        return true;
    }

    List<Truth> truth() {
        List<Truth> all = new ArrayList<>();
        for (Thing t : things) {
            boolean moved = Math.hypot(t.x - t.movedX, t.y - t.movedY) > 1;
            if (t.before && (!t.after || moved)) {
                all.add(
                        new Truth(
                                SeenChange.Kind.GONE,
                                new Point(t.x / WIDTH, t.y / HEIGHT),
                                t.radius / WIDTH));
            }
            if (t.after && (!t.before || moved)) {
                double[] p = {t.movedX, t.movedY};
                view().transform(p, 0, p, 0, 1);
                all.add(
                        new Truth(
                                SeenChange.Kind.NEW,
                                new Point(p[0] / WIDTH, p[1] / HEIGHT),
                                t.radius / WIDTH));
            }
        }
        return all;
    }

    private AffineTransform view() {
        AffineTransform view = new AffineTransform();
        view.translate(WIDTH / 2.0 + camera[0], HEIGHT / 2.0 + camera[1]);
        view.rotate(camera[2]);
        view.scale(camera[3], camera[3]);
        view.translate(-WIDTH / 2.0, -HEIGHT / 2.0);
        return view;
    }

    BufferedImage before() {
        return drawn(false, 1);
    }

    BufferedImage after() {
        return drawn(true, 2);
    }

    private BufferedImage drawn(boolean after, long shot) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        if (after) {
            g.transform(view());
        }
        bench(g);
        for (Thing thing : things) {
            if (after ? thing.after : thing.before) {
                draw(g, thing, after ? thing.movedX : thing.x, after ? thing.movedY : thing.y);
            }
        }
        light(g, after);
        g.dispose();
        return noisy(image, shot, after);
    }

    /** What lies under everything: planks, tiles, a mat or a sheet of steel. */
    private void bench(Graphics2D g) {
        Random random = new Random(seed);
        int kind = random.nextInt(4);
        int grey = 90 + random.nextInt(90);
        Color ground =
                kind == 0
                        ? new Color(grey + 30, grey, Math.max(0, grey - 40))
                        : new Color(grey, grey, grey);
        g.setPaint(
                new GradientPaint(
                        -200,
                        -200,
                        ground.brighter(),
                        WIDTH + 200f,
                        HEIGHT + 200f,
                        ground.darker()));
        g.fill(new Rectangle2D.Double(-200, -200, WIDTH + 400, HEIGHT + 400));
        if (kind == 0) {
            for (int y = -200; y < HEIGHT + 200; y += 70 + random.nextInt(40)) {
                g.setColor(new Color(40, 30, 20, 120));
                g.fill(new Rectangle2D.Double(-200, y, WIDTH + 400, 2));
                for (int i = 0; i < 26; i++) {
                    g.setColor(new Color(60, 40, 20, 30 + random.nextInt(40)));
                    double from = random.nextInt(WIDTH + 400) - 200;
                    g.fill(
                            new Rectangle2D.Double(
                                    from, y + random.nextInt(70), 40 + random.nextInt(300), 1.4));
                }
            }
        } else if (kind == 1) {
            g.setColor(new Color(230, 230, 230, 130));
            int tile = 90 + random.nextInt(80);
            for (int x = -200; x < WIDTH + 200; x += tile) {
                g.fill(new Rectangle2D.Double(x, -200, 2, HEIGHT + 400));
            }
            for (int y = -200; y < HEIGHT + 200; y += tile) {
                g.fill(new Rectangle2D.Double(-200, y, WIDTH + 400, 2));
            }
        } else if (kind == 2) {
            for (int i = 0; i < 5000; i++) {
                int level = random.nextInt(256);
                g.setColor(new Color(level, level, level, 40));
                g.fill(
                        new Ellipse2D.Double(
                                random.nextInt(WIDTH + 400) - 200,
                                random.nextInt(HEIGHT + 400) - 200,
                                3 + random.nextInt(8),
                                3 + random.nextInt(8)));
            }
        }
        for (int i = 0; i < 12; i++) { // scratches and stains, so that the camera finds its way
            g.setColor(new Color(20, 20, 20, 60));
            g.setStroke(new BasicStroke(1 + random.nextInt(2)));
            int x = random.nextInt(WIDTH);
            int y = random.nextInt(HEIGHT);
            g.drawLine(x, y, x + random.nextInt(160) - 80, y + random.nextInt(160) - 80);
        }
    }

    private static Shape form(Thing t) {
        double r = t.radius;
        switch (t.form) {
            case 0:
                return new Ellipse2D.Double(-r, -r, 2 * r, 2 * r);
            case 1:
                return new RoundRectangle2D.Double(-r, -.6 * r, 2 * r, 1.2 * r, .4 * r, .4 * r);
            case 2:
                Area ring = new Area(new Ellipse2D.Double(-r, -r, 2 * r, 2 * r));
                ring.subtract(new Area(new Ellipse2D.Double(-.55 * r, -.55 * r, 1.1 * r, 1.1 * r)));
                return ring;
            case 3:
                Path2D hexagon = new Path2D.Double();
                for (int i = 0; i < 6; i++) {
                    double a = Math.PI / 3 * i;
                    if (i == 0) {
                        hexagon.moveTo(r * Math.cos(a), r * Math.sin(a));
                    } else {
                        hexagon.lineTo(r * Math.cos(a), r * Math.sin(a));
                    }
                }
                hexagon.closePath();
                return hexagon;
            default:
                Area bolt = new Area(new Rectangle2D.Double(-r, -.22 * r, 1.6 * r, .44 * r));
                bolt.add(new Area(new RoundRectangle2D.Double(.4 * r, -.5 * r, .6 * r, r, 6, 6)));
                return bolt;
        }
    }

    private static void draw(Graphics2D g, Thing t, double x, double y) {
        Random random = new Random(t.seed);
        AffineTransform kept = g.getTransform();
        g.translate(x, y);
        g.rotate(random.nextDouble() * 6.28);
        Shape form = form(t);
        for (int i = 5; i > 0; i--) { // what it throws on the bench, soft at its edge
            g.setColor(new Color(0, 0, 0, 16));
            AffineTransform shadow =
                    new AffineTransform(AffineTransform.getTranslateInstance(3 + i, 4 + i));
            g.fill(shadow.createTransformedShape(form));
        }
        Color light = t.colour.brighter();
        Color dark = t.colour.darker();
        g.setPaint(
                new GradientPaint(
                        (float) -t.radius,
                        (float) -t.radius,
                        light,
                        (float) t.radius,
                        (float) t.radius,
                        dark));
        g.fill(form);
        g.setColor(new Color(20, 20, 20, 170));
        g.setStroke(new BasicStroke(1.6f));
        g.draw(form);
        g.clip(form);
        for (int i = 0; i < 2 + random.nextInt(4); i++) {
            g.setColor(
                    new Color(random.nextInt(120), random.nextInt(120), random.nextInt(120), 110));
            double r = t.radius * (.1 + .25 * random.nextDouble());
            g.draw(
                    new Ellipse2D.Double(
                            (random.nextDouble() - .7) * t.radius,
                            (random.nextDouble() - .7) * t.radius,
                            2 * r,
                            2 * r));
        }
        g.setClip(null);
        g.setTransform(kept);
    }

    private void light(Graphics2D g, boolean after) {
        if (!after) {
            return;
        }
        Random random = new Random(seed + 5);
        if (trouble == Trouble.SHADOW) {
            float r = 160 + random.nextInt(200);
            float x = random.nextInt(WIDTH);
            float y = random.nextInt(HEIGHT);
            g.setPaint(
                    new RadialGradientPaint(
                            x,
                            y,
                            r,
                            new float[] {0, .6f, 1},
                            new Color[] {
                                new Color(0, 0, 0, 90),
                                new Color(0, 0, 0, 70),
                                new Color(0, 0, 0, 0)
                            }));
            g.fill(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r));
        } else if (trouble == Trouble.REFLECTION) {
            g.setComposite(AlphaComposite.SrcOver.derive(.5f));
            for (int i = 0; i < 3; i++) {
                float r = 30 + random.nextInt(40);
                float x = random.nextInt(WIDTH);
                float y = random.nextInt(HEIGHT);
                g.setPaint(
                        new RadialGradientPaint(
                                x,
                                y,
                                r,
                                new float[] {0, 1},
                                new Color[] {
                                    new Color(255, 255, 250, 150), new Color(255, 255, 250, 0)
                                }));
                g.fill(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r));
            }
        }
    }

    /** As a camera sees it: noise, and another exposure and colour of the light. */
    private BufferedImage noisy(BufferedImage image, long shot, boolean after) {
        Random random = new Random(seed * 31 + shot);
        double gain =
                trouble == Trouble.LIGHT && after ? .72 + .5 * new Random(seed).nextDouble() : 1;
        double warm = trouble == Trouble.LIGHT && after ? 1.06 : 1;
        int[] pixels = image.getRGB(0, 0, WIDTH, HEIGHT, null, 0, WIDTH);
        for (int i = 0; i < pixels.length; i++) {
            double n = random.nextGaussian() * 3;
            pixels[i] =
                    level((pixels[i] >> 16 & 255) * gain * warm + n) << 16
                            | level((pixels[i] >> 8 & 255) * gain + n) << 8
                            | level((pixels[i] & 255) * gain / warm + n);
        }
        image.setRGB(0, 0, WIDTH, HEIGHT, pixels, 0, WIDTH);
        return image;
    }

    private static int level(double value) {
        return (int) Math.max(0, Math.min(255, Math.round(value)));
    }
}
