package methodos.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import methodos.core.scan.Scan;
import methodos.footage.FootageProblem;
import methodos.footage.Recording;
import methodos.footage.Scanner;

/**
 * Measures scan, stills, steps, opening and memory, each against the ffmpeg program on the same
 * clip in the same run, and prints a table. Arguments: the folder of the demo's clips, a working
 * folder, and {@code hour} to scan an hour as well.
 */
public final class FootageBenchmark {

    private static final int RUNS = 5;
    private static final int STILLS = 21;
    private static final int STEPS = 100;
    private static final int MANY = 1000;

    private final Path clip;
    private final Path work;
    private final Random random = new Random(80);

    private FootageBenchmark(Path clip, Path work) {
        this.clip = clip;
        this.work = work;
    }

    public static void main(String[] arguments) throws Exception {
        Path work = Path.of(arguments[1]);
        Clips clips = new Clips(Path.of(arguments[0]), work);
        System.out.println("| What | Measured | Limit |\n| --- | --- | --- |");
        FootageBenchmark minute = new FootageBenchmark(clips.minute(), work);
        minute.scan();
        minute.stills();
        minute.firstLook();
        minute.steps();
        new FootageBenchmark(clips.small(), work).leak();
        FootageBenchmark hour = new FootageBenchmark(clips.hour(), work);
        hour.open();
        if (Arrays.asList(arguments).contains("hour")) {
            hour.memory();
        }
    }

    private interface Work {
        void run() throws Exception;
    }

    private static double seconds(Work work) throws Exception {
        long start = System.nanoTime();
        work.run();
        return (System.nanoTime() - start) / 1e9;
    }

    private static double median(List<Double> values) {
        return values.stream().sorted().toList().get(values.size() / 2);
    }

    private static void row(String what, String limit, String format, Object... values) {
        System.out.println(
                "| "
                        + what
                        + " | "
                        + String.format(Locale.ROOT, format, values)
                        + " | "
                        + limit
                        + " |");
    }

    private static void ffmpeg(String... options) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("ffmpeg", "-v", "error", "-nostdin", "-y"));
        command.addAll(List.of(options));
        if (new ProcessBuilder(command).inheritIO().start().waitFor() != 0) {
            throw new IOException("ffmpeg failed: " + command);
        }
    }

    private void scan() throws Exception {
        List<Double> decode = new ArrayList<>();
        List<Double> scan = new ArrayList<>();
        Scan[] last = new Scan[1];
        for (int i = 0; i < RUNS; i++) {
            decode.add(
                    seconds(
                            () ->
                                    ffmpeg(
                                            "-threads",
                                            "2",
                                            "-i",
                                            clip.toString(),
                                            "-f",
                                            "null",
                                            "-")));
            scan.add(seconds(() -> last[0] = Scanner.scan(clip, share -> {}, () -> false)));
        }
        row(
                "scan of a minute of 1080p, all scores and sound, against pure decoding",
                "1.5 ×",
                "%.2f × (%.1f s, %d frames; decoding %.1f s)",
                median(scan) / median(decode),
                median(scan),
                last[0].frames().size(),
                median(decode));
    }

    private void stills() throws Exception {
        List<Double> ours = new ArrayList<>();
        List<Double> theirs = new ArrayList<>();
        Path png = work.resolve("still.png");
        try (Recording recording = Recording.open(clip)) {
            recording.still(1);
            for (int i = 0; i < STILLS; i++) {
                double at = 60 * random.nextDouble();
                ours.add(seconds(() -> recording.still(at)));
                theirs.add(
                        seconds(
                                () ->
                                        ffmpeg(
                                                "-ss",
                                                String.format(Locale.ROOT, "%.3f", at),
                                                "-i",
                                                clip.toString(),
                                                "-frames:v",
                                                "1",
                                                png.toString())));
            }
        }
        row(
                "random exact still, key frames 10 s apart, against one ffmpeg process",
                "0.5 ×",
                "%.2f × (%.0f ms, ffmpeg %.0f ms)",
                median(ours) / median(theirs),
                1000 * median(ours),
                1000 * median(theirs));
    }

    private void firstLook() throws Exception {
        List<Double> looks = new ArrayList<>();
        try (Recording recording = Recording.open(clip)) {
            recording.nearby(1, 320, 180);
            for (int i = 0; i < STILLS; i++) {
                double at = 60 * random.nextDouble();
                looks.add(seconds(() -> recording.nearby(at, 320, 180)));
            }
        }
        row(
                "first picture for the eye, from a key frame",
                "50 ms",
                "%.0f ms",
                1000 * median(looks));
    }

    private void steps() throws Exception {
        try (Recording recording = Recording.open(clip)) {
            double[] time = {recording.still(27).time()};
            double on =
                    seconds(
                            () -> {
                                for (int i = 0; i < STEPS; i++) {
                                    time[0] =
                                            recording.after(time[0], 640, 360).orElseThrow().time();
                                }
                            });
            double back =
                    seconds(
                            () -> {
                                for (int i = 0; i < STEPS; i++) {
                                    time[0] = recording.before(time[0], 640, 360).time();
                                }
                            });
            row("one frame forward", "15 ms", "%.1f ms on average", 1000 * on / STEPS);
            row("one frame back", "30 ms", "%.1f ms on average", 1000 * back / STEPS);
        }
    }

    private void leak() throws Exception {
        try (Recording recording = Recording.open(clip)) {
            for (int i = 0; i < MANY / 10; i++) {
                recording.still(60 * random.nextDouble(), 640, 360);
            }
            System.gc();
            long before = resident();
            for (int i = 0; i < MANY; i++) {
                recording.still(60 * random.nextDouble(), 640, 360);
            }
            System.gc();
            row(
                    MANY + " random stills, memory before and after",
                    "flat",
                    "%d and %d MB",
                    before,
                    resident());
        }
    }

    private void open() throws Exception {
        double opened =
                seconds(
                        () -> {
                            try (Recording recording = Recording.open(clip)) {
                                recording.still(0, 640, 360);
                                for (int i = 0; i < 12; i++) {
                                    recording.nearby(recording.duration() * i / 12, 128, 72);
                                }
                            }
                        });
        row("an hour opened: first picture, length, a strip of twelve", "2 s", "%.2f s", opened);
    }

    private void memory() throws FootageProblem, IOException {
        long[] most = {0};
        long start = System.nanoTime();
        Scan scan =
                Scanner.scan(
                        clip, share -> most[0] = Math.max(most[0], residentOrZero()), () -> false);
        row(
                "memory while an hour is scanned",
                "600 MB",
                "%d MB (%d frames in %.0f s, %d cuts)",
                Math.max(most[0], resident()),
                scan.frames().size(),
                (System.nanoTime() - start) / 1e9,
                scan.cuts().size());
    }

    private static long residentOrZero() {
        try {
            return resident();
        } catch (IOException e) {
            return 0;
        }
    }

    /** Memory of this process in MB, as the system counts it. */
    private static long resident() throws IOException {
        return Files.readAllLines(Path.of("/proc/self/status")).stream()
                .filter(l -> l.startsWith("VmRSS"))
                .mapToLong(l -> Long.parseLong(l.replaceAll("\\D", "")) / 1024)
                .findFirst()
                .orElse(0);
    }
}
