package methodos.core.sheet;

import java.util.List;

/** A table that was read from a file: a header row, and rows with the line that each stood on. */
public record Sheet(List<String> header, List<Row> rows) {

    /**
     * @param line in the file, from 1
     * @param cells as text; may be fewer than the header has columns
     */
    public record Row(int line, List<String> cells) {
        public Row {
            cells = List.copyOf(cells);
        }

        /** The text of a column, empty where the row ends before it. */
        public String cell(int column) {
            return column >= 0 && column < cells.size() ? cells.get(column).strip() : "";
        }
    }

    public Sheet {
        header = List.copyOf(header);
        rows = List.copyOf(rows);
    }
}
