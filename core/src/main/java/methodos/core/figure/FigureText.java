package methodos.core.figure;

import java.util.stream.Collectors;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.words.Words;

/**
 * What a figure shows, in words, for those who cannot see it: the author's, or drafted from its
 * marks.
 */
public final class FigureText {

    private FigureText() {}

    public static String of(Figure figure, Manual manual, Words words) {
        if (!figure.text().isBlank()) {
            return figure.text();
        }
        String parts =
                figure.marks().stream()
                        .filter(m -> m instanceof Mark.Callout)
                        .flatMap(m -> manual.part(((Mark.Callout) m).part()).stream())
                        .distinct()
                        .map(p -> p.name() + " (" + p.item() + ")")
                        .collect(Collectors.joining(", "));
        String title = figure.title().isBlank() ? words.of("figure.untitled") : figure.title();
        StringBuilder text =
                new StringBuilder(parts.isEmpty() ? title : words.of("figure.reads", title, parts));
        figure.marks().stream()
                .filter(m -> m instanceof Mark.ScrewOrder)
                .map(m -> ((Mark.ScrewOrder) m).screws().size())
                .filter(n -> n > 0)
                .forEach(
                        n -> {
                            if (text.charAt(text.length() - 1) != '.') {
                                text.append('.');
                            }
                            text.append(' ').append(words.of("figure.order", n));
                        });
        return text.toString();
    }
}
