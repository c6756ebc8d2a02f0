package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import methodos.core.scan.BestStills;
import methodos.core.scan.FrameScore;
import methodos.core.scan.Scan;
import methodos.core.words.Words;
import methodos.footage.Scanner;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The scan of the demo's footage against the list of what is in it. */
class ScanTest {

    private static final Path FOOTAGE = Path.of("..", "demo", "footage");
    private static final double FRAME = 1.0 / 12;

    private static final Map<String, Scan> SCANS = new TreeMap<>();
    private static JsonNode truth;

    private record Stretch(String clip, double from, double to, String what) {

        boolean holds(double time) {
            return time >= from - 1e-6 && time < to - 1e-6;
        }
    }

    @BeforeAll
    static void scan() throws Exception {
        truth = new ObjectMapper().readTree(FOOTAGE.resolve("truth.json").toFile()).get("clips");
        for (JsonNode clip : truth) {
            String name = clip.get("name").asText();
            SCANS.put(
                    name,
                    Scanner.scan(
                            FOOTAGE.resolve("clips/" + name + ".mp4"), share -> {}, () -> false));
        }
    }

    private static List<Stretch> stretches(boolean sharp) {
        List<Stretch> all = new ArrayList<>();
        for (JsonNode clip : truth) {
            for (JsonNode s : clip.get("spans")) {
                String what = s.get("what").asText();
                if (what.equals("sharp") == sharp) {
                    all.add(
                            new Stretch(
                                    clip.get("name").asText(),
                                    s.get("from").asDouble(),
                                    s.get("to").asDouble(),
                                    what));
                }
            }
        }
        return all;
    }

    @Test
    void thereIsARowForEachFrame() {
        for (JsonNode clip : truth) {
            assertThat(SCANS.get(clip.get("name").asText()).frames())
                    .hasSize((int) Math.round(clip.get("seconds").asDouble() * 12))
                    .allSatisfy(
                            f -> {
                                assertThat(f.sharpness()).isBetween(0.0, 1.0);
                                assertThat(f.stillness()).isBetween(0.0, 1.0);
                                assertThat(f.obstruction()).isBetween(0.0, 1.0);
                            });
        }
    }

    @Test
    void changesOfShotAreFound() {
        int all = 0;
        int hits = 0;
        int found = 0;
        for (JsonNode clip : truth) {
            List<Double> cuts = SCANS.get(clip.get("name").asText()).cuts();
            found += cuts.size();
            for (JsonNode cut : clip.get("cuts")) {
                all++;
                double time = cut.asDouble();
                if (cuts.stream().anyMatch(c -> Math.abs(c - time) < FRAME / 2)) {
                    hits++;
                }
            }
        }
        assertThat(hits / (double) all).as("recall").isGreaterThanOrEqualTo(0.95);
        assertThat(hits / (double) found).as("precision").isGreaterThanOrEqualTo(0.95);
    }

    @Test
    void whatIsBlurredOrDarkIsSaidToBe() {
        for (Stretch s : stretches(false)) {
            if (!s.what.equals("covered")) {
                Scan scan = SCANS.get(s.clip);
                double middle = (s.from + s.to) / 2;
                assertThat(scan.unusable())
                        .as("%s", s)
                        .anyMatch(
                                u ->
                                        u.from() <= middle
                                                && u.to() > middle
                                                && u.why()
                                                        .name()
                                                        .equals(s.what.toUpperCase(Locale.ROOT)));
            }
        }
    }

    @Test
    void noProposalIsCoveredDarkOrBlurredWhereTheSpanHasSomethingBetter() {
        Words words = new Words(null, Locale.ENGLISH);
        List<Stretch> troubles = stretches(false);
        assertThat(troubles).hasSizeGreaterThan(5);
        for (Stretch s : troubles) {
            var best = BestStills.of(SCANS.get(s.clip), s.from - 2, s.to + 2, 5, words);
            assertThat(best).as("%s", s).isNotEmpty();
            assertThat(best)
                    .as("%s", s)
                    .noneMatch(
                            p ->
                                    troubles.stream()
                                            .anyMatch(
                                                    t ->
                                                            t.clip.equals(s.clip)
                                                                    && t.holds(p.time())));
        }
    }

    @Test
    void everySharpSpanGetsAProposal() {
        Words words = new Words(null, Locale.ENGLISH);
        for (Stretch s : stretches(true)) {
            if (s.to - s.from > 0.5) {
                assertThat(BestStills.of(SCANS.get(s.clip), s.from, s.to, 5, words))
                        .as("%s", s)
                        .isNotEmpty();
            }
        }
    }

    @Test
    void pausesAreWhereNobodySpeaks() {
        for (Scan scan : SCANS.values()) {
            assertThat(scan.pauses()).isNotEmpty();
            double silent = scan.pauses().stream().mapToDouble(p -> p.to() - p.from()).sum();
            double end = scan.frames().get(scan.frames().size() - 1).time();
            assertThat(silent / end).isBetween(0.1, 0.8);
        }
    }

    @Test
    void theSharpestFrameOfTheClipHasOne() {
        for (Scan scan : SCANS.values()) {
            assertThat(scan.frames().stream().mapToDouble(FrameScore::sharpness).max()).hasValue(1);
        }
    }
}
