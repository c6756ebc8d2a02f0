package methodos.desktop.seam;

import methodos.desktop.footage.FilmStrip;

/**
 * Where film, words and cards lie across the seam. In a narrow one the film gives way first, then
 * the words, so that a line of words and of a card holds some 24 letters in each.
 *
 * @param film width of the film
 * @param words where the words begin
 * @param wordsWidth how wide a line of words may be
 * @param brackets where the brackets stand
 * @param lane between the places at which neighbouring brackets turn
 * @param cards where the cards begin
 * @param cardWidth how wide a card is
 */
record SeamColumns(
        double film,
        double words,
        double wordsWidth,
        double brackets,
        double lane,
        double cards,
        double cardWidth) {

    static final double EDGE_X = 44;
    static final double FILM_X = 58;

    private static final double GAP = 22;
    private static final double LEAST_CARD = 236;
    private static final double AROUND = 16;
    private static final double WORDS = 208;
    private static final double LEAST_WORDS = 178;
    private static final double LEAST_FILM = 60;
    private static final double LANE = 8;
    private static final double LEAST_LANE = 6;
    private static final int LANES = 5;
    private static final double BEFORE_BRACKETS = 12;

    /** The least width at which all can be read. */
    static final double LEAST = width(LEAST_FILM, LEAST_WORDS, LEAST_LANE);

    static SeamColumns of(double width) {
        double lacking = Math.max(0, width(FilmStrip.WIDTH, WORDS, LANE) - width);
        double film = Math.max(LEAST_FILM, FilmStrip.WIDTH - lacking);
        lacking -= FilmStrip.WIDTH - film;
        double wordsWidth = Math.max(LEAST_WORDS, WORDS - lacking);
        double lane = lacking > WORDS - wordsWidth ? LEAST_LANE : LANE;
        double words = FILM_X + film + GAP;
        double brackets = words + wordsWidth + BEFORE_BRACKETS;
        double cards = brackets + lanes(lane);
        double card = Math.max(LEAST_CARD, width - cards - AROUND);
        return new SeamColumns(film, words, wordsWidth, brackets, lane, cards, card);
    }

    /** How wide the seam is with the narrowest cards. */
    private static double width(double film, double words, double lane) {
        return FILM_X + film + GAP + words + BEFORE_BRACKETS + lanes(lane) + LEAST_CARD + AROUND;
    }

    private static double lanes(double lane) {
        return 10 + lane * LANES;
    }

    /** Where the line of a bracket turns towards its card. */
    double elbow(int number) {
        return brackets + 13 + lane * Math.floorMod(number, LANES);
    }

    /** Whether a card has room for a picture beside its words. */
    boolean pictures() {
        return cardWidth >= LEAST_CARD + SeamLayout.STILL_WIDTH;
    }
}
