package methodos.files.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Deed;
import methodos.core.bench.Entry;
import methodos.core.bench.Outside;
import methodos.core.bench.RunRecord;
import methodos.core.bench.Visit;
import methodos.core.description.Id;
import methodos.core.description.Kinds;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Value;
import methodos.files.problem.ProjectProblem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RunFolderTest {

    private static final Instant MORNING = Instant.parse("2026-03-02T07:00:00Z");

    @TempDir Path temp;

    private static Manual manual() {
        Step measure =
                Step.of(new Id<>("a"), "Measure.", List.of(), List.of())
                        .withReadings(
                                List.of(Reading.of("gap — “x”", Value.of("≥ 62 mm"), 2, null)));
        Step end = Step.of(new Id<>("b"), "End.", List.of(), List.of());
        Manual empty = Manual.titled("Überholung");
        Stage stage = empty.stages().get(0).withSteps(List.of(measure, end));
        return empty.withStages(List.of(stage));
    }

    private static Entry entry(int second, Deed deed) {
        return new Entry(MORNING.plusSeconds(second), "T. Ester", deed);
    }

    private static final Visit A = new Visit(new Id<>("a"), 1);
    private static final Visit B = new Visit(new Id<>("b"), 1);

    private RunFolder begun() throws ProjectProblem {
        return RunFolder.begin(
                temp.resolve("bench/1"),
                manual(),
                entry(0, new Deed.Begun("", "2417", null, null, "Überholung", "C", "")));
    }

    private Path worked() throws ProjectProblem {
        try (RunFolder run = begun()) {
            run.add(entry(1, new Deed.Measured(A, 0, 0, "62.9", "")));
            run.add(entry(2, new Deed.Measured(A, 0, 1, "61.9", "caliper")));
            run.add(entry(3, new Deed.Dealt(A, new Outside.OfReading(0, 1), "taken — ok", null)));
            run.add(entry(4, new Deed.Noted(A, Deed.Remark.NOTE, "line\nbreak", "")));
            run.add(entry(5, new Deed.Done(A)));
            run.add(entry(6, new Deed.Done(B)));
            run.add(entry(7, new Deed.Finished()));
            return run.folder();
        }
    }

    @Test
    void whatWasEnteredIsThereAgain() throws Exception {
        Path folder = worked();
        RecordText text = RunFolder.text(folder);
        assertThat(text.intact()).isTrue();
        BenchRun run = RunFolder.run(folder, text);
        assertThat(run.state()).isEqualTo(BenchRun.State.FINISHED);
        assertThat(run.begun().orElseThrow().serial()).isEqualTo("2417");
        assertThat(RunRecord.of(run).remarks().get(0).of().text()).isEqualTo("line\nbreak");
        assertThat(RunRecord.of(run).readings().get(1).instrument()).isEqualTo("caliper");
        assertThat(RunFolder.list(temp)).containsExactly(folder);
        String lines = Files.readString(folder.resolve("record.log"));
        assertThat(lines.lines()).hasSize(run.size()).allMatch(l -> l.charAt(64) == ' ');
    }

    @Test
    void aChangedByteIsAlwaysFound() throws Exception {
        Path folder = worked();
        byte[] text = Files.readAllBytes(folder.resolve("record.log"));
        assertThat(RecordText.of(text).intact()).isTrue();
        Random random = new Random(7);
        for (int i = 0; i < text.length; i++) {
            byte[] changed = text.clone();
            do {
                changed[i] = (byte) random.nextInt(256);
            } while (changed[i] == text[i]);
            assertThat(RecordText.of(changed).intact()).as("byte %d", i).isFalse();
        }
    }

    @Test
    void aLineThatIsGoneOrMovedIsFound() throws Exception {
        Path folder = worked();
        List<String> lines = Files.readAllLines(folder.resolve("record.log"));
        for (int i = 0; i < lines.size() - 1; i++) {
            List<String> less = new java.util.ArrayList<>(lines);
            less.remove(i);
            byte[] text = (String.join("\n", less) + "\n").getBytes(StandardCharsets.UTF_8);
            assertThat(RecordText.of(text).changed()).isEqualTo(i + 1);
        }
        // the end alone can be cut off at a line: then it is not finished, and another seal ends it
        byte[] all = Files.readAllBytes(folder.resolve("record.log"));
        String cut = String.join("\n", lines.subList(0, lines.size() - 1)) + "\n";
        RecordText shorter = RecordText.of(cut.getBytes(StandardCharsets.UTF_8));
        assertThat(shorter.seal()).isNotEqualTo(RecordText.of(all).seal());
        assertThat(RunFolder.run(folder, shorter).state()).isEqualTo(BenchRun.State.WORKING);
    }

    @Test
    void atWhateverByteTheWritingStopsAllBeforeIsThereAndItGoesOn() throws Exception {
        Path whole = worked();
        byte[] text = Files.readAllBytes(whole.resolve("record.log"));
        int first = new String(text, StandardCharsets.ISO_8859_1).indexOf('\n') + 1;
        for (int length = first; length < text.length; length += 7) {
            Path folder = temp.resolve("cut" + length);
            Files.createDirectories(folder);
            Files.copy(whole.resolve("manual.json"), folder.resolve("manual.json"));
            Files.write(folder.resolve("record.log"), Arrays.copyOf(text, length));
            int lines =
                    (int)
                            new String(text, 0, length, StandardCharsets.ISO_8859_1)
                                    .chars()
                                    .filter(c -> c == '\n')
                                    .count();
            boolean torn = text[length - 1] != '\n';
            try (RunFolder run = RunFolder.open(folder)) {
                assertThat(run.run().size()).isEqualTo(lines);
                assertThat(run.torn()).isEqualTo(torn);
                run.add(entry(60, new Deed.Stopped()));
            }
            assertThat(RunFolder.text(folder).intact()).isTrue();
            assertThat(RunFolder.text(folder).entries()).hasSize(lines + 1);
            assertThat(Files.exists(folder.resolve("record.torn"))).isEqualTo(torn);
        }
    }

    @Test
    void aManualThatWasChangedIsNotTheOneThatWasWorkedBy() throws Exception {
        Path folder = worked();
        Path manual = folder.resolve("manual.json");
        Files.writeString(manual, Files.readString(manual).replace("62 mm", "60 mm"));
        assertThatThrownBy(() -> RunFolder.run(folder, RunFolder.text(folder)))
                .isInstanceOf(ProjectProblem.class)
                .hasMessageContaining("it was changed");
    }

    @Test
    void aChangedRecordIsNotGoneOnWith() throws Exception {
        Path folder = worked();
        Path record = folder.resolve("record.log");
        Files.writeString(record, Files.readString(record).replace("61.9", "62.9"));
        assertThatThrownBy(() -> RunFolder.open(folder)).hasMessageContaining("in line 3");
        assertThat(RunFolder.text(folder).entries()).hasSize(2);
    }

    @Test
    void twoDoNotWriteAtOnce() throws Exception {
        try (RunFolder run = begun()) {
            assertThatThrownBy(() -> RunFolder.open(run.folder()))
                    .hasMessageContaining("open elsewhere");
            assertThatThrownBy(this::begun).hasMessageContaining("holds a run already");
            assertThat(RunFolder.text(run.folder()).intact()).as("reading is free").isTrue();
        }
    }

    @Test
    void whatIsRefusedIsNotWritten() throws Exception {
        try (RunFolder run = begun()) {
            String seal = run.seal();
            assertThatThrownBy(() -> run.add(entry(1, new Deed.Done(A))))
                    .isInstanceOf(IllegalArgumentException.class);
            assertThat(run.seal()).isEqualTo(seal);
            assertThat(RunFolder.text(run.folder()).entries()).hasSize(1);
        }
    }

    @Test
    void aRecordWithNothingInItIsNoRun() throws Exception {
        Path folder = Files.createDirectories(temp.resolve("bench/2"));
        Files.write(folder.resolve("record.log"), new byte[0]);
        assertThat(RunFolder.list(temp)).isEmpty();
        Files.writeString(
                folder.resolve("record.log"), "abc", StandardOpenOption.TRUNCATE_EXISTING);
        assertThatThrownBy(() -> RunFolder.open(folder)).hasMessageContaining("does not begin");
    }

    @Test
    void eachKindOfEntryComesBackAsItWas() throws Exception {
        List<Deed> deeds =
                List.of(
                        new Deed.Begun("S", "1", List.of("L"), List.of("N"), "t", "C", "d"),
                        new Deed.Fetched("t1", "none left"),
                        new Deed.Settled(A, false),
                        new Deed.Chosen(A, new Id<>("w")),
                        new Deed.Warned(A),
                        new Deed.Measured(A, 1, 2, "62,8 mm", "caliper"),
                        new Deed.Corrected(A, 1, 2, "62.8", "why"),
                        new Deed.Looked(A, 0, true),
                        new Deed.Fitted(A, 0, 0, "2.10 mm", "2.20 mm"),
                        new Deed.Dealt(A, new Outside.OfLook(1), "", new Id<>("p1")),
                        new Deed.Dealt(A, new Outside.OfDecision("d"), "x", null),
                        new Deed.Tried(A, new Id<>("d"), "g", "0.2", ""),
                        new Deed.Tightened(A, new Id<>("j"), 1, 3, "8 N·m", "wrench"),
                        new Deed.Signed(A, Deed.Sign.LOCKED, new Id<>("e"), "n"),
                        new Deed.Signed(A, Deed.Sign.WITNESSED, null, "n"),
                        new Deed.Done(A),
                        new Deed.Reached(A, new Id<>("z"), false),
                        new Deed.WaitOver(A, 0, "dry"),
                        new Deed.Noted(A, Deed.Remark.UNCLEAR, "which?", "f".repeat(64)),
                        new Deed.Stopped(),
                        new Deed.WentOn(),
                        new Deed.Finished(),
                        new Deed.GivenUp("broken"));
        assertThat(deeds.stream().map(Object::getClass).distinct())
                .hasSameSizeAs(Kinds.of(Deed.class));
        for (Deed deed : deeds) {
            byte[] line = RecordText.line(Seal.BEGINNING, entry(3, deed));
            assertThat(RecordText.of(line).entries()).containsExactly(entry(3, deed));
        }
    }
}
