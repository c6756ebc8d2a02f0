package methodos.files.folders;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;

class AppFoldersTest {

    private static final Path HOME = Path.of("/home/ann");

    @Test
    void followsTheFreedesktopFolders() {
        AppFolders usual = new AppFolders(Map.of(), "Linux", HOME);
        assertThat(usual.settings()).isEqualTo(HOME.resolve(".config/methodos"));
        assertThat(usual.cache()).isEqualTo(HOME.resolve(".cache/methodos"));
        assertThat(usual.log()).isEqualTo(HOME.resolve(".local/state/methodos"));
        AppFolders moved = new AppFolders(Map.of("XDG_CACHE_HOME", "/big/cache"), "Linux", HOME);
        assertThat(moved.cache()).isEqualTo(Path.of("/big/cache/methodos"));
    }

    @Test
    void aRelativeFolderOfTheEnvironmentIsPassedOver() {
        AppFolders relative = new AppFolders(Map.of("XDG_CACHE_HOME", "cache"), "Linux", HOME);
        assertThat(relative.cache()).isEqualTo(HOME.resolve(".cache/methodos"));
    }

    @Test
    void followsTheOtherPlatforms() {
        assertThat(new AppFolders(Map.of(), "Mac OS X", HOME).cache())
                .isEqualTo(HOME.resolve("Library/Caches/Methodos"));
        assertThat(new AppFolders(Map.of("APPDATA", "/data"), "Windows 11", HOME).settings())
                .isEqualTo(Path.of("/data/Methodos"));
    }
}
