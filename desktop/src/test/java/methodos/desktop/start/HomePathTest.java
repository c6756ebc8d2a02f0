package methodos.desktop.start;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HomePathTest {

    private static final Path HOME = Path.of(System.getProperty("user.home"));

    @Test
    void whatIsBelowTheUsersFolderIsToldFromThere() {
        Path vice = HOME.resolve("manuals/vice");
        assertThat(HomePath.shown(vice)).isEqualTo("~/manuals/vice");
        assertThat(HomePath.of(" ~/manuals/vice ")).isEqualTo(vice);
        assertThat(HomePath.shown(HOME)).isEqualTo(HOME.toString());
        assertThat(HomePath.of("/media/stick/vice")).isEqualTo(Path.of("/media/stick/vice"));
        assertThat(HomePath.shown(Path.of("/media/stick"))).isEqualTo("/media/stick");
    }

    @ParameterizedTest
    @CsvSource({
        "Overhaul of the HB-3, overhaul-of-the-hb-3",
        "'  Prüfung: Ölpumpe 4/5  ', prufung-olpumpe-4-5",
        "'', manual",
        "'???', manual"
    })
    void aFolderIsCalledLikeTheTitle(String title, String name) {
        assertThat(NewManual.folder(Path.of("/m"), title)).isEqualTo(Path.of("/m", name));
    }

    @Test
    void aLongTitleMakesAShortName() {
        assertThat(NewManual.folder(Path.of("/m"), "word ".repeat(40)).getFileName().toString())
                .hasSizeLessThanOrEqualTo(60)
                .doesNotEndWith("-");
    }
}
