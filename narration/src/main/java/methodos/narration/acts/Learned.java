package methodos.narration.acts;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/**
 * What the reader has learned from narrations that people have written up.
 *
 * @param gaps where a statement ends that no punctuation ends
 * @param outcomes what a clause is: an act, a detail of one, a caution, a note, or none of these
 * @param actions which action a clause means
 * @param figures what a quantity is
 */
public record Learned(Model gaps, Model outcomes, Model actions, Model figures) {

    private static final class Shipped {
        static final Learned LEARNED =
                new Learned(load("gaps"), load("outcomes"), load("actions"), load("figures"));

        private static Model load(String name) {
            try (InputStream in = Learned.class.getResourceAsStream(name + ".txt");
                    BufferedReader lines =
                            new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
                return Model.of(lines.lines().toList());
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** What comes with the program. */
    public static Learned shipped() {
        return Shipped.LEARNED;
    }
}
