package methodos.footage.change;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import methodos.core.change.SeenChange;
import methodos.core.manual.Point;
import methodos.footage.Still;

/**
 * When each place changed: after the last frame in which it looks as before, and not as after. A
 * hand over it looks like neither, and the nearer of the two is taken.
 */
final class Times {

    private Times() {}

    static List<SeenChange> of(
            List<SeenChange> changes,
            BufferedImage before,
            BufferedImage after,
            List<Still> during) {
        if (during.size() < 2) {
            return changes;
        }
        Plane lightBefore = Colours.light(before);
        Plane lightAfter = Colours.light(after);
        Tracks.Ground ground = Shift.ground(lightBefore);
        List<Plane> frames = new ArrayList<>();
        List<Shift> shifts = new ArrayList<>();
        for (Still still : during) {
            Plane light = Colours.light(still.picture());
            frames.add(light);
            shifts.add(Shift.of(ground, light));
        }
        List<SeenChange> all = new ArrayList<>();
        for (SeenChange change : changes) {
            double at = during.get(during.size() - 1).time();
            for (int i = frames.size() - 1; i >= 0; i--) {
                if (asBefore(change, frames.get(i), shifts.get(i), lightBefore, lightAfter)) {
                    at =
                            i + 1 < during.size()
                                    ? (during.get(i).time() + during.get(i + 1).time()) / 2
                                    : during.get(i).time();
                    break;
                }
                at = during.get(i).time();
            }
            all.add(change.withAt(at));
        }
        return all;
    }

    private static boolean asBefore(
            SeenChange change, Plane frame, Shift shift, Plane before, Plane after) {
        double ofBefore = 0;
        double ofAfter = 0;
        int w = before.width();
        int h = before.height();
        Point m = change.middle();
        int left = (int) Math.max(0, (m.x() - change.width() / 2) * w);
        int right = (int) Math.min(w - 1, (m.x() + change.width() / 2) * w);
        int top = (int) Math.max(0, (m.y() - change.height() / 2) * h);
        int bottom = (int) Math.min(h - 1, (m.y() + change.height() / 2) * h);
        for (int y = top; y <= bottom; y += 2) {
            for (int x = left; x <= right; x += 2) {
                float seen = frame.between(shift.camera().x(x, y), shift.camera().y(x, y));
                ofBefore += Math.abs(seen - before.get(x, y));
                ofAfter += Math.abs(seen - after.get(x, y));
            }
        }
        return ofBefore < ofAfter;
    }
}
