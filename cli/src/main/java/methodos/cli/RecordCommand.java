package methodos.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.bench.RecordTable;
import methodos.core.bench.RunRecord;
import methodos.files.bench.RecordJson;
import methodos.files.bench.RecordText;
import methodos.files.bench.RunFolder;
import methodos.files.problem.ProjectProblem;
import methodos.files.sheet.SheetWriter;
import methodos.publish.document.Publication;
import methodos.publish.document.RunPrint;
import methodos.publish.house.HouseStyle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "record",
        mixinStandardHelpOptions = true,
        description =
                "Lists the records of bench runs and whether they are as they were written; prints"
                        + " one. Exit status 1 where one was changed or is not complete.")
final class RecordCommand implements Callable<Integer> {

    /** How a record is printed. */
    enum Format {
        JSON,
        CSV,
        PDF
    }

    @Parameters(paramLabel = "PROJECT", description = "the project")
    private Path project;

    @Option(names = "--run", paramLabel = "NAME", description = "one of the runs that are listed")
    private String named;

    @Option(names = "--format", description = "csv, json or pdf; csv where nothing is said")
    private Format format = Format.CSV;

    @Option(names = "--json", description = "the same as --format json")
    private boolean json;

    @Option(names = "--out", paramLabel = "FILE", description = "where a PDF is written")
    private Path out;

    @Override
    public Integer call() throws Exception {
        if (!Files.isRegularFile(project.resolve("manual.json"))) {
            throw new ProjectProblem(project + " is no project: there is no manual.json in it.");
        }
        List<Path> runs = RunFolder.list(project);
        return named == null ? list(runs) : one(runs);
    }

    private int list(List<Path> runs) throws ProjectProblem {
        boolean sound = true;
        List<Map<String, Object>> rows = new ArrayList<>();
        for (Path folder : runs) {
            RecordText text = RunFolder.text(folder);
            Map<String, Object> row = row(folder, text);
            rows.add(row);
            sound &= row.get("problem") == null;
            if (!json) {
                Output.line(
                        folder.getFileName()
                                + "  no. "
                                + row.get("serial")
                                + "  "
                                + row.get("state")
                                + ", "
                                + row.get("entries")
                                + " entries, "
                                + Optional.ofNullable(row.get("problem"))
                                        .orElse("as it was written"));
            }
        }
        if (json) {
            Output.json(rows);
        } else if (rows.isEmpty()) {
            Output.line("There is no bench run in the project yet.");
        }
        return sound ? 0 : 1;
    }

    private static Map<String, Object> row(Path folder, RecordText text) {
        Map<String, Object> row = new LinkedHashMap<>();
        String problem = text.problem().orElse(null);
        row.put("run", folder.getFileName().toString());
        try {
            row.putAll(RecordJson.head(RunRecord.of(RunFolder.run(folder, text))));
        } catch (ProjectProblem e) {
            problem = problem == null ? e.getMessage() : problem;
            row.put("serial", null);
            row.put("state", null);
        }
        row.put("entries", text.entries().size());
        row.put("seal", text.seal());
        row.put("problem", problem);
        return row;
    }

    private int one(List<Path> runs) throws Exception {
        Path folder =
                runs.stream()
                        .filter(r -> r.getFileName().toString().equals(named))
                        .findFirst()
                        .orElseThrow(
                                () ->
                                        new ProjectProblem(
                                                "There is no run “" + named + "” in the project."));
        RecordText text = RunFolder.text(folder);
        RunRecord record = RunRecord.of(RunFolder.run(folder, text));
        switch (json ? Format.JSON : format) {
            case JSON -> Output.json(value(folder, text, record));
            case CSV ->
                    Output.text(
                            SheetWriter.csv(
                                    RecordTable.COLUMNS,
                                    RecordTable.of(record).stream()
                                            .map(RecordTable.Row::cells)
                                            .toList()));
            case PDF -> {
                if (out == null) {
                    throw new ProjectProblem("Say with --out where the PDF is to be written.");
                }
                RunPrint.write(
                        record,
                        text.seal(),
                        text.problem().orElse(""),
                        Publication.of(
                                        record.run().work().practised().manual(),
                                        record.run().work().sight(),
                                        d -> Optional.empty(),
                                        record.until()
                                                .atZone(ZoneId.systemDefault())
                                                .toLocalDate()
                                                .toString())
                                .withHouse(HouseStyle.in(project)),
                        ZoneId.systemDefault(),
                        out);
                Output.line(out.toString());
            }
        }
        return text.intact() ? 0 : 1;
    }

    private static Map<String, Object> value(Path folder, RecordText text, RunRecord record) {
        Map<String, Object> value = row(folder, text);
        value.putAll(RecordJson.of(record));
        return value;
    }
}
