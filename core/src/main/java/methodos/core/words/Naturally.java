package methodos.core.words;

import java.util.Comparator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The order in which people expect labels: 2 before 10, M6 before M10. */
public final class Naturally {

    private static final Pattern PIECE = Pattern.compile("\\d+|\\D+");

    public static final Comparator<String> ORDER = Naturally::compare;

    private Naturally() {}

    private static int compare(String a, String b) {
        Matcher x = PIECE.matcher(a == null ? "" : a);
        Matcher y = PIECE.matcher(b == null ? "" : b);
        boolean inA = x.find();
        boolean inB = y.find();
        while (inA && inB) {
            int order = piece(x.group(), y.group());
            if (order != 0) {
                return order;
            }
            inA = x.find();
            inB = y.find();
        }
        return Boolean.compare(inA, inB);
    }

    private static int piece(String a, String b) {
        boolean digits = Character.isDigit(a.charAt(0)) && Character.isDigit(b.charAt(0));
        if (digits) {
            int byValue = new java.math.BigInteger(a).compareTo(new java.math.BigInteger(b));
            return byValue != 0 ? byValue : Integer.compare(a.length(), b.length());
        }
        return a.compareToIgnoreCase(b);
    }
}
