package methodos.publish.document;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import methodos.core.coverage.Reshoot;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.practice.PractisedManual;
import methodos.core.practice.SeenManual;
import methodos.core.words.Words;
import methodos.publish.house.HouseStyle;

/**
 * What is to be published: a manual as it is carried out, for which units, in which words.
 *
 * @param date as it is printed
 * @param reshoots what has to be filmed again
 * @param hurting how many findings that could hurt somebody are open: then it is a draft
 * @param draft whether it says that it is one, also where nothing is open
 * @param house how the company wants it to look
 * @param paintings figures painted before
 * @param times seconds that steps took in earlier runs, for the plan of the work
 */
public record Publication(
        SeenManual seen,
        Pictures pictures,
        String date,
        Words words,
        List<Reshoot> reshoots,
        int hurting,
        boolean draft,
        HouseStyle house,
        KeptPaintings paintings,
        Map<Id<Step>, List<Double>> times) {

    public Publication {
        times = Map.copyOf(times);
        reshoots = List.copyOf(reshoots);
    }

    private static final String WORDS = "methodos.publish.document.publication";

    public static Publication of(Manual manual, Sight sight, Pictures pictures, String date) {
        return new Publication(
                PractisedManual.of(manual).seenBy(sight),
                pictures,
                date,
                new Words(WORDS, Locale.forLanguageTag(manual.language())),
                List.of(),
                0,
                false,
                HouseStyle.USUAL,
                KeptPaintings.NONE,
                Map.of());
    }

    /** What is printed of the manual. */
    public Manual manual() {
        return seen.manual();
    }

    /** The units that it is for. */
    public Sight sight() {
        return seen.sight();
    }

    public Publication withReshoots(List<Reshoot> all) {
        return new Publication(
                seen, pictures, date, words, all, hurting, draft, house, paintings, times);
    }

    /** The same while so many findings that could hurt somebody are open. */
    public Publication withHurting(int findings) {
        return new Publication(
                seen, pictures, date, words, reshoots, findings, draft, house, paintings, times);
    }

    public Publication asDraft(boolean is) {
        return new Publication(
                seen, pictures, date, words, reshoots, hurting, is, house, paintings, times);
    }

    public Publication withHouse(HouseStyle style) {
        return new Publication(
                seen, pictures, date, words, reshoots, hurting, draft, style, paintings, times);
    }

    public Publication withPaintings(KeptPaintings kept) {
        return new Publication(
                seen, pictures, date, words, reshoots, hurting, draft, house, kept, times);
    }

    /** The same with what steps took in earlier runs. */
    public Publication withTimes(Map<Id<Step>, List<Double>> runs) {
        return new Publication(
                seen, pictures, date, words, reshoots, hurting, draft, house, paintings, runs);
    }

    /** The same without a picture, for what shows none. */
    Publication withoutPictures() {
        return new Publication(
                seen,
                d -> Optional.empty(),
                date,
                words,
                reshoots,
                hurting,
                draft,
                house,
                paintings,
                times);
    }
}
