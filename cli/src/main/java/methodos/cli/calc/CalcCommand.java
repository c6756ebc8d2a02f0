package methodos.cli.calc;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.files.problem.ProjectProblem;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The calculators alone, for other programs. */
@Command(
        name = "calc",
        mixinStandardHelpOptions = true,
        description = "Calculates one thing from a JSON request, or each of a list of them.")
public final class CalcCommand implements Callable<Integer> {

    private static final int WRONG = 3;
    private static final int LARGEST = 5_000_000;
    private static final int MOST_REQUESTS = 20_000;

    private static final Map<String, Calculator> CALCULATORS =
            new TreeMap<>(
                    Map.ofEntries(
                            Map.entry("adapter", new AdapterCalculator()),
                            Map.entry("agree", new AgreeCalculator()),
                            Map.entry("arrow", new ArrowCalculator()),
                            Map.entry("callouts", new CalloutsCalculator()),
                            Map.entry("convert", new ConvertCalculator()),
                            Map.entry("fit", new FitCalculator()),
                            Map.entry("gear", new GearCalculator()),
                            Map.entry("hazards", new HazardsCalculator()),
                            Map.entry("kits", new KitsCalculator()),
                            Map.entry("ledger", new LedgerCalculator()),
                            Map.entry("length", new LengthCalculator()),
                            Map.entry("order", new OrderCalculator()),
                            Map.entry("plan", new PlanCalculator()),
                            Map.entry("preload", new PreloadCalculator()),
                            Map.entry("reading", new ReadingCalculator()),
                            Map.entry("table", new TableCalculator()),
                            Map.entry("wrenches", new WrenchesCalculator())));

    private static final ObjectMapper JSON =
            new ObjectMapper()
                    .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
                    .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);

    @Parameters(index = "0", paramLabel = "NAME", description = "such as ledger, kits or order")
    private String name;

    @Parameters(index = "1", paramLabel = "FILE", description = "the request; - for standard input")
    private String file;

    @Option(names = "--json", description = "prints one JSON value")
    private boolean json;

    @Override
    public Integer call() throws ProjectProblem {
        Calculator calculator = CALCULATORS.get(name);
        if (calculator == null) {
            throw new ProjectProblem(
                    "There is no calculator “"
                            + name
                            + "”; there are "
                            + String.join(", ", CALCULATORS.keySet())
                            + ".");
        }
        JsonNode asked = read();
        if (!asked.isArray()) {
            Calculator.Answer answer;
            try {
                answer = answer(calculator, asked);
            } catch (WrongRequest e) {
                throw new ProjectProblem(e.getMessage());
            }
            print(answer);
            return 0;
        }
        if (asked.size() > MOST_REQUESTS) {
            throw new ProjectProblem("There are more than " + MOST_REQUESTS + " requests.");
        }
        return all(calculator, asked);
    }

    /** What overflows, divides by nought or goes too deep has no answer: that is said. */
    private static Calculator.Answer answer(Calculator calculator, JsonNode asked)
            throws WrongRequest {
        try {
            return calculator.answer(Request.of(asked));
        } catch (ArithmeticException e) {
            throw new WrongRequest("The numbers of the request have no answer.");
        } catch (StackOverflowError e) {
            throw new WrongRequest("The request goes deeper than anybody calculates.");
        } catch (OutOfMemoryError e) {
            throw new WrongRequest("The request needs more memory than there is.");
        }
    }

    private int all(Calculator calculator, JsonNode asked) {
        List<Object> values = new ArrayList<>();
        int status = 0;
        for (JsonNode one : asked) {
            try {
                Calculator.Answer answer = answer(calculator, one);
                values.add(answer.value());
                if (!json) {
                    answer.words().forEach(Output::line);
                }
            } catch (WrongRequest e) {
                values.add(Map.of("error", e.getMessage()));
                if (!json) {
                    Output.line(e.getMessage());
                }
                status = WRONG;
            }
        }
        if (json) {
            Output.json(values);
        }
        return status;
    }

    private void print(Calculator.Answer answer) {
        if (json) {
            Output.json(answer.value());
        } else {
            answer.words().forEach(Output::line);
        }
    }

    private JsonNode read() throws ProjectProblem {
        try {
            byte[] bytes;
            try (InputStream in =
                    file.equals("-") ? System.in : Files.newInputStream(Path.of(file))) {
                bytes = in.readNBytes(LARGEST + 1);
            }
            if (bytes.length > LARGEST) {
                throw new ProjectProblem("The request is larger than 5 MB.");
            }
            return JSON.readTree(bytes);
        } catch (StreamConstraintsException | NumberFormatException e) {
            throw new ProjectProblem(
                    "The request is not understood: a number, a text or its depth is beyond"
                            + " measure.",
                    e);
        } catch (JsonProcessingException e) {
            throw new ProjectProblem(
                    "The request is no JSON: line "
                            + (e.getLocation() == null ? 1 : e.getLocation().getLineNr())
                            + " is not understood.",
                    e);
        } catch (IOException e) {
            throw ProjectProblem.reading(Path.of(file), e);
        }
    }
}
