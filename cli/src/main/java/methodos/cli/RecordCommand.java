package methodos.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.files.bench.KeptRun;
import methodos.files.bench.RecordExport;
import methodos.files.problem.ProjectProblem;
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
        List<KeptRun> runs = KeptRun.all(project);
        return named == null ? list(runs) : one(runs);
    }

    private int list(List<KeptRun> runs) {
        List<Map<String, Object>> rows = runs.stream().map(RecordExport::head).toList();
        if (json) {
            Output.json(rows);
        } else if (rows.isEmpty()) {
            Output.line("There is no bench run in the project yet.");
        } else {
            rows.forEach(RecordCommand::print);
        }
        return runs.stream().allMatch(r -> r.problem().isEmpty()) ? 0 : 1;
    }

    private static void print(Map<String, Object> row) {
        Output.line(
                row.get("run")
                        + "  no. "
                        + row.get("serial")
                        + "  "
                        + row.get("state")
                        + ", "
                        + row.get("entries")
                        + " entries, "
                        + Optional.ofNullable(row.get("problem")).orElse("as it was written"));
    }

    private int one(List<KeptRun> runs) throws Exception {
        KeptRun run =
                runs.stream()
                        .filter(r -> r.name().equals(named))
                        .findFirst()
                        .orElseThrow(
                                () ->
                                        new ProjectProblem(
                                                "There is no run “" + named + "” in the project."));
        if (run.record() == null) {
            throw new ProjectProblem(run.problem());
        }
        switch (json ? Format.JSON : format) {
            case JSON -> Output.json(RecordExport.whole(run));
            case CSV -> Output.text(RecordExport.csv(run.record()));
            case PDF -> {
                if (out == null) {
                    throw new ProjectProblem("Say with --out where the PDF is to be written.");
                }
                RunPrint.write(
                        run.record(),
                        run.seal(),
                        run.problem(),
                        run::photo,
                        HouseStyle.in(project),
                        ZoneId.systemDefault(),
                        out);
                Output.line(out.toString());
            }
        }
        return run.problem().isEmpty() ? 0 : 1;
    }
}
