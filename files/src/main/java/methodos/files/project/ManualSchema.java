package methodos.files.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SchemaRegistryConfig;
import com.networknt.schema.SpecificationVersion;
import com.networknt.schema.path.PathType;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.manual.Manual;

/** The published schema of the file form, against which manuals from outside are held. */
final class ManualSchema {

    private ManualSchema() {}

    /** Made when it is first needed: most manuals were written by this program. */
    private static final class Loaded {
        static final Schema SCHEMA = load();

        private Loaded() {}

        private static Schema load() {
            SchemaRegistryConfig config =
                    SchemaRegistryConfig.builder().pathType(PathType.JSON_PATH).build();
            return SchemaRegistry.withDefaultDialect(
                            SpecificationVersion.DRAFT_2020_12, b -> b.schemaRegistryConfig(config))
                    .getSchema(tree());
        }
    }

    /** The schema itself. */
    static ObjectNode tree() {
        return SchemaTree.of(
                Manual.class,
                "A Methodos manual, format " + ManualJson.MAJOR,
                Map.of(ManualJson.VERSION, SchemaTree.text("^" + ManualJson.MAJOR + "\\.[0-9]+$")));
    }

    /**
     * The first place that does not fit and what is wrong with it, in words; empty where all fits.
     */
    static Optional<String> problem(ObjectNode tree) {
        List<Error> errors = Loaded.SCHEMA.validate(tree);
        return errors.stream()
                .min(Comparator.comparingInt(e -> e.getInstanceLocation().getNameCount()))
                .map(ManualSchema::words);
    }

    private static String words(Error error) {
        String place = error.getInstanceLocation().toString().replaceFirst("^\\$\\.?", "");
        String message = error.getMessage();
        String plain = message.length() > 160 ? message.substring(0, 160) + "…" : message;
        return (place.isEmpty() ? "" : place + ": ") + plain.replaceAll("\\p{Cntrl}", " ");
    }
}
