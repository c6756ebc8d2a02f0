package methodos.cli.defects;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.manual.Manual;

/** Every way in which a sound manual can be spoilt so that a newcomer stumbles, by kind. */
final class DryRunDefects {

    private DryRunDefects() {}

    static Map<String, List<Defect>> of(Manual sound) {
        Map<String, List<Defect>> kinds = new LinkedHashMap<>();
        new ListDefects(sound, kinds).collect();
        new BenchDefects(sound, kinds).collect();
        new PictureDefects(sound, kinds).collect();
        return kinds;
    }
}
