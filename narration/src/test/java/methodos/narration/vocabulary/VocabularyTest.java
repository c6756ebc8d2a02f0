package methodos.narration.vocabulary;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VocabularyTest {

    @ParameterizedTest
    @CsvSource({
        "took, take, PAST",
        "taken, take, PARTICIPLE",
        "taking, take, ING",
        "removes, remove, THIRD_PERSON",
        "pried, pry, PAST",
        "cut, cut, BASE"
    })
    void knowsTheFormsOfVerbs(String form, String base, Act.Form kind) {
        Act.Met met = Acts.english().met(form).orElseThrow();

        assertThat(met.act().base()).isEqualTo(base);
        assertThat(met.form()).isEqualTo(kind);
    }

    @Test
    void aParticleChangesWhatAVerbMeans() {
        Act take = Acts.english().met("take").orElseThrow().act();

        assertThat(take.actionWith("off")).isEqualTo("remove");
        assertThat(take.actionWith(null)).isNull();
        assertThat(take.actions()).contains("remove", "lower", "lift");
    }

    @Test
    void aCompanyAddsVerbsOfItsOwn() {
        Acts more = Acts.english().with(List.of("~yoink = remove ; in = install"));

        assertThat(more.met("yoinked").orElseThrow().act().actionWith("in")).isEqualTo("install");
        assertThatThrownBy(() -> Acts.english().with(List.of("yoink = teleport")))
                .hasMessage("no action \"teleport\"");
        assertThatThrownBy(() -> Acts.english().with(List.of("yoink")))
                .hasMessage("no \"=\" in \"yoink\"");
    }

    @Test
    void knowsThingsInTheSingularAndPlural() {
        Things things = Things.english();

        assertThat(things.part("bolts")).contains("fastener");
        assertThat(things.tool("allen key").orElseThrow().print()).isEqualTo("hex key");
        assertThat(things.toolAtEnd(List.of("big", "torque", "wrench")).orElseThrow().words())
                .isEqualTo(2);
        assertThat(things.consumable("acetone").orElseThrow().care()).isTrue();
        assertThat(things.names("weather")).isFalse();
    }

    @Test
    void aWordCanStandInSeveralClosedClasses() {
        assertThat(WordClass.of("off")).contains(WordClass.PREPOSITION, WordClass.PARTICLE);
        assertThat(WordClass.parts("dont")).containsExactly("do", "not");
        assertThat(WordClass.parts("theyre")).containsExactly("they", "are");
        assertThat(WordClass.parts("well")).containsExactly("well");
        assertThat(WordClass.closed("gasket")).isFalse();
    }

    /** The general vocabulary is of a size that somebody can read through. */
    @Test
    void isNoLongerThanTwoThousandWords() {
        Set<String> words = new TreeSet<>();
        for (String list : List.of("parts.txt", "tools.txt", "consumables.txt", "acts.txt")) {
            for (String line : WordList.lines(list)) {
                String entries = line.replaceFirst("^[a-z]+:", "").replaceAll("=.*", "");
                Arrays.stream(entries.split("[^a-z-]+"))
                        .filter(w -> w.length() > 1)
                        .forEach(words::add);
            }
        }

        assertThat(words).hasSizeBetween(900, 2000);
    }
}
