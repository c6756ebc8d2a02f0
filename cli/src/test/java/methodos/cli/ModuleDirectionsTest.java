package methodos.cli;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaAccess.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Duration;
import java.time.Instant;

/** core ← narration, footage, files, publish ← desktop, cli; demo stands alone. */
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
                            "methodos.narration..",
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
                            "java.net..")
                    .orShould()
                    .dependOnClassesThat()
                    .haveFullyQualifiedName("java.io.File")
                    .orShould()
                    .dependOnClassesThat()
                    .haveFullyQualifiedName("java.util.Random")
                    // a moment and a length of time are values; what tells the time is not
                    .orShould()
                    .dependOnClassesThat(
                            resideInAPackage("java.time..")
                                    .and(not(type(Instant.class)))
                                    .and(not(type(Duration.class))))
                    .orShould()
                    .callMethod(Instant.class, "now");

    @ArchTest
    static final ArchRule THE_MIDDLE_KNOWS_ONLY_CORE =
            noClasses()
                    .that()
                    .resideInAnyPackage(
                            "methodos.narration..",
                            "methodos.footage..",
                            "methodos.files..",
                            "methodos.publish..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(
                            "methodos.desktop..", "methodos.cli..", "methodos.demo..", "javafx..");

    @ArchTest
    static final ArchRule THOSE_OF_THE_MIDDLE_DO_NOT_KNOW_EACH_OTHER =
            slices().matching("methodos.(narration|footage|files|publish)..")
                    .should()
                    .notDependOnEachOther();

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

    @ArchTest
    static final ArchRule NO_CIRCLES_IN_DESKTOP =
            slices().matching("methodos.desktop.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_CIRCLES_IN_FILES =
            slices().matching("methodos.files.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_CIRCLES_IN_PUBLISH =
            slices().matching("methodos.publish.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_CIRCLES_IN_FOOTAGE =
            slices().matching("methodos.footage.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_CIRCLES_IN_THE_COMMAND_LINE =
            slices().matching("methodos.cli.(*)..").should().beFreeOfCycles();

    /** Whatever fails beside the interface is told: there is one room for such work. */
    @ArchTest
    static final ArchRule WORK_BESIDE_THE_WINDOW_IS_DONE_IN_ONE_ROOM =
            noClasses()
                    .that()
                    .resideInAPackage("methodos.desktop..")
                    .and()
                    // the room itself; a program of its own that is watched; one that tells itself
                    .haveNameNotMatching(".*\\.(Background|ScanProcess|FilmStrip)(\\$.*)?")
                    .should()
                    .callMethodWhere(target(owner(type(java.util.concurrent.Executors.class))))
                    .orShould()
                    .dependOnClassesThat()
                    .areAssignableTo(java.util.concurrent.CompletableFuture.class)
                    .orShould()
                    .dependOnClassesThat()
                    .areAssignableTo(java.util.concurrent.ThreadPoolExecutor.class);
}
