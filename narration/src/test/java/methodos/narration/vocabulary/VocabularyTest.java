package methodos.narration.vocabulary;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import methodos.core.vocabulary.Wordlist;
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

    private static Vocabulary with(String name, String... lines) throws Wordlist.LineProblem {
        return Vocabulary.english().with(new Wordlist(name, "words/" + name, List.of(lines)));
    }

    @Test
    void aCompanyAddsWordsOfItsOwn() throws Exception {
        assertThat(
                        with("verbs.txt", "# ours", "", "~yoink = remove ; in = install")
                                .acts()
                                .met("yoinked")
                                .orElseThrow()
                                .act()
                                .actionWith("in"))
                .isEqualTo("install");
        assertThat(with("parts.txt", "grommit = seal").things().part("grommits"))
                .containsExactly("seal");
        assertThat(
                        with("tools.txt", "~podger = podger spanner")
                                .things()
                                .tool("podger")
                                .orElseThrow())
                .isEqualTo(new Things.Named("podger spanner", "tool", true, false));
        assertThat(
                        with("consumables.txt", "halvolube = lubricant")
                                .things()
                                .consumable("halvolube")
                                .orElseThrow()
                                .kind())
                .isEqualTo("lubricant");
        assertThat(with("misheard.txt", "hal volume = halvolube").misheard())
                .containsEntry("hal volume", "halvolube");
    }

    @Test
    void aLineThatIsNotUnderstoodIsNamed() {
        assertThatThrownBy(() -> with("verbs.txt", "# ours", "yoink = teleport"))
                .hasMessage("words/verbs.txt, line 2: “teleport” is not a known action.");
        assertThatThrownBy(() -> with("verbs.txt", "yoink"))
                .hasMessageContaining("line 1: “=” parts what is said from what is meant.");
        assertThatThrownBy(() -> with("verbs.txt", "yoink = - ; off"))
                .hasMessageContaining("“off” does not end with a known action.");
        assertThatThrownBy(() -> with("tools.txt", " = podger"))
                .hasMessageContaining("there is no name before “=”.");
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
        for (String list : List.of("parts.txt", "tools.txt", "consumables.txt", "verbs.txt")) {
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
