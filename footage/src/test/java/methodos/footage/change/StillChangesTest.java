package methodos.footage.change;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two stills of scenes of which it is known what changed. */
class StillChangesTest {

    /** The first scenes were looked at while the numbers were chosen, the others never. */
    @ParameterizedTest
    @CsvSource({"seen, 1, 2", "unseen, 6001, 6003"})
    void thingsThatChangedAreFoundAndNothingElse(String which, int from, int to) {
        ChangeScore score = new ChangeScore();
        for (int seed = from; seed < to; seed++) {
            for (Scene.Trouble trouble : Scene.Trouble.values()) {
                Scene scene = new Scene(seed, trouble, seed % 6 == 0 ? 0 : 1 + seed % 4);
                score.add(
                        scene,
                        seed + " " + trouble,
                        StillChanges.between(scene.before(), scene.after()));
            }
        }
        System.out.println(which + ": " + score);
        assertThat(score.found()).as("%s", score.faults).isGreaterThanOrEqualTo(.9);
        assertThat(score.rightKind()).as("%s", score.faults).isGreaterThanOrEqualTo(.95);
        assertThat(score.falseEach()).as("%s", score.faults).isLessThanOrEqualTo(.2);
    }
}
