package methodos.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.scan.FrameScore;
import methodos.core.scan.Scan;
import methodos.core.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "scan",
        mixinStandardHelpOptions = true,
        description = "Looks at every frame of a recording: sharp, still, covered, cut.")
final class ScanCommand implements Callable<Integer> {

    @Parameters(paramLabel = "CLIP", description = "the recording")
    private Path clip;

    @Option(names = "--json", description = "prints one JSON value")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        Scan scan = ClipScan.of(clip);
        if (json) {
            Output.json(value(scan));
            return 0;
        }
        Words words = new Words(null, Locale.getDefault());
        Output.line(scan.frames().size() + " frames, " + (scan.cuts().size() + 1) + " shots");
        scan.cuts().forEach(c -> Output.line(String.format(Locale.ROOT, "cut at %.2f s", c)));
        for (Scan.Unusable u : scan.unusable()) {
            Output.line(
                    String.format(
                            Locale.ROOT,
                            "%.2f to %.2f s: %s",
                            u.from(),
                            u.to(),
                            words.of(u.why())));
        }
        return 0;
    }

    private static Map<String, Object> value(Scan scan) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("frames", scan.frames().stream().map(ScanCommand::row).toList());
        value.put("cuts", scan.cuts().stream().map(Output::seconds).toList());
        value.put(
                "unusable",
                scan.unusable().stream()
                        .map(
                                u ->
                                        span(
                                                u.from(),
                                                u.to(),
                                                Map.of(
                                                        "why",
                                                        u.why().name().toLowerCase(Locale.ROOT))))
                        .toList());
        value.put(
                "pauses",
                scan.pauses().stream().map(p -> span(p.from(), p.to(), Map.of())).toList());
        return value;
    }

    private static Map<String, Object> span(double from, double to, Map<String, Object> more) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("from", Output.seconds(from));
        value.put("to", Output.seconds(to));
        value.putAll(more);
        return value;
    }

    private static Map<String, Object> row(FrameScore f) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("time", Output.seconds(f.time()));
        row.put("sharpness", score(f.sharpness()));
        row.put("clipped", score(f.clipped()));
        row.put("crushed", score(f.crushed()));
        row.put("brightness", score(f.brightness()));
        row.put("stillness", score(f.stillness()));
        row.put("obstruction", score(f.obstruction()));
        return row;
    }

    private static double score(double value) {
        return Math.round(value * 10_000) / 10_000.0;
    }
}
