package methodos.cli;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import javax.imageio.ImageIO;
import methodos.cli.output.Output;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.AtomicFile;
import methodos.footage.Recording;
import methodos.footage.Still;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "still",
        mixinStandardHelpOptions = true,
        description = "Takes the picture that is on the screen at a time.")
final class StillCommand implements Callable<Integer> {

    @Spec private CommandSpec spec;

    @Parameters(paramLabel = "CLIP", description = "the recording")
    private Path clip;

    @Option(names = "--at", required = true, description = "seconds from the start of playback")
    private double at;

    @Option(names = "--out", required = true, description = "the PNG to write")
    private Path out;

    @Option(names = "--json", description = "prints one JSON value")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        OutputFile.require(out, clip);
        Numbers.time(spec, "--at", at);
        try (Recording recording = Recording.open(clip)) {
            Still still = recording.still(at);
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(still.picture(), "png", png);
            try {
                AtomicFile.write(out.toAbsolutePath(), png.toByteArray());
            } catch (IOException e) {
                throw ProjectProblem.writing(out, e);
            }
            Map<String, Object> value = new LinkedHashMap<>();
            value.put("time", Output.seconds(still.time()));
            value.put("width", still.picture().getWidth());
            value.put("height", still.picture().getHeight());
            if (json) {
                Output.json(value);
            } else {
                Output.line(out + ": shown from " + value.get("time") + " s");
            }
            return 0;
        }
    }
}
