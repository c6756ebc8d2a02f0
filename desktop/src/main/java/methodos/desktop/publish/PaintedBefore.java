package methodos.desktop.publish;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import methodos.files.cache.CacheFolder;
import methodos.files.folders.AppFolders;
import methodos.publish.document.KeptPaintings;

/** Figures that were painted for earlier publications, in the cache of this machine. */
public final class PaintedBefore implements KeptPaintings {

    private static final long ON_DISK = 400L << 20;

    private final CacheFolder folder =
            new CacheFolder(AppFolders.ofThisMachine().cache().resolve("figures"), ON_DISK);

    @Override
    public Optional<byte[]> get(String name) {
        return folder.get(name);
    }

    @Override
    public boolean place(String name, Path file) throws IOException {
        return folder.place(name, file);
    }

    @Override
    public void put(String name, byte[] content) {
        folder.put(name, content);
    }
}
