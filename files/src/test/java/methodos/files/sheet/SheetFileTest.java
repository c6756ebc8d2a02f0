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
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.practice.PractisedManual;
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
                                PartBuilder.builder()
                                        .id(new Id<>("p1"))
                                        .item("7")
                                        .number("A-7")
                                        .name("screw, \"long\"; Ø 6")
                                        .size("M6 × 25")
                                        .quantity(4)
                                        .reuse(ReuseRule.INSPECT)
                                        .build());
        DerivedTable table =
                DerivedTable.of(
                        DerivedTable.What.PARTS, PractisedManual.of(manual), Sight.EVERYTHING);
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
                .hasMessageContaining("none.csv does not exist");
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

    private Sheet merged(boolean formula) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(out, "test", "1.0")) {
            Worksheet sheet = book.newWorksheet("Kits");
            String[] head = {"Kit", "Item", "Qty"};
            for (int i = 0; i < head.length; i++) {
                sheet.value(0, i, head[i]);
            }
            sheet.value(1, 0, "K1");
            sheet.value(1, 1, 7);
            sheet.value(1, 2, 4);
            sheet.value(2, 1, 8);
            if (formula) {
                sheet.formula(2, 2, "2*2");
            } else {
                sheet.value(2, 2, 2);
            }
            sheet.range(1, 0, 2, 0).merge();
        }
        return SheetFile.read(file("merged.xlsx", out.toByteArray()));
    }

    @Test
    void whatIsMergedOverRowsIsSaidInEachOfThem() throws Exception {
        Sheet sheet = merged(false);
        assertThat(sheet.rows()).extracting(r -> r.cell(0)).containsExactly("K1", "K1");
        assertThat(sheet.rows()).extracting(r -> r.cell(2)).containsExactly("4", "2");
    }

    @Test
    void aFormulaWithoutItsValueIsNotReadAsNothing() {
        assertThatThrownBy(() -> merged(true))
                .isInstanceOf(SheetProblem.class)
                .hasMessageContaining("formula in line 3");
    }

    @Test
    void aMillionRowsAreRefusedWithoutReadingThemAll() throws Exception {
        Path large = folder.resolve("million.csv");
        try (var out = Files.newBufferedWriter(large)) {
            out.write("item,name,qty\n");
            for (int i = 0; i < 1_000_000; i++) {
                out.write(i + ",washer,1\n");
            }
        }
        assertThatThrownBy(() -> SheetFile.read(large))
                .hasMessageContaining("more than 20000 rows");
    }

    @Test
    void wrongUnitsAreNamedWithLineAndColumn() throws Exception {
        SheetReading torques =
                SheetKind.TORQUES.read(
                        csv("Joint;Torque (furlong)\ncap;7\nbody;9 bar\n"), Manual.titled("x"));
        assertThat(torques.problems()).hasSize(2);
        assertThat(torques.problems().get(0).sentence()).startsWith("Line 2, Torque (furlong): ");
        assertThat(torques.problems().get(1).sentence())
                .isEqualTo("Line 3, Torque (furlong): “9 bar” is no torque.");
    }

    @Test
    void rowsThatWereCopiedAreRead() throws Exception {
        Sheet sheet = SheetFile.pasted("Item\tName\n7\tcap, \"long\" screw\n");
        assertThat(sheet.rows().get(0).cells()).containsExactly("7", "cap, \"long\" screw");
        assertThatThrownBy(() -> SheetFile.pasted(" ")).hasMessageContaining("no rows");
    }

    @Test
    void listsOfAllKindsSurviveDamageWholeOrNotAtAll() throws Exception {
        Random random = new Random(12);
        Manual manual = Manual.titled("x");
        String[] lists = {
            "item,name,qty,renew\n7,screw,4,new\n8,\"ring, thin\",2,no\n",
            "kit,item,qty\nK1,7,2\n",
            "tool,size,kind\nhex key,5 mm,standard\n",
            "joint,torque,class\ncap,7 to 8.5 N·m,8.8\n"
        };
        for (int i = 0; i < 800; i++) {
            byte[] bytes = lists[i % 4].getBytes(UTF_8);
            for (int k = 0; k < 1 + i % 7; k++) {
                bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
            }
            try {
                Sheet sheet = SheetFile.read(file("damaged.csv", bytes));
                SheetReading reading = SheetKind.values()[i % 4].read(sheet, manual);
                if (reading.problems().isEmpty()) {
                    assertThat(reading.edit().change().apply(manual)).isNotNull();
                } else {
                    assertThat(reading.problems()).allMatch(p -> !p.sentence().contains("null"));
                }
            } catch (SheetProblem e) {
                assertThat(e.getMessage()).doesNotContain("\n");
            }
        }
    }

    @Test
    void anErrorOfTheSpreadsheetIsNoName() throws Exception {
        assertThatThrownBy(() -> csv("item,name\n1,#REF!\n"))
                .isInstanceOf(SheetProblem.class)
                .hasMessageContaining("line 2, column 2")
                .hasMessageContaining("#REF!");
        assertThat(csv("item,name\n#1,hash\n").rows()).hasSize(1);
    }

    @Test
    void oneDamagedByteDoesNotTurnTheListIntoAnotherEncoding() throws Exception {
        byte[] text = "name,note\nØ-ring,größer\ncap,x\n".getBytes(UTF_8);
        text[text.length - 2] = (byte) 0xFC;
        assertThatThrownBy(() -> SheetFile.read(file("d.csv", text)))
                .isInstanceOf(SheetProblem.class)
                .hasMessageContaining("line 3: a sign is damaged");
    }

    @Test
    void tooManyColumnsAreNoList() {
        assertThatThrownBy(() -> csv("a,".repeat(1_000_000) + "\n"))
                .isInstanceOf(SheetProblem.class)
                .hasMessageContaining("more than 200 columns");
        assertThatThrownBy(() -> csv("name\n" + "x".repeat(40_000) + "\n"))
                .hasMessageContaining("more text than a cell can");
    }

    private Path zipped(String name, String sheet, String texts) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Path sound = file("sound.xlsx", workbook());
        try (ZipFile in = new ZipFile(sound.toFile());
                ZipOutputStream zip = new ZipOutputStream(out)) {
            for (ZipEntry e : Collections.list(in.entries())) {
                zip.putNextEntry(new ZipEntry(e.getName()));
                byte[] content = in.getInputStream(e).readAllBytes();
                if (e.getName().equals("xl/worksheets/sheet1.xml") && sheet != null) {
                    content = sheet.getBytes(UTF_8);
                } else if (e.getName().equals("xl/sharedStrings.xml") && texts != null) {
                    content = texts.getBytes(UTF_8);
                }
                zip.write(content);
            }
        }
        return file(name, out.toByteArray());
    }

    @Test
    void aCellFarOutsideAndABombInACellAreRefusedBeforeTheyTakeMemory() throws Exception {
        String head =
                "<worksheet xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\">"
                        + "<sheetData><row r=\"1\">";
        String tail = "</row></sheetData></worksheet>";
        Path far = zipped("far.xlsx", head + "<c r=\"ZZZZZZ2\"><v>1</v></c>" + tail, null);
        assertThatThrownBy(() -> SheetFile.read(far))
                .isInstanceOf(SheetProblem.class)
                .hasMessageContaining("more than 200 columns");
        Path cell =
                zipped(
                        "cell.xlsx",
                        head
                                + "<c r=\"A1\" t=\"inlineStr\"><is><t>"
                                + "x".repeat(40_000)
                                + "</t></is></c>"
                                + tail,
                        null);
        assertThatThrownBy(() -> SheetFile.read(cell))
                .hasMessageContaining("more text than a cell");
        Path bomb = zipped("bomb.xlsx", head + " ".repeat(70_000_000) + tail, null);
        assertThatThrownBy(() -> SheetFile.read(bomb)).hasMessageContaining("unpacks to more");
    }

    @Test
    void whatIsNotThereOrNoFileSaysSo() {
        assertThatThrownBy(() -> SheetFile.read(folder.resolve("none.csv")))
                .hasMessage("none.csv does not exist.");
        assertThatThrownBy(() -> SheetFile.read(folder)).hasMessageContaining("is no file");
    }
}
