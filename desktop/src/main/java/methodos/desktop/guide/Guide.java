package methodos.desktop.guide;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.StrongEmphasis;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;

/**
 * The guide in sections: what stands below one bold beginning, such as "Steps.", up to the next.
 *
 * @param sections in their order
 */
record Guide(List<Section> sections) {

    /**
     * @param title without its stop; empty for what stands before the first
     * @param blocks paragraphs, tables and lists
     */
    record Section(String title, List<Node> blocks) {}

    /** The guide that comes with the program. */
    static Guide shipped() {
        try (InputStream in = Guide.class.getResourceAsStream("guide.md")) {
            return of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Guide of(String markdown) {
        Node document =
                Parser.builder()
                        .extensions(List.of(TablesExtension.create()))
                        .build()
                        .parse(markdown);
        List<Section> sections = new ArrayList<>();
        String title = "";
        List<Node> blocks = new ArrayList<>();
        for (Node block = document.getFirstChild(); block != null; block = block.getNext()) {
            String begun = title(block);
            if (begun != null) {
                sections.add(new Section(title, List.copyOf(blocks)));
                title = begun;
                blocks.clear();
            }
            blocks.add(block);
        }
        sections.add(new Section(title, List.copyOf(blocks)));
        return new Guide(List.copyOf(sections));
    }

    /** The bold words that a paragraph begins with, if they end with a stop; else null. */
    private static String title(Node block) {
        boolean bold =
                block instanceof Paragraph && block.getFirstChild() instanceof StrongEmphasis;
        if (!bold || !(block.getFirstChild().getFirstChild() instanceof Text text)) {
            return null;
        }
        String words = text.getLiteral();
        return words.endsWith(".") ? words.substring(0, words.length() - 1) : null;
    }
}
