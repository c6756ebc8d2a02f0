package methodos.publish.document;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import methodos.core.coverage.Reshoot;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
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
        KeptPaintings paintings) {

    public Publication {
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
                KeptPaintings.NONE);
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
        return new Publication(seen, pictures, date, words, all, hurting, draft, house, paintings);
    }

    /** The same while so many findings that could hurt somebody are open. */
    public Publication withHurting(int findings) {
        return new Publication(
                seen, pictures, date, words, reshoots, findings, draft, house, paintings);
    }

    public Publication asDraft(boolean is) {
        return new Publication(
                seen, pictures, date, words, reshoots, hurting, is, house, paintings);
    }

    public Publication withHouse(HouseStyle style) {
        return new Publication(
                seen, pictures, date, words, reshoots, hurting, draft, style, paintings);
    }

    public Publication withPaintings(KeptPaintings kept) {
        return new Publication(seen, pictures, date, words, reshoots, hurting, draft, house, kept);
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
                paintings);
    }
}
