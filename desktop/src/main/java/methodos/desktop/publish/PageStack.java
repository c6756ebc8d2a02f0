package methodos.desktop.publish;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import java.util.function.Supplier;
import methodos.desktop.project.Later;
import methodos.publish.document.Preview;
import methodos.publish.document.Publication;

/**
 * The pages of the publication as they will be, laid out beside the interface: first the part that
 * is looked at, then the others.
 */
final class PageStack implements AutoCloseable {

    /**
     * A page.
     *
     * @param part name of its part
     * @param index within the part, from 0
     */
    record Leaf(String part, int index) {}

    /**
     * What is laid out by now.
     *
     * @param state tells one state of the publication from the next
     * @param leaves in their order; pages of parts that are not laid out yet are missing
     * @param titles of the parts by their names
     * @param steps the page on which each step begins, by its number
     * @param whole whether no part is missing
     */
    record Pages(
            int state,
            List<Leaf> leaves,
            Map<String, String> titles,
            Map<Integer, Leaf> steps,
            boolean whole) {
        static final Pages NONE = new Pages(0, List.of(), Map.of(), Map.of(), false);
    }

    private final ExecutorService laying;
    private final Later later = new Later();
    private final Consumer<Pages> told;
    private Preview preview;
    private List<Preview.Part> parts = List.of();
    private volatile int generation;
    private volatile String looked = "";

    /**
     * @param laying a thread for it alone
     * @param told of what is laid out, on the interface thread
     */
    PageStack(ExecutorService laying, Consumer<Pages> told) {
        this.laying = laying;
        this.told = told;
    }

    /**
     * Lays out another state; what is not laid out yet of the one before is left.
     *
     * @param publication put together beside the interface
     */
    void show(Supplier<Publication> publication) {
        int mine = ++generation;
        laying.execute(
                () -> {
                    if (mine == generation) {
                        begin(publication.get(), mine);
                    }
                });
    }

    private void begin(Publication publication, int mine) {
        try {
            if (preview == null) {
                preview = new Preview();
            }
            parts = preview.parts(publication);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        next(mine);
    }

    /** Lays out one part and comes again: a page that is asked for meanwhile is painted between. */
    private void next(int mine) {
        if (mine != generation || later.closed()) {
            return;
        }
        Preview.Part part =
                parts.stream()
                        .filter(p -> !preview.has(p))
                        .min(Comparator.comparing(p -> !p.name().equals(looked)))
                        .orElse(null);
        try {
            if (part != null) {
                preview.count(part);
            }
            Pages now = now(mine);
            later.run(() -> told.accept(now));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (part != null) {
            laying.execute(() -> next(mine));
        }
    }

    private Pages now(int state) throws IOException {
        List<Leaf> leaves = new ArrayList<>();
        Map<String, String> titles = new LinkedHashMap<>();
        Map<Integer, Leaf> steps = new LinkedHashMap<>();
        boolean whole = true;
        for (Preview.Part part : parts) {
            titles.put(part.name(), part.title());
            whole &= preview.has(part);
            if (preview.has(part)) {
                for (int i = 0; i < preview.count(part); i++) {
                    leaves.add(new Leaf(part.name(), i));
                }
                preview.steps(part).forEach((n, i) -> steps.put(n, new Leaf(part.name(), i)));
            }
        }
        return new Pages(state, leaves, titles, steps, whole);
    }

    /**
     * Paints a page.
     *
     * @param painted gets it on the interface thread, unless there is a later state by then
     */
    void paint(Leaf leaf, int width, Consumer<BufferedImage> painted) {
        int mine = generation;
        looked = leaf.part();
        laying.execute(
                () -> {
                    if (mine != generation || later.closed()) {
                        return;
                    }
                    try {
                        for (Preview.Part part : parts) {
                            if (part.name().equals(leaf.part())
                                    && leaf.index() < preview.count(part)) {
                                BufferedImage page = preview.page(part, leaf.index(), width);
                                later.run(() -> painted.accept(page));
                            }
                        }
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                });
    }

    @Override
    public void close() {
        generation++;
        later.close();
        laying.execute(
                () -> {
                    try {
                        if (preview != null) {
                            preview.close();
                        }
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                });
        laying.shutdown();
    }
}
