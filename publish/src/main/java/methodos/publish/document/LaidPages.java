package methodos.publish.document;

import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.render.Box;
import com.openhtmltopdf.render.InlineLayoutBox;
import com.openhtmltopdf.render.PageBox;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.w3c.dom.Element;

/** Reads off a laid out document how high its steps are, and fills its pages by that. */
final class LaidPages {

    /** Units of the layout in a millimetre: 20 in a pixel, of which there are 96 in an inch. */
    private static final double UNITS = 20 * 96 / 25.4;

    private static final Pattern STAGE = Pattern.compile("stage\\d+");
    private static final Pattern STEP = Pattern.compile("step(\\d+)");

    private LaidPages() {}

    /**
     * How each step of a document is printed so that its pages are filled.
     *
     * @param laid on a page without an end
     * @param page height of the text of a page, in millimetres
     */
    static Map<Integer, PageFill.Fill> fills(PdfBoxRenderer laid, double page) {
        Map<Integer, PageFill.Fill> all = new LinkedHashMap<>();
        each(
                laid.getRootBox(),
                box -> {
                    if (STAGE.matcher(name(box, "id")).matches()) {
                        all.putAll(stage(box, page));
                    }
                });
        return all;
    }

    /** On which page each step begins, from 0, by its number. */
    static Map<Integer, Integer> pages(PdfBoxRenderer laid) {
        Map<Integer, Integer> all = new LinkedHashMap<>();
        List<PageBox> pages = laid.getRootBox().getLayer().getPages();
        each(
                laid.getRootBox(),
                box -> {
                    Matcher step = STEP.matcher(name(box, "id"));
                    if (step.matches()) {
                        int page = 0;
                        while (page < pages.size() - 1
                                && pages.get(page).getBottom() <= box.getAbsY()) {
                            page++;
                        }
                        all.put(Integer.parseInt(step.group(1)), page);
                    }
                });
        return all;
    }

    private static Map<Integer, PageFill.Fill> stage(Box stage, double page) {
        List<Box> steps = new ArrayList<>();
        each(
                stage,
                box -> {
                    if (STEP.matcher(name(box, "id")).matches()) {
                        steps.add(box);
                    }
                });
        if (steps.isEmpty()) {
            return Map.of();
        }
        List<PageFill.Laid> laid = steps.stream().map(LaidPages::step).toList();
        double head = (steps.get(0).getAbsY() - stage.getAbsY()) / UNITS;
        return PageFill.of(laid, page, head);
    }

    private static PageFill.Laid step(Box step) {
        Matcher number = STEP.matcher(name(step, "id"));
        number.matches();
        double[] facts = {0};
        double[] figures = {0};
        double[] pictures = {0};
        double[] row = {0};
        double[] across = {0};
        double[] once = {0};
        each(
                step,
                box -> {
                    String kind = name(box, "class");
                    double height = box.getHeight() / UNITS;
                    once[0] += kind.equals("figure") ? 1 : 0;
                    if (kind.equals("figures across")) {
                        across[0] = height;
                    } else if (across[0] > 0 && isPicture(box)) {
                        pictures[0] += height;
                    } else if (kind.equals("row beside")) {
                        row[0] = height;
                    } else if (row[0] > 0 && kind.equals("body")) {
                        facts[0] = height;
                    } else if (row[0] > 0 && kind.equals("figures")) {
                        figures[0] = height;
                    } else if (row[0] > 0 && isPicture(box)) {
                        pictures[0] += height;
                    }
                });
        double whole = step.getHeight() / UNITS;
        if (across[0] > 0) {
            int at = Integer.parseInt(number.group(1));
            return new PageFill.Laid(
                    at, whole - pictures[0], 0, 0, pictures[0], PageFill.Shown.ACROSS);
        }
        double beside = Math.max(facts[0], figures[0]);
        return new PageFill.Laid(
                Integer.parseInt(number.group(1)),
                whole - beside,
                facts[0],
                Math.max(0, figures[0] - pictures[0]),
                pictures[0],
                once[0] > 0 ? PageFill.Shown.BESIDE : PageFill.Shown.AGAIN);
    }

    private static boolean isPicture(Box box) {
        return name(box, "class").equals("picture");
    }

    private static String name(Box box, String attribute) {
        Element element = box.getElement();
        return element == null ? "" : element.getAttribute(attribute);
    }

    /** A box and all in it, from the outside to the inside. */
    private static void each(Box box, Consumer<Box> seen) {
        seen.accept(box);
        for (Box child : box.getChildren()) {
            each(child, seen);
        }
        if (box instanceof InlineLayoutBox inline) {
            for (Object child : inline.getInlineChildren()) {
                if (child instanceof Box one) {
                    each(one, seen);
                }
            }
        }
    }
}
