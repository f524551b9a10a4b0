package mildlantern.web.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.plant.WaterSource;
import mildlantern.web.CountedStatements;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.casework.CaseService;
import mildlantern.web.plant.Plant;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/**
 * A page of many plants asks the database as often as a page of few, by whatever way it asks: plants on the round, newly come, standing
 * alone, with a cup in the cold, moved, and in a case.
 */
@LanternTest
class QuestionsAPageTest {
    private static final int FEW = 3;
    private static final int MANY = 15;

    @Autowired
    private Stops stops;

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private RecordWriter log;

    @Autowired
    private CaseService cases;

    @Autowired
    private Clock clock;

    private Growers.Grower grower;
    private CollectionId collection;
    private Stop locker;
    private Stop porch;

    @BeforeEach
    void threeStops() {
        grower = growers.grower();
        collection = grower.member().collection();
        locker = stops.store(new Stop(StopId.fresh(), collection, 2, "Locker")
                .climate(Brightness.MEDIUM, 50.0, 20.0, 16.0)
                .isolating());
        porch = stops.store(
                new Stop(StopId.fresh(), collection, 3, "Porch").climate(Brightness.BRIGHT, 60.0, 9.0, 2.0));
    }

    private void plants(int from, int to) {
        LocalDate today = LocalDate.now(clock);
        for (int i = from; i < to; i++) {
            write(growers.plant(collection, grower.stop(), "Moth " + i), LogEntry.Watered.through());
            Plant cup = plant("Cup " + i, porch, "tank-bromeliad", today.minusYears(1));
            write(cup, LogEntry.Watered.through());
            Plant moved = plant("Moved " + i, grower.stop(), "phalaenopsis", today.minusYears(1));
            write(
                    moved,
                    new LogEntry.Moved(
                            Optional.empty(),
                            Optional.of(locker.id()),
                            OptionalDouble.empty(),
                            OptionalDouble.empty()));
            plant("New " + i, grower.stop(), "phalaenopsis", today.minusDays(2));
            cases.open(
                    collection,
                    plant("Ill " + i, grower.stop(), "phalaenopsis", today.minusYears(1))
                            .id());
        }
    }

    private Plant plant(String name, Stop stop, String kind, LocalDate came) {
        return log.store(new Plant(PlantId.fresh(), collection, stop.id(), 0, name, kind)
                .potted(PotKind.PLASTIC, 12.0, "bark", came)
                .kept(WaterSource.RAIN, FeedStrength.WEAK, false, true, true)
                .acquired(came));
    }

    private void write(Plant plant, LogEntry entry) {
        log.write(collection, plant.id(), FormKey.fresh(), LocalDate.now(clock), List.of(RecordWriter.Line.of(entry)));
    }

    private Map<String, Long> statements() throws Exception {
        Map<String, Long> statements = new LinkedHashMap<>();
        for (String page : List.of(
                "/?stop=" + grower.stop().id(),
                "/?stop=" + locker.id(),
                "/?stop=" + porch.id(),
                "/round/paper",
                "/round/summary",
                "/collection",
                "/care",
                "/care/plan",
                "/care/worked",
                "/year",
                "/away",
                "/feeding",
                "/labels",
                "/reference",
                "/reference/signs/leaf.limp",
                "/reference/causes/overwatering",
                "/stops/" + grower.stop().id(),
                "/stops/" + grower.stop().id() + "/plan",
                "/exchange/plants.csv",
                "/exchange/log.csv")) {
            statements.put(
                    page,
                    CountedStatements.of(() ->
                            mvc.perform(get(page).with(user(grower.member()))).andExpect(status().isOk())));
        }
        return statements;
    }

    @Test
    void morePlantsDoNotMeanMoreQuestionsToTheDatabase() throws Exception {
        plants(0, FEW);
        statements();
        Map<String, Long> few = statements();
        plants(FEW, MANY);
        assertThat(few.values()).allSatisfy(count -> assertThat(count).isBetween(1L, 40L));
        assertThat(statements()).isEqualTo(few);
    }
}
