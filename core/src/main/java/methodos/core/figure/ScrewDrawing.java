package methodos.core.figure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.figure.Shape.Dash;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Point;
import methodos.core.words.Words;

/**
 * Screws on the picture: filled discs with the number in the order of tightening, and filled
 * squares with the letter of a size. Balloons are open, so none is taken for another.
 */
final class ScrewDrawing {

    /** Radius of a screw's disc, as a share of a balloon's. */
    private static final double DISC = 0.9;

    private ScrewDrawing() {}

    static void order(FigureSheet sheet, Mark.ScrewOrder order, String told) {
        double radius = sheet.radius() * DISC;
        List<Integer> numbers =
                ScrewNumbers.of(order, sheet.framing().stillWidth(), sheet.framing().stillHeight());
        for (int i = 0; i < numbers.size(); i++) {
            Point at = sheet.at(order.screws().get(i));
            sheet.disc(at, radius, sheet.line() * 1.6, Ink.PAPER, Ink.ACCENT);
            sheet.text(at, radius * 1.3, String.valueOf(numbers.get(i)), Ink.PAPER);
        }
        sheet.handles(order);
        if (numbers.size() > 1) {
            sheet.key("1–" + numbers.size(), true, told);
        }
    }

    /** The letters follow the order in which the sizes were first marked. */
    static void map(FigureSheet sheet, List<Mark.ScrewPlace> places, Manual manual, Words words) {
        Map<Id<Part>, Integer> counts = new LinkedHashMap<>();
        places.forEach(p -> counts.merge(p.part(), 1, Integer::sum));
        List<Id<Part>> parts = List.copyOf(counts.keySet());
        for (Mark.ScrewPlace place : places) {
            square(sheet, sheet.at(place.at()), letter(parts.indexOf(place.part())));
            sheet.handles(place);
        }
        for (Id<Part> part : parts) {
            sheet.key(
                    letter(parts.indexOf(part)),
                    false,
                    words.of(
                            "figure.key.screw",
                            manual.part(part).map(Part::label).orElse("?"),
                            manual.part(part).map(Part::item).orElse("?"),
                            counts.get(part)));
        }
    }

    static String letter(int index) {
        String last = String.valueOf((char) ('A' + index % 26));
        return index < 26 ? last : letter(index / 26 - 1) + last;
    }

    private static void square(FigureSheet sheet, Point at, String letter) {
        double half = sheet.radius() * DISC;
        sheet.add(
                new Shape.Path(
                        List.of(
                                at.plus(-half, -half),
                                at.plus(half, -half),
                                at.plus(half, half),
                                at.plus(-half, half)),
                        true,
                        sheet.line() * 1.6,
                        Ink.PAPER,
                        Ink.DARK,
                        Dash.NONE));
        sheet.text(at, half * 1.3, letter, Ink.PAPER);
    }
}
