package methodos.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.change.SeenChange;
import methodos.core.change.SeenSpan;
import methodos.footage.Recording;
import methodos.footage.change.SpanChanges;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "changes",
        mixinStandardHelpOptions = true,
        description = "Tells what is gone and what is new after a span of a recording.")
final class ChangesCommand implements Callable<Integer> {

    @Spec private CommandSpec spec;

    @Parameters(paramLabel = "CLIP", description = "the recording")
    private Path clip;

    @Option(names = "--from", required = true, description = "seconds, the begin of what was done")
    private double from;

    @Option(names = "--to", required = true, description = "seconds, the end of it")
    private double to;

    @Option(names = "--json", description = "prints one JSON value")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        Numbers.time(spec, "--from", from);
        Numbers.time(spec, "--to", to);
        if (to < from) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(), "--to is before --from; a span ends after it begins.");
        }
        try (Recording recording = Recording.open(clip)) {
            SeenSpan found = SpanChanges.of(recording, from, to, ClipScan.of(clip));
            if (json) {
                Output.json(value(found));
            } else {
                print(found);
            }
            return 0;
        }
    }

    private static Map<String, Object> value(SeenSpan found) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("before", Output.seconds(found.before()));
        value.put("after", Output.seconds(found.after()));
        List<Map<String, Object>> changes = new ArrayList<>();
        for (SeenChange c : found.changes()) {
            Map<String, Object> change = new LinkedHashMap<>();
            change.put("kind", name(c));
            change.put("x", share(c.middle().x()));
            change.put("y", share(c.middle().y()));
            change.put("width", share(c.width()));
            change.put("height", share(c.height()));
            change.put("sure", Math.round(c.sure() * 100) / 100.0);
            change.put("at", c.at() == null ? null : Output.seconds(c.at()));
            if (c.pair() > 0) {
                change.put("pair", c.pair());
            }
            change.put(
                    "outline",
                    c.outline().stream().map(p -> List.of(share(p.x()), share(p.y()))).toList());
            changes.add(change);
        }
        value.put("changes", changes);
        return value;
    }

    private static void print(SeenSpan found) {
        Output.line(
                String.format(
                        Locale.ROOT,
                        "before %.2f s, after %.2f s: %s",
                        found.before(),
                        found.after(),
                        found.changes().isEmpty() ? "nothing changed" : ""));
        for (SeenChange c : found.changes()) {
            Output.line(
                    String.format(
                            Locale.ROOT,
                            "%s at %.3f, %.3f, %.3f × %.3f, sure %.2f%s%s",
                            name(c),
                            c.middle().x(),
                            c.middle().y(),
                            c.width(),
                            c.height(),
                            c.sure(),
                            c.at() == null
                                    ? ""
                                    : String.format(Locale.ROOT, ", changed at %.2f s", c.at()),
                            c.pair() == 0 ? "" : ", moved (" + c.pair() + ")"));
        }
    }

    private static String name(SeenChange change) {
        return change.kind().name().toLowerCase(Locale.ROOT);
    }

    private static double share(double share) {
        return Math.round(share * 1e4) / 1e4;
    }
}
