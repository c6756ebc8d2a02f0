package methodos.benchmarks;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.function.Consumer;
import java.util.prefs.Preferences;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.control.ToggleButton;
import javafx.stage.Stage;
import methodos.core.check.OpenPoints;
import methodos.core.description.Id;
import methodos.core.kit.StoreList;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.ManualBuilder;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage.Kind;
import methodos.core.manual.Step;
import methodos.core.manual.Value;
import methodos.core.manual.Variant;
import methodos.core.manual.Wrench;
import methodos.core.narration.Workspace;
import methodos.core.practice.PractisedManual;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import methodos.core.quantity.Rational;
import methodos.core.sheet.DerivedTable;
import methodos.core.torque.FewestWrenches;
import methodos.core.torque.TorqueRange;
import methodos.core.torque.WrenchScale;
import methodos.desktop.control.FileChoice;
import methodos.desktop.place.Place;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;
import methodos.desktop.window.ProjectStage;
import methodos.files.project.ProjectFolder;

/**
 * How long tables, coverage and findings take after an edit of a manual with 2,000 parts and 5,000
 * uses, how long the fewest wrenches for 200 values take, and how the lists scroll in the window.
 * Argument: a working folder.
 */
public final class StoreBenchmark {

    private static final int PARTS = 2000;
    private static final int STEPS = 1000;
    private static final int USES = 5;
    private static final int KITS = 12;
    private static final int JOINTS = 200;
    private static final int ROUNDS = 100;
    private static final int WARMING = 40;
    private static final int PICTURES = 240;

    private static Path folder;

    private StoreBenchmark() {}

    public static void main(String[] arguments) throws Exception {
        Random random = new Random(7);
        Manual manual = manual(random);
        System.out.println("| What | Median | 95 of 100 | Longest | Limit |");
        System.out.println("| --- | --- | --- | --- | --- |");
        edits("all six tables after an edit", manual, m -> tables(m));
        edits(
                "lines, coverage and order",
                manual,
                m -> StoreList.of(PractisedManual.of(m), Sight.EVERYTHING));
        edits(
                "all open points",
                manual,
                m -> OpenPoints.of(new Workspace(m, Map.of()), Sight.EVERYTHING));
        wrenches(random);
        Path work = Files.createDirectories(Path.of(arguments[0]));
        folder = Files.createTempDirectory(work, "stores").resolve("stores.methodos");
        ProjectFolder.create(folder, manual).close();
        Application.launch(Window.class);
    }

    private static void tables(Manual manual) {
        PractisedManual practised =
                PractisedManual.of(manual); // once for a state, as in the window
        for (DerivedTable.What what : DerivedTable.What.values()) {
            DerivedTable.of(what, practised, Sight.EVERYTHING);
        }
    }

    /** Three variants, two models; every tenth part is for one of them only. */
    private static Manual manual(Random random) {
        List<Part> parts = new ArrayList<>();
        for (int i = 1; i <= PARTS; i++) {
            parts.add(
                    PartBuilder.builder()
                            .id(new Id<>("p" + i))
                            .item("" + i)
                            .number("HV-" + i)
                            .name("part " + i)
                            .size("M6 × " + (10 + i % 30))
                            .quantity(1 + i % 4)
                            .reuse(ReuseRule.values()[i % 3])
                            .applicability(
                                    i % 10 == 0
                                            ? methodos.core.manual.Applicability.model("A")
                                            : null)
                            .build());
        }
        List<Kit> kits = new ArrayList<>();
        for (int i = 1; i <= KITS; i++) {
            List<Kit.Content> contents = new ArrayList<>();
            for (int k = 0; k < 60; k++) {
                contents.add(new Kit.Content(new Id<>("p" + (1 + 3 * (i * 50 + k))), 2));
            }
            kits.add(new Kit(new Id<>("k" + i), "K-" + i, "kit", contents));
        }
        List<Joint> joints = new ArrayList<>();
        for (int i = 1; i <= JOINTS; i++) {
            joints.add(
                    JointBuilder.builder()
                            .id(new Id<>("j" + i))
                            .name("joint " + i)
                            .fastener(new Id<>("p" + i))
                            .count(4)
                            .propertyClass("8.8")
                            .condition("dry")
                            .torque(Value.of((6 + i % 5) + " N·m"))
                            .stages(QuantityList.parse("3 N·m"))
                            .build());
        }
        Manual manual = Manual.titled("2,000 parts");
        List<methodos.core.manual.Stage> stages = new ArrayList<>();
        for (methodos.core.manual.Stage stage : manual.stages()) {
            List<Step> steps = new ArrayList<>();
            for (int i = 0; i < STEPS / Kind.values().length; i++) {
                Id<Step> id = new Id<>(stage.id() + "s" + i);
                List<PartUse> uses = new ArrayList<>();
                for (int u = 0; u < USES; u++) {
                    uses.add(new PartUse(new Id<>("p" + (1 + random.nextInt(PARTS))), 1));
                }
                steps.add(
                        Step.of(id, "Work on it.", List.of(), List.of())
                                .withParts(uses)
                                .withJoints(List.of(new Id<>("j" + (1 + random.nextInt(JOINTS))))));
            }
            stages.add(stage.withSteps(steps));
        }
        List<Wrench> wrenches = new ArrayList<>();
        for (String range : new String[] {"1 to 5 N·m", "2 to 10 N·m", "5 to 25 N·m"}) {
            wrenches.add(new Wrench(new Id<>("w" + range.charAt(0)), "W", Quantity.parse(range)));
        }
        return ManualBuilder.builder(manual)
                .parts(parts)
                .kits(kits)
                .joints(joints)
                .stages(stages)
                .wrenches(wrenches)
                .variants(
                        List.of(
                                new Variant(new Id<>("v1"), "A", new SerialRange(1L, 99L), "early"),
                                new Variant(new Id<>("v2"), "A", SerialRange.from(100), "late"),
                                new Variant(new Id<>("v3"), "B", SerialRange.ALL, "all")))
                .lastId(9999)
                .build();
    }

    private static void edits(String name, Manual start, Consumer<Manual> derive) {
        double[] millis = new double[ROUNDS];
        Manual manual = start;
        for (int round = -WARMING; round < ROUNDS; round++) {
            Part part = manual.parts().get(Math.floorMod(round * 37, PARTS));
            manual = manual.withPart(part.withQuantity(1 + Math.floorMod(round, 5)));
            long begin = System.nanoTime();
            derive.accept(manual);
            if (round >= 0) {
                millis[round] = (System.nanoTime() - begin) / 1e6;
            }
        }
        print(name, millis, "100 ms");
    }

    private static void wrenches(Random random) {
        double[] millis = new double[ROUNDS];
        for (int round = -WARMING; round < ROUNDS; round++) {
            List<WrenchScale> wrenches = new ArrayList<>();
            for (int i = 0; i < 20; i++) {
                int from = 1 + random.nextInt(40);
                int to = from * (3 + random.nextInt(4));
                wrenches.add(WrenchScale.of(Quantity.parse(from + " to " + to + " N·m")));
            }
            List<TorqueRange> values = new ArrayList<>();
            for (int i = 0; i < 200; i++) {
                int from = 2 + random.nextInt(90);
                values.add(
                        TorqueRange.of(
                                Quantity.parse(from + " to " + (from + 1 + from / 8) + " N·m")));
            }
            long begin = System.nanoTime();
            FewestWrenches.of(wrenches, values, Rational.of(1, 5));
            if (round >= 0) {
                millis[round] = (System.nanoTime() - begin) / 1e6;
            }
        }
        print("fewest of 20 wrenches for 200 values", millis, "20 ms");
    }

    private static void print(String name, double[] millis, String limit) {
        double[] sorted = millis.clone();
        Arrays.sort(sorted);
        System.out.printf(
                Locale.ROOT,
                "| %s | %.1f ms | %.1f ms | %.1f ms | %s |%n",
                name,
                sorted[ROUNDS / 2],
                sorted[ROUNDS * 95 / 100],
                sorted[ROUNDS - 1],
                limit);
    }

    /** The window on that manual; public because the toolkit makes it. */
    public static final class Window extends Application {

        private ProjectStage shown;

        @Override
        public void start(Stage stage) throws Exception {
            shown =
                    new ProjectStage(
                            stage,
                            new OpenProject(ProjectFolder.open(folder)),
                            (clip, share) -> java.util.Optional.empty(),
                            FileChoice.ofTheDesktop(),
                            new ProjectStage.Looks(
                                    new Theme(false),
                                    Preferences.userRoot().node("methodos-benchmark"),
                                    1280,
                                    800));
            stage.show();
            shown.window().show(Place.STORES);
            Courses courses = new Courses(shown.window()::ready, name -> {});
            courses.add(
                    "the lines along the steps, scrolled",
                    PICTURES,
                    Courses.LIMIT,
                    i -> ((ListView<?>) shown.scene().lookup("#stores")).scrollTo(i * 3));
            courses.add(
                    null, 1, "", i -> ((ToggleButton) shown.scene().lookup("#face-PARTS")).fire());
            courses.add(
                    "the table of parts, scrolled",
                    PICTURES,
                    Courses.LIMIT,
                    i -> ((TableView<?>) shown.scene().lookup("#parts")).scrollTo(i * 3));
            courses.run(Platform::exit);
        }

        @Override
        public void stop() {
            shown.close();
        }
    }
}
