package methodos.narration;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** vocabulary ← grammar ← acts ← values ← draft; nothing of it knows files or a window. */
@AnalyzeClasses(packages = "methodos", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {

    @ArchTest
    static final ArchRule KNOWS_ONLY_CORE =
            noClasses()
                    .that()
                    .resideInAPackage("methodos.narration..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(
                            "methodos.files..",
                            "methodos.footage..",
                            "methodos.publish..",
                            "methodos.desktop..",
                            "methodos.cli..",
                            "methodos.training..",
                            "javafx..",
                            "java.nio.file..",
                            "com.fasterxml..");

    @ArchTest
    static final ArchRule CORE_DOES_NOT_KNOW_IT =
            noClasses()
                    .that()
                    .resideInAPackage("methodos.core..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAPackage("methodos.narration..");

    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("methodos.narration.(*)..").should().beFreeOfCycles();
}
