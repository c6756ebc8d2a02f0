package methodos.core.quantity;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Several quantities on one line: the stages of tightening, sizes in stock, readings. */
public final class QuantityList {

    /** A comma between digits is a decimal comma, unless the number has its point already. */
    private static final Pattern BETWEEN = Pattern.compile(";|,(?!\\d)|(?<!\\d),");

    private static final Pattern POINTED = Pattern.compile("\\d\\.\\d|,.*,");
    private static final Pattern BARE = Pattern.compile("[-+0-9.,/ ]+");

    private QuantityList() {}

    /**
     * Reads them, each with its unit.
     *
     * @throws IllegalArgumentException with a sentence if one of them is not understood
     */
    public static List<Quantity> parse(String typed) {
        return pieces(typed).map(Quantity::parse).toList();
    }

    /**
     * Reads them; a number without a unit is in that of what it is held against.
     *
     * @throws IllegalArgumentException with a sentence if one of them is not understood
     */
    public static List<Quantity> parse(String typed, MeasureUnit bare) {
        return pieces(typed)
                .map(p -> BARE.matcher(p).matches() ? p + " " + bare.symbol() : p)
                .map(Quantity::parse)
                .toList();
    }

    /** The line that they were read from. */
    public static String entered(List<Quantity> quantities) {
        return quantities.stream().map(Quantity::entered).collect(Collectors.joining(", "));
    }

    private static Stream<String> pieces(String typed) {
        List<String> pieces = new ArrayList<>();
        for (String piece : BETWEEN.split(typed)) {
            pieces.addAll(
                    POINTED.matcher(piece).find()
                            ? Arrays.asList(piece.split(","))
                            : List.of(piece));
        }
        return pieces.stream().map(String::strip).filter(p -> !p.isEmpty());
    }
}
