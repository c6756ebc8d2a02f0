package methodos.cli;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** core ← footage, files, publish ← desktop, cli; demo stands alone. */
@AnalyzeClasses(packages = "methodos", importOptions = ImportOption.DoNotIncludeTests.class)
class ModuleDirectionsTest {

    @ArchTest
    static final ArchRule CORE_KNOWS_NOBODY =
            noClasses()
                    .that()
                    .resideInAPackage("methodos.core..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(
                            "methodos.footage..",
                            "methodos.files..",
                            "methodos.publish..",
                            "methodos.desktop..",
                            "methodos.cli..",
                            "methodos.demo..");

    @ArchTest
    static final ArchRule CORE_HAS_NO_WINDOW_NO_FILES_NO_CLOCK =
            noClasses()
                    .that()
                    .resideInAPackage("methodos.core..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(
                            "javafx..",
                            "java.awt..",
                            "org.bytedeco..",
                            "java.nio.file..",
                            "com.fasterxml..",
                            "java.time..",
                            "java.net..")
                    .orShould()
                    .dependOnClassesThat()
                    .haveFullyQualifiedName("java.io.File")
                    .orShould()
                    .dependOnClassesThat()
                    .haveFullyQualifiedName("java.util.Random");

    @ArchTest
    static final ArchRule THE_MIDDLE_KNOWS_ONLY_CORE =
            noClasses()
                    .that()
                    .resideInAnyPackage(
                            "methodos.footage..", "methodos.files..", "methodos.publish..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(
                            "methodos.desktop..", "methodos.cli..", "methodos.demo..", "javafx..");

    @ArchTest
    static final ArchRule FOOTAGE_FILES_AND_PUBLISH_DO_NOT_KNOW_EACH_OTHER =
            slices().matching("methodos.(footage|files|publish)..").should().notDependOnEachOther();

    @ArchTest
    static final ArchRule DESKTOP_KNOWS_NOT_THE_COMMAND_LINE =
            noClasses()
                    .that()
                    .resideInAPackage("methodos.desktop..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage("methodos.cli..", "methodos.demo..");

    @ArchTest
    static final ArchRule NATIVES_STAY_IN_ONE_MODULE =
            noClasses()
                    .that()
                    .resideOutsideOfPackage("methodos.footage..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAPackage("org.bytedeco..");

    @ArchTest
    static final ArchRule NO_CIRCLES_IN_CORE =
            slices().matching("methodos.core.(*)..").should().beFreeOfCycles();
}
