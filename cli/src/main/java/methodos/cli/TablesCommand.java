package methodos.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.manual.Manual;
import methodos.core.practice.PractisedManual;
import methodos.core.sheet.DerivedTable;
import methodos.files.bench.KeptRun;
import methodos.files.project.ProjectFolder;
import methodos.files.sheet.SheetWriter;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "tables",
        mixinStandardHelpOptions = true,
        description = "Prints what a manual needs, derived from its steps.")
final class TablesCommand implements Callable<Integer> {

    /** How a table is printed. */
    enum Format {
        JSON,
        CSV,
        XLSX
    }

    @Parameters(paramLabel = "PROJECT", description = "the project")
    private Path project;

    @Option(
            names = "--what",
            required = true,
            description = "parts, kits, tools, consumables, torques, limits or plan")
    private DerivedTable.What what;

    @Option(names = "--format", description = "csv, xlsx or json; csv where nothing is said")
    private Format format = Format.CSV;

    @Option(names = "--json", description = "the same as --format json")
    private boolean json;

    @ArgGroup(exclusive = false)
    private UnitsOption units;

    @Override
    public Integer call() throws Exception {
        Manual manual = ProjectFolder.read(project).manual();
        PractisedManual practised = PractisedManual.of(manual);
        DerivedTable table =
                DerivedTable.of(
                        what,
                        practised,
                        UnitsOption.sight(units, manual),
                        what == DerivedTable.What.PLAN
                                ? KeptRun.times(project, practised)
                                : Map.of());
        switch (json ? Format.JSON : format) {
            case JSON -> Output.json(value(table));
            case CSV -> Output.text(SheetWriter.csv(table));
            case XLSX -> {
                SheetWriter.workbook(table, System.out);
                System.out.flush();
            }
        }
        return 0;
    }

    private Map<String, Object> value(DerivedTable table) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("what", table.what().name().toLowerCase(Locale.ROOT));
        value.put("variant", UnitsOption.named(units));
        value.put("columns", table.columns());
        value.put("rows", table.rows());
        return value;
    }
}
