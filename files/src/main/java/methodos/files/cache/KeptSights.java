package methodos.files.cache;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import methodos.core.change.SeenSpan;
import methodos.core.change.SpanLooked;
import org.slf4j.LoggerFactory;

/** What changed in spans of clips, so that each span is looked at once, wherever its clip lies. */
public final class KeptSights {

    /** Raised when changes are found differently: older ones are then looked for again. */
    private static final String VERSION = "-1.json";

    private static final long LIMIT = 50L << 20;
    private static final ObjectMapper JSON = new ObjectMapper();

    private final CacheFolder cache;

    /**
     * @param folder the program's cache folder
     */
    public KeptSights(Path folder) {
        this.cache = new CacheFolder(folder.resolve("sights"), LIMIT);
    }

    /**
     * @param digest of the clip
     */
    public Optional<SeenSpan> of(String digest, SpanLooked span) {
        return cache.get(name(digest, span))
                .flatMap(
                        bytes -> {
                            try {
                                return Optional.of(JSON.readValue(bytes, SeenSpan.class));
                            } catch (IOException e) {
                                LoggerFactory.getLogger(KeptSights.class)
                                        .info("a damaged sight is looked for again", e);
                                return Optional.empty();
                            }
                        });
    }

    public void keep(String digest, SpanLooked span, SeenSpan seen) {
        try {
            cache.put(name(digest, span), JSON.writeValueAsBytes(seen));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String name(String digest, SpanLooked span) {
        return digest + "-" + span.text().replace(':', '_') + VERSION;
    }
}
