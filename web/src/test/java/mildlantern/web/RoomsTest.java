package mildlantern.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.UUID;
import mildlantern.web.collection.UpkeepRow;
import mildlantern.web.collection.UpkeepRows;
import org.springframework.data.repository.Repository;
import org.springframework.stereotype.Controller;

/** Features stand beside one another without going round in circles, and controllers leave the tables alone. */
@AnalyzeClasses(packages = "mildlantern.web", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {
    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("mildlantern.web.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule CONTROLLERS_CALL_SERVICES = noClasses()
            .that()
            .areAnnotatedWith(Controller.class)
            .should()
            .dependOnClassesThat()
            .areAssignableTo(Repository.class);

    /** Rows that follow from the log are written by the one door, which holds the lock. */
    @ArchTest
    static final ArchRule ONE_DOOR = noClasses()
            .that()
            .doNotHaveSimpleName("Routine")
            .and()
            .doNotHaveSimpleName("Upkeeper")
            .should()
            .dependOnClassesThat()
            .haveSimpleName("Upkeeper")
            .orShould()
            .callMethod(UpkeepRows.class, "store", UUID.class, UpkeepRow.class)
            .orShould()
            .callMethod(UpkeepRows.class, "forget", UUID.class, UUID.class);

    @ArchTest
    static final ArchRule ONE_CLOCK = noClasses()
            .should()
            .callMethod(LocalDate.class, "now")
            .orShould()
            .callMethod(OffsetDateTime.class, "now")
            .orShould()
            .callMethod(Instant.class, "now");
}
