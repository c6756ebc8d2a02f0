package methodos.files.project;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import methodos.files.problem.ProjectProblem;

/** The captured pictures of a project, PNG, each under the digest of its content. */
public final class Stills {

    private final Path folder;

    Stills(Path folder) {
        this.folder = folder;
    }

    /** Keeps a picture and gives its digest. */
    public String keep(BufferedImage picture) throws ProjectProblem {
        Path file = folder;
        try {
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(picture, "png", png);
            String digest = Digest.of(png.toByteArray());
            file = file(digest);
            if (!Files.exists(file)) {
                Files.createDirectories(folder);
                AtomicFile.write(file, png.toByteArray());
            }
            return digest;
        } catch (IOException e) {
            throw ProjectProblem.writing(file, e);
        }
    }

    private static String shortened(String text) {
        String plain = String.valueOf(text).replaceAll("\\p{Cntrl}", " ");
        return plain.length() > 80 ? plain.substring(0, 80) + "…" : plain;
    }

    /** Where a picture lies; of what is no digest, a place where nothing is. */
    public Path file(String digest) {
        return folder.resolve((Digest.is(digest) ? digest : "none") + ".png");
    }

    /**
     * @throws ProjectProblem if the picture is gone or damaged
     */
    public BufferedImage read(String digest) throws ProjectProblem {
        if (!Digest.is(digest)) {
            throw new ProjectProblem(
                    "“" + shortened(digest) + "” names no picture of the project.");
        }
        Path file = file(digest);
        try {
            BufferedImage picture = ImageIO.read(file.toFile());
            if (picture == null) {
                throw new ProjectProblem(file + " is no picture.");
            }
            return picture;
        } catch (IOException e) {
            throw new ProjectProblem("The picture " + file + " is missing from the project.", e);
        }
    }
}
