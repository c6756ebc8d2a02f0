package methodos.publish.document;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.slf4j.LoggerFactory;

/**
 * A finished document, and how it takes the place of an earlier one so that at every moment one of
 * the two is whole, whatever fails and whenever the program is killed.
 *
 * @param made where it was made
 * @param target what it is called in the end
 * @param content folder beside the target that it needs, null where it is one file alone
 */
record Document(Path made, Path target, Path content) {

    private static final Pattern CONTENT = Pattern.compile("content-(\\d{1,9})");

    /** A document that is one file. */
    static Document file(Path made, Path target) {
        return new Document(made, target, null);
    }

    /** The name of a content folder that no earlier document in the folder has. */
    static String nextContent(Path folder) throws IOException {
        int highest = 0;
        if (Files.isDirectory(folder)) {
            try (Stream<Path> all = Files.list(folder)) {
                for (Path path : all.toList()) {
                    Matcher content = CONTENT.matcher(path.getFileName().toString());
                    if (content.matches()) {
                        highest = Math.max(highest, Integer.parseInt(content.group(1)));
                    }
                }
            }
        }
        return "content-" + (highest + 1);
    }

    /**
     * Puts it in place: first what it needs, under a name that nothing uses yet, then the one file
     * that makes it the document, in one go; then what the earlier one needed goes.
     *
     * @throws IOException if it cannot be; the earlier one is then as it was
     */
    void place() throws IOException {
        Files.createDirectories(target.getParent());
        Path settled = content == null ? null : target.resolveSibling(content.getFileName());
        try {
            if (settled != null) {
                Files.move(content, settled);
            }
            Files.move(
                    made,
                    target,
                    StandardCopyOption.ATOMIC_MOVE,
                    StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            if (settled != null) {
                remove(settled);
            }
            throw e;
        }
        if (settled != null) {
            tidy(settled);
        }
    }

    private void tidy(Path settled) {
        try (Stream<Path> all = Files.list(target.getParent())) {
            List<Path> others =
                    all.filter(p -> CONTENT.matcher(p.getFileName().toString()).matches())
                            .filter(p -> !p.getFileName().equals(settled.getFileName()))
                            .toList();
            others.forEach(Document::remove);
        } catch (IOException e) {
            LoggerFactory.getLogger(Document.class).warn("what was before was left behind", e);
        }
    }

    /** Removes a folder with all that is in it; what cannot be removed is only logged. */
    static void remove(Path folder) {
        if (!Files.exists(folder)) {
            return;
        }
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(path);
            }
        } catch (NoSuchFileException e) {
            LoggerFactory.getLogger(Document.class).debug("{} is gone already", folder, e);
        } catch (IOException e) {
            LoggerFactory.getLogger(Document.class).warn("{} was left behind", folder, e);
        }
    }
}
