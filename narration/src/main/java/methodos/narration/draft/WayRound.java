package methodos.narration.draft;

import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.narration.vocabulary.WordClass;

/** Which way round a part goes: "lip facing out", "upside down", "from behind". */
final class WayRound {

    private static final Pattern ORIENTATION =
            Pattern.compile(
                    "\\b((?:(?:the|its|their) )?(?:(?:\\w+ )?(?:side|face)|(?:\\w+ )?edges?|"
                            + WordClass.FEATURE.anyOf()
                            + ")(?: (?:goes|must|has to|have to|should|is|are|looks?|look))?"
                            + " (?:facing|pointing|points|looking|look|to|toward|towards|up|upwards?|down|"
                            + "downwards?|in|out|inwards?|outwards?|outboard|inboard|first|against|forward)\\b.*)");

    private static final Pattern FACING =
            Pattern.compile(
                    "\\b((?:"
                            + WordClass.FEATURE.anyOf()
                            + "|(?:open|closed) end)"
                            + " (?:facing|pointing|to|toward|towards|up|upwards|down|downwards"
                            + "|outwards|inwards)\\b(?: the \\w+(?: \\w+)?)?)");

    private static final Pattern GOES =
            Pattern.compile(
                    "\\b((?:the )?[a-z]+ (?:of the [a-z]+ )?goes"
                            + " (?:on top|on the top|to the top|to the front|to the back|to the left|to the right"
                            + "|at the top|at the bottom|underneath|outside|inside))\\b");

    private static final Pattern POSE =
            Pattern.compile(
                    "\\b(upside down|on its back|on its side|dead straight|right way up|the other way round"
                            + "|from the outside in|from the inside out"
                            + "|from (?:the )?behind|from below|from underneath"
                            + "|^straight(?: up| out| down| off)?$"
                            + "|flush(?! (?:it|the|out|them|that))(?: with \\w+ \\w+| with \\w+)?|towards? the \\w+(?: side)?)\\b");

    /** Whatever stands or points somewhere: "carbon facing outward", "stamped letter upward". */
    private static final Pattern POINTING =
            Pattern.compile(
                    "\\b((?:\\w+ )?\\w+ (?:(?:facing|pointing|faces|points)(?: (?:at|to|the|towards?|\\w+)){1,3}"
                            + "|(?:upwards?|downwards?|inwards?|outwards?)(?: \\w+)?))\\b");

    private static final Pattern ALONG =
            Pattern.compile(
                    "\\b(in the direction of the \\w+|towards? the \\w+(?: side)?|straight (?:up|down|out)"
                            + "|dead straight|from (?:the )?(?:behind|below|underneath))\\b");

    private static final Pattern TURNING =
            Pattern.compile("\\b((?:anti|counter-?)?clockwise|to the (?:left|right))\\b");

    private static final Set<String> PUT =
            Set.of(
                    "install",
                    "connect",
                    "press",
                    "replace",
                    "apply",
                    "hand-tighten",
                    "support",
                    "lower",
                    "align");

    private static final Set<String> MOVED =
            Set.of("remove", "push", "pull", "tap", "lift", "lower", "press");

    private WayRound() {}

    /**
     * How the words say that a part stands or lies, or which way it is moved.
     *
     * @param action what is done; null for nothing
     * @return null where they do not say
     */
    static String of(String text, String action) {
        if (action == null) {
            return null;
        }
        if (PUT.contains(action)) {
            String put = put(text);
            if (put != null) {
                return put;
            }
        }
        Pattern way = MOVED.contains(action) ? ALONG : action.equals("turn") ? TURNING : null;
        Matcher m = way == null ? null : way.matcher(text);
        return m != null && m.find() ? m.group(1) : null;
    }

    private static String put(String text) {
        Matcher m = ORIENTATION.matcher(text);
        if (m.find()) {
            if (m.group(1).contains("side to side")) {
                return null;
            }
            String whole =
                    m.group(1).replaceFirst(" (with|and|so|if|then|until|you|dont|because) .*", "");
            String said = whole.replaceFirst("^(the|its|their|with|and|goes|in|on|then) ", "");
            return said.length() > 60 ? said.substring(0, said.lastIndexOf(' ', 60)) : said;
        }
        Matcher goes = GOES.matcher(text);
        if (goes.find() && text.contains(" of the ")) {
            return goes.group(1).replaceFirst("^the ", "");
        }
        Matcher facing = FACING.matcher(text);
        if (facing.find()) {
            return facing.group(1);
        }
        Matcher pointing = POINTING.matcher(text);
        if (pointing.find()) {
            return pointing.group(1).replaceFirst("^(the|its|their|with|and|a) ", "");
        }
        Matcher pose = POSE.matcher(text);
        return pose.find() ? pose.group(1) : null;
    }
}
