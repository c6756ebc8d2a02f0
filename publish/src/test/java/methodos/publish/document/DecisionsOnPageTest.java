package methodos.publish.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.edit.AlternativeEdits;
import methodos.core.manual.Consumable;
import methodos.core.manual.ConsumableUse;
import methodos.core.manual.Decision;
import methodos.core.manual.Decision.Measure;
import methodos.core.manual.Decision.Rule;
import methodos.core.manual.Decision.When;
import methodos.core.manual.Fit;
import methodos.core.manual.FitRule;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Look;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.Practices;
import methodos.core.manual.Reading;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Substitute;
import methodos.core.manual.Symptom;
import methodos.core.manual.Symptom.Check;
import methodos.core.manual.Symptom.Outcome;
import methodos.core.manual.TighteningWay;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is decided, judged by eye, chosen and looked for, as a page shows it. */
class DecisionsOnPageTest {

    @TempDir Path out;

    private static Quantity q(String text) {
        return Quantity.parse(text);
    }

    private static Manual manual() {
        Manual m =
                Manual.titled("x")
                        .withTool(
                                new Tool(
                                        new Id<>("t1"),
                                        "feeler gauge",
                                        "0.01 mm",
                                        Tool.Kind.MEASURING,
                                        ""))
                        .withTool(
                                new Tool(new Id<>("t2"), "cone", "", Tool.Kind.SPECIAL, "of brass")
                                        .withInstead(
                                                new Substitute(new Id<>("t3"), "it is at hand")))
                        .withTool(new Tool(new Id<>("t3"), "film", "rolled", Tool.Kind.MADE_UP, ""))
                        .withConsumable(
                                new Consumable(
                                        new Id<>("c1"),
                                        "grease",
                                        "NLGI 2",
                                        "20 g",
                                        "for NBR",
                                        false))
                        .withJoint(
                                JointBuilder.builder()
                                        .id(new Id<>("j1"))
                                        .name("Bracket")
                                        .count(4)
                                        .propertyClass("8.8")
                                        .condition("dry")
                                        .torque(Value.of("20 N·m"))
                                        .stages(List.of())
                                        .build()
                                        .withFurther(q("60°"))
                                        .withTurned(q("1/4 turn"))
                                        .withAgain("after an hour of running"));
        Step measure =
                Step.of(new Id<>("s1"), "Measure the end float.", List.of(), List.of())
                        .withTools(List.of(new Id<>("t2")))
                        .withConsumables(List.of(new ConsumableUse(new Id<>("c1"))))
                        .withReadings(
                                List.of(
                                        Reading.of(
                                                        "End float",
                                                        Value.of("0.06 to 0.16 mm"),
                                                        1,
                                                        new Id<>("t1"))
                                                .withFit(
                                                        new Fit(
                                                                null,
                                                                q("0.10 mm"),
                                                                List.of(q("2.10 mm"), q("2.20 mm")),
                                                                FitRule.NEAREST))))
                        .withLooks(List.of(Look.of("Teeth").withPass("dull").withFail("pitted")));
        Step tighten =
                Step.of(new Id<>("s2"), "Tighten the bracket.", List.of(), List.of())
                        .withJoints(List.of(new Id<>("j1")));
        m = m.withNewStep(m.stage(Stage.Kind.INSPECT).orElseThrow().id(), measure);
        m = m.withNewStep(m.stage(Stage.Kind.BUILD_UP).orElseThrow().id(), tighten);
        m =
                m.withDecision(
                        new Decision(
                                new Id<>("d1"),
                                "Which washer",
                                new Id<>("s1"),
                                List.of(
                                        new Measure(
                                                "g", "end float", q("0 to 1 mm"), new Id<>("t1")),
                                        new Measure("w", "washer", q("1 to 3 mm"), null)),
                                List.of(new Decision.Derived("n", "w + g")),
                                List.of(
                                        new Rule(
                                                "g",
                                                List.of(new When("g", "≤ 0.16")),
                                                "leave it",
                                                null),
                                        new Rule("g", List.of(), null, "w"))));
        return m.withSymptom(
                new Symptom(
                        new Id<>("x1"),
                        "It turns slowly",
                        List.of(
                                new Check(
                                        new Id<>("k1"),
                                        "Is there air?",
                                        Outcome.next(new Id<>("k2")),
                                        null),
                                new Check(
                                        new Id<>("k2"),
                                        "Does it leak?",
                                        Outcome.cause("worn seals", List.of(new Id<>("s1"))),
                                        Outcome.cause("a stiff valve", List.of())))));
    }

    private String page(Manual manual) throws Exception {
        Publication publication =
                Publication.of(manual, Sight.EVERYTHING, d -> Optional.empty(), "today");
        Path html =
                new Publisher().publish(publication, out, EnumSet.of(Publisher.Format.HTML)).get(0);
        return Files.readString(html).replaceAll("\\s+", " ");
    }

    @Test
    void faultFindingStandsBeforeTheSteps() throws Exception {
        String page = page(manual());
        assertThat(page.indexOf("Troubleshooting"))
                .isPositive()
                .isLessThan(page.indexOf("id=\"step1\""));
        assertThat(page)
                .contains(
                        "<b>Is there air?</b></td><td>go on with 2</td><td>not specified yet</td>",
                        "<td>worn seals: step 1</td><td>a stiff valve</td>");
        assertThat(page(manual().withSymptoms(List.of()))).doesNotContain("Finding the fault");
    }

    @Test
    void aDecisionStandsAtItsStep() throws Exception {
        assertThat(page(manual()))
                .contains(
                        "Which washer",
                        "g: end float, feeler gauge 0.01 mm",
                        "n = w + g",
                        "<th scope=\"row\">g ≤ 0.16</th><td>leave it</td>",
                        "<th scope=\"row\">g otherwise</th><td>measure w</td>");
    }

    @Test
    void sizesToChooseFromAndWhatIsJudgedByEyeArePrinted() throws Exception {
        assertThat(page(manual()))
                .contains(
                        "of 2.10 mm, 2.20 mm: nearest to the wanted clearance (0.10 mm is best)",
                        "<th scope=\"row\">Pass if</th><td>dull</td>",
                        "<th scope=\"row\">Fail if</th><td>pitted</td>");
    }

    @Test
    void theWayOfTheManualDecidesWhatIsPrinted() throws Exception {
        String wrench = page(manual());
        assertThat(wrench)
                .contains("<b>20 N·m</b>", "then angle 60°; after an hour of running")
                .contains("of brass. Substitute film rolled: it is at hand")
                .contains("20 g", "for NBR");
        Manual angle =
                manual().withPractices(
                                Practices.USUAL
                                        .withTightening(TighteningWay.ANGLE)
                                        .withTools(Practices.ToolChoice.SUBSTITUTE));
        assertThat(page(angle))
                .contains("<b>hand-tight and then 1/4 turn</b>", "film rolled")
                .doesNotContain("<b>20 N·m</b>", "of brass");
        Manual either =
                manual().withPractices(Practices.USUAL.withTightening(TighteningWay.EITHER));
        assertThat(page(either))
                .contains(
                        "<b>either 20 N·m (177 lbf·in), then a further 60°; or hand-tight and"
                                + " then 1/4 turn</b>")
                .doesNotContain("then angle 60°");
    }

    @Test
    void eachWayAndConditionStandsAheadOfItsStep() throws Exception {
        Manual m = manual();
        m = AlternativeEdits.way(new Id<>("s1"), "Measure: in place").change().apply(m);
        m = AlternativeEdits.way(new Id<>("s2"), "Measure: on the bench").change().apply(m);
        Step bench = m.step(new Id<>("s2")).orElseThrow();
        m = AlternativeEdits.when(bench.way(), "it is out anyway").change().apply(m);
        m =
                m.withStep(
                        m.step(new Id<>("s2"))
                                .orElseThrow()
                                .withOnlyIf("the float is above 0.16 mm")
                                .withOptional(true)
                                .withOptionalWhy("it saves the next visit"));
        assertThat(page(m))
                .containsSubsequence(
                        "Measure: either in place",
                        "Measure the end float.",
                        "Measure: or on the bench (if it is out anyway)",
                        "Only if the float is above 0.16 mm:",
                        "Optional: it saves the next visit",
                        "Tighten the bracket.");
    }

    @Test
    void thePartsListSaysWhatStaysOffWhatIsNewTogetherAndHowHeavyItIs() throws Exception {
        Part bush =
                PartBuilder.builder()
                        .id(new Id<>("p1"))
                        .item("18")
                        .name("bush")
                        .quantity(1)
                        .reuse(ReuseRule.REUSE)
                        .build();
        Manual m =
                manual().withPart(bush.withConvertedTo(new Id<>("p2")))
                        .withPart(
                                bush.withId(new Id<>("p2"))
                                        .withItem("18b")
                                        .withSet("bushes")
                                        .withMass(q("1.2 kg")));
        assertThat(page(m))
                .contains(
                        "stays off, 18b is installed",
                        "bush, 1.2 kg",
                        "all of “bushes” new if one is");
    }
}
