package methodos.desktop.sizes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import methodos.desktop.theme.TextSize;
import org.testfx.api.FxRobot;

/** Walks every place in windows of several sizes and with words of several sizes. */
abstract class SizesWalk extends RealWindow {

    /** Set for the walk through all sizes, which takes minutes. */
    private static final boolean LONG = Boolean.getBoolean("methodos.long");

    private static final List<Size> USUAL =
            List.of(new Size(1024, 640, 1), new Size(1366, 700, 1), new Size(1280, 800, 2));

    /** So many entries lead past what is to fetch and some steps on. */
    private static final int BENCH_ENTRIES = 60;

    /** What is looked at beside the places themselves. */
    private static final int OTHERS = 4;

    /** What is pressed in a place to see another face of it. */
    private static final Map<Place, List<String>> FACES =
            Map.of(
                    Place.FIGURES,
                    List.of("tab-marks", "tab-picture", "tab-beside"),
                    Place.STORES,
                    List.of("face-LINES", "face-PARTS", "face-KITS", "face-TOOLS"),
                    Place.TORQUE,
                    List.of("open-"),
                    Place.CHECKS,
                    List.of("toBench"));

    /** How a face is left that is no tab. */
    private static final Map<Place, String> LEAVES =
            Map.of(Place.TORQUE, "decisionBack", Place.CHECKS, "benchLeave");

    private final List<String> faults = new ArrayList<>();
    private int looked;
    private Stage stage;

    private record Size(double width, double height, double text) {}

    @Override
    protected void open(Stage stage) throws Exception {
        this.stage = stage;
        super.open(stage);
    }

    private static List<Size> sizes() {
        if (!LONG) {
            return USUAL;
        }
        List<Size> all = new ArrayList<>(USUAL);
        double[][] windows = {{1024, 640}, {1280, 800}, {1920, 1080}, {2560, 1440}, {3840, 2160}};
        for (double[] window : windows) {
            for (double text : new double[] {.95, 1, 1.1, 1.25, 1.5, 1.75, 2}) {
                // what is larger than the window has the room that its words leave
                if (window[0] >= 1280 || text <= 1.5) {
                    all.add(new Size(window[0], window[1], text));
                }
            }
        }
        return all;
    }

    /** Looks at everything in every size; finds nothing that is out of reach, cut or covered. */
    protected void walk(FxRobot robot) throws Exception {
        walk(robot, sizes());
    }

    /** Looks at everything in the smallest window only, but for the walk through all sizes. */
    protected void walkSmallest(FxRobot robot) throws Exception {
        walk(robot, LONG ? sizes() : USUAL.subList(0, 1));
    }

    private void walk(FxRobot robot, List<Size> sizes) throws Exception {
        for (Size size : sizes) {
            robot.interact(
                    () -> {
                        TextSize.set(size.text());
                        stage.setWidth(size.width());
                        stage.setHeight(size.height());
                    });
            for (Place place : Place.values()) {
                robot.interact(() -> window().show(place));
                look(robot, size + " " + place);
                for (String face : FACES.getOrDefault(place, List.of())) {
                    if (press(robot, face)) {
                        look(robot, size + " " + place + " " + face);
                    }
                }
                leave(robot, place);
            }
            bench(robot, size + " bench");
            robot.interact(() -> window().find());
            look(robot, size + " finder");
            robot.interact(() -> window().guide(false));
            look(robot, size + " guide");
            robot.interact(() -> window().guide(true));
            look(robot, size + " keys");
            robot.interact(() -> window().showEarlierStates());
            look(robot, size + " earlier states");
            robot.interact(() -> window().show(Place.UNIT));
        }
        assertThat(faults).as("of %s things looked at", looked).isEmpty();
        assertThat(looked).isGreaterThan(sizes.size() * (Place.values().length + OTHERS) * 8);
    }

    /** A unit is begun, everything is fetched, and some steps are done; then the work stops. */
    private void bench(FxRobot robot, String where) throws Exception {
        robot.interact(() -> window().show(Place.BENCH));
        until(() -> window().ready());
        laidOut(robot);
        robot.interact(
                () -> {
                    // a number of some unit that the manual covers
                    robot.lookup("#benchSerial").queryAs(TextField.class).setText("2417");
                    robot.lookup("#benchPerson").queryAs(TextField.class).setText("A. Lindqvist");
                });
        press(robot, "benchBegin");
        if (manual().steps().findAny().isEmpty()) {
            look(robot, where + " without a step");
            return;
        }
        until(() -> robot.lookup("#bench").tryQuery().isPresent());
        Set<String> kinds = new HashSet<>();
        for (int i = 0; i < BENCH_ENTRIES; i++) {
            String kind = robot.lookup("#benchMain").queryAs(Button.class).getText();
            if (kinds.add(kind.replaceAll(":.*|\\d+", ""))) {
                lookOnce(robot, where + " " + kind);
            }
            press(robot, "benchMain");
        }
        for (String key : List.of("benchBack", "benchWrong")) {
            press(robot, key);
            lookOnce(robot, where + " " + key);
        }
        press(robot, "benchStop");
        until(() -> robot.lookup("#bench").tryQuery().isEmpty());
    }

    /** Presses the first button that is seen whose name begins so. */
    private static boolean press(FxRobot robot, String name) {
        Optional<ButtonBase> found =
                robot
                        .lookup(n -> n.getId() != null && n.getId().startsWith(name) && seen(n))
                        .queryAllAs(ButtonBase.class)
                        .stream()
                        .findFirst();
        found.ifPresent(b -> robot.interact(b::fire));
        return found.isPresent();
    }

    private static boolean seen(Node node) {
        return node == null || node.isVisible() && seen(node.getParent());
    }

    private void leave(FxRobot robot, Place place) {
        List<String> faces = FACES.getOrDefault(place, List.of());
        if (!faces.isEmpty()) {
            press(robot, LEAVES.getOrDefault(place, faces.get(0)));
        }
    }

    /** Looks at what is shown, and at what is beside it where it is folded away. */
    private void look(FxRobot robot, String where) throws Exception {
        lookOnce(robot, where);
        if (press(robot, "showSide")) {
            lookOnce(robot, where + " beside");
            press(robot, "showMain");
        }
    }

    private void lookOnce(FxRobot robot, String where) throws Exception {
        try {
            until(() -> window().ready());
        } catch (TimeoutException e) {
            throw new AssertionError(where + " is never ready", e);
        }
        laidOut(robot);
        robot.interact(
                () -> {
                    InReach reach = InReach.of(stage.getScene().getRoot());
                    looked += reach.looked();
                    reach.faults().forEach(f -> faults.add(where + " " + f));
                });
    }
}
