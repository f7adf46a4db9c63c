package barytone.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** The core computes; it knows nothing of HTTP, SQL, JSON or frameworks, goes round in no circles, and no room of it knows another. */
class CoreArchitectureTest {
    /** Beside the other tests: the library's own engine would begin when all of them are done. */
    @TestFactory
    Stream<DynamicTest> rules() {
        JavaClasses classes = new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("barytone.core");
        return Arrays.stream(getClass().getDeclaredFields())
                .filter(field -> field.getType() == ArchRule.class)
                .map(field ->
                        DynamicTest.dynamicTest(field.getName(), () -> ((ArchRule) field.get(null)).check(classes)));
    }

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

    static final ArchRule GOES_ROUND_IN_NO_CIRCLES =
            slices().matching("barytone.core.(*)..").should().beFreeOfCycles();

    static final ArchRule NO_ROOM_KNOWS_ANOTHER =
            slices().matching("barytone.core.station.(*)..").should().notDependOnEachOther();

    static final ArchRule ONLY_THE_LIST_AND_THE_WORKSHOP_NAME_ROOMS = noClasses()
            .that()
            .resideOutsideOfPackages("barytone.core.station.*..", "barytone.core.workshop..")
            .and()
            .doNotHaveFullyQualifiedName("barytone.core.station.Stations")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("barytone.core.station.*..");
}
