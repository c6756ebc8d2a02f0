package methodos.desktop.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.scan.BestStills;
import methodos.core.scan.Scan;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.footage.FilmStrip;
import methodos.desktop.footage.FootageClock;
import methodos.desktop.project.OpenProject;

/** The stills that a figure could be made of: the one in use, the best of its span, and around. */
final class StillChoice extends HBox {

    private static final int BEST = 4;
    private static final double GAP = 8;

    private static final double WIDTH = 121;

    private static final double HEIGHT = WIDTH * FilmStrip.HEIGHT / FilmStrip.WIDTH;

    /** How far before and after its span a still is looked for, in seconds. */
    private static final double AROUND = 4;

    /** Nearer to the still in use than this, a proposal shows the same. */
    private static final double SAME = 0.3;

    /** Without a span of a step, so many seconds before and after the still are looked through. */
    private static final double HALF_SPAN = 5;

    private record Offer(double time, String words, boolean inUse) {}

    private final OpenProject project;
    private final Words words;
    private final BiConsumer<Clip, Double> take;
    private final FilmStrip film;
    private Figure figure;
    private Step step;

    /**
     * @param take called with the moment that was chosen
     */
    StillChoice(OpenProject project, BiConsumer<Clip, Double> take) {
        super(GAP);
        this.project = project;
        this.words = project.words();
        this.take = take;
        this.film = new FilmStrip(project, this::fill);
        setId("stills");
        setMinHeight(HEIGHT + 54);
    }

    /** Shows the choice for a figure of a step; either may be null. */
    void show(Figure shown, Step of) {
        figure = shown;
        step = of;
        fill();
    }

    private void fill() {
        getChildren().clear();
        film.newView(false);
        Clip clip =
                Optional.ofNullable(figure)
                        .map(Figure::still)
                        .flatMap(s -> project.manual().clip(s.clip()))
                        .orElse(null);
        if (clip == null) {
            getChildren().add(Controls.prose(words.of("figure.stills.none"), "soft"));
            return;
        }
        Optional<Scan> scan = project.workspace().get().scan(clip.id());
        offers(clip, scan).forEach(o -> getChildren().add(offer(clip, o)));
        if (scan.isEmpty()) {
            Label later = Controls.prose(words.of("figure.stills.later"), "soft");
            later.setMaxWidth(3 * WIDTH);
            getChildren().add(later);
        }
    }

    private List<Offer> offers(Clip clip, Optional<Scan> scan) {
        double now = figure.still().time();
        List<Offer> offers = new ArrayList<>();
        offers.add(new Offer(now, words.of("figure.stills.used"), true));
        if (scan.isEmpty()) {
            return offers;
        }
        Span span = span(clip, now);
        for (var best : BestStills.of(scan.get(), span.start(), span.end(), BEST, words)) {
            add(offers, best.time(), best.words());
        }
        BestStills.before(scan.get(), span.start(), AROUND, words)
                .forEach(b -> add(offers, b.time(), words.of("figure.stills.before", b.words())));
        BestStills.after(scan.get(), span.end(), AROUND, words)
                .forEach(b -> add(offers, b.time(), words.of("figure.stills.after", b.words())));
        return offers;
    }

    private static void add(List<Offer> offers, double time, String why) {
        if (offers.size() <= BEST + 1
                && offers.stream().noneMatch(o -> Math.abs(o.time - time) < SAME)) {
            offers.add(new Offer(time, why, false));
        }
    }

    private Span span(Clip clip, double time) {
        List<Span> spans =
                step == null
                        ? List.of()
                        : step.spans().stream().filter(s -> s.clip().equals(clip.id())).toList();
        return spans.stream()
                .filter(s -> time >= s.start() && time <= s.end())
                .findFirst()
                .or(() -> spans.stream().findFirst())
                .orElse(new Span(clip.id(), Math.max(0, time - HALF_SPAN), time + HALF_SPAN));
    }

    private VBox offer(Clip clip, Offer offer) {
        ImageView view = new ImageView(film.at(clip, offer.time).orElse(null));
        view.setFitWidth(WIDTH);
        view.setFitHeight(HEIGHT);
        view.setPreserveRatio(true);
        String time = FootageClock.exact(offer.time);
        Button button = new Button(null, view);
        button.setId("still-" + Math.round(offer.time * 100));
        button.getStyleClass().add(offer.inUse ? "thumb-chosen" : "thumb");
        button.setAccessibleText(time + " " + offer.words);
        button.setOnAction(
                e -> {
                    if (!offer.inUse) {
                        take.accept(clip, offer.time);
                    }
                });
        Label why = Controls.prose(time + "  " + offer.words, "soft");
        why.setMaxWidth(WIDTH + 6);
        why.setPrefWidth(WIDTH + 6);
        VBox box = new VBox(2, button, why);
        box.setAlignment(Pos.TOP_LEFT);
        return box;
    }

    boolean complete() {
        return film.complete();
    }

    void close() {
        film.close();
    }
}
