package methodos.publish.document;

import java.awt.image.BufferedImage;
import java.util.Optional;

/** Where a publication gets its stills from. */
public interface Pictures {

    /** The still kept under a digest; empty where it is missing. */
    Optional<BufferedImage> still(String digest);
}
