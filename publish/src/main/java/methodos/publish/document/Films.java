package methodos.publish.document;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.manual.Point;
import methodos.core.manual.Step;
import methodos.publish.PublishProblem;

/** Makes the short films that a publication for the screen shows beside its steps. */
@FunctionalInterface
public interface Films {

    /** A publication without films. */
    Films NONE = (step, folder, name) -> Optional.empty();

    /**
     * @param file name of the film within the publication's folder
     * @param captions what is said in it as WebVTT, empty where nothing is; a page that is opened
     *     from a file may read no file of captions
     * @param marks those that follow their things, none where there are none
     */
    record Film(String file, String captions, List<Followed> marks) {

        /** A film without marks. */
        public Film(String file, String captions) {
            this(file, captions, List.of());
        }

        /** The marks as the script of the page reads them. */
        public String tracks() {
            return Followed.json(marks);
        }
    }

    /**
     * A mark of the step's figure that follows its thing through the film.
     *
     * @param item its number
     * @param label number and name of the part
     * @param places where it is, in the order of time; from one to the next it goes straight
     */
    record Followed(String item, String label, List<Place> places) {

        /**
         * @param time seconds of the film
         * @param at in shares of the picture; null from here on where it is lost
         */
        public record Place(double time, Point at) {}

        /** So little nobody sees, in shares of the picture. */
        private static final double STILL = 0.0015;

        /** The same with only those places between which it does not simply stand still. */
        public Followed sparse() {
            List<Place> kept = new ArrayList<>();
            for (int i = 0; i < places.size(); i++) {
                boolean between = i > 0 && i < places.size() - 1;
                if (!between
                        || !same(places.get(i), places.get(i - 1))
                        || !same(places.get(i), places.get(i + 1))) {
                    kept.add(places.get(i));
                }
            }
            return new Followed(item, label, kept);
        }

        private static boolean same(Place one, Place other) {
            return one.at() == null || other.at() == null
                    ? one.at() == other.at()
                    : one.at().distance(other.at()) < STILL;
        }

        private static String json(List<Followed> marks) {
            List<Map<String, Object>> all = new ArrayList<>();
            for (Followed mark : marks) {
                Map<String, Object> one = new LinkedHashMap<>();
                one.put("item", mark.item());
                one.put("label", mark.label());
                one.put("places", mark.places().stream().map(Followed::numbers).toList());
                all.add(one);
            }
            try {
                return new ObjectMapper().writeValueAsString(all);
            } catch (JsonProcessingException e) {
                throw new IllegalStateException("marks have no form", e);
            }
        }

        private static List<BigDecimal> numbers(Place place) {
            return place.at() == null
                    ? List.of(rounded(place.time()))
                    : List.of(
                            rounded(place.time()),
                            rounded(place.at().x()),
                            rounded(place.at().y()));
        }

        private static BigDecimal rounded(double v) {
            return BigDecimal.valueOf(v).setScale(4, RoundingMode.HALF_EVEN).stripTrailingZeros();
        }
    }

    /**
     * Writes the film of a step.
     *
     * @param folder the publication's folder
     * @param name of the film within it, without an ending
     * @return nothing where the step has no footage
     * @throws PublishProblem if it cannot be made or written
     */
    Optional<Film> of(Step step, Path folder, String name) throws PublishProblem;
}
