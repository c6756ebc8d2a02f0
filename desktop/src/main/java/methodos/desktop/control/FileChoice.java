package methodos.desktop.control;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;

/** Asks the user for files and folders. */
public interface FileChoice {

    /**
     * Files to read.
     *
     * @param at a node of the window that asks
     * @return none where the user thinks better of it
     */
    List<Path> open(Node at, String title, boolean many);

    /**
     * A file to write.
     *
     * @param endings that it may have, such as png
     */
    Optional<Path> save(Node at, String title, String... endings);

    Optional<Path> folder(Node at, String title);

    /** Asks with the dialogs of the desktop. */
    static FileChoice ofTheDesktop() {
        return new FileChoice() {
            @Override
            public List<Path> open(Node at, String title, boolean many) {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(title);
                if (many) {
                    List<File> all = chooser.showOpenMultipleDialog(at.getScene().getWindow());
                    return all == null ? List.of() : all.stream().map(File::toPath).toList();
                }
                File one = chooser.showOpenDialog(at.getScene().getWindow());
                return one == null ? List.of() : List.of(one.toPath());
            }

            @Override
            public Optional<Path> save(Node at, String title, String... endings) {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(title);
                for (String ending : endings) {
                    chooser.getExtensionFilters()
                            .add(
                                    new FileChooser.ExtensionFilter(
                                            ending.toUpperCase(java.util.Locale.ROOT),
                                            "*." + ending));
                }
                return Optional.ofNullable(chooser.showSaveDialog(at.getScene().getWindow()))
                        .map(File::toPath);
            }

            @Override
            public Optional<Path> folder(Node at, String title) {
                DirectoryChooser chooser = new DirectoryChooser();
                chooser.setTitle(title);
                return Optional.ofNullable(chooser.showDialog(at.getScene().getWindow()))
                        .map(File::toPath);
            }
        };
    }
}
