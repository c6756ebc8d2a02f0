package methodos.cli.output;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;

/** Standard output in UTF-8: one JSON value, or lines for people. */
public final class Output {

    private static final ObjectMapper JSON = new ObjectMapper();

    private Output() {}

    public static void json(Object value) {
        try {
            line(JSON.writeValueAsString(value));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Text as it is, without an end of line. */
    public static void text(String text) {
        PrintStream out = new PrintStream(System.out, false, StandardCharsets.UTF_8);
        out.print(text);
        out.flush();
    }

    public static void line(String text) {
        PrintStream out = new PrintStream(System.out, false, StandardCharsets.UTF_8);
        out.println(text);
        out.flush();
    }

    /** Seconds to the millionth, fine enough to find the same frame again. */
    public static double seconds(double time) {
        return Math.round(time * 1_000_000) / 1_000_000.0;
    }
}
