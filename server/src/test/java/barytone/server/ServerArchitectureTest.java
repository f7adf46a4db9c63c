package barytone.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noMethods;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.TestFactory;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.transaction.annotation.Transactional;

@Order(5)
class ServerArchitectureTest {
    /** Beside the other tests: the library's own engine would begin when all of them are done. */
    @TestFactory
    Stream<DynamicTest> rules() {
        JavaClasses classes = new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("barytone.server");
        return Arrays.stream(getClass().getDeclaredFields())
                .filter(field -> field.getType() == ArchRule.class)
                .map(field ->
                        DynamicTest.dynamicTest(field.getName(), () -> ((ArchRule) field.get(null)).check(classes)));
    }

    static final ArchRule CAPABILITIES_DO_NOT_REACH_INTO_EACH_OTHER =
            slices().matching("barytone.server.(*)..").should().beFreeOfCycles();

    static final ArchRule CONTROLLERS_LEAVE_SQL_TO_OTHERS = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.jooq..");

    static final ArchRule JOBS_OWN_WHAT_IS_STORED_OF_THEM = belongsTo("job", "Job", "JobEvent", "ClosedJob", "JobTold");

    static final ArchRule INSTRUMENTS_HAVE_AN_OWNER = belongsTo("instruments", "Instrument", "InstrumentFacts");

    static final ArchRule PLAYERS_HAVE_AN_OWNER = belongsTo("people", "Player");

    static final ArchRule RECORDS_OWN_THE_CARDS = belongsTo("records", "Card");

    static final ArchRule THE_SHOP_OWNS_ITS_SETTINGS = belongsTo("shop", "Setting");

    static final ArchRule SCRATCH_OWNS_THE_STRING_SETS = belongsTo("scratch", "StringSet");

    /** A start looks for neither: what is marked so would never be called. */
    static final ArchRule LISTENERS_AND_TIMERS_ARE_NOT_MARKED =
            noMethods().should().beAnnotatedWith(EventListener.class).orShould().beAnnotatedWith(Scheduled.class);

    /** A start looks for transactions at methods only. */
    static final ArchRule TRANSACTIONS_ARE_MARKED_AT_METHODS =
            noClasses().should().beAnnotatedWith(Transactional.class);

    /** SQL on a table stands only in the package that owns it. */
    private static ArchRule belongsTo(String owner, String... tables) {
        String names = String.join("|", tables);
        return noClasses()
                .that()
                .resideOutsideOfPackages("barytone.server." + owner + "..", "barytone.server.db..")
                .should()
                .dependOnClassesThat()
                .haveNameMatching("barytone\\.server\\.db\\.gen\\.tables\\.(records\\.)?(" + names + ")(Record)?");
    }

    static final ArchRule A_CAPABILITY_SHOWS_NO_MORE_THAN_IT_MUST = classes()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .or()
            .haveSimpleNameEndingWith("Commands")
            .should()
            .bePackagePrivate();

    static final ArchRule NO_ROOM_KNOWS_ANOTHER =
            slices().matching("barytone.server.station.(*)..").should().notDependOnEachOther();

    static final ArchRule ONLY_THE_LIST_NAMES_A_ROOM = noClasses()
            .that()
            .resideInAnyPackage("barytone.server.job..", "barytone.server.height..", "barytone.server.web..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("barytone.server.station..");

    static final ArchRule A_JOB_KNOWS_NO_STATION_BY_NAME = noClasses()
            .that()
            .resideInAPackage("barytone.server.job..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("barytone.core.station.*..");
}
