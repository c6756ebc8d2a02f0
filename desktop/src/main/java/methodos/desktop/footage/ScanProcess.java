package methodos.desktop.footage;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.DoubleConsumer;
import methodos.core.change.SearchSpan;
import methodos.core.manual.Clip;
import methodos.footage.FootageProblem;

/** A {@link ScanWorker} at work on one recording; it ends when it says nothing for too long. */
final class ScanProcess {

    private static final int SILENT_SECONDS = 60;

    private final Path clip;
    private final List<String> arguments;
    private Process process;
    private boolean stopped;
    private boolean silent;

    private ScanProcess(Path clip, String... more) {
        this.clip = clip;
        this.arguments = new ArrayList<>(List.of(clip.toString()));
        arguments.addAll(List.of(more));
    }

    /** Opens the recording and decodes a picture or two. */
    static ScanProcess look(Path clip) {
        return new ScanProcess(clip);
    }

    /** Scans the recording, and keeps the scan under its digest. */
    static ScanProcess scan(Path clip, String digest, Path cache) {
        return new ScanProcess(clip, digest, cache.toString());
    }

    /** Looks for what changed in spans of a recording that is scanned, and keeps each. */
    static ScanProcess changes(Path file, Clip clip, Path cache, List<SearchSpan> spans) {
        List<String> more =
                new ArrayList<>(List.of(clip.digest(), cache.toString(), "" + clip.turned()));
        spans.forEach(s -> more.add(s.text()));
        return new ScanProcess(file, more.toArray(String[]::new));
    }

    /**
     * Waits until the work is done.
     *
     * @param progress told the share that is done, from 0 to 1
     * @throws FootageProblem if the recording cannot be read, or the decoder crashed or hung
     * @throws CancellationException if it was stopped
     */
    void run(DoubleConsumer progress) throws FootageProblem {
        String problem = null;
        int status;
        ScheduledExecutorService watch = Executors.newSingleThreadScheduledExecutor(daemon());
        try {
            begin();
            ScheduledFuture<?> limit = limit(watch);
            try (BufferedReader out =
                    new BufferedReader(
                            new InputStreamReader(
                                    process.getInputStream(), StandardCharsets.UTF_8))) {
                String line;
                while ((line = out.readLine()) != null) {
                    limit.cancel(false);
                    limit = limit(watch);
                    if (line.startsWith(ScanWorker.SHARE)) {
                        progress.accept(
                                Double.parseDouble(line.substring(ScanWorker.SHARE.length())));
                    } else if (line.startsWith(ScanWorker.PROBLEM)) {
                        problem = line.substring(ScanWorker.PROBLEM.length());
                    }
                }
            }
            status = process.waitFor();
        } catch (IOException e) {
            whyEnded(); // a process that was ended closes its output as well
            throw new FootageProblem(clip + " cannot be looked at: " + e.getMessage() + ".");
        } catch (InterruptedException e) {
            stop();
            Thread.currentThread().interrupt();
            throw new CancellationException("stopped");
        } finally {
            watch.shutdownNow();
        }
        end(status, problem);
    }

    private synchronized void whyEnded() throws FootageProblem {
        if (stopped) {
            throw new CancellationException("stopped");
        }
        if (silent) {
            throw new FootageProblem(
                    clip + " gave no picture for " + SILENT_SECONDS + " s and was let go.");
        }
    }

    private void end(int status, String problem) throws FootageProblem {
        whyEnded();
        if (problem != null) {
            throw new FootageProblem(problem);
        }
        if (status != 0) {
            throw new FootageProblem(
                    clip + " made the decoder stop; this recording cannot be used.");
        }
    }

    private synchronized void begin() throws IOException {
        if (stopped) {
            throw new CancellationException("stopped");
        }
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        command.addAll(
                List.of(
                        "-Xmx256m",
                        "-XX:+UseSerialGC",
                        "-cp",
                        System.getProperty("java.class.path"),
                        ScanWorker.class.getName()));
        command.addAll(arguments);
        process =
                new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
        process.getOutputStream().close();
    }

    private ScheduledFuture<?> limit(ScheduledExecutorService watch) {
        return watch.schedule(this::tooSilent, SILENT_SECONDS, TimeUnit.SECONDS);
    }

    private synchronized void tooSilent() {
        silent = true;
        process.destroyForcibly();
    }

    private static java.util.concurrent.ThreadFactory daemon() {
        return r -> {
            Thread thread = new Thread(r, "watching a scan");
            thread.setDaemon(true);
            return thread;
        };
    }

    /** Stops it, whether it has begun or not. */
    synchronized void stop() {
        stopped = true;
        if (process != null) {
            process.destroyForcibly();
        }
    }
}
