package methodos.files.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import methodos.core.sheet.Sheet;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;

/**
 * Tables from CSV and XLSX files, by what is in the file, not by its name.
 *
 * <p>CSV may be UTF-8 or UTF-16 with a mark, else UTF-8 or, where that fails, Windows-1252; its
 * delimiter is the one of comma, semicolon and tab that stands most often in the header. Of a
 * workbook the first sheet is read, formulas by the value that was kept with them, and what is
 * merged over several rows as said in each of them.
 */
public final class SheetFile {

    /** More rows are no parts list. */
    private static final int MOST_ROWS = 20_000;

    private static final int MOST_COLUMNS = 200;
    private static final int MOST_IN_A_CELL = 32_767;

    /** What spreadsheets write where they could not calculate. */
    private static final Pattern ERROR =
            Pattern.compile("#(REF|N/A|VALUE|DIV/0|NAME|NULL|NUM|SPILL|CALC)[!?]?");

    private static final long MOST_BYTES = 50_000_000;

    private SheetFile() {}

    /**
     * @throws SheetProblem with a sentence if it cannot be read
     */
    public static Sheet read(Path file) throws SheetProblem {
        String name = String.valueOf(file.getFileName());
        if (Files.exists(file) && !Files.isRegularFile(file)) {
            throw new SheetProblem(name + " is no file.");
        }
        try {
            if (Files.size(file) > MOST_BYTES) {
                throw new SheetProblem(name + " is too large for a list: more than 50 MB.");
            }
            byte[] head;
            try (InputStream in = Files.newInputStream(file)) {
                head = in.readNBytes(4);
            }
            boolean zip = head.length > 3 && head[0] == 'P' && head[1] == 'K';
            List<Sheet.Row> rows =
                    zip ? workbook(file, name) : csv(text(Files.readAllBytes(file), name), name);
            return sheet(rows, name);
        } catch (IOException | UncheckedIOException e) {
            throw new SheetProblem(
                    name
                            + (Files.exists(file)
                                    ? " cannot be read: it is damaged."
                                    : " does not exist."),
                    e);
        }
    }

    /**
     * Rows that were copied from a spreadsheet.
     *
     * @throws SheetProblem with a sentence if there are none
     */
    public static Sheet pasted(String text) throws SheetProblem {
        try {
            return sheet(csv(text, "What was copied"), "What was copied");
        } catch (IOException e) {
            throw new SheetProblem("What was copied cannot be read.", e);
        }
    }

    private static Sheet sheet(List<Sheet.Row> rows, String name) throws SheetProblem {
        rows.removeIf(r -> r.cells().stream().allMatch(String::isBlank));
        if (rows.isEmpty()) {
            throw new SheetProblem(name + " has no rows.");
        }
        for (Sheet.Row row : rows) {
            require(row, name);
        }
        return new Sheet(
                rows.get(0).cells().stream().map(String::strip).toList(),
                rows.subList(1, rows.size()));
    }

    /** A row that a list can have: so many columns, so much text, and no error of a spreadsheet. */
    private static void require(Sheet.Row row, String name) throws SheetProblem {
        String where = name + ", line " + row.line();
        if (row.cells().size() > MOST_COLUMNS) {
            throw new SheetProblem(
                    where + ": more than " + MOST_COLUMNS + " columns, too many for a list.");
        }
        for (int i = 0; i < row.cells().size(); i++) {
            String cell = row.cells().get(i);
            if (cell.length() > MOST_IN_A_CELL) {
                throw new SheetProblem(where + ": a cell holds more text than a cell can.");
            }
            if (ERROR.matcher(cell.strip()).matches()) {
                throw new SheetProblem(
                        where
                                + ", column "
                                + (i + 1)
                                + ": the spreadsheet could not calculate this cell ("
                                + cell.strip()
                                + "). Mend it there first.");
            }
        }
    }

    private static List<Sheet.Row> csv(String text, String name) throws SheetProblem, IOException {
        CSVFormat format =
                CSVFormat.DEFAULT
                        .builder()
                        .setDelimiter(delimiter(text))
                        .setIgnoreEmptyLines(true)
                        .get();
        List<Sheet.Row> rows = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            for (CSVRecord row : parser) {
                tooMany(rows.size(), name);
                if (row.size() > MOST_COLUMNS) {
                    throw new SheetProblem(
                            name
                                    + " has more than "
                                    + MOST_COLUMNS
                                    + " columns in line "
                                    + parser.getCurrentLineNumber()
                                    + ", too many for a list.");
                }
                rows.add(new Sheet.Row((int) parser.getCurrentLineNumber(), row.toList()));
            }
        } catch (IllegalStateException | UncheckedIOException e) {
            throw new SheetProblem(
                    name + " has a quote that is not closed after line " + rows.size() + ".", e);
        }
        return rows;
    }

    private static void tooMany(int rows, String name) throws SheetProblem {
        if (rows >= MOST_ROWS) {
            throw new SheetProblem(
                    name + " has more than " + MOST_ROWS + " rows, too many for a list.");
        }
    }

    private static char delimiter(String text) {
        String header = text.lines().findFirst().orElse("");
        char best = ',';
        for (char c : new char[] {';', '\t'}) {
            if (count(header, c) > count(header, best)) {
                best = c;
            }
        }
        return best;
    }

    private static long count(String text, char c) {
        return text.chars().filter(x -> x == c).count();
    }

    private static String text(byte[] bytes, String name) throws SheetProblem {
        if (bytes.length > 2 && (bytes[0] & 255) == 0xFF && (bytes[1] & 255) == 0xFE) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE);
        }
        if (bytes.length > 2 && (bytes[0] & 255) == 0xFE && (bytes[1] & 255) == 0xFF) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE);
        }
        try {
            String text =
                    StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException notUtf8) {
            return otherwise(bytes, name);
        }
    }

    /**
     * A text that is not all UTF-8 is of Windows, unless some of it is UTF-8 beyond doubt: then it
     * is damaged, and is not read as something else.
     */
    private static String otherwise(byte[] bytes, String name) throws SheetProblem {
        String lenient = new String(bytes, StandardCharsets.UTF_8);
        boolean utf8 =
                lenient.startsWith("\uFEFF")
                        || lenient.chars().anyMatch(c -> c > 0x7F && c != '\uFFFD');
        if (!utf8) {
            return new String(bytes, Charset.forName("windows-1252"));
        }
        int bad = lenient.indexOf('\uFFFD');
        long line = lenient.substring(0, bad).chars().filter(c -> c == '\n').count() + 1;
        throw new SheetProblem(
                name + ", line " + line + ": a sign is damaged. Save the list as UTF-8 again.");
    }

    private static List<Sheet.Row> workbook(Path file, String name)
            throws SheetProblem, IOException {
        WorkbookGuard.require(file, name, MOST_COLUMNS);
        List<Sheet.Row> rows = new ArrayList<>();
        try (InputStream in = Files.newInputStream(file);
                ReadableWorkbook book = new ReadableWorkbook(in);
                Stream<Row> stream = book.getFirstSheet().openStream()) {
            for (Row row : (Iterable<Row>) stream::iterator) {
                tooMany(rows.size(), name);
                List<String> cells = new ArrayList<>();
                for (int i = 0; i < row.getCellCount(); i++) {
                    Cell cell = row.getCell(i);
                    cells.add(cell == null ? "" : value(cell, row.getRowNum(), name));
                }
                rows.add(new Sheet.Row(row.getRowNum(), cells));
            }
            return MergedCells.of(file).filled(rows);
        } catch (RuntimeException e) {
            // damaged workbooks make the reader fail in every way there is
            throw new SheetProblem(name + " is no readable workbook.", e);
        }
    }

    /** A formula whose value was never kept would read as nothing: that is said instead. */
    private static String value(Cell cell, int line, String name) throws SheetProblem {
        String text = text(cell);
        if (text.isEmpty() && cell.getFormula() != null) {
            throw new SheetProblem(
                    name
                            + " has a formula in line "
                            + line
                            + " whose value is not kept. Save it once in the program that made it.");
        }
        return text;
    }

    /** Numbers as they are shown in a list: 4, not 4.0. */
    private static String text(Cell cell) {
        String raw = cell.getText();
        return raw == null ? "" : raw.replaceAll("^(-?\\d+)\\.0$", "$1");
    }
}
