package methodos.desktop.seam;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;
import methodos.core.manual.Clip;
import methodos.desktop.control.Controls;
import methodos.desktop.footage.FootageClock;
import methodos.desktop.footage.FootageDesk;
import methodos.desktop.project.OpenProject;

/** The large picture at the play position, with its time. */
final class SeamPicture extends StackPane {

    private final OpenProject project;
    private final ImageView view = new ImageView();
    private final Label time = Controls.label("", "picture-time");
    private boolean settled;
    private final Label problem = Controls.prose("", "soft");

    SeamPicture(OpenProject project) {
        this.project = project;
        setId("picture");
        getStyleClass().add("picture");
        setMinSize(Player.WIDTH, Player.HEIGHT);
        setPrefSize(Player.WIDTH, Player.HEIGHT);
        setMaxSize(Player.WIDTH, Player.HEIGHT);
        problem.setText(project.words().of("seam.noPicture"));
        settled = project.manual().clips().isEmpty();
        time.setVisible(false);
        setAlignment(time, Pos.TOP_LEFT);
        getChildren().addAll(problem, view, time);
    }

    void show(FootageDesk.Shown shown) {
        problem.setText("");
        view.setImage(shown.image());
        view.setFitWidth(shown.near() ? Player.WIDTH : 0); // one from near may be smaller
        view.setFitHeight(shown.near() ? Player.HEIGHT : 0);
        view.setPreserveRatio(true);
        String name = project.manual().clip(shown.clip()).map(Clip::name).orElse("");
        time.setText(
                (shown.near() ? project.words().of("seam.near") : FootageClock.exact(shown.time()))
                        + "  "
                        + name);
        time.setVisible(true);
        setAccessibleText(
                project.words().of("seam.pictureAt", name, FootageClock.exact(shown.time())));
    }

    void problem(String sentence) {
        view.setImage(null);
        time.setVisible(false);
        problem.setText(sentence);
        settled = true;
    }

    /** Whether what belongs here is shown: a picture, or why there is none. */
    boolean shows() {
        return view.getImage() != null || settled;
    }
}
