package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.typed.SerialText;
import methodos.demo.DemoProject;
import methodos.files.project.ProjectFolder;
import methodos.publish.document.Publication;
import methodos.publish.document.Publisher;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The labels "Only ..." of an issue, held against all units that it is for, one by one: their
 * models, numbers and options are counted out of the file, by none of the program's own reckoning.
 */
class UnitLabelsTest {

    private static final Pattern STEP =
            Pattern.compile(
                    "<div class=\"step( plain)?\" id=\"step\\d+\"[^>]*>(.*?)<span class=\"words\">(.*?)</span>");
    private static final Pattern ONLY = Pattern.compile("<p class=\"only\"[^>]*>Only (.*?)</p>");
    private static final Pattern PART =
            Pattern.compile(
                    "<tr[^>]*><td>(?:<span class=\"balloon\"[^>]*>([^<]*)</span>)?</td><td>[^<]*</td><td>[^<]*</td>"
                            + "<td class=\"n\">\\d+</td><td>[^<]*</td><td>([^<]*)</td></tr>");

    /** A unit as its type plate tells it. */
    private record Plate(String model, String letters, long number, boolean option) {}

    @TempDir private Path temp;

    @ParameterizedTest
    @CsvSource({
        "QA_80,,",
        "QA_80,QA-80 D,",
        "QA_80,QA-80 S,",
        "QA_80,,1000",
        "QA_80,,2417",
        "QA_80,QA-80 D,1000",
        "QA_80,QA-80 D,1799",
        "QA_80,QA-80 D,1800",
        "QA_80,QA-80 D,2199",
        "QA_80,QA-80 D,2200",
        "QA_80,QA-80 S,1000",
        "QA_80,QA-80 S,1799",
        "QA_80,QA-80 S,1800",
        "QA_80,QA-80 S,2199",
        "QA_80,QA-80 S,2200",
        "QA_80,QA-80 S,2417",
        "SG_5,,",
        "SG_5,SG-5,SG1039",
        "SG_5,SG-5,SG1040",
        "SG_5,SG-5,SG1059",
        "SG_5,SG-5,SG1060",
        "SG_5,SG-5,SG2041",
        "HB_3,,",
        "HB_3,HB-3,12",
    })
    void eachLabelIsRight(DemoProject demo, String model, String serial) throws Exception {
        Path folder = temp.resolve("demo");
        demo.copyTo(folder);
        JsonNode file = new ObjectMapper().readTree(folder.resolve("manual.json").toFile());
        Manual manual = ProjectFolder.read(folder).manual();
        SerialRange numbers =
                serial == null ? SerialRange.ALL : SerialText.only(serial).orElseThrow();
        String page = page(manual, new Sight(model, numbers));
        List<Plate> units = units(file, model, serial);
        assertThat(units).isNotEmpty();

        List<String> expected = new ArrayList<>();
        for (JsonNode stage : file.path("stages")) {
            for (JsonNode step : stage.path("steps")) {
                told(units, step, step.path("text").asText()).ifPresent(expected::add);
            }
        }
        List<String> found = new ArrayList<>();
        Matcher steps = STEP.matcher(page);
        while (steps.find()) {
            boolean only = ONLY.matcher(steps.group(2)).find();
            found.add((only ? "only: " : "all: ") + steps.group(3));
        }
        assertThat(found).isEqualTo(expected);

        List<String> parts = new ArrayList<>();
        for (JsonNode part : file.path("parts")) {
            told(units, part, part.path("item").asText()).ifPresent(parts::add);
        }
        List<String> rows = new ArrayList<>();
        Matcher row = PART.matcher(page.substring(page.indexOf("id=\"parts\"")));
        while (row.find()) {
            String item = row.group(1) == null ? "" : row.group(1);
            rows.add((row.group(2).isEmpty() ? "all: " : "only: ") + item);
        }
        assertThat(rows).isEqualTo(parts);
    }

    /** What an issue has to say of a step or part; nothing where none of its units has it. */
    private static Optional<String> told(List<Plate> units, JsonNode thing, String text) {
        long having = units.stream().filter(u -> has(u, thing.path("applicability"))).count();
        if (having == 0) {
            return Optional.empty();
        }
        return Optional.of((having == units.size() ? "all: " : "only: ") + text);
    }

    private static boolean has(Plate unit, JsonNode applicability) {
        boolean all = applicability.path("any").isEmpty();
        for (JsonNode c : applicability.path("any")) {
            boolean model = c.path("models").isEmpty();
            for (JsonNode m : c.path("models")) {
                model |= m.asText().equals(unit.model());
            }
            boolean options = c.path("with").isEmpty() || unit.option();
            options &= c.path("without").isEmpty() || !unit.option();
            all |= model && options && in(unit, c.path("serials"));
        }
        return all;
    }

    private static boolean in(Plate unit, JsonNode range) {
        if (!range.has("from") && !range.has("to") && !range.has("letters")) {
            return true;
        }
        int digits = range.path("lastDigits").asInt();
        long number = digits == 0 ? unit.number() : unit.number() % (long) Math.pow(10, digits);
        return range.path("letters").asText().equals(unit.letters())
                && number >= range.path("from").asLong(Long.MIN_VALUE)
                && number <= range.path("to").asLong(Long.MAX_VALUE);
    }

    /** Every unit from the first number to some beyond the last that the file names. */
    private static List<Plate> units(JsonNode file, String model, String serial) {
        List<Plate> all = new ArrayList<>();
        for (JsonNode variant : file.path("variants")) {
            String own = variant.path("model").asText();
            String letters = variant.path("serials").path("letters").asText();
            for (long n = 1; n <= 3000; n++) {
                Plate bare = new Plate(own, letters, n, false);
                boolean meant =
                        (model == null || model.equals(own))
                                && (serial == null || serial.equals(letters + n));
                if (meant && in(bare, variant.path("serials"))) {
                    all.add(bare);
                    for (JsonNode option : file.path("unit").path("options")) {
                        if (in(bare, option.path("serials"))) {
                            all.add(new Plate(own, letters, n, true));
                        }
                    }
                }
            }
        }
        return all;
    }

    private String page(Manual manual, Sight sight) throws Exception {
        Publication publication = Publication.of(manual, sight, d -> Optional.empty(), "today");
        Path html =
                new Publisher()
                        .publish(
                                publication, temp.resolve("out"), EnumSet.of(Publisher.Format.HTML))
                        .get(0);
        return Files.readString(html)
                .replaceAll("\\s+", " ")
                .replace("&#39;", "'")
                .replace("&quot;", "\"")
                .replace("&amp;", "&");
    }
}
