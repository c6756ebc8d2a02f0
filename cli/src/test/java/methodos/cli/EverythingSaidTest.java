package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import methodos.core.description.Id;
import methodos.core.description.RecordShape;
import methodos.core.manual.Action;
import methodos.core.manual.Alternative;
import methodos.core.manual.Answer;
import methodos.core.manual.Applicability;
import methodos.core.manual.ConsumableUse;
import methodos.core.manual.Decision;
import methodos.core.manual.Energy;
import methodos.core.manual.Found;
import methodos.core.manual.Joint;
import methodos.core.manual.Kit;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Look;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Reading;
import methodos.core.manual.Repeat;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Step;
import methodos.core.manual.Symptom;
import methodos.core.manual.Task;
import methodos.core.manual.Training;
import methodos.core.manual.Wait;
import methodos.demo.DemoProject;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The third demo says each thing at least once that a step, a joint, a part … can say. */
class EverythingSaidTest {

    private static final List<Class<?>> SAID =
            List.of(
                    Step.class,
                    Reading.class,
                    Answer.Choice.class,
                    Answer.Written.class,
                    Answer.Noted.class,
                    Answer.Reckoned.class,
                    Found.Outside.class,
                    Found.Fails.class,
                    Found.Cause.class,
                    Found.Decided.class,
                    Look.class,
                    Wait.class,
                    Repeat.class,
                    Alternative.class,
                    Alternative.Way.class,
                    Joint.class,
                    Part.class,
                    PartUse.class,
                    ConsumableUse.class,
                    Kit.class,
                    Kit.ConsumableContent.class,
                    Kit.ToolContent.class,
                    Energy.class,
                    LedgerItem.class,
                    Action.class,
                    Decision.Measure.class,
                    Decision.Rule.class,
                    Decision.Again.class,
                    Symptom.class,
                    Task.class,
                    Training.class,
                    SerialRange.class);

    /** What footage, drafts and the other demos say. */
    private static final Set<String> ELSEWHERE =
            Set.of(
                    "Step.spans",
                    "Step.doubts",
                    "Step.onlyIf",
                    // what only a draft has
                    "Part.heard",
                    "PartUse.named",
                    "Step.notes",
                    "Step.questions",
                    "Step.sure",
                    "Reading.fit",
                    "Joint.second",
                    "Part.replacement",
                    "Part.sitsOn",
                    "PartUse.supply",
                    "LedgerItem.tool",
                    "Energy.parts",
                    "Energy.joints");

    @Test
    void everyWordIsUsed(@TempDir Path temp) throws Exception {
        Path folder = temp.resolve("gate.methodos");
        DemoProject.SG_5.copyTo(folder);
        Set<String> said = new TreeSet<>();
        collect(ProjectFolder.read(folder).manual(), said);
        Set<String> unsaid = new TreeSet<>();
        for (Class<?> type : SAID) {
            for (RecordShape.Component component : RecordShape.of(type).components()) {
                String word = word(type, component);
                if (component.type() != Applicability.class && !said.contains(word)) {
                    unsaid.add(word);
                }
            }
        }
        unsaid.removeAll(ELSEWHERE);
        assertThat(unsaid).isEmpty();
    }

    private static String word(Class<?> type, RecordShape.Component component) {
        return type.getSimpleName() + "." + component.name();
    }

    private static void collect(Object value, Set<String> said) {
        if (value instanceof Collection<?> all) {
            all.forEach(v -> collect(v, said));
        } else if (value instanceof Record && !(value instanceof Id<?>)) {
            for (RecordShape.Component c : RecordShape.of(value.getClass()).components()) {
                Object held = c.of(value);
                if (says(held)) {
                    said.add(word(value.getClass(), c));
                    if (value.getClass().getName().startsWith(Manual.class.getPackageName())) {
                        collect(held, said);
                    }
                }
            }
        }
    }

    private static boolean says(Object held) {
        return held != null
                && !held.equals("")
                && !held.equals(false)
                && !held.equals(0)
                && !(held instanceof Collection<?> c && c.isEmpty());
    }
}
