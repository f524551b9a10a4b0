package mildlantern.web.year;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.Range;
import mildlantern.quantity.Temperature;
import mildlantern.weather.NightForecast;
import mildlantern.weather.WeatherSource;
import mildlantern.web.Asking;
import mildlantern.web.AtOnce;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.Stops;
import mildlantern.web.stop.Weathers;
import mildlantern.web.task.Asked;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;

/** Outdoors stands a hibiscus that no frost must touch, and a trumpet pitcher that bears it; indoors stands another pitcher. */
@LanternTest
class NightsKeeperTest {
    /** Nights of the test's own: made-up weather is another in each house, and some houses freeze harder than the pitcher likes. */
    private final Weathers weathers = mock(Weathers.class);

    private final WeatherSource weather = mock(WeatherSource.class);

    @Autowired
    private Plants plants;

    @Autowired
    private YearBook years;

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private Routine routine;

    @Autowired
    private Asking asking;

    @Autowired
    private Growers growers;

    @Autowired
    private Stops stops;

    @Autowired
    private RecordWriter records;

    @Autowired
    private HandTasks tasks;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private MovableClock clock;

    private NightsKeeper keeper;
    private Growers.Grower grower;
    private CollectionId collection;
    private Plant hibiscus;
    private Plant pitcher;
    private Plant indoors;

    @BeforeEach
    void aHouseWithATerrace() {
        grower = growers.grower();
        collection = grower.member().collection();
        keeper = new NightsKeeper(plants, stops, years, weathers, tasks, jdbc, routine, clock);
        Stop terrace =
                stops.store(new Stop(StopId.fresh(), collection, 3, "Terrace").built(StopKind.OUTDOORS, null, null));
        Stop sill = stops.store(
                new Stop(StopId.fresh(), collection, 4, "Sill").climate(Brightness.DIRECT, 50.0, 21.0, 12.0));
        hibiscus = plant(terrace, "Hibiscus", "tropical-hibiscus");
        pitcher = plant(terrace, "Pitcher", "sarracenia");
        indoors = plant(sill, "Other pitcher", "sarracenia");
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    private Plant plant(Stop stop, String name, String kind) {
        return transaction.execute(
                status -> records.store(new Plant(PlantId.fresh(), collection, stop.id(), 1, name, kind)
                        .potted(
                                PotKind.PLASTIC,
                                14.0,
                                "peat-perlite",
                                LocalDate.now(clock).minusMonths(10))
                        .kept(WaterSource.RAIN, FeedStrength.NONE, false, false, true)
                        .counted(9, 0, 0, 0, 0)));
    }

    /** A day, and how cold the nights from that one on are likely to get, °C. */
    private void onThe(int month, int day, double... coldest) {
        LocalDate today = LocalDate.now(clock);
        LocalDate then = LocalDate.of(today.getYear(), month, day);
        clock.moveDays((int) ChronoUnit.DAYS.between(today, then.isBefore(today) ? then.plusYears(1) : then));
        when(weathers.of(collection)).thenReturn(Optional.of(weather));
        doAnswer(asked -> IntStream.range(0, coldest.length)
                        .mapToObj(night -> new NightForecast(
                                asked.<LocalDate>getArgument(0).plusDays(night),
                                new Temperature(coldest[night] + 2),
                                new Range(coldest[night], coldest[night] + 4)))
                        .toList())
                .when(weather)
                .nights(any(), anyInt());
    }

    private List<HandTask> asked(Plant plant) {
        return tasks.of(plant).stream()
                .flatMap(asked -> asked.what().stream())
                .filter(HandTask.OF_THE_NIGHTS::contains)
                .toList();
    }

    @Test
    void beforeAColdNightTheTenderOneIsBroughtIn_andTheHardyOneStays() {
        onThe(1, 20, 6, 3, -1);
        keeper.look();
        assertThat(asked(hibiscus)).containsExactly(HandTask.BRING_IN);
        assertThat(tasks.of(hibiscus)).extracting(Asked::day).contains(LocalDate.now(clock));
        assertThat(asked(pitcher)).isEmpty();
        assertThat(asked(indoors)).isEmpty();
    }

    @Test
    void itComesInTwoNightsBeforeTheFirstThatIsTooCold() {
        onThe(9, 20, 18, 18, 18, 18, 18, 6, 18);
        keeper.look();
        assertThat(asked(hibiscus)).containsExactly(HandTask.BRING_IN);
        assertThat(tasks.of(hibiscus))
                .extracting(Asked::day)
                .contains(LocalDate.now(clock).plusDays(3));
    }

    @Test
    void aNightThatIsTooColdEvenForTheHardyOneBringsItInToo() {
        onThe(1, 20, 2, -7);
        keeper.look();
        assertThat(asked(pitcher)).containsExactly(HandTask.BRING_IN);
    }

    @Test
    void whatLikesItOutMayGoOut_butNotWhileAFrostIsAhead() {
        onThe(5, 12, 8, 7, 6, 8, 2, -3, 4);
        keeper.look();
        assertThat(asked(indoors)).isEmpty();
        onThe(7, 10, 14, 13, 15, 14, 14, 16, 14);
        keeper.look();
        assertThat(asked(indoors)).containsExactly(HandTask.PUT_OUT);
        assertThat(asked(pitcher)).isEmpty();
    }

    @Test
    void whatWasAnsweredIsNotAskedAgainTheNextDay() throws Exception {
        onThe(1, 20, 1, 0);
        keeper.look(collection);
        String task = tasks.of(hibiscus).stream()
                .filter(asked -> asked.what().filter(HandTask.BRING_IN::equals).isPresent())
                .findFirst()
                .orElseThrow()
                .task()
                .orElseThrow()
                .toString();
        asking.form(grower.member(), "/hands/" + task + "/done");
        clock.moveDays(1);
        keeper.look(collection);
        assertThat(asked(hibiscus)).isEmpty();
    }

    @Test
    void lookedAtTwiceInTheSameMomentItIsAskedOnce() throws Exception {
        onThe(1, 20, 1, 0);
        AtOnce.each(4, i -> () -> {
            keeper.look(collection);
            return i;
        });
        assertThat(asked(hibiscus)).containsExactly(HandTask.BRING_IN);
    }
}
