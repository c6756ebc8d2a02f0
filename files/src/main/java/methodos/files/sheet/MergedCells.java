package methodos.files.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import methodos.core.sheet.Sheet;

/**
 * Cells of a workbook that are merged into one: a value that stands over several rows is meant for
 * each of them. Only what is merged downward counts; what is merged across is one cell.
 */
final class MergedCells {

    private static final Pattern RANGE = Pattern.compile("([A-Z]+)(\\d+):([A-Z]+)(\\d+)");
    private static final String FIRST_SHEET = "xl/worksheets/sheet1.xml";

    private record Range(int column, int first, int last) {}

    private final List<Range> ranges;

    private MergedCells(List<Range> ranges) {
        this.ranges = ranges;
    }

    static MergedCells of(Path workbook) throws IOException {
        List<Range> ranges = new ArrayList<>();
        try (ZipFile zip = new ZipFile(workbook.toFile())) {
            ZipEntry entry = zip.getEntry(FIRST_SHEET);
            if (entry != null) {
                try (InputStream in = zip.getInputStream(entry)) {
                    read(in, ranges);
                }
            }
        } catch (XMLStreamException damaged) {
            throw new IOException("a sheet of the workbook is damaged", damaged);
        }
        return new MergedCells(ranges);
    }

    private static void read(InputStream in, List<Range> ranges) throws XMLStreamException {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        XMLStreamReader xml = factory.createXMLStreamReader(in);
        while (xml.hasNext()) {
            if (xml.next() == XMLStreamReader.START_ELEMENT
                    && xml.getLocalName().equals("mergeCell")) {
                Matcher m = RANGE.matcher(String.valueOf(xml.getAttributeValue(null, "ref")));
                if (m.matches() && !m.group(2).equals(m.group(4))) {
                    ranges.add(
                            new Range(
                                    column(m.group(1)),
                                    Integer.parseInt(m.group(2)),
                                    Integer.parseInt(m.group(4))));
                }
            }
        }
    }

    private static int column(String letters) {
        int column = 0;
        for (char c : letters.toCharArray()) {
            column = 26 * column + c - 'A' + 1;
        }
        return column - 1;
    }

    /** The rows with what is merged downward in each of them. */
    List<Sheet.Row> filled(List<Sheet.Row> rows) {
        List<Sheet.Row> filled = new ArrayList<>(rows);
        for (Range range : ranges) {
            String value = "";
            for (int i = 0; i < filled.size(); i++) {
                Sheet.Row row = filled.get(i);
                if (row.line() == range.first()) {
                    value = row.cell(range.column());
                } else if (row.line() > range.first()
                        && row.line() <= range.last()
                        && row.cell(range.column()).isEmpty()) {
                    filled.set(i, with(row, range.column(), value));
                }
            }
        }
        return filled;
    }

    private static Sheet.Row with(Sheet.Row row, int column, String value) {
        List<String> cells = new ArrayList<>(row.cells());
        while (cells.size() <= column) {
            cells.add("");
        }
        cells.set(column, value);
        return new Sheet.Row(row.line(), cells);
    }
}
