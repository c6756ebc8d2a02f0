package methodos.desktop.guide;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import org.commonmark.ext.gfm.tables.TableBlock;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.node.BulletList;
import org.commonmark.node.Code;
import org.commonmark.node.Emphasis;
import org.commonmark.node.Heading;
import org.commonmark.node.OrderedList;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;

/** Draws a block of the guide: a paragraph, a heading, a table or a list. */
final class GuideBlock {

    private static final double KEY = 190;

    /** A column of a table with more than two. */
    private static final double NARROW = 130;

    private GuideBlock() {}

    static Node of(org.commonmark.node.Node block) {
        if (block instanceof TableBlock) {
            return table(block);
        }
        if (block instanceof BulletList || block instanceof OrderedList) {
            VBox list = new VBox(4);
            list.setPadding(new Insets(0, 0, 0, 16));
            for (var item = block.getFirstChild(); item != null; item = item.getNext()) {
                TextFlow line = new TextFlow(styled("· ", "guide-text"));
                line.getChildren().addAll(runs(item, "guide-text"));
                list.getChildren().add(line);
            }
            return list;
        }
        TextFlow flow = new TextFlow();
        flow.getChildren()
                .setAll(runs(block, block instanceof Heading ? "guide-head" : "guide-text"));
        return flow;
    }

    /** All words of a block. */
    static String text(org.commonmark.node.Node block) {
        StringBuilder text = new StringBuilder();
        runs(block, "").forEach(t -> text.append(((Text) t).getText()).append(' '));
        return text.toString();
    }

    private static GridPane table(org.commonmark.node.Node block) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("guide-table");
        int columns = columns(block);
        for (int i = 0; i < columns - 1; i++) {
            grid.getColumnConstraints().add(new ColumnConstraints(columns > 2 ? NARROW : KEY));
        }
        ColumnConstraints rest = new ColumnConstraints();
        rest.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().add(rest);
        int row = 0;
        for (var part = block.getFirstChild(); part != null; part = part.getNext()) {
            for (var line = part.getFirstChild(); line != null; line = line.getNext()) {
                if (line instanceof TableRow) {
                    boolean head = block.getFirstChild() == part;
                    row(grid, line, row++, head ? "guide-strong" : "guide-text");
                }
            }
        }
        return grid;
    }

    /** How many cells the first line of a table has. */
    private static int columns(org.commonmark.node.Node table) {
        int columns = 0;
        var cell = table.getFirstChild().getFirstChild().getFirstChild();
        for (; cell != null; cell = cell.getNext()) {
            columns++;
        }
        return columns;
    }

    private static void row(GridPane grid, org.commonmark.node.Node line, int row, String style) {
        int column = 0;
        for (var cell = line.getFirstChild(); cell != null; cell = cell.getNext()) {
            TextFlow flow = new TextFlow();
            flow.getChildren().setAll(runs(cell, column == 0 ? "guide-strong" : style));
            flow.setPadding(new Insets(3, 10, 3, 0));
            grid.add(flow, column++, row);
        }
    }

    private static List<Node> runs(org.commonmark.node.Node parent, String style) {
        List<Node> runs = new ArrayList<>();
        for (var n = parent.getFirstChild(); n != null; n = n.getNext()) {
            if (n instanceof org.commonmark.node.Text text) {
                runs.add(styled(text.getLiteral(), style));
            } else if (n instanceof Code code) {
                runs.add(styled(code.getLiteral(), "guide-code"));
            } else if (n instanceof SoftLineBreak) {
                runs.add(styled(" ", style));
            } else if (n instanceof StrongEmphasis) {
                runs.addAll(runs(n, "guide-strong"));
            } else if (n instanceof Emphasis) {
                runs.addAll(runs(n, "guide-named"));
            } else {
                runs.addAll(runs(n, style));
            }
        }
        return runs;
    }

    private static Text styled(String words, String style) {
        Text text = new Text(words);
        text.getStyleClass().add(style);
        return text;
    }
}
