package methodos.publish.document;

import java.util.List;
import methodos.core.manual.Hazard;
import methodos.core.manual.Step;
import methodos.core.words.Sentences;
import methodos.core.words.Words;

/**
 * A step as a page shows it: what the step says itself, and what is looked up for it.
 *
 * @param fluids what is drained and filled, with amount, grade and level
 * @param plain whether it is the mere reverse of the take-down, which its number and words tell
 * @param again where it, or the steps up to it, are done once more
 */
public record StepView(
        int number,
        Step step,
        String units,
        boolean plain,
        List<HazardView> hazards,
        List<PartView> parts,
        List<PartView> discard,
        List<String> tools,
        List<String> consumables,
        List<String> fluids,
        List<String> conditions,
        List<TightenView> tighten,
        List<LoosenView> loosen,
        List<ReadingView> readings,
        List<DecisionView> decisions,
        List<String> waits,
        List<String> again,
        List<FigureView> figures,
        Films.Film film) {

    /** Whether one of the figures takes the whole width of the page. */
    public boolean across() {
        return figures.stream().anyMatch(FigureView::across);
    }

    /** Stands for no film. */
    static final Films.Film NO_FILM = new Films.Film("", "");

    /**
     * @param units for which it is, empty where that is not to be said
     * @param steps the steps that it is for, as they are to be said; empty where it is the one that
     *     follows
     * @param told the number of the step before which it stands in full, 0 where that is here
     */
    public record HazardView(
            String css,
            String signal,
            String hazard,
            String consequence,
            String avoidance,
            String units,
            String steps,
            int told) {

        static HazardView of(Hazard h, Words words, String units, String steps, int told) {
            return new HazardView(
                    h.signal().name().toLowerCase(java.util.Locale.ROOT),
                    words.of(h.signal()),
                    Sentences.ended(h.hazard()),
                    Sentences.ended(h.consequence()),
                    Sentences.ended(h.avoidance()),
                    units,
                    steps,
                    told);
        }

        /** Whether the safety alert symbol stands with it: it warns of an injury. */
        public boolean alert() {
            return !css.equals("notice");
        }
    }

    /**
     * @param units the units that have it, empty where those of the step have
     * @param placed where it goes and which way round; empty where nothing is said
     */
    public record PartView(String item, String label, String count, String units, String placed) {}

    /**
     * @param units the units that have it, empty where those of the step have
     * @param value the one way, or all ways of which one may be taken
     * @param other the same torque in another unit, empty where the value says it
     * @param after what is done when the value is reached: a further turn, once more later
     * @param thread which way it turns where that is not the usual one; and what else is to know
     */
    public record TightenView(
            String units,
            String joint,
            String value,
            String other,
            String stages,
            String order,
            String after,
            String thread) {}

    /**
     * @param how in which order, in how many rounds, and which way it turns
     */
    public record LoosenView(String joint, String how) {}

    /**
     * @param measures "g: end float, feeler gauge"
     * @param rules each a condition and what follows
     */
    public record DecisionView(
            String id, String name, List<String> measures, List<RuleView> rules) {}

    public record RuleView(String when, String then) {}

    /**
     * @param units the units of which it is asked, empty where of those of the step
     * @param unit in which it is written down, empty for words
     * @param choose the sizes that are stocked, and which is taken; empty where none is chosen
     * @param places one blank for each reading that is written down
     * @param labels what each of them is called
     * @param choices of which one is the answer, none where it is typed
     * @param reckoned whether it follows from others
     */
    public record ReadingView(
            String units,
            String what,
            String limit,
            String unit,
            String with,
            String otherwise,
            String choose,
            List<String> places,
            List<String> labels,
            List<String> choices,
            boolean reckoned) {

        /** How many blanks stand beside each other: long names need room. */
        public int across() {
            return places.stream().mapToInt(String::length).max().orElse(0) > NARROW ? 4 : 8;
        }
    }

    private static final int NARROW = 4;

    /**
     * A callout of a figure; its place and radius in shares of the figure's width.
     *
     * @param label number and name of the part
     */
    public record CalloutView(String item, String label, double x, double y, double radius) {}

    /**
     * @param across whether it takes the whole width of the page
     * @param units the units that it shows, empty where those of its step
     * @param large the number of the step where it stands large, 0 where that is here
     */
    public record FigureView(
            int number,
            String title,
            String file,
            String alt,
            int width,
            int height,
            boolean across,
            String units,
            int large,
            List<CalloutView> callouts) {

        /** Its height in shares of its width. */
        public double tall() {
            return (double) height / width;
        }

        /** The same at a step; where it has stood large before, small. */
        FigureView at(String shown, int before) {
            return new FigureView(
                    number,
                    title,
                    file,
                    alt,
                    width,
                    height,
                    across && before == 0,
                    shown,
                    before,
                    callouts);
        }
    }
}
