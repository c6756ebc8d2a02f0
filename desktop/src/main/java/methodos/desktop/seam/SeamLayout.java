package methodos.desktop.seam;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import methodos.core.coverage.ShownNotTold;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.narration.Caption;
import methodos.core.narration.WordState;
import methodos.core.narration.WordStates;
import methodos.core.narration.Workspace;
import methodos.core.speech.SaidFigures;

/**
 * Where everything of the seam lies: clips one under the other on one scale of time, their words,
 * and the steps beside them. A card that finds its place taken moves down; the next clip begins
 * below all of the one before it, so that cards never run far from their footage.
 */
final class SeamLayout {

    private static final double NARROWEST = 9;
    private static final double WIDEST = 26;

    /** Letters of a line of words. */
    private static final double USUAL_LINE = 34;

    private static final double USUAL_CARD = 112;

    static final double TOP = 14;
    static final double CLIP_HEAD = 34;
    static final double WORD_LINE = 19;
    static final double ASIDE_LINE = 17;
    static final double TEXT_LINE = 20;
    static final double HAZARD = 25;
    static final double CHIPS = 28;
    static final double ASK_LINE = 22;
    static final double CARD_PADDING = 9;
    static final double CARD_GAP = 10;
    static final double STILL_WIDTH = 72;
    static final double STILL_HEIGHT = 41;
    static final double ASIDE_INDENT = 66;

    /**
     * @param clock where the clip begins on the clock of its camera, in seconds
     */
    record Section(Clip clip, double top, double timeTop, double bottom, double clock) {}

    /**
     * @param lines as they are broken
     * @param values what is said in them that a drafted step takes for a value
     * @param silent whether nothing is said, and much is done
     */
    record WordBlock(
            Clip clip,
            Caption caption,
            WordState state,
            double y,
            double height,
            List<String> lines,
            List<String> values,
            boolean silent) {

        /** Whether somebody still has to settle the words. */
        boolean open() {
            return state.open();
        }
    }

    /**
     * @param asks what is asked about a drafted step, with the answers
     * @param still what is proposed for a drafted step
     */
    record Card(
            Step step,
            int number,
            double y,
            double height,
            List<String> lines,
            Optional<Hazard> hazard,
            List<AskLine> asks,
            Optional<Figure.Still> still) {}

    /**
     * A line of a question or one of its answers.
     *
     * @param key the key that gives the answer; empty for the question itself
     */
    record AskLine(String key, String text) {}

    /**
     * @param index which of the step's spans it is
     */
    record Bracket(
            Id<Step> step,
            int index,
            int lane,
            double from,
            double to,
            double card,
            boolean accepted) {

        /** Whether its footage or its card reaches into a stretch of the seam. */
        boolean touches(double top, double bottom) {
            return to >= top && from <= bottom || card >= top && card <= bottom;
        }
    }

    private static final SaidFigures FIGURES = new SaidFigures();

    private final Workspace workspace;
    private final Manual manual;
    private final double scale;
    private final Wrapping words;
    private final Wrapping asides;
    private final Wrapping texts;
    private final SeamColumns columns;
    private final String untold;
    private final String wordless;
    private final Function<Step, List<AskLine>> asks;
    private final Function<Step, Optional<Figure.Still>> stills;
    private final StepNumbers numbers;
    private final Sight sight;
    private final List<Section> sections = new ArrayList<>();
    private final List<WordBlock> blocks = new ArrayList<>();
    private final List<Card> cards = new ArrayList<>();
    private final List<Bracket> brackets = new ArrayList<>();

    /**
     * How what is written breaks into lines.
     *
     * @param untold what stands where nothing is said and much is done
     * @param wordless what stands in place of a step's words where it has none
     * @param asks what is asked about a step
     */
    record Writing(
            Wrapping words,
            Wrapping asides,
            Wrapping texts,
            String untold,
            String wordless,
            Function<Step, List<AskLine>> asks) {}

    /**
     * @param scale pixels a second
     * @param stills the still that is proposed for a step
     */
    SeamLayout(
            Workspace workspace,
            Sight sight,
            double scale,
            SeamColumns columns,
            Writing writing,
            Function<Step, Optional<Figure.Still>> stills) {
        this.workspace = workspace;
        this.manual = workspace.manual();
        this.scale = scale;
        this.columns = columns;
        this.words = writing.words();
        this.asides = writing.asides();
        this.texts = writing.texts();
        this.untold = writing.untold();
        this.wordless = writing.wordless();
        this.asks = writing.asks();
        this.stills = stills;
        this.numbers = new StepNumbers(manual, sight);
        this.sight = sight;
        double y = TOP;
        Set<Id<Step>> placed = new HashSet<>();
        for (Clip clip : manual.clips()) {
            y = section(clip, y, placed);
        }
        double bottom = y;
        for (Step step : shown()) {
            if (!placed.contains(step.id())) {
                bottom = card(step, bottom) + CARD_GAP;
            }
        }
        joinBrackets();
    }

    /** Pixels a second at which the cards of every clip find room beside their footage. */
    static double fittingScale(Workspace workspace) {
        double scale = NARROWEST;
        for (Clip clip : workspace.manual().clips()) {
            long cards =
                    workspace
                            .manual()
                            .steps()
                            .filter(
                                    s ->
                                            s.spans().stream()
                                                    .anyMatch(x -> x.clip().equals(clip.id())))
                            .count();
            double words =
                    workspace.captions(clip.id()).captions().stream()
                            .mapToDouble(c -> height(c.words()))
                            .sum();
            double needed = Math.max(cards * USUAL_CARD, words);
            scale = Math.max(scale, needed / Math.max(1, clip.duration()));
        }
        return Math.min(WIDEST, scale);
    }

    /** What a caption takes, about, before its words are set. */
    private static double height(String words) {
        return Math.ceil(words.length() / USUAL_LINE) * WORD_LINE + WORD_LINE / 2;
    }

    private List<Step> shown() {
        return manual.steps().filter(s -> numbers.of(s.id()).isPresent()).toList();
    }

    private double section(Clip clip, double top, Set<Id<Step>> placed) {
        double timeTop = top + CLIP_HEAD;
        double wordsBottom = words(clip, timeTop);
        double cardsBottom = timeTop - CARD_GAP;
        for (Step step : stepsOf(clip)) {
            double wanted = startIn(step, clip).map(t -> timeTop + t * scale).orElse(0.0);
            cardsBottom = card(step, Math.max(wanted, cardsBottom + CARD_GAP));
            placed.add(step.id());
        }
        double bottom =
                Math.max(timeTop + clip.duration() * scale, Math.max(wordsBottom, cardsBottom))
                        + 24;
        sections.add(new Section(clip, top, timeTop, bottom, manual.cameraStart(clip)));
        return bottom;
    }

    /**
     * The steps drawn from a clip by time; those told without footage follow the step before them.
     * The number of a step is the place of the one after it, counted from 0.
     */
    private List<Step> stepsOf(Clip clip) {
        List<Step> result = new ArrayList<>();
        List<Step> all = shown();
        List<Step> own =
                all.stream()
                        .filter(
                                s ->
                                        !s.spans().isEmpty()
                                                && s.spans().get(0).clip().equals(clip.id()))
                        .sorted(Comparator.comparingDouble(s -> s.spans().get(0).start()))
                        .toList();
        for (Step step : own) {
            result.add(step);
            for (int i = numbers.of(step.id()).orElseThrow();
                    i < all.size() && all.get(i).spans().isEmpty();
                    i++) {
                result.add(all.get(i));
            }
        }
        return result;
    }

    private static Optional<Double> startIn(Step step, Clip clip) {
        return step.spans().stream()
                .filter(s -> s.clip().equals(clip.id()))
                .map(Span::start)
                .findFirst();
    }

    private double words(Clip clip, double timeTop) {
        double bottom = timeTop;
        WordStates states = new WordStates(manual, clip.id());
        List<Caption> silences = silences(clip);
        List<Caption> all = new ArrayList<>(workspace.captions(clip.id()).captions());
        all.addAll(silences);
        all.sort(Comparator.comparingDouble(Caption::start));
        for (Caption caption : all) {
            boolean silent = silences.contains(caption);
            WordState state = silent ? WordState.OPEN : states.of(caption);
            boolean aside = state == WordState.DISMISSED || state == WordState.PROPOSED;
            List<String> lines =
                    aside
                            ? asides.lines(caption.words(), columns.wordsWidth() - ASIDE_INDENT)
                            : words.lines(caption.words(), columns.wordsWidth());
            double y = Math.max(timeTop + caption.start() * scale, bottom);
            double height = lines.size() * (aside ? ASIDE_LINE : WORD_LINE) + 6;
            blocks.add(
                    new WordBlock(
                            clip,
                            caption,
                            state,
                            y,
                            height,
                            lines,
                            silent ? List.of() : FIGURES.in(caption.words()),
                            silent));
            bottom = y + height;
        }
        return bottom;
    }

    /** What is shown and not told stands among the words, since it is settled like them. */
    private List<Caption> silences(Clip clip) {
        return ShownNotTold.open(workspace, clip.id()).stream()
                .map(s -> new Caption(s.from(), s.to(), untold))
                .toList();
    }

    private double card(Step step, double y) {
        Optional<Figure.Still> still = columns.pictures() ? stills.apply(step) : Optional.empty();
        double room =
                columns.cardWidth() - 60 - (still.isPresent() ? STILL_WIDTH + CARD_PADDING : 0);
        List<String> lines = texts.lines(step.text().isBlank() ? wordless : step.text(), room);
        Optional<Hazard> hazard =
                step.hazards().stream().filter(h -> h.applicability().concerns(sight)).findFirst();
        boolean chips =
                !step.parts().isEmpty()
                        || !step.tools().isEmpty()
                        || !step.consumables().isEmpty()
                        || !step.joints().isEmpty()
                        || !step.accepted() && step.sure() == null;
        List<AskLine> asked = step.accepted() ? List.of() : asks.apply(step);
        double content = lines.size() * TEXT_LINE + (chips ? CHIPS : 0);
        double height =
                2 * CARD_PADDING
                        + Math.max(content, still.isPresent() ? STILL_HEIGHT : 0)
                        + asked.size() * ASK_LINE
                        + (hazard.isPresent() ? HAZARD : 0);
        int number = numbers.of(step.id()).orElseThrow();
        cards.add(new Card(step, number, y, height, lines, hazard, asked, still));
        return y + height;
    }

    private void joinBrackets() {
        for (Card card : cards) {
            for (int i = 0; i < card.step().spans().size(); i++) {
                Span span = card.step().spans().get(i);
                int index = i;
                y(span.clip(), span.start())
                        .ifPresent(
                                from ->
                                        brackets.add(
                                                new Bracket(
                                                        card.step().id(),
                                                        index,
                                                        brackets.size(),
                                                        from,
                                                        from + span.seconds() * scale,
                                                        card.y() + Math.min(52, card.height() / 2),
                                                        card.step().accepted())));
            }
        }
    }

    /** Where a moment lies. */
    Optional<Double> y(Id<Clip> clip, double time) {
        return sections.stream()
                .filter(s -> s.clip().id().equals(clip))
                .findFirst()
                .map(s -> s.timeTop() + time * scale);
    }

    /** The moment at a height, held within the nearest clip. */
    Optional<Moment> at(double y) {
        Section nearest = null;
        for (Section s : sections) {
            if (nearest == null || y >= s.top()) {
                nearest = s;
            }
        }
        if (nearest == null) {
            return Optional.empty();
        }
        double time = (y - nearest.timeTop()) / scale;
        return Optional.of(
                new Moment(nearest.clip(), Math.max(0, Math.min(nearest.clip().duration(), time))));
    }

    Optional<Card> cardAt(double y) {
        return cards.stream().filter(c -> y >= c.y() && y <= c.y() + c.height()).findFirst();
    }

    Optional<Card> card(Id<Step> step) {
        return cards.stream().filter(c -> c.step().id().equals(step)).findFirst();
    }

    Optional<WordBlock> wordsAt(double y) {
        return blocks.stream().filter(b -> y >= b.y() && y < b.y() + b.height()).findFirst();
    }

    /** The next words that are neither used nor set aside. */
    Optional<WordBlock> nextOpen(double below) {
        Optional<WordBlock> next =
                blocks.stream().filter(b -> b.open() && b.y() > below + 1).findFirst();
        return next.isPresent() ? next : blocks.stream().filter(WordBlock::open).findFirst();
    }

    double height() {
        double bottom = sections.stream().mapToDouble(Section::bottom).max().orElse(0);
        return Math.max(
                bottom,
                cards.stream().mapToDouble(c -> c.y() + c.height() + CARD_GAP).max().orElse(0));
    }

    List<Section> sections() {
        return sections;
    }

    List<WordBlock> blocks() {
        return blocks;
    }

    List<Card> cards() {
        return cards;
    }

    List<Bracket> brackets() {
        return brackets;
    }

    double scale() {
        return scale;
    }

    SeamColumns columns() {
        return columns;
    }
}
