package barytone.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

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
                    "org.apache.commons.math3..",
                    "org.jspecify..");
}
