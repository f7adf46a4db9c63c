package barytone.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The core computes; it knows nothing of HTTP, SQL, JSON or frameworks, goes round in no circles, and no room of it knows another. */
@AnalyzeClasses(packages = "barytone.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreArchitectureTest {
    @ArchTest
    static final ArchRule KNOWS_NOTHING_OF_HTTP_SQL_JSON_OR_FRAMEWORKS = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "barytone.core..",
                    "java..",
                    "org.ejml..",
                    "org.apache.commons.numbers..",
                    "org.hipparchus..",
                    "org.jspecify..");

    @ArchTest
    static final ArchRule GOES_ROUND_IN_NO_CIRCLES =
            slices().matching("barytone.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_ROOM_KNOWS_ANOTHER =
            slices().matching("barytone.core.station.(*)..").should().notDependOnEachOther();

    @ArchTest
    static final ArchRule ONLY_THE_LIST_AND_THE_WORKSHOP_NAME_ROOMS = noClasses()
            .that()
            .resideOutsideOfPackages("barytone.core.station.*..", "barytone.core.workshop..")
            .and()
            .doNotHaveFullyQualifiedName("barytone.core.station.Stations")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("barytone.core.station.*..");
}
