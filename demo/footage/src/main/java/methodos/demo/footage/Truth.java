package methodos.demo.footage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** The list of what is in each clip, for tests of the scanning: cuts, troubles and steps. */
record Truth(List<Clip> clips) {

    void write(Path out) throws IOException {
        String body = clips.stream().map(Truth::clip).collect(Collectors.joining(",\n"));
        Files.writeString(out, "{\"clips\": [\n" + body + "\n]}\n");
    }

    private static String clip(Clip clip) {
        return String.format(
                Locale.ROOT,
                """
                 {"name": "%s", "seconds": %.2f, "framesPerSecond": %d,
                  "cuts": [%s],
                  "spans": [%s],
                  "steps": [%s]}""",
                clip.name(),
                clip.seconds(),
                Clip.FRAMES_PER_SECOND,
                clip.shots().stream()
                        .skip(1)
                        .filter(s -> !s.goesOn)
                        .map(s -> String.format(Locale.ROOT, "%.3f", clip.startOf(s)))
                        .collect(Collectors.joining(", ")),
                clip.shots().stream()
                        .flatMap(s -> spans(s).stream().map(t -> stretch(clip, s, t)))
                        .collect(Collectors.joining(",\n   ")),
                clip.shots().stream()
                        .flatMap(s -> s.steps.stream().map(t -> stretch(clip, s, t)))
                        .collect(Collectors.joining(",\n   ")));
    }

    /** The shot from end to end: its troubles, and what is sharp between them. */
    private static List<Shot.Stretch> spans(Shot shot) {
        List<Shot.Stretch> all = new ArrayList<>();
        double from = 0;
        for (Shot.Stretch trouble :
                shot.troubles.stream()
                        .sorted(Comparator.comparingDouble(Shot.Stretch::from))
                        .toList()) {
            if (trouble.from() > from) {
                all.add(new Shot.Stretch("sharp", from, trouble.from()));
            }
            all.add(trouble);
            from = Math.max(from, trouble.to());
        }
        if (from < shot.seconds) {
            all.add(new Shot.Stretch("sharp", from, shot.seconds));
        }
        return all;
    }

    private static String stretch(Clip clip, Shot shot, Shot.Stretch stretch) {
        double at = clip.startOf(shot);
        return String.format(
                Locale.ROOT,
                "{\"from\": %.2f, \"to\": %.2f, \"what\": \"%s\"}",
                at + stretch.from(),
                at + stretch.to(),
                stretch.what());
    }
}
