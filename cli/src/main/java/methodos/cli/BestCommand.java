package methodos.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.scan.BestStills;
import methodos.core.scan.Scan;
import methodos.core.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "best",
        mixinStandardHelpOptions = true,
        description = "Proposes the clearest frames of a span.")
final class BestCommand implements Callable<Integer> {

    @Spec private CommandSpec spec;

    @Parameters(paramLabel = "CLIP", description = "the recording")
    private Path clip;

    @Option(names = "--from", description = "seconds; from the beginning if not given")
    private double from;

    @Option(names = "--to", description = "seconds; to the end if not given")
    private double to = Double.MAX_VALUE;

    @Option(names = "--count", description = "how many at most: ${DEFAULT-VALUE}")
    private int count = 5;

    @Option(names = "--json", description = "prints one JSON value")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        Numbers.time(spec, "--from", from);
        if (to != Double.MAX_VALUE) {
            Numbers.time(spec, "--to", to);
        }
        Scan scan = ClipScan.of(clip);
        Words words = new Words(null, Locale.getDefault());
        List<BestStills.Proposal> best = BestStills.of(scan, from, to, count, words);
        if (json) {
            Output.json(best.stream().map(BestCommand::value).toList());
            return 0;
        }
        if (best.isEmpty()) {
            Output.line("No frame of this span can be used.");
        }
        for (BestStills.Proposal p : best) {
            Output.line(
                    String.format(Locale.ROOT, "%.2f s  %.2f  %s", p.time(), p.score(), p.words()));
        }
        return 0;
    }

    private static Map<String, Object> value(BestStills.Proposal p) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("time", Output.seconds(p.time()));
        value.put("score", p.score());
        value.put("words", p.words());
        return value;
    }
}
