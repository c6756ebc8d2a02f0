package methodos.desktop.footage;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import methodos.core.change.SearchSpan;
import methodos.core.scan.Scan;
import methodos.files.cache.KeptChanges;
import methodos.files.cache.KeptScans;
import methodos.footage.FootageProblem;
import methodos.footage.Probe;
import methodos.footage.Recording;
import methodos.footage.Scanner;
import methodos.footage.change.SpanChanges;

/**
 * The main class of the process in which a recording that was never seen before is tried: a decoder
 * that crashes takes this process with it and not the window. It writes a line for each step of the
 * way, which {@link ScanProcess} reads.
 */
public final class ScanWorker {

    static final String SHARE = "share ";
    static final String PROBLEM = "problem ";
    static final int REFUSED = 3;

    private static final int SMALL = 64;

    private ScanWorker() {}

    /**
     * @param arguments the recording; then its digest and the folder to keep its scan in, or
     *     nothing for a first look only; behind them how often its pictures are turned by a quarter
     *     and the spans in which is looked for what changed, in place of the scan
     */
    public static void main(String[] arguments) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        Path clip = Path.of(arguments[0]);
        try {
            if (arguments.length == 1) {
                look(clip);
            } else if (arguments.length > 3) {
                changes(clip, arguments, out);
            } else {
                Scan scan =
                        Scanner.scan(
                                clip,
                                share ->
                                        out.println(
                                                SHARE + String.format(Locale.ROOT, "%.4f", share)),
                                () -> false);
                new KeptScans(Path.of(arguments[2])).keep(arguments[1], scan);
            }
        } catch (FootageProblem e) {
            out.println(PROBLEM + e.getMessage());
            System.exit(REFUSED);
        }
    }

    private static void changes(Path clip, String[] arguments, PrintStream out)
            throws FootageProblem {
        Path cache = Path.of(arguments[2]);
        Scan scan = new KeptScans(cache).of(arguments[1]).orElse(null);
        if (scan == null) {
            return;
        }
        KeptChanges kept = new KeptChanges(cache);
        int turned = Integer.parseInt(arguments[3]);
        try (Recording recording = Recording.open(clip).turned(turned)) {
            for (int i = 4; i < arguments.length; i++) {
                SearchSpan span = SearchSpan.of(arguments[i]);
                kept.keep(
                        arguments[1],
                        turned,
                        span,
                        SpanChanges.of(
                                recording,
                                span.from(),
                                span.to(),
                                span.earliest(),
                                span.latest(),
                                scan));
                double share = (i - 3.0) / (arguments.length - 4);
                out.println(SHARE + String.format(Locale.ROOT, "%.4f", share));
            }
        }
    }

    private static void look(Path clip) throws FootageProblem {
        Probe.of(clip);
        try (Recording recording = Recording.open(clip)) {
            recording.still(0, SMALL, SMALL);
            recording.nearby(recording.duration() / 2, SMALL, SMALL);
        }
    }
}
