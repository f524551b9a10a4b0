package mildlantern;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;

/** The house has its order: a room uses only the rooms below it, and nothing in the core knows a framework. */
@AnalyzeClasses(packages = "mildlantern", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {
    /** From the uppermost down. */
    private static final List<String> ROOMS = List.of(
            "cases",
            "almanac",
            "round",
            "sign",
            "diagnosis",
            "treatment",
            "remedy",
            "quarantine",
            "mixing",
            "handwork",
            "potting",
            "arrival",
            "propagation",
            "comparison",
            "away",
            "plan",
            "outcome",
            "care",
            "water",
            "log",
            "place",
            "sensing",
            "weather",
            "pest",
            "season",
            "light",
            "air",
            "nutrition",
            "look",
            "plant",
            "knowledge",
            "quantity",
            "message");

    @ArchTest
    static void roomsUseOnlyRoomsBelow(JavaClasses classes) {
        for (int i = 1; i < ROOMS.size(); i++) {
            noClasses()
                    .that()
                    .resideInAPackage("mildlantern." + ROOMS.get(i))
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(ROOMS.subList(0, i).stream()
                            .map(room -> "mildlantern." + room)
                            .toArray(String[]::new))
                    .check(classes);
        }
    }

    @ArchTest
    static void everyRoomHasItsPlace(JavaClasses classes) {
        assertThat(classes.stream().map(JavaClass::getPackageName).map(name -> name.replace("mildlantern.", "")))
                .as("rooms")
                .isSubsetOf(ROOMS);
    }

    @ArchTest
    static final ArchRule NO_FRAMEWORK_IN_THE_CORE = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.springframework..", "jakarta..", "java.sql..", "org.hibernate..", "org.thymeleaf..");
}
