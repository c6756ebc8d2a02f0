package methodos.desktop.theme;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.paint.Color;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PaletteTest {

    @ParameterizedTest
    @EnumSource
    void textIsReadableOnEveryGround(Palette p) {
        for (Color ground : new Color[] {p.paper(), p.sheet(), p.card()}) {
            for (Color text : new Color[] {p.ink(), p.soft(), p.accent(), p.open()}) {
                assertThat(Palette.contrast(text, ground))
                        .as("%s on %s", text, ground)
                        .isGreaterThanOrEqualTo(4.5);
            }
        }
        assertThat(Palette.contrast(p.ink(), p.rule())).isGreaterThanOrEqualTo(4.5);
        assertThat(Palette.contrast(p.open(), p.rule())).isGreaterThanOrEqualTo(4.0);
        assertThat(Palette.contrast(p.accent(), p.tint())).isGreaterThanOrEqualTo(4.5);
    }

    @ParameterizedTest
    @EnumSource
    void marksStandOut(Palette p) {
        for (Color mark : new Color[] {p.mark(), p.open(), p.ruleEdge()}) {
            assertThat(Palette.contrast(mark, p.paper()))
                    .as("%s", mark)
                    .isGreaterThanOrEqualTo(3.0);
        }
    }

    @ParameterizedTest
    @EnumSource
    void theStyleSheetHasTheSameColours(Palette p) throws IOException {
        Map<String, Color> sheet = colours(p == Palette.DARK ? ".dark {" : ".light {");
        assertThat(sheet.get("paper")).isEqualTo(p.paper());
        assertThat(sheet.get("ink")).isEqualTo(p.ink());
        assertThat(sheet.get("soft")).isEqualTo(p.soft());
        assertThat(sheet.get("accent")).isEqualTo(p.accent());
        assertThat(sheet.get("open")).isEqualTo(p.open());
        assertThat(sheet.get("rule")).isEqualTo(p.rule());
    }

    private static Map<String, Color> colours(String block) throws IOException {
        try (InputStream in = Theme.class.getResourceAsStream("methodos.css")) {
            String css = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            String part = css.substring(css.indexOf(block));
            Matcher m =
                    Pattern.compile("-m-([a-z]+): (#[0-9A-F]{6});")
                            .matcher(part.substring(0, part.indexOf('}')));
            Map<String, Color> result = new HashMap<>();
            while (m.find()) {
                result.put(m.group(1), Color.web(m.group(2)));
            }
            return result;
        }
    }
}
