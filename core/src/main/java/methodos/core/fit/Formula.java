package methodos.core.fit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.quantity.Rational;

/**
 * A formula of readings, with + − * / ( ) min max mean; reckoned in exact fractions. {@code
 * chain(teeth, other teeth, centre distance, pitch)} is how many pitches a chain has.
 */
public final class Formula {

    private interface Node {
        Rational value(Map<String, Rational> readings);
    }

    private final Node node;
    private final Set<String> names;

    private Formula(Node node, Set<String> names) {
        this.node = node;
        this.names = names;
    }

    /**
     * @throws IllegalArgumentException with a sentence if it is no formula
     */
    public static Formula parse(String text) {
        Parser parser = new Parser(text);
        return new Formula(parser.all(), parser.names);
    }

    /** The readings that it is made of. */
    public Set<String> names() {
        return names;
    }

    /** Its value; nothing while a reading is not known, or where it divides by nought. */
    public Optional<Rational> value(Map<String, Rational> readings) {
        if (!readings.keySet().containsAll(names)) {
            return Optional.empty();
        }
        try {
            return Optional.of(node.value(readings));
        } catch (ArithmeticException dividesByNought) {
            return Optional.empty();
        }
    }

    /** Recursive descent: sum of products of factors. */
    private static final class Parser {
        private final String text;
        private final Set<String> names = new LinkedHashSet<>();
        private int at;

        Parser(String text) {
            this.text = text;
        }

        Node all() {
            Node sum = sum();
            if (peek() != 0) {
                throw wrong();
            }
            return sum;
        }

        private IllegalArgumentException wrong() {
            return new IllegalArgumentException("“" + text + "” is no formula.");
        }

        private char peek() {
            while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
                at++;
            }
            return at < text.length() ? text.charAt(at) : 0;
        }

        private boolean take(char c) {
            if (peek() == c) {
                at++;
                return true;
            }
            return false;
        }

        private Node sum() {
            Node left = product();
            while (true) {
                Node a = left;
                if (take('+')) {
                    Node b = product();
                    left = r -> a.value(r).plus(b.value(r));
                } else if (take('-') || take('−')) {
                    Node b = product();
                    left = r -> a.value(r).minus(b.value(r));
                } else {
                    return left;
                }
            }
        }

        private Node product() {
            Node left = factor();
            while (true) {
                Node a = left;
                if (take('*') || take('×')) {
                    Node b = factor();
                    left = r -> a.value(r).times(b.value(r));
                } else if (take('/')) {
                    Node b = factor();
                    left = r -> a.value(r).over(b.value(r));
                } else {
                    return left;
                }
            }
        }

        private Node factor() {
            if (take('-') || take('−')) {
                Node a = factor();
                return r -> Rational.ZERO.minus(a.value(r));
            }
            if (take('(')) {
                Node inner = sum();
                if (!take(')')) {
                    throw wrong();
                }
                return inner;
            }
            char c = peek();
            if (Character.isDigit(c) || c == '.') {
                return number();
            }
            if (Character.isLetter(c) || c == '_') {
                return name();
            }
            throw wrong();
        }

        private Node number() {
            int start = at;
            while (at < text.length()
                    && (Character.isDigit(text.charAt(at)) || text.charAt(at) == '.')) {
                at++;
            }
            try {
                Rational value = Rational.of(text.substring(start, at));
                return r -> value;
            } catch (NumberFormatException e) {
                throw wrong();
            }
        }

        /** Sprockets that touch have no chain: that is no value, like a division by nought. */
        private Node chain(List<Node> of) {
            if (of.size() != 4) {
                throw wrong();
            }
            return r -> {
                List<Double> n = of.stream().map(x -> x.value(r).toDouble()).toList();
                try {
                    int teeth = (int) Math.round(n.get(0));
                    int other = (int) Math.round(n.get(1));
                    return Rational.of(ChainDrive.of(teeth, other, n.get(2), n.get(3)).pitches());
                } catch (IllegalArgumentException noDrive) {
                    throw new ArithmeticException(noDrive.getMessage());
                }
            };
        }

        private Node name() {
            int start = at;
            while (at < text.length()
                    && (Character.isLetterOrDigit(text.charAt(at)) || text.charAt(at) == '_')) {
                at++;
            }
            String name = text.substring(start, at);
            if (!take('(')) {
                names.add(name);
                return r -> r.get(name);
            }
            List<Node> of = new ArrayList<>();
            do {
                of.add(sum());
            } while (take(','));
            if (!take(')')) {
                throw wrong();
            }
            return switch (name) {
                case "min" -> r -> of.stream().map(n -> n.value(r)).reduce(Rational::min).get();
                case "max" -> r -> of.stream().map(n -> n.value(r)).reduce(Rational::max).get();
                case "mean" ->
                        r ->
                                of.stream()
                                        .map(n -> n.value(r))
                                        .reduce(Rational::plus)
                                        .get()
                                        .over(Rational.of(of.size()));
                case "chain" -> chain(of);
                default -> throw wrong();
            };
        }
    }
}
