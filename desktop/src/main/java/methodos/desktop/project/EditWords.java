package methodos.desktop.project;

import methodos.core.edit.Edit;
import methodos.core.edit.EditKind;
import methodos.core.words.Words;

/** What the window calls the edits that can be undone. */
public final class EditWords {

    private EditWords() {}

    /** The key of its name: {@code edit.moveBalloon}. */
    public static String key(EditKind kind) {
        StringBuilder key = new StringBuilder("edit.");
        boolean up = false;
        for (char c : kind.name().toCharArray()) {
            if (c == '_') {
                up = true;
            } else {
                key.append(up ? c : Character.toLowerCase(c));
                up = false;
            }
        }
        return key.toString();
    }

    /** "Move balloon". */
    public static String of(Edit edit, Words words) {
        return words.of(key(edit.kind()));
    }
}
