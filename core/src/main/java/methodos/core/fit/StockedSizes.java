package methodos.core.fit;

import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.manual.Fit;
import methodos.core.manual.FitRule;
import methodos.core.manual.Part;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;

/**
 * The sizes in stock and the clearance that is best, on one line: "2.10 mm, 2.20 mm; 0.10 mm"; with
 * "; thickest" behind it the thickest that fits is taken and not the nearest.
 */
public final class StockedSizes {

    private static final String THICKEST = "thickest";
    private static final Pattern SEMICOLON = Pattern.compile("\\s*;\\s*");

    private StockedSizes() {}

    /** The line of a choice. */
    public static String print(Fit fit) {
        String sizes =
                fit.stock().stream().map(Quantity::print).collect(Collectors.joining(", "))
                        + "; "
                        + fit.wanted().print();
        return fit.rule() == FitRule.THICKEST ? sizes + "; " + THICKEST : sizes;
    }

    /**
     * Reads the line.
     *
     * @param part that is chosen, null where it is none of the list
     * @return empty where no sizes or no clearance are told
     * @throws IllegalArgumentException with a sentence if a size is not understood
     */
    public static Optional<Fit> parse(String typed, Id<Part> part) {
        String[] said = SEMICOLON.split(typed.strip());
        if (said.length < 2 || said[0].isBlank() || said[1].isBlank()) {
            return Optional.empty();
        }
        boolean thickest = said.length > 2 && said[2].equalsIgnoreCase(THICKEST);
        return Optional.of(
                new Fit(
                        part,
                        Quantity.parse(said[1]),
                        QuantityList.parse(said[0]),
                        thickest ? FitRule.THICKEST : FitRule.NEAREST));
    }
}
