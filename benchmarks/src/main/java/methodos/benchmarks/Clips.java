package methodos.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The clips that are measured, made once from the demo's footage by the ffmpeg program. */
final class Clips {

    private final Path footage;
    private final Path work;

    Clips(Path footage, Path work) throws IOException {
        this.footage = footage;
        this.work = Files.createDirectories(work);
    }

    /** A minute of 1080p with sound, its key frames ten seconds apart. */
    Path minute() throws IOException, InterruptedException {
        Path clip = work.resolve("minute-1080p.mp4");
        if (!Files.exists(clip)) {
            make(
                    clip,
                    "-stream_loop",
                    "-1",
                    "-i",
                    footage.resolve("2-take-down.mp4").toString(),
                    "-t",
                    "60",
                    "-vf",
                    "scale=1920:1080:flags=bicubic,noise=alls=6:allf=t",
                    "-r",
                    "25",
                    "-c:v",
                    "libx264",
                    "-preset",
                    "veryfast",
                    "-b:v",
                    "8M",
                    "-maxrate",
                    "12M",
                    "-bufsize",
                    "16M",
                    "-g",
                    "250",
                    "-keyint_min",
                    "250",
                    "-sc_threshold",
                    "0",
                    "-c:a",
                    "aac");
        }
        return clip;
    }

    /** A clip of the demo as it is. */
    Path small() {
        return footage.resolve("2-take-down.mp4");
    }

    /** An hour, the demo's clips one after the other, over and over, not coded again. */
    Path hour() throws IOException, InterruptedException {
        Path clip = work.resolve("hour.mp4");
        if (!Files.exists(clip)) {
            Path list = work.resolve("hour.txt");
            List<String> lines = new ArrayList<>();
            try (Stream<Path> clips = Files.list(footage)) {
                List<Path> all = clips.filter(p -> p.toString().endsWith(".mp4")).sorted().toList();
                for (int i = 0; i < 41; i++) {
                    lines.add("file '" + all.get(i % all.size()).toAbsolutePath() + "'");
                }
            }
            Files.write(list, lines);
            make(clip, "-f", "concat", "-safe", "0", "-i", list.toString(), "-c", "copy");
        }
        return clip;
    }

    private static void make(Path clip, String... options)
            throws IOException, InterruptedException {
        Path half = clip.resolveSibling("half-" + clip.getFileName());
        List<String> command = new ArrayList<>(List.of("ffmpeg", "-v", "error", "-nostdin", "-y"));
        command.addAll(List.of(options));
        command.add(half.toString());
        if (new ProcessBuilder(command).inheritIO().start().waitFor() != 0) {
            throw new IOException("ffmpeg did not make " + clip);
        }
        Files.move(half, clip);
    }
}
