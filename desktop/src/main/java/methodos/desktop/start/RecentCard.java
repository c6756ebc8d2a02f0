package methodos.desktop.start;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.files.recent.RecentProject;

/** A project that was open on this machine, as a button that opens it again. */
final class RecentCard extends Button {

    private static final double WIDE = 150;
    private static final double HIGH = 84;
    private static final int WEEK = 7;

    private final Words words;

    /**
     * @param forget takes it out of the list
     */
    RecentCard(RecentProject project, Words words, Consumer<Path> open, Consumer<Path> forget) {
        this.words = words;
        Path folder = project.path();
        boolean there = project.there();
        Label title = Controls.label(name(project), "recent-title");
        Label when = Controls.label(when(project), "soft");
        when.setMinWidth(USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Label where = Controls.label(HomePath.shown(folder), "soft");
        HBox foot = new HBox(6, where);
        if (!there) {
            foot.getChildren().add(Controls.label(words.of("start.notThere"), "open"));
        }
        VBox text =
                new VBox(4, new HBox(10, title, gap, when), Controls.label(state(project)), foot);
        text.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox face = new HBox(16, picture(project), text);
        face.setAlignment(Pos.CENTER_LEFT);
        face.setPadding(new Insets(8, 12, 8, 8));
        face.setMouseTransparent(true);
        setGraphic(face);
        face.prefWidthProperty().bind(widthProperty().subtract(8));
        setMaxWidth(Double.MAX_VALUE);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("recent");
        setTooltip(new Tooltip(name(project) + "\n" + folder));
        setAccessibleText(name(project) + ", " + state(project) + ", " + when.getText());
        setOnAction(e -> open.accept(folder));
        MenuItem forgotten = new MenuItem(words.of("start.forget"));
        forgotten.setOnAction(e -> forget.accept(folder));
        setContextMenu(new ContextMenu(forgotten));
    }

    private static String name(RecentProject project) {
        return project.title().isBlank()
                ? String.valueOf(project.path().getFileName())
                : project.title();
    }

    /** Where it was left, and what is still to be done in it. */
    private String state(RecentProject project) {
        List<String> parts = new ArrayList<>();
        if (!project.view().place().isEmpty()) {
            parts.add(words.of("place." + project.view().place()));
        }
        if (project.drafted() > 0) {
            parts.add(words.of("start.drafted", project.drafted()));
        } else {
            parts.add(
                    project.open() == 0
                            ? words.of("leaf.none")
                            : words.of("start.open", project.open()));
        }
        return String.join(" · ", parts);
    }

    private String when(RecentProject project) {
        ZonedDateTime left = Instant.parse(project.when()).atZone(ZoneId.systemDefault());
        LocalDate today = LocalDate.now();
        Locale locale = Locale.getDefault();
        if (left.toLocalDate().equals(today)) {
            return words.of("start.today", left.format(DateTimeFormatter.ofPattern("HH:mm")));
        }
        if (left.toLocalDate().isAfter(today.minusDays(WEEK))) {
            return left.getDayOfWeek().getDisplayName(TextStyle.FULL, locale);
        }
        return left.format(DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG).withLocale(locale));
    }

    private static StackPane picture(RecentProject project) {
        StackPane frame = new StackPane();
        frame.getStyleClass().add("picture");
        Controls.width(frame, WIDE);
        frame.setMinHeight(HIGH);
        Path file = project.path().resolve(project.picture());
        if (!project.picture().isEmpty() && Files.isRegularFile(file)) {
            ImageView view =
                    new ImageView(
                            new Image(
                                    file.toUri().toString(), WIDE * 2, HIGH * 2, true, true, true));
            view.setPreserveRatio(true);
            view.setFitWidth(WIDE - 2);
            view.setFitHeight(HIGH - 2);
            frame.getChildren().add(view);
        }
        return frame;
    }
}
