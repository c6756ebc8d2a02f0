package methodos.publish.document;

import java.util.ArrayList;
import java.util.List;
import methodos.core.words.Words;

/** What stands where in a document: the contents in front, and the bookmarks of print. */
final class Contents {

    /**
     * @param anchor where it leads
     * @param steps from the first to the last of a stage, empty where it is none
     * @param stage which stage it is, from 1; 0 where it is none
     */
    public record Row(String anchor, String title, String steps, int stage) {}

    private final Words words;
    private final List<Row> rows = new ArrayList<>();
    private int stages;

    Contents(Words words) {
        this.words = words;
    }

    /** A section that every document has. */
    void section(String anchor, String head) {
        rows.add(new Row(anchor, words.of(head), "", 0));
    }

    /**
     * A section that is there where it lists something.
     *
     * @param listed a list of whatever it lists
     */
    void section(String anchor, String head, Object listed) {
        if (!((List<?>) listed).isEmpty()) {
            section(anchor, head);
        }
    }

    void stage(DocumentModel.StageView stage) {
        stages++;
        int first = stage.steps().get(0).number();
        int last = stage.steps().get(stage.steps().size() - 1).number();
        rows.add(
                new Row(
                        "stage" + stages,
                        stage.title(),
                        words.of("steps.range", first, last),
                        stages));
    }

    List<Row> rows() {
        return List.copyOf(rows);
    }
}
