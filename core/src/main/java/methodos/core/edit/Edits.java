package methodos.core.edit;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import methodos.core.manual.Manual;

/**
 * The one place where a manual changes. Keeps what undo and redo go back to, and tells listeners of
 * every new state. For one thread.
 */
public final class Edits {

    private static final int KEPT = 500;

    private record Done(Edit edit, Manual before) {}

    private final Deque<Done> done = new ArrayDeque<>();
    private final Deque<Done> undone = new ArrayDeque<>();
    private final List<Consumer<Manual>> listeners = new ArrayList<>();
    private Manual manual;

    /**
     * @param manual as it was opened; there is nothing to undo
     */
    public Edits(Manual manual) {
        this.manual = manual;
    }

    /** The manual as it is now. */
    public Manual manual() {
        return manual;
    }

    /**
     * @param listener told each new state, also of undo and redo
     */
    public void listen(Consumer<Manual> listener) {
        listeners.add(listener);
    }

    /** Applies an edit; one that changes nothing leaves no trace. */
    public void apply(Edit edit) {
        Manual after = edit.change().apply(manual);
        if (after.equals(manual)) {
            return;
        }
        Done last = done.peek();
        boolean joins =
                last != null
                        && edit.joinKey() != null
                        && edit.joinKey().equals(last.edit().joinKey())
                        && undone.isEmpty();
        if (!joins) {
            done.push(new Done(edit, manual));
            if (done.size() > KEPT) {
                done.removeLast();
            }
        }
        undone.clear();
        become(after);
    }

    /** The edit that undo would take back. */
    public Optional<Edit> undoable() {
        return Optional.ofNullable(done.peek()).map(Done::edit);
    }

    /** The edit that redo would make again. */
    public Optional<Edit> redoable() {
        return Optional.ofNullable(undone.peek()).map(Done::edit);
    }

    /** Takes the last edit back; nothing where there is none. */
    public void undo() {
        if (!done.isEmpty()) {
            Done last = done.pop();
            undone.push(new Done(last.edit(), manual));
            become(last.before());
        }
    }

    /** Does again what was taken back last; nothing where that is no more. */
    public void redo() {
        if (!undone.isEmpty()) {
            Done last = undone.pop();
            done.push(new Done(last.edit(), manual));
            become(last.before());
        }
    }

    private void become(Manual next) {
        manual = next;
        List.copyOf(listeners).forEach(l -> l.accept(next));
    }
}
