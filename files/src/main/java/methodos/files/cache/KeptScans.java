package methodos.files.cache;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import methodos.core.scan.Scan;
import org.slf4j.LoggerFactory;

/** Scans of clips, so that each clip is scanned once, wherever it lies. */
public final class KeptScans {

    /** Raised when scans are made differently: older ones are then made again. */
    private static final String VERSION = "-2.json.gz";

    private static final long LIMIT = 200L << 20;
    private static final ObjectMapper JSON = new ObjectMapper();

    private final CacheFolder cache;

    /**
     * @param folder the program's cache folder
     */
    public KeptScans(Path folder) {
        this.cache = new CacheFolder(folder.resolve("scans"), LIMIT);
    }

    /**
     * @param digest of the clip
     */
    public Optional<Scan> of(String digest) {
        return cache.get(digest + VERSION)
                .flatMap(
                        bytes -> {
                            try (var in = new GZIPInputStream(new ByteArrayInputStream(bytes))) {
                                return Optional.of(JSON.readValue(in, Scan.class));
                            } catch (IOException e) {
                                LoggerFactory.getLogger(KeptScans.class)
                                        .info("a damaged scan is made again", e);
                                return Optional.empty();
                            }
                        });
    }

    public void keep(String digest, Scan scan) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (var out = new GZIPOutputStream(bytes)) {
            JSON.writeValue(out, scan);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        cache.put(digest + VERSION, bytes.toByteArray());
    }
}
