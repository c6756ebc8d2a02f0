package methodos.footage.change;

import java.util.List;
import methodos.footage.change.Tracks.Track;

/**
 * How a camera that moved a little sees a scene: x' = a x + b y + c, y' = d x + e y + f, in pixels.
 *
 * @param agreeing how many corners say so
 */
record Affine(double a, double b, double c, double d, double e, double f, int agreeing) {

    static final Affine NONE = new Affine(1, 0, 0, 0, 1, 0, 0);

    private static final int FEWEST = 4;
    private static final int FEWEST_AFFINE = 8;

    /** Corners count that lie so near to where the others put them, in pixels, round by round. */
    private static final double[] WITHIN = {14, 8, 4, 2.5, 1.8, 1.8};

    /** On which most corners agree; none where too few are found. */
    static Affine of(List<Track> tracks) {
        if (tracks.size() < FEWEST) {
            return NONE;
        }
        double dx = Tracks.median(tracks.stream().mapToDouble(Track::dx).toArray());
        double dy = Tracks.median(tracks.stream().mapToDouble(Track::dy).toArray());
        Affine now = new Affine(1, 0, dx, 0, 1, dy, 0);
        for (double within : WITHIN) {
            Affine by = now;
            List<Track> near = tracks.stream().filter(t -> by.apart(t) <= within).toList();
            if (near.size() < FEWEST) {
                break;
            }
            now = near.size() < FEWEST_AFFINE ? shifted(near) : fitted(near);
        }
        return now;
    }

    private double apart(Track t) {
        return Math.hypot(x(t.x(), t.y()) - t.x() - t.dx(), y(t.x(), t.y()) - t.y() - t.dy());
    }

    double x(double px, double py) {
        return a * px + b * py + c;
    }

    double y(double px, double py) {
        return d * px + e * py + f;
    }

    private static Affine shifted(List<Track> near) {
        double dx = near.stream().mapToDouble(Track::dx).average().orElse(0);
        double dy = near.stream().mapToDouble(Track::dy).average().orElse(0);
        return new Affine(1, 0, dx, 0, 1, dy, near.size());
    }

    /** By least squares, about the middle of the corners. */
    private static Affine fitted(List<Track> near) {
        double n = near.size();
        double mx = near.stream().mapToDouble(Track::x).average().orElse(0);
        double my = near.stream().mapToDouble(Track::y).average().orElse(0);
        double xx = 0;
        double xy = 0;
        double yy = 0;
        double ux = 0;
        double uy = 0;
        double vx = 0;
        double vy = 0;
        double u = 0;
        double v = 0;
        for (Track t : near) {
            double x = t.x() - mx;
            double y = t.y() - my;
            xx += x * x;
            xy += x * y;
            yy += y * y;
            ux += t.dx() * x;
            uy += t.dx() * y;
            vx += t.dy() * x;
            vy += t.dy() * y;
            u += t.dx();
            v += t.dy();
        }
        double det = xx * yy - xy * xy;
        if (det < 1) {
            return shifted(near);
        }
        double p = (ux * yy - uy * xy) / det;
        double q = (uy * xx - ux * xy) / det;
        double r = (vx * yy - vy * xy) / det;
        double s = (vy * xx - vx * xy) / det;
        return new Affine(
                1 + p, q, u / n - p * mx - q * my, r, 1 + s, v / n - r * mx - s * my, near.size());
    }
}
