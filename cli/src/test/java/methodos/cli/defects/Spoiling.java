package methodos.cli.defects;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.finding.Rule;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.vocabulary.Nouns;

/** A sound manual, and what it is like with one thing spoilt. */
abstract class Spoiling {

    final Manual sound;
    final List<Step> steps;
    final Map<Id<Tool>, Tool> tools = new HashMap<>();
    final Map<Id<Part>, Part> parts = new HashMap<>();
    private final Map<String, List<Defect>> kinds;

    Spoiling(Manual sound, Map<String, List<Defect>> kinds) {
        this.sound = sound;
        this.kinds = kinds;
        this.steps = sound.steps().toList();
        sound.tools().forEach(t -> tools.put(t.id(), t));
        sound.parts().forEach(p -> parts.put(p.id(), p));
    }

    final void add(String kind, Manual manual, Rule rule, Step at) {
        kinds.computeIfAbsent(kind, k -> new ArrayList<>())
                .add(new Defect(kind, manual, rule, null, Set.of(at.id())));
    }

    final void step(String kind, Step step, Rule rule, UnaryOperator<Step> spoilt) {
        add(kind, sound.withStep(spoilt.apply(step)), rule, step);
    }

    static String head(String name) {
        return Nouns.head(name.split(",")[0].toLowerCase(Locale.ROOT));
    }
}
