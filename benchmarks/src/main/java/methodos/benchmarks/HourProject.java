package methodos.benchmarks;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.Workspace;
import methodos.demo.DemoProject;
import methodos.files.project.ClipFiles;
import methodos.files.project.ProjectFolder;
import methodos.footage.Probe;

/** The demo's manual told over and over along one clip of an hour: some 800 steps. */
final class HourProject {

    private final Workspace demo;
    private final Manual source;

    private HourProject(Workspace demo) {
        this.demo = demo;
        this.source = demo.manual();
    }

    /**
     * @param hour the demo's clips one after the other, over and over
     * @param work a folder to make the project in; what an earlier run left is written over
     */
    static Path make(Path hour, Path work) throws Exception {
        Path target = work.resolve("hour.methodos");
        Path model = work.resolve("model.methodos");
        if (!Files.exists(model)) {
            DemoProject.QA_80.copyTo(model);
        }
        new HourProject(ProjectFolder.read(model)).write(hour, target);
        return target;
    }

    private void write(Path hour, Path target) throws Exception {
        double length = Probe.of(hour).duration();
        Clip whole = ClipFiles.clip(Manual.titled("An hour"), target, hour, length);
        List<Caption> captions = new ArrayList<>();
        List<Stage> stages = new ArrayList<>();
        source.stages().forEach(s -> stages.add(s.withSteps(List.of())));
        int id = 0;
        double at = 0;
        for (int round = 0; at < length; round++) {
            for (Clip clip : source.clips()) {
                for (Caption c : demo.captions(clip.id()).captions()) {
                    captions.add(new Caption(at + c.start(), at + c.end(), c.words()));
                }
                for (int i = 0; i < stages.size(); i++) {
                    List<Step> all = new ArrayList<>(stages.get(i).steps());
                    for (Step step : source.stages().get(i).steps()) {
                        if (!step.spans().isEmpty()
                                && step.spans().get(0).clip().equals(clip.id())) {
                            all.add(shifted(step, new Id<>("h" + id++), whole.id(), at));
                        }
                    }
                    stages.set(i, stages.get(i).withSteps(all));
                }
                at += clip.duration();
            }
        }
        captions.removeIf(c -> c.end() > length);
        boolean there = Files.exists(target.resolve("manual.json"));
        try (ProjectFolder folder =
                there
                        ? ProjectFolder.open(target)
                        : ProjectFolder.create(target, Manual.titled("An hour"))) {
            String kept = folder.keepCaptions(whole.id(), new Captions(captions));
            folder.save(
                    source.withClips(List.of(whole.withCaptions(kept)))
                            .withFigures(List.of())
                            .withDismissals(List.of())
                            .withEnergies(List.of())
                            .withStages(stages));
        }
    }

    private static Step shifted(Step step, Id<Step> id, Id<Clip> clip, double by) {
        Span span = step.spans().get(0);
        return step.withId(id)
                .withSpans(List.of(new Span(clip, span.start() + by, span.end() + by)))
                .withEvidence(List.of())
                .withFigures(List.of());
    }
}
