package methodos.publish.sheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Reading;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.quantity.Quantity;
import methodos.core.words.Sentences;

/**
 * Questions for a class that has read the instruction, with their answers. The same manual asks the
 * same questions.
 */
public final class TrainingQuestions {

    private static final int STEPS = 8;
    private static final int FIGURES = 2;
    private static final int VALUES = 6;
    private static final int HAZARDS = 5;
    private static final int CHOICES = 3;

    /**
     * @param letter A, B, C …
     * @param place in which it comes, from 1
     */
    public record Shuffled(String letter, String words, int place) {}

    /**
     * @param parts what the numbers in the figure are called
     */
    public record Named(Id<Figure> figure, List<Part> parts) {}

    /**
     * @param ask what is asked
     * @param choices one of which is right
     * @param right index of it
     * @param step where it stands
     */
    public record Question(String ask, List<String> choices, int right, int step) {

        /** The letter of the right one. */
        public String answer() {
            return letter(right);
        }
    }

    private final Manual manual;
    private final StepNumbers numbers;
    private final Sight sight;
    private final Random random;

    /** Questions for the units that are looked at. */
    public TrainingQuestions(Manual manual, Sight sight, StepNumbers numbers) {
        this.manual = manual;
        this.sight = sight;
        this.numbers = numbers;
        this.random = new Random(manual.title().hashCode());
    }

    /** The letter of an index: A for 0. */
    public static String letter(int index) {
        return String.valueOf((char) ('A' + index));
    }

    private Stream<Step> shown() {
        return manual.steps().filter(s -> numbers.of(s.id()).isPresent());
    }

    private int number(Step step) {
        return numbers.of(step.id()).orElseThrow();
    }

    /** Steps of one stretch of the work, in another order than theirs. */
    public List<Shuffled> order() {
        List<Step> stretch =
                manual.stages().stream()
                        .filter(s -> s.kind() == Stage.Kind.TAKE_DOWN)
                        .flatMap(s -> s.steps().stream())
                        .filter(s -> numbers.of(s.id()).isPresent())
                        .toList();
        if (stretch.size() < CHOICES) {
            return List.of();
        }
        int most = Math.min(STEPS, stretch.size());
        int from = random.nextInt(stretch.size() - most + 1);
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < most; i++) {
            places.add(i);
        }
        Collections.shuffle(places, random);
        List<Shuffled> all = new ArrayList<>();
        for (int i = 0; i < most; i++) {
            Step step = stretch.get(from + places.get(i));
            all.add(new Shuffled(letter(i), step.text(), places.get(i) + 1));
        }
        return all;
    }

    /** The figures with most callouts. */
    public List<Named> figures() {
        Set<Id<Figure>> seen = new LinkedHashSet<>();
        shown().forEach(s -> seen.addAll(s.figures()));
        return seen.stream()
                .flatMap(f -> manual.figure(f).stream())
                .map(f -> new Named(f.id(), parts(f)))
                .filter(n -> n.parts().size() >= 2)
                .sorted(Comparator.comparingInt((Named n) -> -n.parts().size()))
                .limit(FIGURES)
                .toList();
    }

    private List<Part> parts(Figure figure) {
        return figure.marks().stream()
                .filter(m -> m instanceof Mark.Callout)
                .flatMap(m -> manual.part(((Mark.Callout) m).part()).stream())
                .filter(p -> !p.item().isEmpty())
                .distinct()
                .toList();
    }

    /** Torques and limits, each among others of the same kind. */
    public List<Question> values() {
        List<Value> all = new ArrayList<>();
        shown().forEach(
                        s -> {
                            s.joints().stream()
                                    .flatMap(j -> manual.joint(j).stream())
                                    .filter(j -> j.applicability().concerns(sight))
                                    .forEach(
                                            j -> torque(j).ifPresent(t -> all.add(value(j, t, s))));
                            s.readings().stream()
                                    .flatMap(r -> limit(r, s).stream())
                                    .forEach(all::add);
                        });
        List<Question> questions = new ArrayList<>();
        for (Value value : all) {
            List<String> others =
                    all.stream()
                            .filter(v -> v.quantity().unit() == value.quantity().unit())
                            .map(v -> v.quantity().print())
                            .distinct()
                            .toList();
            boolean asked = questions.stream().anyMatch(q -> q.ask().equals(value.what()));
            if (!asked && others.size() > 1 && questions.size() < VALUES) {
                questions.add(among(value.what(), value.quantity().print(), others, value.step()));
            }
        }
        return questions;
    }

    private record Value(String what, Quantity quantity, int step) {}

    private Value value(Joint joint, Quantity torque, Step step) {
        return new Value(joint.name(), torque, number(step));
    }

    private static Optional<Quantity> torque(Joint joint) {
        return joint.torque() == null ? Optional.empty() : joint.torque().known();
    }

    private Optional<Value> limit(Reading reading, Step step) {
        return reading.known().map(q -> new Value(reading.what(), q, number(step)));
    }

    /** Before which step which hazard is told. */
    public List<Question> hazards() {
        List<String> all =
                shown().flatMap(s -> s.hazards().stream())
                        .filter(h -> h.applicability().concerns(sight))
                        .map(TrainingQuestions::said)
                        .distinct()
                        .toList();
        List<Question> questions = new ArrayList<>();
        Set<String> asked = new LinkedHashSet<>();
        if (all.size() < 2) {
            return questions;
        }
        shown().forEach(
                        s ->
                                s.hazards().stream()
                                        .filter(h -> h.applicability().concerns(sight))
                                        .findFirst()
                                        .filter(h -> questions.size() < HAZARDS)
                                        .filter(h -> asked.add(said(h)))
                                        .ifPresent(
                                                h ->
                                                        questions.add(
                                                                among(
                                                                        s.text(),
                                                                        said(h),
                                                                        without(all, s),
                                                                        number(s)))));
        return questions;
    }

    private static String said(Hazard hazard) {
        return Sentences.ended(hazard.hazard());
    }

    /** The hazards of other steps: two right answers would be none. */
    private static List<String> without(List<String> all, Step step) {
        List<String> own = step.hazards().stream().map(TrainingQuestions::said).toList();
        return all.stream().filter(h -> !own.contains(h)).toList();
    }

    private Question among(String ask, String right, List<String> others, int step) {
        List<String> wrong = new ArrayList<>(others);
        wrong.remove(right);
        Collections.shuffle(wrong, random);
        List<String> choices =
                new ArrayList<>(wrong.subList(0, Math.min(CHOICES - 1, wrong.size())));
        choices.add(random.nextInt(choices.size() + 1), right);
        return new Question(ask, choices, choices.indexOf(right), step);
    }
}
