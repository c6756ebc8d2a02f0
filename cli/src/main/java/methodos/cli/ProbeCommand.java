package methodos.cli;

import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.footage.Probe;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(name = "probe", mixinStandardHelpOptions = true, description = "Says what a recording is.")
final class ProbeCommand implements Callable<Integer> {

    @Parameters(paramLabel = "CLIP", description = "the recording")
    private Path clip;

    @Option(names = "--json", description = "prints one JSON value")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        Probe probe = Probe.of(clip);
        if (json) {
            Output.json(probe);
            return 0;
        }
        Probe.Video v = probe.video();
        Output.line(
                String.format(
                        Locale.ROOT,
                        "%s, %.2f s, %s %d × %d, %.2f frames a second%s, %d frames",
                        probe.container(),
                        probe.duration(),
                        v.codec(),
                        v.width(),
                        v.height(),
                        v.frameRate(),
                        v.variableRate() ? " (variable)" : "",
                        v.frames()));
        probe.audio()
                .forEach(
                        a ->
                                Output.line(
                                        "sound: "
                                                + a.codec()
                                                + ", "
                                                + a.channels()
                                                + " channels, "
                                                + a.sampleRate()
                                                + " Hz"));
        probe.problems().forEach(Output::line);
        return 0;
    }
}
