package methodos.publish.document;

import java.util.Locale;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.practice.Practised;
import methodos.core.words.Words;

/**
 * What is to be published: a manual as it is carried out, for which units, in which words.
 *
 * @param date as it is printed
 */
public record Publication(Manual manual, Sight sight, Pictures pictures, String date, Words words) {

    public Publication {
        manual = Practised.of(manual);
    }

    private static final String WORDS = "methodos.publish.document.publication";

    public static Publication of(Manual manual, Sight sight, Pictures pictures, String date) {
        return new Publication(
                manual,
                sight,
                pictures,
                date,
                new Words(WORDS, Locale.forLanguageTag(manual.language())));
    }
}
