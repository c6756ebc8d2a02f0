package methodos.desktop.stores;

import java.util.List;
import java.util.Map;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import methodos.core.kit.StoreList;
import methodos.core.kit.StoreList.Extra;
import methodos.core.kit.StoreList.InKit;
import methodos.core.ledger.PartLine;
import methodos.core.manual.Kit;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Stage;
import methodos.core.manual.Tool;
import methodos.core.words.Words;
import methodos.desktop.theme.Lettering;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/**
 * Draws the lines of the stores: what is needed, what of it the kits hold, and where it is used.
 */
final class StoreDrawing {

    static final double HEAD = 66;
    static final double PART = 40;
    static final double TOOL = 26;
    static final double HEADING = 40;
    static final double KEY = 26;

    private static final double RULE = 26;

    private final Theme theme;
    private final Words words;
    private final StoreSigns signs;

    StoreDrawing(Theme theme, Words words) {
        this.theme = theme;
        this.words = words;
        this.signs = new StoreSigns(theme);
    }

    private static final double EXTRA_LINE = 16;

    private Palette colors() {
        return theme.palette().get();
    }

    // ---------------------------------------------------------------- the head

    void head(Surface canvas, StoreScale scale, StoreList list) {
        GraphicsContext g = StoreSigns.clean(canvas);
        double y = HEAD - RULE / 2 - 2;
        Font font = Theme.label(13);
        signs.text(g, words.of("stores.item"), font, colors().soft(), 4, y);
        signs.text(g, words.of("stores.part"), font, colors().soft(), StoreScale.NAME, y);
        g.setTextAlign(TextAlignment.RIGHT);
        signs.text(g, words.of("stores.need"), font, colors().soft(), StoreScale.NEED, y);
        g.setTextAlign(TextAlignment.LEFT);
        for (int i = 0; i < scale.kits(); i++) {
            signs.fitted(
                    g,
                    shortened(list.kits().get(i), list.kits()),
                    new Lettering.Style(font, colors().soft()),
                    scale.kit(i),
                    y,
                    StoreScale.KIT - 6);
        }
        // a word above the other: the rule begins close behind
        String[] extra = words.of("stores.extra").split(" ");
        for (int i = 0; i < extra.length; i++) {
            double line = y - (extra.length - 1 - i) * EXTRA_LINE;
            signs.text(g, extra[i], font, colors().soft(), scale.extra(), line);
        }
        stages(g, scale, list.stages());
        rule(g, scale);
    }

    /** A kit's number without what all of them begin with. */
    static String shortened(Kit kit, List<Kit> all) {
        String number = kit.number();
        int dash = number.lastIndexOf('-');
        boolean alike =
                dash > 0
                        && all.stream()
                                .allMatch(
                                        k -> k.number().startsWith(number.substring(0, dash + 1)));
        return alike && dash < number.length() - 1 ? number.substring(dash + 1) : number;
    }

    private void stages(
            GraphicsContext g, StoreScale scale, Map<Stage.Kind, StoreList.Range> stages) {
        Font font = Theme.label(13);
        g.setTextAlign(TextAlignment.CENTER);
        stages.forEach(
                (kind, range) -> {
                    double x1 = scale.x(range.first() - 0.5) + 1;
                    double x2 = scale.x(range.last() + 0.5) - 1;
                    g.setFill(colors().tint());
                    g.fillRect(x1, 16, x2 - x1, 18);
                    String name = words.of(kind).toLowerCase(words.locale());
                    if (signs.width(name, font) < x2 - x1 - 4) {
                        signs.text(g, name, font, colors().accent(), (x1 + x2) / 2, 25);
                    }
                });
        g.setTextAlign(TextAlignment.LEFT);
    }

    private void rule(GraphicsContext g, StoreScale scale) {
        double top = HEAD - RULE - 2;
        double left = scale.ruleLeft();
        double width = scale.ruleRight() - left;
        g.setFill(colors().rule());
        g.setStroke(colors().ruleEdge());
        g.fillRoundRect(left + .5, top + .5, width - 1, RULE - 1, 5, 5);
        g.strokeRoundRect(left + .5, top + .5, width - 1, RULE - 1, 5, 5);
        List<Integer> numbered = scale.numbered();
        for (int step : scale.ticks()) {
            double x = Math.round(scale.x(step)) + .5;
            g.strokeLine(x, top + RULE - (numbered.contains(step) ? 8 : 5), x, top + RULE - 1);
        }
        g.setTextAlign(TextAlignment.CENTER);
        for (int step : numbered) {
            double x = Math.min(scale.x(step), scale.ruleRight() - 10);
            signs.text(g, String.valueOf(step), Theme.label(13), colors().ink(), x, top + 9);
        }
        g.setTextAlign(TextAlignment.LEFT);
    }

    // ---------------------------------------------------------------- lines

    void heading(Surface canvas, StoreRow.Heading heading) {
        GraphicsContext g = StoreSigns.clean(canvas);
        Font font = Theme.heading(15);
        signs.text(g, heading.text(), font, colors().ink(), 4, HEADING - 16);
        signs.text(
                g,
                heading.note(),
                Theme.text(14),
                colors().soft(),
                14 + signs.width(heading.text(), font),
                HEADING - 16);
    }

    void part(Surface canvas, StoreScale scale, StoreList.PartRow row, boolean chosen) {
        GraphicsContext g = StoreSigns.clean(canvas);
        ground(g, canvas, chosen, row.open());
        Part part = row.part();
        double middle = PART / 2;
        signs.balloon(g, part.item(), StoreScale.BALLOON, middle);
        double room = StoreScale.NEED - StoreScale.NAME - 30;
        signs.fitted(
                g,
                part.label(),
                new Lettering.Style(Theme.heading(14), colors().ink()),
                StoreScale.NAME,
                13,
                room);
        boolean always = part.reuse() == ReuseRule.ALWAYS_NEW;
        signs.fitted(
                g,
                rule(part),
                new Lettering.Style(Theme.text(13), always ? colors().accent() : colors().soft()),
                StoreScale.NAME,
                29,
                StoreScale.NEED - StoreScale.NAME - 6);
        g.setTextAlign(TextAlignment.RIGHT);
        signs.text(
                g,
                String.valueOf(part.quantity()),
                Theme.heading(15),
                colors().ink(),
                StoreScale.NEED,
                13);
        g.setTextAlign(TextAlignment.LEFT);
        boolean wanted = always || row.kits().stream().anyMatch(k -> k.used() + k.spare() > 0);
        for (int i = 0; i < scale.kits(); i++) {
            InKit kit = row.kits().get(i);
            if (kit.used() + kit.spare() > 0) {
                signs.dots(g, kit, scale.kit(i), middle);
            } else if (wanted) {
                signs.text(g, "–", Theme.text(14), colors().soft(), scale.kit(i), middle);
            }
        }
        extra(g, row, scale.extra(), middle);
        line(g, scale, row, middle);
    }

    /** What becomes of a part, in a few words. */
    static String reuse(Part part, Words words) {
        return part.convertedTo() == null ? words.of(part.reuse()) : words.of("stores.staysOff");
    }

    private String rule(Part part) {
        String rule = reuse(part, words);
        return part.applicability().all() ? rule : rule + " · " + words.of(part.applicability());
    }

    private void ground(GraphicsContext g, Surface canvas, boolean chosen, boolean open) {
        double w = canvas.getWidth();
        double h = canvas.getHeight();
        if (chosen) {
            g.setFill(colors().card());
            g.setStroke(open ? colors().open() : colors().mark());
            g.fillRoundRect(1, 1, w - 2, h - 2, 5, 5);
            g.strokeRoundRect(1.5, 1.5, w - 3, h - 3, 5, 5);
        } else {
            g.setStroke(colors().line());
            g.strokeLine(4, h - .5, w - 8, h - .5);
        }
    }

    private void extra(GraphicsContext g, StoreList.PartRow row, double x, double y) {
        if (row.extra() == Extra.ON_CONDITION) {
            signs.text(g, words.of("stores.ifNeeded"), Theme.text(13), colors().soft(), x, y);
        } else if (row.extra() == Extra.ORDER) {
            g.setStroke(colors().open());
            g.setLineWidth(2.5);
            g.strokeOval(x + 4, y - 5.5, 11, 11);
            g.setLineWidth(1);
            if (row.toOrder() > 1) {
                signs.text(g, "× " + row.toOrder(), Theme.label(13), colors().open(), x + 21, y);
            }
        }
    }

    private void line(GraphicsContext g, StoreScale scale, StoreList.PartRow row, double y) {
        g.setStroke(colors().line());
        g.strokeLine(scale.x(1), y + .5, scale.x(scale.steps()), y + .5);
        PartLine line = row.line();
        Integer off = line.first(Handling.TAKEN_OFF).map(PartLine.Stop::number).orElse(null);
        Integer on = line.last(Handling.PUT_ON).map(PartLine.Stop::number).orElse(null);
        if (off != null && line.loose().isPresent()) {
            loose(g, scale, off, line, y);
        } else if (off != null && on != null && on > off) {
            boolean always = row.part().reuse() == ReuseRule.ALWAYS_NEW;
            g.setStroke(always ? colors().soft() : colors().ink());
            g.setLineWidth(always ? 1.5 : 2.5);
            if (always) {
                g.setLineDashes(2, 4);
            }
            g.strokeLine(scale.x(off), y, scale.x(on), y);
            g.setLineDashes();
            g.setLineWidth(1);
        }
        for (PartLine.Stop stop : line.stops()) {
            signs.stop(g, stop.handling(), scale.x(stop.number()), y);
        }
    }

    private void loose(GraphicsContext g, StoreScale scale, int off, PartLine line, double y) {
        int last = line.stops().stream().mapToInt(PartLine.Stop::number).max().orElse(off);
        double x1 = scale.x(off);
        double x2 = Math.min(scale.ruleRight() - 10, Math.max(scale.x(last), x1) + 44);
        g.setStroke(colors().open());
        g.setLineWidth(2.5);
        g.strokeLine(x1, y, x2 - 5, y);
        g.strokeOval(x2 - 5, y - 5, 10, 10);
        g.setLineWidth(1);
        Font font = Theme.text(13);
        String told = words.of("stores.neverBack");
        double wide = signs.width(told, font);
        boolean right = x2 + 10 + wide < scale.ruleRight();
        signs.text(
                g,
                told,
                font,
                colors().open(),
                right ? x2 + 10 : x1 - 8 - wide,
                right ? y : y + 12);
    }

    /** A tool with its uses; as an aid, from where it is put in place to where it is taken away. */
    void tool(Surface canvas, StoreScale scale, StoreList.ToolRow row, boolean chosen) {
        Tool tool = row.tool();
        String note = tool.kind() == Tool.Kind.STANDARD ? "" : words.of(tool.kind());
        used(canvas, scale, tool.label(), note, row.steps(), chosen);
        GraphicsContext g = canvas.graphics();
        double y = TOOL / 2;
        for (StoreList.Range stay : row.inPlace()) {
            boolean stays = stay.last() == 0;
            g.setStroke(stays ? colors().open() : colors().mark());
            g.setLineWidth(3);
            double end = stays ? scale.x(scale.steps()) : scale.x(stay.last());
            g.strokeLine(scale.x(stay.first()), y, end, y);
            g.setLineWidth(1);
        }
    }

    /** A line with a bar at each step that uses the thing. */
    void used(
            Surface canvas,
            StoreScale scale,
            String name,
            String note,
            List<Integer> steps,
            boolean chosen) {
        GraphicsContext g = StoreSigns.clean(canvas);
        ground(g, canvas, chosen, false);
        double y = TOOL / 2;
        double noteWidth = signs.width(note, Theme.text(13));
        double end = scale.ruleLeft() - 16;
        signs.fitted(
                g,
                name,
                new Lettering.Style(Theme.text(14), colors().ink()),
                StoreScale.NAME,
                y,
                end - StoreScale.NAME - noteWidth - 10);
        signs.text(g, note, Theme.text(13), colors().soft(), end - noteWidth, y);
        g.setStroke(colors().line());
        g.strokeLine(scale.x(1), y + .5, scale.x(scale.steps()), y + .5);
        g.setFill(colors().ink());
        for (int step : steps) {
            g.fillRect(scale.x(step) - 2.5, y - 7, 5, 14);
        }
    }

    /** What the signs mean. */
    void key(Surface canvas) {
        GraphicsContext g = StoreSigns.clean(canvas);
        double y = KEY / 2;
        Font font = Theme.text(13);
        double x = StoreScale.NAME;
        signs.dots(g, new InKit(1, 0), x, y);
        x = after(g, words.of("stores.key.used"), font, x + 16, y);
        signs.dots(g, new InKit(0, 1), x, y);
        x = after(g, words.of("stores.key.spare"), font, x + 16, y) + 24;
        for (Handling handling :
                List.of(
                        Handling.TAKEN_OFF,
                        Handling.LOOKED_AT,
                        Handling.PUT_ON,
                        Handling.TOUCHED)) {
            signs.stop(g, handling, x, y);
            x = after(g, words.of(handling), font, x + 11, y);
        }
        g.setStroke(colors().soft());
        g.setLineWidth(1.5);
        g.setLineDashes(2, 4);
        g.strokeLine(x, y, x + 22, y);
        g.setLineDashes();
        g.setLineWidth(1);
        signs.text(g, words.of("stores.key.new"), font, colors().soft(), x + 28, y);
    }

    private double after(GraphicsContext g, String text, Font font, double x, double y) {
        signs.text(g, text, font, colors().soft(), x, y);
        return x + signs.width(text, font) + 18;
    }
}
