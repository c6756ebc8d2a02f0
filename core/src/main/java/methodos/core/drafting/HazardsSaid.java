package methodos.core.drafting;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** The hazards that words call by name or by what they do. */
final class HazardsSaid {

    private record Sign(String hazard, Pattern words) {}

    private static final List<Sign> SIGNS =
            List.of(
                    sign("stored spring energy",
                            "spring loaded|spring-loaded|spring can jump|under load|under tension|wound up|preloaded"
                                    + "|spring will (fly|jump|shoot)|springs? (flies|fly|jumps|shoots)"),
                    sign("suspended load",
                            "under it while|stand under|stands? underneath|under the load|nobody under|hanging"),
                    sign("crush",
                            "keep your (fingers|hands) (out|clear|away)|watch your fingers|mind your fingers"
                                    + "|fingers out|pinch|stand under|get under|eat you|crush (your|you|a|the)|trap your"),
                    sign("rotating parts", "still spinning|coasts?|while its (running|turning|spinning)|is run\\b"),
                    sign("hot surface", "\\bhot\\b(?! (air|water))|burn your|burns you|heat-proof|heatproof|scald"),
                    sign("flammable gas",
                            "no (naked )?flames?|no smoking|easy to burn|flammable|catch fire|vapour|fumes"),
                    sign("chemical", "poison|toxic|corrosive|acid burns|skin contact|solvent"),
                    sign("sharp edge", "sharp edges?(?! fac)|razor sharp|cut yourself|cut your|its got teeth"),
                    sign("electrical", "live wires?|electric shock|mains|live terminals"));

    private HazardsSaid() {}

    private static Sign sign(String hazard, String words) {
        return new Sign(hazard, Pattern.compile("\\b(?:" + words + ")"));
    }

    static List<String> in(String text) {
        List<String> found = new ArrayList<>();
        for (Sign sign : SIGNS) {
            if (sign.words().matcher(text).find()) {
                found.add(sign.hazard());
            }
        }
        return found;
    }
}
