package methodos.publish.document;

import java.util.List;
import java.util.Locale;
import methodos.core.coverage.Reshoot;
import methodos.core.manual.Manual;
import methodos.core.manual.SeenBy;
import methodos.core.manual.Sight;
import methodos.core.practice.Practised;
import methodos.core.words.Words;

/**
 * What is to be published: a manual as it is carried out, for which units, in which words.
 *
 * @param date as it is printed
 * @param reshoots what has to be filmed again
 */
public record Publication(
        Manual manual,
        Sight sight,
        Pictures pictures,
        String date,
        Words words,
        List<Reshoot> reshoots) {

    public Publication {
        manual = SeenBy.of(Practised.of(manual), sight);
        reshoots = List.copyOf(reshoots);
    }

    private static final String WORDS = "methodos.publish.document.publication";

    public static Publication of(Manual manual, Sight sight, Pictures pictures, String date) {
        return new Publication(
                manual,
                sight,
                pictures,
                date,
                new Words(WORDS, Locale.forLanguageTag(manual.language())),
                List.of());
    }

    public Publication withReshoots(List<Reshoot> all) {
        return new Publication(manual, sight, pictures, date, words, all);
    }
}
