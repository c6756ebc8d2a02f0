package methodos.files.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KeptStatesTest {

    private static final Instant NOON = Instant.parse("2026-05-04T12:00:00Z");

    @TempDir private Path temp;

    /** A clock that is set by hand. */
    private static final class Hands extends Clock {
        private Instant now = NOON;

        @Override
        public ZoneOffset getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(java.time.ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }

    private static Manual withSteps(int many) {
        Manual m = Manual.titled("Hand brake HB-3");
        for (int i = 0; i < many; i++) {
            m =
                    StepEdits.make(
                                    new Span(new Id<>("c"), i, i + 1),
                                    "Step " + i,
                                    Stage.Kind.TAKE_DOWN)
                            .change()
                            .apply(m);
        }
        return m;
    }

    @Test
    void aBurstOfTypingPushesNothingOut() throws Exception {
        Path path = temp.resolve("p");
        ProjectFolder.create(path, withSteps(1)).close();
        Hands clock = new Hands();
        clock.now = Instant.now().plus(Duration.ofHours(3));
        try (ProjectFolder project = ProjectFolder.open(path, clock)) {
            for (int i = 2; i < 40; i++) {
                clock.now = clock.now.plusMillis(500);
                project.save(withSteps(i), "type text");
            }
            List<KeptState> states = project.states();
            assertThat(states).hasSize(39);
            assertThat(states.get(0).steps()).isEqualTo(39);
            assertThat(states.get(0).what()).isEqualTo("type text");
            assertThat(states.get(38).steps()).isEqualTo(1);
            assertThat(project.state(states.get(38))).isEqualTo(withSteps(1));
            assertThat(project.state(states.get(5))).isEqualTo(withSteps(34));
        }
    }

    @Test
    void aStateWithANameOrThatWasPublishedStaysForGood() throws Exception {
        Path path = temp.resolve("p");
        ProjectFolder.create(path, withSteps(1)).close();
        Hands clock = new Hands();
        clock.now = Instant.now();
        try (ProjectFolder project = ProjectFolder.open(path, clock)) {
            project.save(withSteps(2), "make step");
            project.name(project.states().get(0), "before\nthe = visit\\");
            ProjectFolder.keepPublished(path, withSteps(3));
            clock.now = clock.now.plus(Duration.ofDays(400));
            project.save(withSteps(4), "make step");
            List<KeptState> states = project.states();
            assertThat(states).hasSize(3);
            assertThat(states.get(1).published()).isTrue();
            assertThat(states.get(1).steps()).isEqualTo(3);
            assertThat(states.get(2).name()).isEqualTo("before the = visit\\");
            project.name(states.get(2), "");
            clock.now = clock.now.plus(Duration.ofDays(1));
            project.save(withSteps(5), "make step");
            assertThat(project.states().stream().map(KeptState::steps)).containsExactly(5, 4, 3);
        }
        try (Stream<Path> left = Files.list(path.resolve(".work/states"))) {
            assertThat(left.count()).as("nothing is left of those that went").isEqualTo(6);
        }
    }

    @Test
    void theSameStateIsKeptOnce() throws Exception {
        Path path = temp.resolve("p");
        try (ProjectFolder project = ProjectFolder.create(path, withSteps(1))) {
            project.save(withSteps(1));
            project.save(withSteps(1));
            assertThat(project.states()).hasSize(1);
        }
    }

    @Test
    void thinningLeavesOneForEachMinuteHourAndDay() {
        List<Instant> all = new ArrayList<>();
        for (int s = 0; s < 3 * 86_400; s += 20) {
            all.add(NOON.minusSeconds(s));
        }
        for (int d = 3; d < 60; d++) {
            all.add(NOON.minus(Duration.ofDays(d)));
        }
        Set<Instant> left = new HashSet<>(all);
        left.removeAll(StateThinning.superfluous(all, i -> i, NOON));
        assertThat(left).filteredOn(i -> age(i) <= 60).hasSize(4);
        assertThat(left).filteredOn(i -> age(i) > 120 && age(i) <= 3600).hasSizeBetween(58, 59);
        assertThat(left).filteredOn(i -> age(i) > 7200 && age(i) <= 86_400).hasSizeBetween(21, 23);
        assertThat(left)
                .filteredOn(i -> age(i) > 2 * 86_400 && age(i) <= 31 * 86_400)
                .hasSizeBetween(28, 30);
        assertThat(left).noneMatch(i -> age(i) > 32 * 86_400);
        assertThat(left.size()).isLessThan(260);
    }

    private static long age(Instant i) {
        return Duration.between(i, NOON).toSeconds();
    }

    /** However often it is thinned on the way, what one thinning at the end would keep is there. */
    @Test
    void whatStaysLaterHasStayedBefore() {
        for (int seed = 0; seed < 20; seed++) {
            Random random = new Random(seed);
            List<Instant> all = new ArrayList<>();
            List<Instant> kept = new ArrayList<>();
            Instant now = NOON;
            for (int i = 0; i < 600; i++) {
                now = now.plusSeconds(1 + (long) Math.pow(10, random.nextDouble() * 4.5));
                all.add(now);
                kept.add(now);
                kept.removeAll(StateThinning.superfluous(kept, s -> s, now));
            }
            List<Instant> atOnce = new ArrayList<>(all);
            atOnce.removeAll(StateThinning.superfluous(all, s -> s, now));
            assertThat(kept).containsExactlyElementsOf(atOnce);
            assertThat(kept.size()).isLessThan(260);
        }
    }
}
