package methodos.files.sheet;

import static java.nio.charset.StandardCharsets.UTF_16LE;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.sheet.DerivedTable;
import methodos.core.sheet.Sheet;
import methodos.core.sheet.SheetKind;
import methodos.core.sheet.SheetReading;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SheetFileTest {

    @TempDir Path folder;

    private Path file(String name, byte[] content) throws IOException {
        return Files.write(folder.resolve(name), content);
    }

    private Sheet csv(String text) throws Exception {
        return SheetFile.read(file("list.csv", text.getBytes(UTF_8)));
    }

    private static byte[] workbook() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(out, "test", "1.0")) {
            Worksheet sheet = book.newWorksheet("Parts");
            sheet.value(0, 0, "Item");
            sheet.value(0, 1, "Name");
            sheet.value(0, 2, "Qty");
            sheet.value(2, 0, 7);
            sheet.value(2, 1, "cap screw");
            sheet.value(2, 2, 4);
        }
        return out.toByteArray();
    }

    @Test
    void quotesDelimitersAndLinesAreRead() throws Exception {
        Sheet sheet = csv("item;name;qty\n\n7;\"cap screw; M6 × 25\n(long)\";4\n8;washer\n");
        assertThat(sheet.header()).containsExactly("item", "name", "qty");
        assertThat(sheet.rows()).hasSize(2);
        assertThat(sheet.rows().get(0).cell(1)).isEqualTo("cap screw; M6 × 25\n(long)");
        assertThat(sheet.rows().get(1).line()).isEqualTo(5);
        assertThat(sheet.rows().get(1).cell(2)).isEmpty();
    }

    @Test
    void encodingsAreKnownByTheirBytes() throws Exception {
        String text = "name,note\nØ-ring,größer\n";
        assertThat(csv("\uFEFF" + text).header().get(0)).isEqualTo("name");
        Sheet wide = SheetFile.read(file("w.csv", ("\uFEFF" + text).getBytes(UTF_16LE)));
        assertThat(wide.rows().get(0).cell(0)).isEqualTo("Ø-ring");
        Sheet old = SheetFile.read(file("o.csv", text.getBytes(Charset.forName("windows-1252"))));
        assertThat(old.rows().get(0).cell(1)).isEqualTo("größer");
    }

    @Test
    void theFirstSheetOfAWorkbookIsReadWhateverItsName() throws Exception {
        Sheet sheet = SheetFile.read(file("list.csv", workbook()));
        assertThat(sheet.header()).containsExactly("Item", "Name", "Qty");
        assertThat(sheet.rows()).hasSize(1);
        assertThat(sheet.rows().get(0).line()).isEqualTo(3);
        assertThat(sheet.rows().get(0).cells()).containsExactly("7", "cap screw", "4");
    }

    @Test
    void whatIsWrittenIsReadAgain() throws Exception {
        Manual manual =
                Manual.titled("x")
                        .withPart(
                                new Part(
                                        "p1",
                                        "7",
                                        "A-7",
                                        "screw, \"long\"; Ø 6",
                                        "M6 × 25",
                                        4,
                                        ReuseRule.INSPECT,
                                        null,
                                        ""));
        DerivedTable table = DerivedTable.of(DerivedTable.What.PARTS, manual, Sight.EVERYTHING);
        ByteArrayOutputStream book = new ByteArrayOutputStream();
        SheetWriter.workbook(table, book);
        for (Sheet sheet :
                List.of(
                        csv(SheetWriter.csv(table)),
                        SheetFile.read(file("t.xlsx", book.toByteArray())))) {
            assertThat(sheet.header()).isEqualTo(table.columns());
            SheetReading parts = SheetKind.PARTS.read(sheet, manual);
            assertThat(parts.problems()).isEmpty();
            assertThat(parts.items()).isEmpty();
        }
    }

    @Test
    void whatCannotBeReadGetsOneSentence() throws Exception {
        assertThatThrownBy(() -> csv("a,b\n\"open,1\n")).hasMessageContaining("quote");
        assertThatThrownBy(() -> csv("\n\n")).hasMessageContaining("no rows");
        assertThatThrownBy(() -> SheetFile.read(folder.resolve("none.csv")))
                .hasMessageContaining("none.csv cannot be read");
        assertThatThrownBy(() -> csv("a\n" + "1\n".repeat(60_000))).hasMessageContaining("rows");
    }

    @Test
    void damagedBytesNeverDoMoreThanFail() throws Exception {
        Random random = new Random(9);
        byte[][] whole = {workbook(), "item,name\n7,\"cap, screw\"\n".getBytes(UTF_8)};
        for (int i = 0; i < 200; i++) {
            byte[] damaged = whole[i % 2].clone();
            for (int k = 0; k < 1 + i % 9; k++) {
                damaged[random.nextInt(damaged.length)] = (byte) random.nextInt(256);
            }
            try {
                assertThat(SheetFile.read(file("damaged", damaged)).header()).isNotEmpty();
            } catch (SheetProblem e) {
                assertThat(e.getMessage()).doesNotContain("\n");
            }
        }
    }
}
