package methodos.cli.output;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.ToStringSerializer;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import methodos.core.description.Id;

/** Standard output in UTF-8: one JSON value, or lines for people. */
public final class Output {

    /** An id is its text. */
    private static final ObjectMapper JSON =
            new ObjectMapper()
                    .registerModule(
                            new SimpleModule()
                                    .addSerializer(Id.class, ToStringSerializer.instance));

    private Output() {}

    public static void json(Object value) {
        try {
            line(JSON.writeValueAsString(value));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Standard output takes nothing any more: a full device, or a reader that is gone. */
    public static final class OutputLost extends RuntimeException {
        private static final long serialVersionUID = 1L;

        OutputLost() {
            super("Standard output cannot be written: the device is full or closed.");
        }
    }

    /** Text as it is, without an end of line. */
    public static void text(String text) {
        write(text);
    }

    public static void line(String text) {
        write(text + System.lineSeparator());
    }

    private static void write(String text) {
        PrintStream out = new PrintStream(System.out, false, StandardCharsets.UTF_8);
        out.print(text);
        if (out.checkError()) {
            throw new OutputLost();
        }
    }

    /** Seconds to the millionth, fine enough to find the same frame again. */
    public static double seconds(double time) {
        return Math.round(time * 1_000_000) / 1_000_000.0;
    }
}
