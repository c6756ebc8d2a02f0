package methodos.files.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import methodos.core.manual.Manual;
import methodos.files.problem.ProjectProblem;

/** Steps as text that is carried from one window to another, with all that they need. */
public final class StepsText {

    private static final String FROM = "from";
    private static final String MANUAL = "manual";
    private static final String NAME = "What was copied";

    /**
     * @param from tells the project that they were copied in
     * @param manual a manual with the steps alone
     */
    public record Copied(String from, Manual manual) {}

    private StepsText() {}

    public static String of(Copied copied) {
        ManualJson json = new ManualJson();
        ObjectNode manual = json.write(copied.manual());
        ObjectNode all = manual.objectNode();
        all.put(FROM, copied.from());
        all.set(MANUAL, manual);
        try {
            return new String(json.text(all), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * @throws ProjectProblem if the text holds no steps
     */
    public static Copied read(String text) throws ProjectProblem {
        ManualJson json = new ManualJson();
        ObjectNode all = json.tree(text.getBytes(StandardCharsets.UTF_8), NAME);
        if (!(all.path(MANUAL) instanceof ObjectNode manual)) {
            throw new ProjectProblem(NAME + " holds no steps.");
        }
        return new Copied(all.path(FROM).asText(), json.read(manual, NAME, false));
    }
}
