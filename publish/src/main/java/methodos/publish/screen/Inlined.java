package methodos.publish.screen;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import java.util.List;

/** The scripts of the form for the screen, and the names by which its page allows them alone. */
public final class Inlined {

    /** In the order in which they need each other. */
    private static final List<String> SCRIPTS =
            List.of(
                    "page",
                    "kept",
                    "look",
                    "units",
                    "walk",
                    "finder",
                    "formula",
                    "readings",
                    "decide",
                    "faults",
                    "timers",
                    "pictures",
                    "films",
                    "record");

    private Inlined() {}

    /**
     * All scripts as one that leaves nothing behind.
     *
     * @throws IOException if the program is incomplete
     */
    public static String script() throws IOException {
        StringBuilder all = new StringBuilder("(() => {\n'use strict';\n");
        for (String name : SCRIPTS) {
            try (InputStream in = Inlined.class.getResourceAsStream(name + ".js")) {
                all.append(new String(in.readAllBytes(), StandardCharsets.UTF_8)).append('\n');
            }
        }
        return all.append("})();").toString();
    }

    /** What a content security policy calls the text of an element that it allows. */
    public static String digest(String text) {
        try {
            byte[] sum =
                    MessageDigest.getInstance("SHA-256")
                            .digest(text.getBytes(StandardCharsets.UTF_8));
            return "'sha256-" + Base64.getEncoder().encodeToString(sum) + "'";
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
