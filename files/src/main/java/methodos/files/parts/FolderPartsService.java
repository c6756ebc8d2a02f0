package methodos.files.parts;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import methodos.core.manual.Replacement;
import methodos.core.manual.SerialRange;
import methodos.core.parts.PartsAnswer;
import methodos.core.parts.PartsAnswer.Offer;
import methodos.core.parts.PartsService;
import methodos.core.sheet.Sheet;
import methodos.files.sheet.SheetFile;
import methodos.files.sheet.SheetProblem;

/**
 * A parts service out of a folder, for makers that hand out lists: {@code parts.csv} with the
 * columns number, price, stock, replaced by, from serial and from date, and {@code kits.csv} with
 * kit, part number and quantity.
 */
public final class FolderPartsService implements PartsService {

    private final Path folder;

    public FolderPartsService(Path folder) {
        this.folder = folder;
    }

    /** Whether there is such a folder. */
    public boolean there() {
        return Files.isRegularFile(folder.resolve("parts.csv"));
    }

    @Override
    public PartsAnswer ask(List<String> numbers, List<String> kits) throws Unavailable {
        try {
            return new PartsAnswer(offers(new HashSet<>(numbers)), kits(new HashSet<>(kits)));
        } catch (SheetProblem e) {
            throw new Unavailable(e.getMessage(), e);
        }
    }

    private Map<String, Offer> offers(Set<String> asked) throws SheetProblem {
        Table table = new Table(folder.resolve("parts.csv"), "number", "price", "stock");
        Map<String, Offer> offers = new HashMap<>();
        for (Sheet.Row row : table.sheet.rows()) {
            String number = table.text(row, "number");
            if (asked.contains(number)) {
                String newer = table.text(row, "replaced by");
                Long serial = newer.isEmpty() ? null : table.serial(row);
                offers.put(
                        number,
                        new Offer(
                                table.text(row, "price"),
                                table.whole(row, "stock"),
                                newer.isEmpty()
                                        ? null
                                        : new Replacement(
                                                newer,
                                                new SerialRange(serial, null),
                                                table.text(row, "from date"))));
            }
        }
        return offers;
    }

    private Map<String, Map<String, Integer>> kits(Set<String> asked) throws SheetProblem {
        Map<String, Map<String, Integer>> kits = new LinkedHashMap<>();
        Path file = folder.resolve("kits.csv");
        if (Files.exists(file)) {
            Table table = new Table(file, "kit", "part number", "quantity");
            for (Sheet.Row row : table.sheet.rows()) {
                String kit = table.text(row, "kit");
                if (asked.contains(kit)) {
                    kits.computeIfAbsent(kit, k -> new LinkedHashMap<>())
                            .merge(
                                    table.text(row, "part number"),
                                    table.whole(row, "quantity"),
                                    Integer::sum);
                }
            }
        }
        return kits;
    }

    /** A sheet whose columns are named. */
    private static final class Table {
        private final Path file;
        private final Sheet sheet;
        private final Map<String, Integer> at = new HashMap<>();

        Table(Path file, String... needed) throws SheetProblem {
            this.file = file;
            this.sheet = SheetFile.read(file);
            for (int i = 0; i < sheet.header().size(); i++) {
                at.put(sheet.header().get(i).toLowerCase(Locale.ROOT), i);
            }
            for (String column : needed) {
                if (!at.containsKey(column)) {
                    throw new SheetProblem(
                            file.getFileName() + " has no column called " + column + ".");
                }
            }
        }

        String text(Sheet.Row row, String column) {
            return row.cell(at.getOrDefault(column, -1));
        }

        int whole(Sheet.Row row, String column) throws SheetProblem {
            String text = text(row, column);
            if (!text.matches("\\d{1,9}")) {
                throw wrong(row, column, text);
            }
            return Integer.parseInt(text);
        }

        Long serial(Sheet.Row row) throws SheetProblem {
            String text = text(row, "from serial");
            if (text.isEmpty()) {
                return null;
            }
            if (!text.matches("\\d{1,15}")) {
                throw wrong(row, "from serial", text);
            }
            return Long.valueOf(text);
        }

        private SheetProblem wrong(Sheet.Row row, String column, String text) {
            return new SheetProblem(
                    file.getFileName()
                            + ", line "
                            + row.line()
                            + ", "
                            + column
                            + ": “"
                            + text
                            + "” is no whole number.");
        }
    }
}
