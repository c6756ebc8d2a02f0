package methodos.desktop.killed;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import methodos.core.manual.Manual;
import methodos.demo.DemoProject;
import methodos.files.project.ProjectFolder;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/** The program is killed (SIGKILL) while somebody works in its window. */
@EnabledIfSystemProperty(named = "methodos.long", matches = "true")
class KilledTest {

    private static final long TYPED_MILLIS = 20_000;
    private static final long LOST_MILLIS = 2_000;

    @TempDir private Path temp;

    /** What had been done, and when, by the log of the program that was killed. */
    private record Said(long millis, String state) {}

    private record Killed(Path folder, List<Said> said, long at) {

        /** The last state that is older than what may be lost. */
        String mustBeThere() {
            String last = null;
            for (Said s : said) {
                if (s.millis() <= at - LOST_MILLIS) {
                    last = s.state();
                }
            }
            return last;
        }
    }

    private Killed killed(String what, int number, long afterMillis) throws Exception {
        Path place = Files.createDirectories(temp.resolve(what + number));
        Path folder = place.resolve("p");
        DemoProject.QA_80.copyTo(folder);
        ProjectFolder.remove(folder.resolve("footage"), true); // nothing to scan beside it
        Path log = place.resolve("log");
        Process process =
                new ProcessBuilder(
                                Path.of(System.getProperty("java.home"), "bin/java").toString(),
                                "-Xmx512m",
                                "-XX:TieredStopAtLevel=1",
                                "-Dprism.order=sw",
                                "-cp",
                                System.getProperty("java.class.path"),
                                WorkedWindow.class.getName(),
                                what,
                                folder.toString(),
                                log.toString())
                        .redirectErrorStream(true)
                        .redirectOutput(place.resolve("output").toFile())
                        .start();
        while (!Files.exists(log)) {
            assertThat(process.waitFor(20, TimeUnit.MILLISECONDS))
                    .as(Files.readString(place.resolve("output")))
                    .isFalse();
        }
        assertThat(process.waitFor(afterMillis, TimeUnit.MILLISECONDS)).isFalse();
        long at = System.currentTimeMillis();
        process.destroyForcibly().waitFor();
        List<Said> said = new ArrayList<>();
        for (String line : Files.readAllLines(log)) {
            int space = line.indexOf(' ');
            if (space > 0) {
                said.add(
                        new Said(
                                Long.parseLong(line.substring(0, space)),
                                line.substring(space + 1)));
            }
        }
        return new Killed(folder, said, at);
    }

    private static Manual opened(Path folder) throws Exception {
        try (ProjectFolder project = ProjectFolder.open(folder)) {
            assertThat(project.states()).isNotEmpty();
            try (Stream<Path> left = Files.list(folder)) {
                assertThat(left.map(p -> p.getFileName().toString()))
                        .noneMatch(n -> n.contains(".half-"));
            }
            return project.workspace().manual();
        }
    }

    @Test
    void whatIsMissingWasTypedInTheLastTwoSeconds() throws Exception {
        Random random = new Random(17);
        long mostLost = 0;
        int keys = 0;
        String before = sound().steps().findFirst().orElseThrow().text();
        for (int i = 0; i < 100; i++) {
            Killed killed = killed("typing", i, (long) (random.nextDouble() * TYPED_MILLIS));
            String text = opened(killed.folder()).steps().findFirst().orElseThrow().text();
            String typed = typed(text, before);
            assertThat(typed).isEqualTo(WorkedWindow.keys(typed.length()));
            String must = killed.mustBeThere();
            if (must != null) {
                assertThat(typed).startsWith(typed(must, before));
            }
            long last = 0;
            for (Said s : killed.said()) {
                last = typed.startsWith(typed(s.state(), before)) ? s.millis() : last;
            }
            mostLost = Math.max(mostLost, killed.at() - last);
            keys += killed.said().size();
            ProjectFolder.remove(killed.folder().getParent(), true);
        }
        System.out.println(
                "100 kills while typing, " + keys + " keys: at most " + mostLost + " ms lost");
        assertThat(keys).isGreaterThan(5_000);
    }

    /** What was typed in front of the words that were there. */
    private static String typed(String text, String before) {
        assertThat(text).endsWith(before);
        return text.substring(0, text.length() - before.length());
    }

    @Test
    void aListIsThereAsAWholeOrNotAtAll() throws Exception {
        Random random = new Random(18);
        for (int i = 0; i < 50; i++) {
            Killed killed = killed("lists", i, (long) (random.nextDouble() * 5_000));
            Manual manual = opened(killed.folder());
            int fresh = manual.parts().size() % 400;
            assertThat(fresh).as("whole lists of 400").isEqualTo(sound().parts().size() % 400);
            String must = killed.mustBeThere();
            if (must != null) {
                assertThat(manual.parts().size()).isGreaterThanOrEqualTo(Integer.parseInt(must));
            }
            ProjectFolder.remove(killed.folder().getParent(), true);
        }
        System.out.println("50 kills while lists were taken in: all whole");
    }

    private Manual sound() throws Exception {
        Path folder = temp.resolve("sound");
        if (!Files.exists(folder)) {
            DemoProject.QA_80.copyTo(folder);
        }
        return ProjectFolder.read(folder).manual();
    }

    @Test
    void aDraftIsThereAsAWholeOrNotAtAll() throws Exception {
        Random random = new Random(19);
        for (int i = 0; i < 50; i++) {
            Killed killed = killed("draft", i, (long) (random.nextDouble() * 5_000));
            String title = opened(killed.folder()).title();
            String must = killed.mustBeThere();
            if (must != null) {
                assertThat(number(title)).isGreaterThanOrEqualTo(number(must));
            }
            ProjectFolder.remove(killed.folder().getParent(), true);
        }
        System.out.println("50 kills while drafts were made: all whole");
    }

    private static int number(String title) {
        Matcher number = Pattern.compile("\\d+$").matcher(title);
        return number.find() ? Integer.parseInt(number.group()) : -1;
    }

    @Test
    void anEarlierPublicationSurvivesAnyKill() throws Exception {
        Random random = new Random(20);
        int documents = 0;
        for (int i = 0; i < 50; i++) {
            Killed killed = killed("publishing", i, (long) (random.nextDouble() * 3_000));
            opened(killed.folder());
            Path out = killed.folder().resolveSibling("published");
            int last = killed.said().isEmpty() ? -1 : number(lastOf(killed));
            assertThat(number(pdfTitle(out))).isGreaterThanOrEqualTo(last);
            assertThat(number(htmlTitle(out))).isGreaterThanOrEqualTo(last);
            documents += 2;
            ProjectFolder.remove(killed.folder().getParent(), true);
        }
        System.out.println("50 kills while publishing: " + documents + " documents whole");
    }

    private static String lastOf(Killed killed) {
        return killed.said().get(killed.said().size() - 1).state();
    }

    private static String pdfTitle(Path out) throws IOException {
        try (PDDocument document = Loader.loadPDF(out.resolve("manual.pdf").toFile())) {
            assertThat(document.getNumberOfPages()).isGreaterThan(5);
            return document.getDocumentInformation().getTitle();
        }
    }

    private static String htmlTitle(Path out) throws IOException {
        Path page = out.resolve("html/index.html");
        String html = Files.readString(page);
        Matcher needed = Pattern.compile("(?:src=\"|url\\(\")([^\"]+)\"").matcher(html);
        while (needed.find()) {
            assertThat(page.resolveSibling(needed.group(1))).isNotEmptyFile();
        }
        assertThat(html.strip()).endsWith("</html>");
        Matcher title = Pattern.compile("<title>([^<]*)</title>").matcher(html);
        assertThat(title.find()).isTrue();
        return title.group(1);
    }
}
