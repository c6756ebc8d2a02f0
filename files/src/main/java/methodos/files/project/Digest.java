package methodos.files.project;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256 of content, as the name under which it is kept. */
public final class Digest {

    private Digest() {}

    /** Whether a text is the name of content, and so no path to anywhere else. */
    public static boolean is(String text) {
        return text != null && text.matches("[0-9a-f]{64}");
    }

    public static String of(byte[] content) {
        return HexFormat.of().formatHex(sha256().digest(content));
    }

    /**
     * @throws IOException if it cannot be read, or is no ordinary file: a device has no end
     */
    public static String of(Path file) throws IOException {
        if (Files.exists(file) && !Files.isRegularFile(file)) {
            throw new FileSystemException(file.toString(), null, "it is no ordinary file");
        }
        MessageDigest digest = sha256();
        byte[] buffer = new byte[1 << 16];
        try (InputStream in = Files.newInputStream(file)) {
            for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
                digest.update(buffer, 0, n);
            }
        }
        return HexFormat.of().formatHex(digest.digest());
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
