package methodos.benchmarks;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.stream.Stream;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;
import javafx.stage.Window;
import methodos.cli.Methodos;
import methodos.demo.DemoProject;

/**
 * Times whole processes in turn: the start of an empty window of the toolkit, and of the program
 * with the demo until it can be used; and the command line.
 */
public final class StartBenchmark {

    private static final int RUNS = 11;
    private static final String EMPTY = "--empty";
    private static final String DEMO = "--demo";
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private static Path settings;

    private StartBenchmark() {}

    /**
     * @param arguments the jar of the program, its archive of classes, a folder to work in, and a
     *     recording
     */
    public static void main(String[] arguments) throws Exception {
        if (arguments[0].equals(EMPTY)) {
            Application.launch(Empty.class, arguments);
            return;
        }
        if (arguments[0].equals(DEMO)) {
            program(arguments[1]);
            return;
        }
        String jar = arguments[0];
        Path work = Files.createDirectories(Path.of(arguments[2]));
        Path demo = Files.createTempDirectory(work, "start").resolve("demo");
        DemoProject.QA_80.copyTo(demo);
        List<String> java =
                List.of(
                        "java",
                        "-Xmx1g",
                        "-XX:+UseSerialGC",
                        "-Xlog:disable",
                        "-Dprism.order=sw",
                        "-Dfile.encoding=UTF-8");
        String archive = "-XX:SharedArchiveFile=" + arguments[1];
        List<String> self =
                List.of(
                        "-cp",
                        System.getProperty("java.class.path"),
                        StartBenchmark.class.getName());
        List<String> archived = with(java, archive);
        List<String> command = with(archived, "-XX:TieredStopAtLevel=1", "-jar", jar);
        settings = work.resolve("settings");
        Path still = work.resolve("still.png");
        List<Timed> all =
                List.of(
                        new Timed("an empty window", with(with(java, self), EMPTY)),
                        new Timed(
                                "the same, its classes archived",
                                with(with(archived, self), EMPTY)),
                        new Timed(
                                "the program with the demo, usable",
                                with(with(archived, self), DEMO, demo.toString())),
                        new Timed("`--version`", with(command, "--version")),
                        new Timed(
                                "`still` of the second clip",
                                with(
                                        command,
                                        "still",
                                        arguments[3],
                                        "--at",
                                        "5",
                                        "--out",
                                        still.toString())),
                        new Timed(
                                "one ffmpeg process for the same",
                                List.of(
                                        "ffmpeg",
                                        "-v",
                                        "error",
                                        "-y",
                                        "-ss",
                                        "5",
                                        "-i",
                                        arguments[3],
                                        "-frames:v",
                                        "1",
                                        still.toString())));
        for (int i = 0; i < RUNS; i++) {
            for (Timed one : all) {
                one.run();
            }
        }
        System.out.println("| What | Median, ms | Least | Most |");
        System.out.println("| --- | --- | --- | --- |");
        all.forEach(t -> System.out.println(t.row()));
        System.out.printf(
                "%nThe demo takes %.2f times the empty window, `still` %.2f times ffmpeg.%n",
                all.get(2).median() / all.get(0).median(),
                all.get(4).median() / all.get(5).median());
    }

    private static List<String> with(List<String> first, List<String> more) {
        return with(first, more.toArray(String[]::new));
    }

    private static List<String> with(List<String> first, String... more) {
        return Stream.concat(first.stream(), Arrays.stream(more)).toList();
    }

    /** A process that is run again and again. */
    private static final class Timed {
        private final String what;
        private final List<String> command;
        private final List<Double> times = new ArrayList<>();

        Timed(String what, List<String> command) {
            this.what = what;
            this.command = command;
        }

        void run() throws Exception {
            long began = System.nanoTime();
            ProcessBuilder builder =
                    new ProcessBuilder(command)
                            .redirectErrorStream(true)
                            .redirectOutput(ProcessBuilder.Redirect.DISCARD);
            // what was worked on last is kept apart from that of whoever measures
            builder.environment().put("XDG_CONFIG_HOME", settings.toString());
            Process process = builder.start();
            if (process.waitFor() != 0) {
                throw new IllegalStateException(what + " failed: " + String.join(" ", command));
            }
            times.add((System.nanoTime() - began) / 1e6);
        }

        double median() {
            return times.stream().sorted().skip(times.size() / 2).findFirst().orElseThrow();
        }

        String row() {
            return "| %s | %.0f | %.0f | %.0f |"
                    .formatted(
                            what,
                            median(),
                            times.stream().mapToDouble(t -> t).min().orElseThrow(),
                            times.stream().mapToDouble(t -> t).max().orElseThrow());
        }
    }

    /** A window of the toolkit with nothing in it. */
    public static final class Empty extends Application {

        @Override
        public void start(Stage stage) {
            stage.setScene(new Scene(new Pane(), WIDTH, HEIGHT));
            stage.show();
            drawn();
        }
    }

    /**
     * Starts the program as it is started by hand, and ends it once its window can be used: the
     * seam is there and has been drawn.
     */
    private static void program(String project) {
        Thread watch =
                new Thread(
                        () -> {
                            while (!usable()) {
                                pause();
                            }
                            Platform.runLater(StartBenchmark::drawn);
                        });
        watch.setDaemon(true);
        watch.start();
        Methodos.main(new String[] {project});
    }

    private static boolean usable() {
        CompletableFuture<Boolean> there = new CompletableFuture<>();
        try {
            Platform.runLater(
                    () ->
                            there.complete(
                                    Window.getWindows().stream()
                                            .anyMatch(
                                                    w ->
                                                            w.isShowing()
                                                                    && w.getScene()
                                                                                    .getRoot()
                                                                                    .lookup("#seam")
                                                                            != null)));
            return there.get();
        } catch (IllegalStateException | ExecutionException notYet) {
            return false; // the toolkit has not started
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return true;
        }
    }

    private static void pause() {
        try {
            Thread.sleep(10);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Ends once a picture of the window has been drawn: from then on it answers. */
    private static void drawn() {
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames > 1) {
                    stop();
                    Platform.exit();
                }
            }
        }.start();
    }
}
