package methodos.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.demo.DemoProject;
import methodos.desktop.DesktopProgram;
import methodos.desktop.place.Place;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ProjectFolder;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(
        name = "demo",
        mixinStandardHelpOptions = true,
        description = "Opens the program on a fresh copy of the demo manual.")
final class DemoCommand implements Callable<Integer> {

    @Option(names = "--into", description = "only writes the copy to this folder")
    private Path into;

    @Option(
            names = "--shot",
            description = "opens, waits until all is drawn, writes a picture of the window, ends")
    private Path shot;

    @Option(
            names = "--place",
            description = "the place that --shot shows: ${DEFAULT-VALUE}",
            defaultValue = "steps")
    private String place;

    @Option(names = "--step", description = "number of the step that --shot shows chosen")
    private int step;

    @Option(names = "--figure", description = "which figure --shot shows chosen, from 1")
    private int figure;

    @Option(
            names = "--manual",
            description = "which demo: ${COMPLETION-CANDIDATES}; ${DEFAULT-VALUE} if none is named",
            defaultValue = "QA_80")
    private DemoProject manual;

    @Option(
            names = "--drafted",
            description = "without the steps that are written: they are drafted from the narration")
    private boolean drafted;

    @Option(names = "--dark", description = "in the dark variant")
    private boolean dark;

    @Option(
            names = "--size",
            description = "size of the window: ${DEFAULT-VALUE}",
            defaultValue = "1280x800")
    private String size;

    @Override
    public Integer call() throws Exception {
        if (into != null) {
            copy(into);
            Output.line(into.toString());
            return 0;
        }
        try (DemoCopies copies = new DemoCopies()) {
            Path folder = copies.next(manual);
            copy(folder);
            DesktopProgram.Gear gear = new DesktopProgram.Gear(Recognisers.all(), copies);
            return shot == null
                    ? DesktopProgram.openCopy(folder, gear)
                    : DesktopProgram.shoot(folder, picture(), gear);
        }
    }

    private DesktopProgram.Picture picture() {
        String[] sides = size.toLowerCase(Locale.ROOT).split("x");
        return new DesktopProgram.Picture(
                shot.toAbsolutePath(),
                Place.valueOf(place.toUpperCase(Locale.ROOT)),
                dark,
                Integer.parseInt(sides[0]),
                Integer.parseInt(sides[1]),
                step,
                figure);
    }

    private void copy(Path target) throws ProjectProblem {
        ProjectFolder.requireEmpty(target);
        boolean there = Files.isDirectory(target);
        try {
            manual.copyTo(target);
            if (drafted) {
                DraftedDemo.draft(target);
            }
        } catch (IOException e) {
            ProjectFolder.remove(target, !there); // no half of a demo is left
            throw ProjectProblem.writing(target, e);
        } catch (ProjectProblem e) {
            ProjectFolder.remove(target, !there);
            throw e;
        }
    }
}
