package methodos.files.recent;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RecentProjectsTest {

    @TempDir Path settings;

    private static RecentProject project(Path folder, String title) {
        ViewState view =
                new ViewState(
                        "FIGURES",
                        "s4",
                        "c2",
                        12.5,
                        9,
                        List.of("STEPS"),
                        new ViewState.Bounds(10, 20, 1280, 800));
        return new RecentProject(
                folder.toString(), title, "2026-11-30T09:41:00Z", 3, 2, "stills/a.png", view);
    }

    @Test
    void theLastOneComesFirstAndOnce() {
        RecentProjects recents = new RecentProjects(settings.resolve("made"));
        assertThat(recents.all()).isEmpty();
        recents.keep(project(Path.of("/x/a"), "A"));
        recents.keep(project(Path.of("/x/b"), "B"));
        recents.keep(project(Path.of("/x/a"), "A again"));
        assertThat(new RecentProjects(settings.resolve("made")).all())
                .extracting(RecentProject::title)
                .containsExactly("A again", "B");
        assertThat(recents.of(Path.of("/x/../x/b"))).contains(project(Path.of("/x/b"), "B"));
        recents.forget(Path.of("/x/a"));
        assertThat(recents.all()).extracting(RecentProject::title).containsExactly("B");
    }

    @Test
    void noMoreThanADozenAreKept() {
        RecentProjects recents = new RecentProjects(settings);
        for (int i = 0; i < 20; i++) {
            recents.keep(project(Path.of("/x/" + i), "T" + i));
        }
        assertThat(recents.all()).hasSize(12);
        assertThat(recents.all().get(0).title()).isEqualTo("T19");
    }

    @Test
    void aDamagedListIsBegunAnewAndAnUnwritableOneHindersNothing() throws IOException {
        Files.writeString(settings.resolve("recent.json"), "[{\"folder\": ");
        RecentProjects recents = new RecentProjects(settings);
        assertThat(recents.all()).isEmpty();
        recents.keep(project(Path.of("/x/a"), "A"));
        assertThat(recents.all()).hasSize(1);

        Path file = Files.writeString(settings.resolve("file"), "");
        RecentProjects nowhere = new RecentProjects(file);
        nowhere.keep(project(Path.of("/x/a"), "A"));
        assertThat(nowhere.all()).isEmpty();
    }

    @Test
    void whatAnotherVersionWroteIsReadAsFarAsItIsKnown() throws IOException {
        Files.writeString(
                settings.resolve("recent.json"),
                "[{\"folder\": \"/x/a\", \"colour\": \"green\"}, {\"title\": \"no folder\"}]");
        assertThat(new RecentProjects(settings).all())
                .singleElement()
                .satisfies(p -> assertThat(p.view()).isEqualTo(ViewState.NONE));
    }
}
