package methodos.training;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.edit.DraftEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.ClipBuilder;
import methodos.core.manual.Manual;
import methodos.core.narration.Draft;
import methodos.core.sense.Sense;
import methodos.core.words.Words;
import methodos.files.project.ProjectFolder;
import methodos.narration.draft.NarrationReader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is drafted from any narration is written, and is the same when it is read again. */
class DraftsKeptTest {

    private static final Id<Clip> CLIP = new Id<>("c");

    @Test
    void everyDraftIsReadAgainAsItWas(@TempDir Path temp) throws Exception {
        NarrationReader reader = NarrationReader.english();
        List<Narration> all =
                new ArrayList<>(TruthFile.all(List.of(Path.of("narrations/practice"))));
        all.addAll(TruthFile.all(List.of(Path.of("narrations/sentences"))));
        assertThat(all).hasSizeGreaterThan(25);
        for (Narration narration : all) {
            Draft draft = reader.read(narration.captions());
            Manual empty =
                    Manual.titled(narration.name())
                            .withClip(
                                    ClipBuilder.builder()
                                            .id(CLIP)
                                            .name("one")
                                            .path("one.mp4")
                                            .duration(1e5)
                                            .build());
            Manual drafted =
                    DraftEdits.draft(CLIP, draft, new Words(null, Locale.ENGLISH))
                            .change()
                            .apply(empty);
            Path folder = temp.resolve(narration.name());
            try (ProjectFolder project = ProjectFolder.create(folder, empty)) {
                project.save(drafted);
            }
            assertThat(ProjectFolder.read(folder).manual()).as(narration.name()).isEqualTo(drafted);
            assertThat(Sense.of(drafted)).as(narration.name()).isEmpty();
            drafted =
                    DraftEdits.accept(drafted.steps().map(s -> s.id()).toList())
                            .change()
                            .apply(drafted);
            assertThat(drafted.steps().allMatch(s -> s.accepted())).isTrue();
            assertThat(drafted.steps().map(s -> Optional.ofNullable(s.sure())))
                    .allMatch(Optional::isEmpty);
        }
    }
}
