package methodos.cli.fuzz;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import methodos.cli.FuzzedCommand;
import methodos.core.hazard.HazardRules;
import methodos.core.manual.Manual;
import methodos.core.sheet.SheetKind;
import methodos.core.sheet.SheetReading;
import methodos.core.vocabulary.Wordlist;
import methodos.files.captions.CaptionFile;
import methodos.files.draft.WordlistFolder;
import methodos.files.picture.PictureFile;
import methodos.files.picture.PictureProblem;
import methodos.files.problem.ProjectProblem;
import methodos.files.sheet.SheetFile;
import methodos.files.sheet.SheetProblem;
import methodos.narration.draft.NarrationReader;
import methodos.narration.vocabulary.Vocabulary;

/**
 * Reads damaged inputs, one after the other, in a program of its own with little memory. Before
 * each one its number is written to a log, so that who waits knows which one it was that hung.
 */
public final class Fuzzed {

    private static final PrintStream REAL = System.out;

    private final Path folder;
    private final List<byte[]> sound = new ArrayList<>();

    private Fuzzed(Path folder) throws IOException {
        this.folder = folder;
        try (Stream<Path> seeds = Files.list(folder.resolve("seeds"))) {
            for (Path seed : seeds.sorted().toList()) {
                sound.add(Files.readAllBytes(seed));
            }
        }
    }

    /**
     * @param args kind of input, first number, last number, folder with the sound ones
     */
    public static void main(String[] args) throws Exception {
        System.setProperty("java.awt.headless", "true");
        System.setProperty("methodos.log", args[3]);
        Fuzzed fuzzed = new Fuzzed(Path.of(args[3]));
        Path log = Path.of(args[3], "log");
        for (long n = Long.parseLong(args[1]); n < Long.parseLong(args[2]); n++) {
            Files.writeString(log, n + "\n", StandardOpenOption.CREATE, StandardOpenOption.APPEND);
            fuzzed.one(args[0], n);
        }
        System.exit(0);
    }

    private void one(String kind, long n) throws IOException {
        byte[] seed = sound.get((int) (n % sound.size()));
        byte[] other = sound.get((int) ((n * 7 + 3) % sound.size()));
        byte[] damaged = new Mutations(n).of(seed, other);
        Path file = folder.resolve("input");
        Files.write(file, damaged);
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        PrintStream out = new PrintStream(said, true, StandardCharsets.UTF_8);
        System.setOut(out);
        System.setErr(out);
        try {
            int status = read(kind, file, (int) (n % sound.size()));
            String text = said.toString(StandardCharsets.UTF_8);
            if (status == 4 || text.contains("not enough memory") || text.contains("\tat ")) {
                bad(kind, n, damaged, "status " + status + " " + text);
            }
        } catch (RuntimeException | Error e) {
            StringBuilder trace = new StringBuilder(e.toString());
            for (int i = 0; i < Math.min(6, e.getStackTrace().length); i++) {
                trace.append(" < ").append(e.getStackTrace()[i]);
            }
            bad(kind, n, damaged, trace.toString());
        }
    }

    private void bad(String kind, long n, byte[] input, String what) throws IOException {
        Files.write(folder.resolve("bad-" + n), input);
        String line = kind + " " + n + ": " + what.replaceAll("\\s+", " ");
        Files.writeString(
                folder.resolve("bad.txt"),
                line.substring(0, Math.min(line.length(), 600)) + "\n",
                StandardOpenOption.CREATE,
                StandardOpenOption.APPEND);
        REAL.println(line);
    }

    private int read(String kind, Path file, int seed) throws IOException {
        try {
            return switch (kind) {
                case "captions" -> {
                    CaptionFile.read(file);
                    yield FuzzedCommand.run("draft", "--captions", file.toString(), "--json");
                }
                case "csv", "xlsx" -> {
                    var sheet = SheetFile.read(file);
                    int taken = 0;
                    for (SheetKind sheetKind : SheetKind.values()) {
                        Manual manual = Manual.titled("x");
                        SheetReading reading = sheetKind.read(sheet, manual);
                        if (reading.problems().isEmpty()) {
                            taken += reading.edit().change().apply(manual).parts().size();
                        }
                    }
                    yield taken < 0 ? 4 : 0;
                }
                case "pictures" -> {
                    PictureFile.read(file);
                    yield 0;
                }
                case "clips" ->
                        FuzzedCommand.run("probe", file.toString(), "--json")
                                | FuzzedCommand.run(
                                        "still",
                                        file.toString(),
                                        "--at",
                                        "0.4",
                                        "--out",
                                        folder.resolve("still.png").toString());
                case "calc" -> FuzzedCommand.run("calc", calculator(seed), file.toString());
                case "words" -> {
                    Path words = Files.createDirectories(folder.resolve("words"));
                    Path list = words.resolve(list(seed));
                    Files.copy(file, list, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
                    List<Wordlist> lists = WordlistFolder.read(Vocabulary.LISTS, words);
                    try {
                        NarrationReader.english(lists, HazardRules.shipped());
                    } catch (Wordlist.LineProblem e) {
                        throw new ProjectProblem(e.getMessage(), e);
                    }
                    Files.delete(list);
                    yield 0;
                }
                default -> {
                    Path project = Files.createDirectories(folder.resolve("project"));
                    Files.copy(
                            file,
                            project.resolve("manual.json"),
                            java.nio.file.StandardCopyOption.REPLACE_EXISTING);
                    yield FuzzedCommand.run("check", project.toString(), "--json");
                }
            };
        } catch (ProjectProblem | SheetProblem | PictureProblem e) {
            return 3; // a sentence, as it should be
        }
    }

    /** Seeds are named after the calculator or the list that they are for, in this order. */
    private String calculator(int seed) throws IOException {
        return name(seed);
    }

    private String list(int seed) throws IOException {
        return name(seed) + ".txt";
    }

    private String name(int seed) throws IOException {
        try (Stream<Path> seeds = Files.list(folder.resolve("seeds"))) {
            String name = seeds.sorted().toList().get(seed).getFileName().toString();
            return name.replaceFirst("(-\\d+)?\\..*$", "");
        }
    }
}
