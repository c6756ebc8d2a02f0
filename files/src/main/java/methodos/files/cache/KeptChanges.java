package methodos.files.cache;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import methodos.core.change.SearchSpan;
import methodos.core.change.SeenSpan;
import org.slf4j.LoggerFactory;

/** What changed in spans of clips, so that each span is looked at once, wherever its clip lies. */
public final class KeptChanges {

    /** Raised when changes are found differently: older ones are then looked for again. */
    private static final String VERSION = "-2.json";

    private static final long LIMIT = 50L << 20;
    private static final ObjectMapper JSON = new ObjectMapper();

    private final CacheFolder cache;

    /**
     * @param folder the program's cache folder
     */
    public KeptChanges(Path folder) {
        this.cache = new CacheFolder(folder.resolve("changes"), LIMIT);
    }

    /**
     * @param digest of the clip
     * @param turned how many quarter turns its pictures are turned
     */
    public Optional<SeenSpan> of(String digest, int turned, SearchSpan span) {
        return cache.get(name(digest, turned, span))
                .flatMap(
                        bytes -> {
                            try {
                                return Optional.of(JSON.readValue(bytes, SeenSpan.class));
                            } catch (IOException e) {
                                LoggerFactory.getLogger(KeptChanges.class)
                                        .info("damaged changes are looked for again", e);
                                return Optional.empty();
                            }
                        });
    }

    public void keep(String digest, int turned, SearchSpan span, SeenSpan seen) {
        try {
            cache.put(name(digest, turned, span), JSON.writeValueAsBytes(seen));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String name(String digest, int turned, SearchSpan span) {
        return digest + "-" + turned + "-" + span.text().replace(':', '_') + VERSION;
    }
}
