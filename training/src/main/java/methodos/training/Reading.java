package methodos.training;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import methodos.core.hazard.HazardRules;
import methodos.core.narration.Draft;
import methodos.core.speech.EnglishPartsOfSpeech;
import methodos.files.problem.ProjectProblem;
import methodos.narration.acts.Learned;
import methodos.narration.acts.Model;
import methodos.narration.draft.NarrationReader;
import methodos.narration.vocabulary.Vocabulary;

/**
 * Trains the reader, or says how well it reads what it has seen and what it has not.
 *
 * <p>{@code train HOME} writes the models anew; {@code bench HOME [FOLDER …]} reads each narration
 * by models that have not seen it, and by those that have.
 */
public final class Reading {

    /** So many readers are trained for the bench; each has not seen the narrations of its share. */
    private static final int SHARES = 7;

    private final Path home;
    private final List<Narration> narrations;
    private final List<Lessons.Heard> heard = new ArrayList<>();
    private final Lessons lessons;

    private Reading(Path home, List<Path> folders) throws IOException, ProjectProblem {
        this.home = home;
        this.narrations = TruthFile.all(folders);
        NarrationReader reader = reader(null);
        for (Narration n : narrations) {
            heard.add(new Lessons.Heard(n.name(), reader.hear(n.captions(), List.of()), n.truth()));
        }
        Vocabulary vocabulary = Vocabulary.english();
        lessons =
                new Lessons(
                        Stream.concat(
                                        Senses.phrases(home.resolve("senses.txt"), reader).stream(),
                                        Senses.verbs(vocabulary.acts()).stream())
                                .toList());
    }

    private static NarrationReader reader(Learned learned) {
        return new NarrationReader(
                EnglishPartsOfSpeech.load(), Vocabulary.english(), learned, HazardRules.shipped());
    }

    /** Called by {@code ./methodos train-reader} and {@code ./methodos bench-reader}. */
    public static void main(String[] arguments) throws Exception {
        Path home = Path.of(arguments[1]);
        List<Path> folders = new ArrayList<>();
        for (int i = 2; i < arguments.length; i++) {
            folders.add(Path.of(arguments[i]));
        }
        if (folders.isEmpty()) {
            folders.add(home.resolve("narrations/practice"));
            folders.add(home.resolve("narrations/sentences"));
        }
        Reading reading = new Reading(home, folders);
        if (arguments[0].equals("train")) {
            reading.train();
        } else {
            reading.bench();
        }
    }

    private void train() throws IOException {
        Learned learned = lessons.learned(heard);
        Path out = home.resolve("../narration/src/main/resources/methodos/narration/acts");
        Files.createDirectories(out);
        write(out.resolve("gaps.txt"), learned.gaps());
        write(out.resolve("outcomes.txt"), learned.outcomes());
        write(out.resolve("actions.txt"), learned.actions());
        write(out.resolve("figures.txt"), learned.figures());
    }

    private static void write(Path file, Model model) throws IOException {
        Files.write(file, model.lines());
        System.out.printf(
                "%s: %d outcomes, %d features%n",
                file.getFileName(), model.outcomes().size(), model.size());
    }

    /**
     * What is made of narrations by readers that have not seen them, beside what is true.
     *
     * @param home the folder with what phrases mean
     * @param folders with narrations; sheets of single sentences are read, and left out
     */
    public static List<Journey> unseen(Path home, List<Path> folders)
            throws IOException, ProjectProblem {
        Reading reading = new Reading(home, folders);
        Map<String, Journey> journeys =
                reading.unseen(
                        (n, reader) ->
                                n.name().startsWith("sentences-") ? null : Journey.of(n, reader));
        return reading.narrations.stream()
                .map(n -> journeys.get(n.name()))
                .filter(Objects::nonNull)
                .toList();
    }

    /** What is made of each narration with a reader that has not seen it. */
    private <T> Map<String, T> unseen(BiFunction<Narration, NarrationReader, T> made) {
        Map<String, T> unseen = new LinkedHashMap<>();
        IntStream.range(0, SHARES)
                .parallel()
                .forEach(
                        share -> {
                            Map<String, T> some = share(share, made);
                            synchronized (unseen) {
                                unseen.putAll(some);
                            }
                        });
        return unseen;
    }

    private void bench() {
        Map<String, Draft> unseen = unseen((n, reader) -> reader.read(n.captions()));
        NarrationReader all = reader(lessons.learned(heard));
        Map<String, Draft> seen = new LinkedHashMap<>();
        narrations.forEach(n -> seen.put(n.name(), all.read(n.captions())));
        print("unseen, narrations", unseen, false);
        print("unseen, sentences", unseen, true);
        print("seen, narrations", seen, false);
        print("seen, sentences", seen, true);
    }

    private <T> Map<String, T> share(int share, BiFunction<Narration, NarrationReader, T> made) {
        List<Lessons.Heard> others = new ArrayList<>();
        for (int i = 0; i < heard.size(); i++) {
            if (i % SHARES != share) {
                others.add(heard.get(i));
            }
        }
        NarrationReader reader = reader(lessons.learned(others));
        Map<String, T> all = new LinkedHashMap<>();
        for (int i = share; i < narrations.size(); i += SHARES) {
            all.put(narrations.get(i).name(), made.apply(narrations.get(i), reader));
        }
        return all;
    }

    private void print(String title, Map<String, Draft> drafts, boolean sentences) {
        Score score = new Score();
        int count = 0;
        for (Narration n : narrations) {
            if (n.name().startsWith("sentences-") == sentences) {
                score.add(drafts.get(n.name()), n.truth());
                count++;
            }
        }
        System.out.println("== " + title + ": " + count);
        score.lines().forEach(System.out::println);
    }
}
