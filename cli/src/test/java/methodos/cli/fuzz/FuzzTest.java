package methodos.cli.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import methodos.cli.FuzzedCommand;
import methodos.demo.DemoProject;
import methodos.narration.vocabulary.Vocabulary;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Ten thousand damaged inputs of each kind, read by a program with 512 MB: none ends it, hangs it
 * for ten seconds, or takes more memory.
 */
@EnabledIfSystemProperty(named = "methodos.long", matches = "true")
class FuzzTest {

    private static final int INPUTS = Integer.getInteger("methodos.fuzz", 10_000);
    private static final long HANG_MILLIS = 10_000;
    private static final long LOOK_MILLIS = 200;

    @TempDir private Path temp;

    @ParameterizedTest
    @ValueSource(
            strings = {"captions", "csv", "xlsx", "pictures", "clips", "calc", "words", "manual"})
    void noneIsAnErrorInsideNorHangsNorTakesMemory(String kind) throws Exception {
        Path seeds = Files.createDirectories(temp.resolve("seeds"));
        seeds(kind, seeds);
        List<String> bad = new ArrayList<>();
        int crashes = 0;
        long next = 0;
        while (next < INPUTS) {
            long[] reached = {next};
            boolean whole = run(kind, next, reached, bad);
            if (whole) {
                break;
            }
            crashes++;
            next = reached[0] + 1;
            assertThat(crashes).as("%s ends the program too often: %s", kind, bad).isLessThan(20);
        }
        Path found = temp.resolve("bad.txt");
        if (Files.exists(found)) {
            bad.addAll(Files.readAllLines(found));
        }
        System.out.println("fuzz " + kind + ": " + INPUTS + " inputs, " + bad.size() + " bad");
        assertThat(bad).isEmpty();
    }

    /**
     * @param reached filled with the number of the last input that was begun
     * @return whether all were read
     */
    private boolean run(String kind, long from, long[] reached, List<String> bad) throws Exception {
        Path log = temp.resolve("log");
        Files.deleteIfExists(log);
        Process process =
                new ProcessBuilder(
                                Path.of(System.getProperty("java.home"), "bin/java").toString(),
                                "-Xmx512m",
                                "-XX:+UseSerialGC",
                                "-cp",
                                System.getProperty("java.class.path"),
                                Fuzzed.class.getName(),
                                kind,
                                String.valueOf(from),
                                String.valueOf(INPUTS),
                                temp.toString())
                        .redirectErrorStream(true)
                        .redirectOutput(temp.resolve("output").toFile())
                        .start();
        long size = -1;
        long since = System.nanoTime();
        while (!process.waitFor(LOOK_MILLIS, TimeUnit.MILLISECONDS)) {
            long now = Files.exists(log) ? Files.size(log) : 0;
            if (now != size) {
                size = now;
                since = System.nanoTime();
            } else if (size > 0
                    && TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - since) > HANG_MILLIS) {
                reached[0] = last(log);
                bad.add(kind + " " + reached[0] + " hangs");
                process.destroyForcibly().waitFor();
                return false;
            }
        }
        if (process.exitValue() == 0) {
            return true;
        }
        reached[0] = last(log);
        bad.add(
                kind
                        + " "
                        + reached[0]
                        + " ends the program with "
                        + process.exitValue()
                        + ": "
                        + Files.readString(temp.resolve("output")).lines().limit(3).toList());
        return false;
    }

    private static long last(Path log) throws IOException {
        List<String> lines = Files.readAllLines(log);
        return Long.parseLong(lines.get(lines.size() - 1));
    }

    private void seeds(String kind, Path to) throws Exception {
        Path demo = temp.resolve("demo");
        DemoProject.QA_80.copyTo(demo);
        switch (kind) {
            case "captions" -> {
                try (Stream<Path> all = Files.list(demo.resolve("captions"))) {
                    for (Path file : all.sorted().limit(2).toList()) {
                        String text = Files.readString(file);
                        Files.writeString(
                                to.resolve(file.getFileName().toString()),
                                text.substring(0, Math.min(2500, text.length())));
                    }
                }
                Files.writeString(
                        to.resolve("plain.txt"),
                        "[0:00] Take the four cap screws out.\n[1:05] Now the springs.\n");
                Files.writeString(
                        to.resolve("sub.srt"),
                        "1\n00:00:01,000 --> 00:00:02,500\n<b>Cap off, 8 N·m.</b>\n\n2\n"
                                + "00:00:03,000 --> 00:00:04,000\n{\\an8}Five 5/8 springs.\n");
            }
            case "csv" -> {
                Files.writeString(
                        to.resolve("parts.csv"),
                        "item,part number,name,size,qty,reuse,sits on\n7,HV-7,cap screw,M6 × 25,4,"
                                + "inspect,\n11,HV-11,\"O-ring, end cap\",,2,new,7\n");
                Files.writeString(
                        to.resolve("torques.csv"),
                        "joint;torque (N·m);stages\ncap to body;7 to 8.5;2.5\nnut;18 ± 2;\n");
                Files.writeString(to.resolve("kits.csv"), "kit\titem\tqty\nK1\t11\t2\n");
            }
            case "xlsx" -> Files.write(to.resolve("parts.xlsx"), workbook());
            case "pictures" -> {
                BufferedImage image = new BufferedImage(64, 48, BufferedImage.TYPE_INT_RGB);
                image.createGraphics().setColor(Color.RED);
                ImageIO.write(image, "png", to.resolve("a.png").toFile());
                ImageIO.write(image, "jpeg", to.resolve("b.jpg").toFile());
                Files.writeString(
                        to.resolve("c.svg"),
                        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"40\" height=\"30\">"
                                + "<path d=\"M 1 1 L 20 20 Z\" stroke=\"red\"/>"
                                + "<text x=\"4\" y=\"9\">cap</text></svg>");
            }
            case "clips" -> {
                String clip = demo.resolve("footage/2-take-down.mp4").toString();
                for (int i = 1; i <= 2; i++) {
                    Path out = to.resolve(i + ".webm");
                    assertThat(
                                    FuzzedCommand.run(
                                            "cut",
                                            clip,
                                            "--from",
                                            String.valueOf(i),
                                            "--to",
                                            i + ".6",
                                            "--height",
                                            "96",
                                            "--out",
                                            out.toString()))
                            .isZero();
                }
            }
            case "calc" -> requests(to);
            case "words" -> {
                for (String list : Vocabulary.LISTS) {
                    try (InputStream in = Vocabulary.class.getResourceAsStream(list)) {
                        Files.write(to.resolve(list), in.readNBytes(3000));
                    }
                }
            }
            default -> Files.copy(demo.resolve("manual.json"), to.resolve("manual.json"));
        }
    }

    private static byte[] workbook() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(out, "test", "1.0")) {
            Worksheet sheet = book.newWorksheet("Parts");
            String[] head = {"item", "name", "qty"};
            for (int i = 0; i < head.length; i++) {
                sheet.value(0, i, head[i]);
            }
            sheet.value(1, 0, 7);
            sheet.value(1, 1, "cap screw");
            sheet.value(1, 2, 4);
        }
        return out.toByteArray();
    }

    private static void requests(Path to) throws IOException {
        String[][] all = {
            {
                "adapter",
                "{'torque':'40 N·m','wrenchLength':'400 mm','extension':'60 mm','angle':0}"
            },
            {"agree", "{'first':'52-60 in-lb','second':'5.9 to 6.8 Nm'}"},
            {
                "hazards",
                "{'sentence':'Undo the union of the fuel line.','energies':['fuel'],'parts':['union']}"
            },
            {"arrow", "{'thread':'left','action':'loosen','seenFrom':'head'}"},
            {
                "callouts",
                "{'width':960,'height':640,'picture':[80,60,800,520],'radius':16,'targets':"
                        + "[{'id':'7','x':300,'y':200},{'id':'8','x':500,'y':300}],'held':[]}"
            },
            {"convert", "{'text':'52-60 in-lb','to':'N·m'}"},
            {
                "fit",
                "{'fitted':'2.10 mm','clearance':'0.31 mm','wanted':'0.10 mm','limits':"
                        + "'0.05-0.15 mm','stock':['2.20 mm','2.30 mm'],'rule':'nearest'}"
            },
            {"gear", "{'speed':'1400 rpm','pairs':[{'driver':20,'driven':45}]}"},
            {
                "kits",
                "{'demand':[{'part':'11','count':2}],'kits':[{'number':'K1','contents':"
                        + "[{'part':'11','count':2}]}]}"
            },
            {
                "ledger",
                "{'variants':['D'],'parts':[{'id':'7','count':4}],'joints':[{'id':'cap','torque':"
                        + "'7 N·m'}],'steps':[{'id':'s','actions':[{'verb':'remove','part':'7',"
                        + "'count':4},{'verb':'loosen','joint':'cap'}]}]}"
            },
            {
                "length",
                "{'known':{'shape':'length','points':[[0,0],[90,5]],'sides':['40 mm']},'measure':"
                        + "[[0,0],[9,9]],'pointing':0.7}"
            },
            {"order", "{'screws':[[0,0],[40,0],[80,3],[50,60]],'torque':'24 N·m'}"},
            {"preload", "{'thread':'M8x1.25','class':'8.8','torque':'25 N·m','condition':'dry'}"},
            {"reading", "{'limit':'0.05-0.15 mm','resolution':'0.01 mm','values':['0.15 mm']}"},
            {
                "table",
                "{'start':'g','readings':[{'id':'g','unit':'mm','from':0,'to':3},{'id':'w','unit':"
                        + "'mm','from':0,'to':3}],'derived':[{'id':'n','formula':'w + g * 2'}],"
                        + "'rules':[{'after':'g','when':[{'reading':'g','max':0.13}],'then':"
                        + "{'verdict':'a'}},{'after':'g','when':[],'then':{'measure':'w'}},{'after'"
                        + ":'w','when':[{'reading':'n','above':1}],'then':{'verdict':'b'}}],"
                        + "'values':{'g':0.2,'w':1.07}}"
            },
            {
                "wrenches",
                "{'wrenches':[{'name':'W1','range':'2-10 N·m'}],'values':[{'joint':'cap','torque':"
                        + "'7-8.5 N·m','stages':[0.5,1]}],'from':0.2}"
            }
        };
        for (String[] request : all) {
            Files.write(
                    to.resolve(request[0] + ".json"),
                    request[1].replace('\'', '"').getBytes(StandardCharsets.UTF_8));
        }
    }
}
