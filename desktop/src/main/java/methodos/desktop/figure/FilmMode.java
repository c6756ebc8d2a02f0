package methodos.desktop.figure;

import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;
import methodos.core.description.Id;
import methodos.core.manual.Step;
import methodos.desktop.control.Halves;
import methodos.desktop.control.Scrolled;
import methodos.desktop.filmfigure.FilmFigureView;

/** Puts what the film proposes in the place of the figure that is worked on, and that back. */
final class FilmMode {

    private final Halves node;
    private final FilmFigureView film;
    private final ScrollPane proposals;
    private Region main;
    private Region side;

    FilmMode(Halves node, FilmFigureView film) {
        this.node = node;
        this.film = film;
        this.proposals = new Scrolled(film);
    }

    /** What is shown where no proposal is. */
    void usual(Region main, Region side) {
        this.main = main;
        this.side = side;
        node.setMain(main);
        node.setSide(side);
    }

    /**
     * @param step for which a figure is wanted, null for the first that lacks one
     */
    void open(Id<Step> step) {
        node.setMain(proposals);
        node.setSide(film.side());
        film.open(step);
    }

    boolean open() {
        return proposals.getParent() != null;
    }

    void leave() {
        node.setMain(main);
        node.setSide(side);
    }

    boolean ready() {
        return film.ready();
    }

    void close() {
        film.close();
    }
}
