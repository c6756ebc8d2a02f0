package methodos.cli;

import java.nio.file.Path;
import methodos.demo.DemoProject;
import methodos.files.project.ProjectFolder;

/**
 * Does once what is called most, so that the build can keep an archive of the classes that it
 * loads; a start that finds them there takes half as long.
 */
public final class Rehearsal {

    private Rehearsal() {}

    /**
     * @param arguments a folder that is not there yet, and a recording
     */
    public static void main(String[] arguments) throws Exception {
        Path project = Path.of(arguments[0]);
        String clip = arguments[1];
        DemoProject.QA_80.copyTo(project);
        Path still = project.resolve("still.png");
        Methodos.run("still", clip, "--at", "1", "--out", still.toString());
        Methodos.run("probe", clip);
        Methodos.run("check", project.toString());
        Methodos.run("tables", project.toString(), "--out", project.resolve("tables").toString());
        Methodos.run("demo", "--shot", project.resolve("window.png").toString());
        ProjectFolder.remove(project, true);
    }
}
