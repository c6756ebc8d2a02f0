package methodos.publish.document;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.coverage.Reshoot;
import methodos.core.words.Words;

/** What the list of what has to be filmed again shows. */
final class ReshootModel {

    /**
     * @param next what the unit stands as when it is filmed
     * @param take clip and time of the footage that shows nothing
     */
    public record ShotView(
            int number, String what, String why, String side, String next, String take) {}

    private final Publication publication;
    private final Words words;

    ReshootModel(Publication publication) {
        this.publication = publication;
        this.words = publication.words();
    }

    Map<String, Object> values() {
        Map<String, Object> values = new LinkedHashMap<>();
        values.put("title", publication.manual().title());
        values.put("language", publication.manual().language());
        values.put("units", words.of(publication.sight()));
        values.put("unit", publication.manual().unit());
        values.put("date", publication.date());
        values.put("made", words.of("title.made", publication.date()));
        values.put("shots", shots());
        return values;
    }

    private List<ShotView> shots() {
        return publication.reshoots().stream().map(this::shot).toList();
    }

    private ShotView shot(Reshoot shot) {
        return new ShotView(
                shot.number(),
                shot.step().text(),
                words.of("again.why." + shot.why().map(Enum::name).orElse("none")),
                shot.side(),
                shot.before() == 0
                        ? words.of("again.start")
                        : words.of("again.nextStep", shot.before()),
                shot.take().map(t -> t.clip().name() + " " + clock(t.span().start())).orElse("–"));
    }

    private static String clock(double seconds) {
        long whole = Math.round(seconds);
        return String.format(Locale.ROOT, "%d:%02d", whole / 60, whole % 60);
    }
}
