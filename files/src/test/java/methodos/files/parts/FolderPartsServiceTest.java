package methodos.files.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import methodos.core.parts.PartsAnswer;
import methodos.core.parts.PartsService;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FolderPartsServiceTest {

    @TempDir Path folder;

    private PartsAnswer ask(String parts, String kits) throws Exception {
        Files.writeString(folder.resolve("parts.csv"), parts);
        if (kits != null) {
            Files.writeString(folder.resolve("kits.csv"), kits);
        }
        return new FolderPartsService(folder).ask(List.of("A-1", "A-2"), List.of("K1"));
    }

    @Test
    void onlyWhatIsAskedIsAnswered() throws Exception {
        PartsAnswer answer =
                ask(
                        """
                        number,price,stock,replaced by,from serial,from date
                        A-1,2.10 EUR,14,,,
                        A-2,3.00 EUR,0,A-2B,2200,2026-09-01
                        A-3,9.00 EUR,1,,,
                        """,
                        "kit,part number,quantity\nK1,A-1,2\nK1,A-1,1\nK2,A-2,1\n");
        assertThat(answer.offers()).containsOnlyKeys("A-1", "A-2");
        assertThat(answer.offer("A-1").orElseThrow().stock()).isEqualTo(14);
        var newer = answer.offer("A-2").orElseThrow().replacement();
        assertThat(newer.number()).isEqualTo("A-2B");
        assertThat(newer.serials().from()).isEqualTo(2200);
        assertThat(newer.from()).isEqualTo("2026-09-01");
        assertThat(answer.kits()).containsOnlyKeys("K1");
        assertThat(answer.kits().get("K1")).containsEntry("A-1", 3);
    }

    @Test
    void withoutKitsOnlyPartsAreAnswered() throws Exception {
        assertThat(ask("number,price,stock\nA-1,1 EUR,2\n", null).kits()).isEmpty();
        assertThat(new FolderPartsService(folder).there()).isTrue();
        assertThat(new FolderPartsService(folder.resolve("none")).there()).isFalse();
    }

    @Test
    void whatIsWrongIsOneSentence() {
        assertThatThrownBy(() -> ask("number,price\nA-1,2\n", null))
                .isInstanceOf(PartsService.Unavailable.class)
                .hasMessage("parts.csv has no column called stock.");
        assertThatThrownBy(() -> ask("number,price,stock\nA-1,2,few\n", null))
                .hasMessage("parts.csv, line 2, stock: “few” is no whole number.");
        assertThatThrownBy(
                        () ->
                                ask(
                                        "number,price,stock,replaced by,from serial\nA-1,2,1,B,x\n",
                                        null))
                .hasMessageContaining("from serial");
        assertThatThrownBy(
                        () ->
                                new FolderPartsService(folder.resolve("none"))
                                        .ask(List.of(), List.of()))
                .hasMessageContaining("parts.csv does not exist");
    }
}
