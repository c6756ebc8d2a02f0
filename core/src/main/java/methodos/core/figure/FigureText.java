package methodos.core.figure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import methodos.core.manual.Figure;
import methodos.core.manual.Layer;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
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
            for (String id : figure.beside()) {
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
        return sentences.stream()
                .map(String::trim)
                .map(s -> s.endsWith(".") ? s : s + ".")
                .collect(Collectors.joining(" "));
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
        if (mark instanceof Mark.ScrewOrder order && !order.screws().isEmpty()) {
            return Optional.of(OrderWords.of(figure, order, manual, words));
        }
        if (mark instanceof Mark.Turn turn) {
            return Optional.of(
                    turn.thread() == null
                            ? words.of("figure.text.turn", words.of(turn.rotation()))
                            : words.of(
                                    "figure.text.thread",
                                    words.of(turn.thread().action()),
                                    words.of(turn.thread().hand()),
                                    words.of(turn.rotation())));
        }
        if (mark instanceof Mark.Shift shift) {
            return Optional.of(words.of("figure.text." + shift.movement().name()));
        }
        if (mark instanceof Mark.MatchMark match) {
            return Optional.of(
                    match.text().isBlank()
                            ? words.of("figure.text.match")
                            : words.of("figure.text.matchNamed", match.text()));
        }
        if (mark instanceof Mark.ByFeel feel) {
            return Optional.of(
                    feel.text().isBlank()
                            ? words.of("figure.text.feel")
                            : words.of("figure.text.feelWhat", feel.text()));
        }
        if (mark instanceof Mark.Label label && !label.text().isBlank()) {
            return Optional.of(words.of("figure.text.label", label.text()));
        }
        if (mark instanceof Mark.Detail) {
            return Optional.of(words.of("figure.text.detail"));
        }
        return Optional.empty();
    }

    private Optional<String> screws(Figure figure) {
        Map<String, Integer> counts = new LinkedHashMap<>();
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
