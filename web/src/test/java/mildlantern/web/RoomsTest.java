package mildlantern.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static java.util.Map.entry;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import java.net.URI;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.routine.Schedules;
import org.springframework.data.repository.Repository;
import org.springframework.stereotype.Controller;

/** Each room uses the rooms that it says it does and no others, and leaves their tables alone. */
@AnalyzeClasses(packages = "mildlantern.web", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {
    private static final String HOUSE = "mildlantern.web.";

    /** A room with more files than this is a drawer. */
    private static final int MOST_FILES = 32;

    /** What every room may use. */
    private static final Set<String> GROUND = Set.of("platform", "words", "role");

    /** What each room uses besides the platform and the words. */
    private static final Map<String, Set<String>> USES = Map.ofEntries(
            entry("words", Set.of()),
            entry("platform", Set.of()),
            entry("drawing", Set.of()),
            entry("plate", Set.of("drawing")),
            entry("sign", Set.of("drawing")),
            entry("calculator", Set.of()),
            entry("stop", Set.of()),
            entry("edge", Set.of()),
            entry("plant", Set.of("plate", "stop")),
            entry("kindbook", Set.of("plate")),
            entry("log", Set.of("plant", "stop")),
            entry("season", Set.of("log", "plant", "stop")),
            entry("routine", Set.of("season", "log", "plant", "stop")),
            entry("role", Set.of()),
            entry("mail", Set.of()),
            entry("account", Set.of("mail", "stop")),
            entry(
                    "reminders",
                    Set.of(
                            "away",
                            "account",
                            "mail",
                            "care",
                            "treatment",
                            "task",
                            "casework",
                            "routine",
                            "plant",
                            "stop")),
            entry("photo", Set.of("edge", "routine", "log", "plant")),
            entry("keeping", Set.of("casework", "routine", "plant", "stop")),
            entry("quickline", Set.of("routine", "log", "plant", "stop")),
            entry("plantpage", Set.of("season", "task", "edge", "plate", "photo", "routine", "log", "plant", "stop")),
            entry("mixing", Set.of("calculator", "routine", "plant", "stop")),
            entry("climate", Set.of("season", "edge", "calculator", "routine", "plant", "stop")),
            entry("casework", Set.of("season", "sign", "plate", "routine", "log", "plant", "stop")),
            entry("reference", Set.of("casework", "sign", "plant")),
            entry("pestclock", Set.of()),
            entry("task", Set.of("casework", "routine", "log", "plant", "stop")),
            entry("handwork", Set.of("season", "plate", "task", "casework", "routine", "plant")),
            entry("potting", Set.of("season", "task", "casework", "routine", "log", "plant", "stop")),
            entry("propagation", Set.of("season", "keeping", "task", "casework", "routine", "log", "plant", "stop")),
            entry("owntrial", Set.of("task", "plant")),
            entry("arrival", Set.of("season", "potting", "routine", "log", "plant", "stop")),
            entry("remedy", Set.of()),
            entry("treatment", Set.of("care", "season", "remedy", "casework", "routine", "log", "plant", "stop")),
            entry("feeding", Set.of("casework", "routine", "plant", "stop")),
            entry("care", Set.of("season", "feeding", "climate", "casework", "routine", "log", "plant", "stop")),
            entry("houseplan", Set.of("care", "casework", "season", "routine", "plant", "stop")),
            entry("year", Set.of("care", "task", "season", "routine", "plant", "stop")),
            entry("away", Set.of("season", "routine", "log", "plant", "stop")),
            entry("plan", Set.of("care", "routine", "plant", "stop")),
            entry(
                    "round",
                    Set.of(
                            "task",
                            "houseplan",
                            "plan",
                            "care",
                            "treatment",
                            "casework",
                            "routine",
                            "log",
                            "plant",
                            "stop")),
            entry("exchange", Set.of("edge", "photo", "routine", "log", "plant", "stop")),
            entry(
                    "demo",
                    Set.of(
                            "care",
                            "season",
                            "task",
                            "account",
                            "climate",
                            "casework",
                            "routine",
                            "log",
                            "plant",
                            "stop")));

    private static String room(JavaClass type) {
        String rest = (type.getPackageName() + ".").replaceFirst("^" + HOUSE.replace(".", "\\."), "");
        return rest.contains(".") ? rest.substring(0, rest.indexOf('.')) : "";
    }

    @ArchTest
    static void roomsUseWhatTheySayTheyUseAndAllOfThat(JavaClasses classes) {
        Map<String, Set<String>> found = new TreeMap<>();
        for (JavaClass type : classes) {
            if (!room(type).isEmpty()) {
                Set<String> used = found.computeIfAbsent(room(type), room -> new TreeSet<>());
                type.getDirectDependenciesFromSelf().stream()
                        .map(Dependency::getTargetClass)
                        .filter(target -> target.getPackageName().startsWith(HOUSE))
                        .map(RoomsTest::room)
                        .filter(target -> !target.equals(room(type)) && !GROUND.contains(target))
                        .forEach(used::add);
            }
        }
        assertThat(found.keySet()).isEqualTo(new TreeSet<>(USES.keySet()));
        found.forEach((room, used) ->
                assertThat(used).as(room).containsExactlyInAnyOrderElementsOf(USES.getOrDefault(room, Set.of())));
    }

    @ArchTest
    static void noRoomIsADrawer(JavaClasses classes) {
        Map<String, Set<URI>> files = new HashMap<>();
        for (JavaClass type : classes) {
            JavaClass outer = type;
            while (outer.getEnclosingClass().isPresent()) {
                outer = outer.getEnclosingClass().get();
            }
            files.computeIfAbsent(room(type), room -> new HashSet<>())
                    .add(outer.getSource().orElseThrow().getUri());
        }
        assertThat(files).allSatisfy((room, all) -> assertThat(all).as(room).hasSizeLessThanOrEqualTo(MOST_FILES));
    }

    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("mildlantern.web.(*)..").should().beFreeOfCycles();

    /** Tables are asked by the room that owns them. */
    @ArchTest
    static final ArchRule TABLES_STAY_IN_THEIR_ROOM = noClasses()
            .that(new DescribedPredicate<>("are repositories") {
                @Override
                public boolean test(JavaClass type) {
                    return type.isAssignableTo(Repository.class);
                }
            })
            .should()
            .bePublic();

    /** Rows are given out as records; what JPA watches for change does not leave its room. */
    @ArchTest
    static final ArchRule ROWS_STAY_IN_THEIR_ROOM =
            noClasses().that().areAnnotatedWith(Entity.class).should().bePublic();

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
            .doNotHaveSimpleName("Scheduler")
            .should()
            .dependOnClassesThat()
            .haveSimpleName("Scheduler")
            .orShould()
            .callMethod(Schedules.class, "store", CollectionId.class, ScheduleRow.class)
            .orShould()
            .callMethod(Schedules.class, "forget", CollectionId.class, PlantId.class);

    @ArchTest
    static final ArchRule ONE_CLOCK = noClasses()
            .should()
            .callMethod(LocalDate.class, "now")
            .orShould()
            .callMethod(OffsetDateTime.class, "now")
            .orShould()
            .callMethod(Instant.class, "now");
}
