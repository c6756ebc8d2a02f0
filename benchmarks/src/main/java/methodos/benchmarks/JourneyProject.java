package methodos.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.edit.DraftEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.narration.Caption;
import methodos.core.words.Words;
import methodos.files.project.ProjectFolder;
import methodos.training.Journey;

/** A manual with nothing in it but a clip, its narration, a parts list and what is drafted. */
final class JourneyProject {

    private static final Id<Clip> CLIP = new Id<>("c1");

    private JourneyProject() {}

    static void make(Journey journey, Path target) throws Exception {
        clear(target);
        double seconds =
                journey.captions().captions().stream().mapToDouble(Caption::end).max().orElse(1);
        Clip clip = new Clip(CLIP, journey.name(), "clip.mp4", 1, "", seconds, null, null);
        Manual empty =
                Manual.titled(journey.name())
                        .withClip(clip)
                        .withParts(journey.list())
                        .withLastId(journey.list().size() + 1L);
        try (ProjectFolder folder = ProjectFolder.create(target, empty)) {
            String captions = folder.keepCaptions(CLIP, journey.captions());
            Manual manual = empty.withClips(List.of(clip.withCaptions(captions)));
            folder.save(
                    DraftEdits.draft(CLIP, journey.draft(), new Words(null, Locale.ENGLISH))
                            .change()
                            .apply(manual));
        }
    }

    /** What an earlier run left is made anew. */
    private static void clear(Path target) throws IOException {
        if (Files.exists(target)) {
            try (Stream<Path> files = Files.walk(target)) {
                for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(file);
                }
            }
        }
    }
}
