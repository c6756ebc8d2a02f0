package methodos.footage.change;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/** Connected stretches of a picture, their holes filled. */
final class Regions {

    /**
     * @param pixels their places in the picture, row by row
     */
    record Region(int[] pixels, int left, int top, int right, int bottom) {

        int size() {
            return pixels.length;
        }

        double middleX(int width) {
            double sum = 0;
            for (int p : pixels) {
                sum += p % width;
            }
            return sum / pixels.length;
        }

        double middleY(int width) {
            double sum = 0;
            for (int p : pixels) {
                sum += p / width;
            }
            return sum / pixels.length;
        }
    }

    private Regions() {}

    /** Grows what is marked and shrinks it again, which closes gaps. */
    static boolean[] closed(boolean[] marked, int width, int height, int reach) {
        return not(grown(not(grown(marked, width, height, reach)), width, height, reach));
    }

    /** Shrinks what is marked and grows it again, which takes away what is thin. */
    static boolean[] opened(boolean[] marked, int width, int height, int reach) {
        return grown(not(grown(not(marked), width, height, reach)), width, height, reach);
    }

    private static boolean[] not(boolean[] marked) {
        boolean[] other = new boolean[marked.length];
        for (int i = 0; i < marked.length; i++) {
            other[i] = !marked[i];
        }
        return other;
    }

    /** In squares, first along the rows and then along the columns. */
    static boolean[] grown(boolean[] marked, int width, int height, int reach) {
        boolean[] rows = new boolean[marked.length];
        boolean[] all = new boolean[marked.length];
        for (int y = 0; y < height; y++) {
            int last = Integer.MIN_VALUE / 2;
            for (int x = 0; x < width + reach; x++) {
                if (x < width && marked[y * width + x]) {
                    last = x;
                }
                int at = x - reach;
                if (at >= 0 && last >= at - reach) {
                    rows[y * width + at] = true;
                }
            }
        }
        for (int x = 0; x < width; x++) {
            int last = Integer.MIN_VALUE / 2;
            for (int y = 0; y < height + reach; y++) {
                if (y < height && rows[y * width + x]) {
                    last = y;
                }
                int at = y - reach;
                if (at >= 0 && last >= at - reach) {
                    all[at * width + x] = true;
                }
            }
        }
        return all;
    }

    /** What is marked together with what it encloses. */
    static boolean[] filled(boolean[] marked, int width, int height) {
        boolean[] outside = new boolean[marked.length];
        Deque<Integer> todo = new ArrayDeque<>();
        for (int x = 0; x < width; x++) {
            reach(marked, outside, todo, x);
            reach(marked, outside, todo, (height - 1) * width + x);
        }
        for (int y = 0; y < height; y++) {
            reach(marked, outside, todo, y * width);
            reach(marked, outside, todo, y * width + width - 1);
        }
        while (!todo.isEmpty()) {
            int p = todo.pop();
            int x = p % width;
            if (x > 0) {
                reach(marked, outside, todo, p - 1);
            }
            if (x < width - 1) {
                reach(marked, outside, todo, p + 1);
            }
            if (p >= width) {
                reach(marked, outside, todo, p - width);
            }
            if (p < marked.length - width) {
                reach(marked, outside, todo, p + width);
            }
        }
        return not(outside);
    }

    private static void reach(boolean[] marked, boolean[] outside, Deque<Integer> todo, int p) {
        if (!marked[p] && !outside[p]) {
            outside[p] = true;
            todo.push(p);
        }
    }

    /** The stretches of neighbouring pixels, eight neighbours each. */
    static List<Region> of(boolean[] marked, int width, int height) {
        boolean[] done = new boolean[marked.length];
        List<Region> all = new ArrayList<>();
        for (int p = 0; p < marked.length; p++) {
            if (marked[p] && !done[p]) {
                all.add(from(p, marked, done, width, height));
            }
        }
        return all;
    }

    private static Region from(int start, boolean[] marked, boolean[] done, int width, int height) {
        Deque<Integer> todo = new ArrayDeque<>();
        List<Integer> pixels = new ArrayList<>();
        done[start] = true;
        todo.push(start);
        int left = width;
        int right = 0;
        int top = height;
        int bottom = 0;
        while (!todo.isEmpty()) {
            int p = todo.pop();
            pixels.add(p);
            int x = p % width;
            int y = p / width;
            left = Math.min(left, x);
            right = Math.max(right, x);
            top = Math.min(top, y);
            bottom = Math.max(bottom, y);
            for (int ny = Math.max(0, y - 1); ny <= Math.min(height - 1, y + 1); ny++) {
                for (int nx = Math.max(0, x - 1); nx <= Math.min(width - 1, x + 1); nx++) {
                    int n = ny * width + nx;
                    if (marked[n] && !done[n]) {
                        done[n] = true;
                        todo.push(n);
                    }
                }
            }
        }
        return new Region(
                pixels.stream().mapToInt(Integer::intValue).toArray(), left, top, right, bottom);
    }
}
