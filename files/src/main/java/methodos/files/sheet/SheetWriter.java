package methodos.files.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.sheet.DerivedTable;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/** Writes tables as CSV and as workbooks that other programs open. */
public final class SheetWriter {

    private SheetWriter() {}

    /** With a header row and commas (RFC 4180). */
    public static String csv(DerivedTable table) {
        return csv(table.columns(), table.rows());
    }

    /**
     * The same of any table.
     *
     * @param rows by the names of their columns
     */
    public static String csv(List<String> columns, List<Map<String, Object>> rows) {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord(columns);
            for (var row : rows) {
                printer.printRecord(
                        columns.stream().map(c -> DerivedTable.cell(row.get(c))).toList());
            }
        } catch (IOException e) {
            throw new IllegalStateException("writing into memory does not fail", e);
        }
        return out.toString();
    }

    /** With a header row that stays in view; numbers are numbers. */
    public static void workbook(DerivedTable table, OutputStream out) throws IOException {
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(whole, "Methodos", null)) {
            Worksheet sheet = book.newWorksheet(table.what().name().toLowerCase(Locale.ROOT));
            List<String> columns = table.columns();
            for (int c = 0; c < columns.size(); c++) {
                sheet.value(0, c, columns.get(c));
                sheet.style(0, c).bold().set();
            }
            sheet.freezePane(0, 1);
            for (int r = 0; r < table.rows().size(); r++) {
                for (int c = 0; c < columns.size(); c++) {
                    Object value = table.rows().get(r).get(columns.get(c));
                    if (value instanceof Integer number) {
                        sheet.value(r + 1, c, number);
                    } else {
                        sheet.value(r + 1, c, DerivedTable.cell(value));
                    }
                }
            }
        }
        out.write(whole.toByteArray());
    }
}
