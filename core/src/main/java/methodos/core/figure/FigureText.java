package methodos.core.figure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Layer;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.MarkCases;
import methodos.core.manual.Part;
import methodos.core.words.Sentences;
import methodos.core.words.Words;

/**
 * What a figure shows, in words, for those who cannot see it: the author's, or drafted from its
 * marks.
 */
public final class FigureText {

    private final Manual manual;
    private final Words words;

    private FigureText(Manual manual, Words words) {
        this.manual = manual;
        this.words = words;
    }

    /** What a figure shows, in sentences, for whoever cannot see it. */
    public static String of(Figure figure, Manual manual, Words words) {
        return figure.text().isBlank()
                ? new FigureText(manual, words).drafted(figure)
                : figure.text();
    }

    private String drafted(Figure figure) {
        List<String> sentences = new ArrayList<>();
        sentences.add(figure.title().isBlank() ? words.of("figure.untitled") : figure.title());
        parts(figure).ifPresent(sentences::add);
        figure.marks().forEach(m -> of(figure, m).ifPresent(sentences::add));
        screws(figure).ifPresent(sentences::add);
        if (figure.layout() != null) {
            int index = 1;
            for (Id<Figure> id : figure.beside()) {
                Figure other = manual.figure(id).orElse(null);
                if (other != null) {
                    sentences.add(
                            words.of(
                                    "figure.text.beside",
                                    PanelWords.of(figure.layout(), index, words),
                                    drafted(other)));
                    index++;
                }
            }
        }
        if (!figure.stack().isEmpty()) {
            sentences.add(words.of("figure.text.stack", stack(figure.stack())));
        }
        return Sentences.joined(sentences.toArray(String[]::new));
    }

    private Optional<String> parts(Figure figure) {
        String parts =
                figure.marks().stream()
                        .filter(m -> m instanceof Mark.Callout)
                        .flatMap(m -> manual.part(((Mark.Callout) m).part()).stream())
                        .distinct()
                        .map(p -> p.name() + " (" + p.item() + ")")
                        .collect(Collectors.joining(", "));
        return parts.isEmpty() ? Optional.empty() : Optional.of(words.of("figure.reads", parts));
    }

    private Optional<String> of(Figure figure, Mark mark) {
        return mark.map(new Said(figure));
    }

    /** What is said of each kind of mark; parts and screws are said of all of them at once. */
    private final class Said implements MarkCases<Optional<String>> {
        private final Figure figure;

        Said(Figure figure) {
            this.figure = figure;
        }

        @Override
        public Optional<String> callout(Mark.Callout mark) {
            return Optional.empty();
        }

        @Override
        public Optional<String> screwOrder(Mark.ScrewOrder mark) {
            return mark.screws().isEmpty()
                    ? Optional.empty()
                    : Optional.of(OrderWords.of(figure, mark, manual, words));
        }

        @Override
        public Optional<String> screwPlace(Mark.ScrewPlace mark) {
            return Optional.empty();
        }

        @Override
        public Optional<String> turn(Mark.Turn mark) {
            return Optional.of(
                    mark.thread() == null
                            ? words.of("figure.text.turn", words.of(mark.rotation()))
                            : words.of(
                                    "figure.text.thread",
                                    words.of(mark.thread().action()),
                                    words.of(mark.thread().hand()),
                                    words.of(mark.rotation())));
        }

        @Override
        public Optional<String> shift(Mark.Shift mark) {
            return Optional.of(words.of("figure.text." + mark.movement().name()));
        }

        @Override
        public Optional<String> detail(Mark.Detail mark) {
            return Optional.of(words.of("figure.text.detail"));
        }

        @Override
        public Optional<String> outline(Mark.Outline mark) {
            return Optional.empty();
        }

        @Override
        public Optional<String> length(Mark.Length mark) {
            return Optional.empty();
        }

        @Override
        public Optional<String> scale(Mark.Scale mark) {
            return Optional.empty();
        }

        @Override
        public Optional<String> matchMark(Mark.MatchMark mark) {
            return Optional.of(
                    mark.text().isBlank()
                            ? words.of("figure.text.match")
                            : words.of("figure.text.matchNamed", mark.text()));
        }

        @Override
        public Optional<String> byFeel(Mark.ByFeel mark) {
            return Optional.of(
                    mark.text().isBlank()
                            ? words.of("figure.text.feel")
                            : words.of("figure.text.feelWhat", mark.text()));
        }

        @Override
        public Optional<String> label(Mark.Label mark) {
            return mark.text().isBlank()
                    ? Optional.empty()
                    : Optional.of(words.of("figure.text.label", mark.text()));
        }

        @Override
        public Optional<String> cover(Mark.Cover mark) {
            return Optional.empty();
        }
    }

    private Optional<String> screws(Figure figure) {
        Map<Id<Part>, Integer> counts = new LinkedHashMap<>();
        figure.marks().stream()
                .filter(m -> m instanceof Mark.ScrewPlace)
                .forEach(m -> counts.merge(((Mark.ScrewPlace) m).part(), 1, Integer::sum));
        if (counts.isEmpty()) {
            return Optional.empty();
        }
        String all =
                counts.entrySet().stream()
                        .map(
                                e ->
                                        e.getValue()
                                                + " × "
                                                + manual.part(e.getKey())
                                                        .map(Part::label)
                                                        .orElse("?"))
                        .collect(Collectors.joining(", "));
        return Optional.of(words.of("figure.text.screws", all));
    }

    private String stack(List<Layer> layers) {
        return layers.stream()
                .map(l -> StackRow.of(l, manual).words())
                .collect(Collectors.joining("; "));
    }
}
