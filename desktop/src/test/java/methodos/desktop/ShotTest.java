package methodos.desktop;

import javafx.stage.Stage;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

class ShotTest extends RealWindow {
    Stage stage;

    @Start
    void start(Stage stage) throws Exception {
        this.stage = stage;
        open(stage);
    }

    @Override
    protected boolean dark() {
        return Boolean.getBoolean("darkShots");
    }

    void write(FxRobot robot, String name) throws Exception {
        Thread.sleep(1200);
        robot.interact(
                () -> {
                    try {
                        javax.imageio.ImageIO.write(
                                javafx.embed.swing.SwingFXUtils.fromFXImage(
                                        stage.getScene().snapshot(null), null),
                                "png",
                                new java.io.File("/tmp/" + name + ".png"));
                    } catch (Exception e) {
                        throw new RuntimeException(e);
                    }
                });
    }

    boolean has(FxRobot robot, String q) {
        return robot.lookup(q).tryQuery().filter(n -> n.isVisible() && !n.isDisabled()).isPresent();
    }

    @Test
    void shots(FxRobot robot) throws Exception {
        if (dark()) {
            robot.interact(
                    () -> {
                        stage.setWidth(1024);
                        stage.setHeight(768);
                    });
        }
        robot.interact(() -> window().show(Place.BENCH));
        until(() -> window().ready());
        robot.clickOn("#benchModel-QA-80-S");
        robot.clickOn("#benchSerial").write("2417");
        robot.clickOn("#benchPerson").write("A. Lindqvist");
        robot.clickOn("#simulate-CALIPER");
        write(robot, "bench1");
        robot.clickOn("#benchBegin");
        until(() -> robot.lookup("#bench").tryQuery().isPresent());
        for (int i = 0; i < 60 && has(robot, "#fetchWhy"); i++) {
            robot.interact(
                    () ->
                            robot
                                    .lookup(
                                            n ->
                                                    n instanceof javafx.scene.control.Button b
                                                            && n.getId() != null
                                                            && n.getId().startsWith("fetch-")
                                                            && ((javafx.scene.control.Label)
                                                                            ((javafx.scene.layout
                                                                                                    .HBox)
                                                                                            b
                                                                                                    .getGraphic())
                                                                                    .getChildren()
                                                                                    .get(0))
                                                                    .getText()
                                                                    .isEmpty())
                                    .queryAllAs(javafx.scene.control.Button.class)
                                    .stream()
                                    .findFirst()
                                    .ifPresent(javafx.scene.control.Button::fire));
        }
        int shot = 3;
        String last = "";
        for (int i = 0; i < 900; i++) {
            String[] asked = {""};
            robot.interact(
                    () -> {
                        var box = robot.lookup("#bench").query();
                        asked[0] = kind(robot);
                    });
            if (!asked[0].equals(last)
                    && java.util.Set.of(System.getProperty("shots", "").split(","))
                            .contains(asked[0])
                    && seen.add(asked[0])) {
                write(robot, "bench-" + asked[0]);
            }
            last = asked[0];
            robot.interact(() -> act(robot));
            if (!has(robot, "#bench")) {
                break;
            }
        }
        write(robot, "bench-end");
    }

    final java.util.Set<String> seen = new java.util.HashSet<>();

    String kind(FxRobot robot) {
        if (robot.lookup("#numberPad").tryQuery().isPresent())
            return "pad"
                    + (robot.lookup("#benchTaken")
                                            .tryQuery()
                                            .map(n -> ((javafx.scene.control.Label) n).getText())
                                            .orElse("")
                                            .length()
                                    > 60
                            ? "more"
                            : "");
        if (robot.lookup(".bench-signal").tryQuery().isPresent()) return "hazard";
        if (robot.lookup("#benchClock").tryQuery().isPresent()) return "await";
        if (robot.lookup("#benchName").tryQuery().isPresent()) return "sign";
        if (robot.lookup("#screw-1").tryQuery().isPresent()) return "screws";
        if (robot.lookup("#benchHow").tryQuery().isPresent()) return "deal";
        if (robot.lookup("#benchYes").tryQuery().isPresent()) return "judge";
        if (robot.lookup(".bench-wait").tryQuery().isPresent()) return "waiting";
        return "step";
    }

    void act(FxRobot robot) {
        if (robot.lookup("#numberPad").tryQuery().isPresent()) {
            String limit =
                    robot
                            .lookup(".bench-prose")
                            .queryAllAs(javafx.scene.control.Label.class)
                            .stream()
                            .map(javafx.scene.control.Label::getText)
                            .filter(t -> t.startsWith("Limit") || t.startsWith("Between"))
                            .findFirst()
                            .orElse("");
            String v =
                    limit.contains("62 mm")
                            ? (seenPads++ % 7 == 5 ? "61.8" : "62.9")
                            : limit.contains("80.10") || limit.contains("79.90")
                                    ? "80.05"
                                    : limit.contains("0.06")
                                            ? "0.1"
                                            : limit.contains("0 to")
                                                    ? "0.1"
                                                    : limit.contains("2.") ? "2.2" : "1";
            for (char c : v.toCharArray()) {
                fire(robot, "#pad" + (c == '.' ? "Point" : c));
            }
            fire(robot, "#benchMain");
        } else if (has(robot, "#benchYes")) {
            fire(robot, "#benchYes");
        } else if (has(robot, "#benchEarly")) {
            ((javafx.scene.control.TextField) robot.lookup("#benchWhy").query()).setText("shown");
            fire(robot, "#benchEarly");
        } else if (has(robot, "#benchHow")) {
            ((javafx.scene.control.TextField) robot.lookup("#benchHow").query()).setText("shown");
            fire(robot, "#benchMain");
        } else if (has(robot, "#benchMain")) {
            fire(robot, "#benchMain");
        } else if (has(robot, "#benchAnswer1")) {
            fire(robot, "#benchAnswer1");
        }
    }

    int seenPads;

    void fire(FxRobot robot, String q) {
        robot.lookup(q)
                .tryQueryAs(javafx.scene.control.Button.class)
                .ifPresent(javafx.scene.control.Button::fire);
    }
}
