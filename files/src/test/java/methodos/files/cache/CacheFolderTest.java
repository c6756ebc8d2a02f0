package methodos.files.cache;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CacheFolderTest {

    @TempDir private Path temp;

    private CacheFolder folder(long limit) {
        return new CacheFolder(temp.resolve("kept"), limit);
    }

    @Test
    void whatWasKeptIsPlacedUnderASecondNameInThePlaceOfWhatStoodThere() throws Exception {
        CacheFolder kept = folder(1000);
        kept.put("a", new byte[] {1});
        kept.put("b", new byte[] {2, 2});
        Path place = temp.resolve("place");
        assertThat(kept.place("a", place)).isTrue();
        assertThat(kept.place("b", place)).isTrue();
        assertThat(place).hasBinaryContent(new byte[] {2, 2});
        assertThat(kept.get("a")).as("the first one is as it was").contains(new byte[] {1});
        Files.delete(place);
        assertThat(kept.get("b")).as("kept when its second name is gone").isPresent();
    }

    @Test
    void whatWasNotKeptIsNotPlaced() throws Exception {
        CacheFolder kept = folder(1000);
        Path place = temp.resolve("place");
        assertThat(kept.place("a", place)).isFalse();
        kept.put("b", new byte[] {2});
        assertThat(kept.place("a", place)).isFalse();
        assertThat(place).doesNotExist();
    }

    @Test
    void whatWasPlacedWasUsed() throws Exception {
        CacheFolder kept = folder(100);
        for (String name : new String[] {"old", "older"}) {
            kept.put(name, new byte[40]);
            Files.setLastModifiedTime(
                    temp.resolve("kept").resolve(name),
                    FileTime.fromMillis(name.equals("old") ? 2000 : 1000));
        }
        kept.place("older", temp.resolve("place"));
        kept.put("new", new byte[40]);
        assertThat(kept.get("older")).isPresent();
        assertThat(kept.get("old")).as("not used for longest").isEmpty();
    }
}
