package mildlantern.quarantine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Pests;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.quarantine.Quarantine.Meeting;
import mildlantern.quarantine.Quarantine.Nearness;
import mildlantern.quarantine.Quarantine.Spot;
import mildlantern.quarantine.Quarantine.Stay;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A plant stands alone for as long as something can stay unseen, and those who stood near it are looked at first. */
class QuarantineTest {
    private static final Quarantine RULES = Quarantine.load(Pests.load());
    private static final LocalDate TODAY = LocalDate.of(2026, 6, 30);
    private static final PlantId SICK = PlantId.fresh();
    private static final PlantId BESIDE = PlantId.fresh();
    private static final PlantId ALONG = PlantId.fresh();
    private static final PlantId ELSEWHERE = PlantId.fresh();
    private static final StopId SHELF = StopId.fresh();
    private static final StopId SILL = StopId.fresh();

    private static Stay stay(PlantId plant, StopId stop, int fromDaysAgo, int untilDaysAgo) {
        return new Stay(plant, stop, false, TODAY.minusDays(fromDaysAgo), TODAY.minusDays(untilDaysAgo));
    }

    private static List<Contact> contacts(DisorderId disorder, int sinceDaysAgo, List<Stay> stays) {
        return RULES.contacts(new Meeting(
                SICK,
                disorder,
                TODAY.minusDays(sinceDaysAgo),
                TODAY,
                stays,
                Map.of(SICK, new Spot(20, 20, 7), BESIDE, new Spot(35, 20, 7), ALONG, new Spot(90, 20, 7)),
                Set.of(),
                Set.of(),
                Set.of(BESIDE, ALONG, ELSEWHERE)));
    }

    private static List<Stay> all() {
        return List.of(
                stay(SICK, SHELF, 200, 0),
                stay(BESIDE, SHELF, 200, 0),
                stay(ALONG, SHELF, 200, 0),
                stay(ELSEWHERE, SILL, 200, 0));
    }

    private static IsolationClock treated(String disorder, double celsius) {
        return RULES.clock(TODAY, Optional.of(new DisorderId(disorder)), celsius, true);
    }

    @Test
    void anArrivalStandsAloneForAMonth_andADiseaseForItsOwnTime() {
        assertThat(RULES.arrival(TODAY).until()).contains(TODAY.plusDays(30));
        assertThat(treated("grey-mould", 20).until()).contains(TODAY.plusDays(14));
        assertThat(treated("black-rot", 20).until()).contains(TODAY.plusDays(28));
    }

    @Test
    void itRunsAsLongAsAMissedSurvivorNeedsToShowItself() {
        int warm = treated("mealybugs", 25).days().orElseThrow();
        int cool = treated("mealybugs", 18).days().orElseThrow();
        assertThat(warm).isBetween(29, 60);
        assertThat(cool).isGreaterThan(warm);
        assertThat(treated("thrips", 20).days().orElseThrow()).isGreaterThan(21);
        assertThat(treated("mealybugs", 20).days().orElseThrow()).isGreaterThan(42);
        assertThat(treated("scale-insects", 20).days().orElseThrow()).isGreaterThan(72);
    }

    @Test
    void inTheColdNothingShowsItself_soNoDateEndsIt() {
        assertThat(treated("scale-insects", 5).until()).isEmpty();
        assertThat(treated("scale-insects", 5).reason().what()).isEqualTo(AloneReason.COLD);
    }

    @ParameterizedTest
    @ValueSource(strings = {"virus", "vascular-wilt", "foliar-nematodes"})
    void whatCannotBeCuredIsNeverReleasedByAClock(String disorder) {
        assertThat(treated(disorder, 21).until()).isEmpty();
        assertThat(treated(disorder, 21).reason().what()).isEqualTo(AloneReason.INCURABLE);
        assertThat(treated(disorder, 21).left(TODAY.plusYears(1))).isEmpty();
    }

    @Test
    void whatWasNotTreatedIsNeverReleasedByAClock() {
        IsolationClock clock = RULES.clock(TODAY, Optional.of(new DisorderId("mealybugs")), 21, false);
        assertThat(clock.until()).isEmpty();
        assertThat(clock.reason().what()).isEqualTo(AloneReason.NOT_TREATED);
    }

    @Test
    void gnatsComeFromTheRoom_soKeepingOnePlantApartDoesNotHelp() {
        assertThat(treated("fungus-gnats", 21).days()).hasValue(0);
        assertThat(treated("fungus-gnats", 21).reason().what()).isEqualTo(AloneReason.NOT_NEEDED);
    }

    @Test
    void aNewFindStartsTheClockAgain() {
        assertThat(RULES.arrival(TODAY.minusDays(10)).left(TODAY)).hasValue(20);
        assertThat(RULES.arrival(TODAY).left(TODAY)).hasValue(30);
        assertThat(RULES.arrival(TODAY.minusDays(40)).left(TODAY)).hasValue(0);
    }

    @Test
    void plantsOutdoorsDoNotShareTheAirOfTheRoom() {
        List<Stay> apart =
                List.of(stay(SICK, SHELF, 200, 0), new Stay(ELSEWHERE, SILL, true, TODAY.minusDays(200), TODAY));
        assertThat(contacts(new DisorderId("whitefly"), 30, apart)).isEmpty();
    }

    @Test
    void virusesGoWithTheTools_andRootPestsWithTheWater() {
        Meeting cut = new Meeting(
                SICK,
                new DisorderId("virus"),
                TODAY.minusDays(30),
                TODAY,
                List.of(stay(SICK, SHELF, 200, 0)),
                Map.of(),
                Set.of(),
                Set.of(SICK, ELSEWHERE),
                Set.of(ELSEWHERE));
        assertThat(RULES.contacts(cut))
                .singleElement()
                .satisfies(one -> assertThat(one.nearness()).isEqualTo(Nearness.TOOLS));
        assertThat(contacts(new DisorderId("root-mealybugs"), 30, all()))
                .as("not through the air of the room, and no worse for touching")
                .extracting(Contact::nearness)
                .containsExactly(Nearness.SHELF, Nearness.SHELF);
    }

    @Test
    void whoTouchesComesBeforeWhoSharesTheStopAndTheRoom() {
        List<Contact> contacts = contacts(new DisorderId("spider-mites"), 30, all());
        assertThat(contacts).extracting(Contact::plant).containsExactly(BESIDE, ALONG, ELSEWHERE);
        assertThat(contacts)
                .extracting(Contact::nearness)
                .containsExactly(Nearness.TOUCHING, Nearness.SHELF, Nearness.ROOM);
        assertThat(contacts.get(0).days()).isEqualTo(31);
        assertThat(contacts).extracting(RULES::worthALook).containsExactly(true, true, true);
    }

    @Test
    void whoTouchedItBeforeItWasMovedIsRemembered() {
        List<Stay> apart = List.of(stay(SICK, SHELF, 200, 3), stay(SICK, SILL, 3, 0), stay(BESIDE, SHELF, 200, 0));
        Set<PlantId> hosts = Set.of(BESIDE);
        assertThat(RULES.contacts(new Meeting(
                                SICK,
                                new DisorderId("spider-mites"),
                                TODAY.minusDays(30),
                                TODAY,
                                apart,
                                Map.of(),
                                Set.of(BESIDE),
                                Set.of(),
                                hosts))
                        .get(0)
                        .nearness())
                .isEqualTo(Nearness.TOUCHING);
        assertThat(RULES.contacts(new Meeting(
                                SICK,
                                new DisorderId("spider-mites"),
                                TODAY.minusDays(30),
                                TODAY,
                                apart,
                                Map.of(),
                                Set.of(),
                                Set.of(),
                                hosts))
                        .get(0)
                        .nearness())
                .isEqualTo(Nearness.SHELF);
    }

    @Test
    void pestsThatFlyReachFurther() {
        double mites =
                contacts(new DisorderId("spider-mites"), 30, all()).get(2).risk();
        double flies = contacts(new DisorderId("whitefly"), 30, all()).get(2).risk();
        assertThat(flies).isGreaterThan(2 * mites);
    }

    @Test
    void onlyTheTimeCountsInWhichThePestCanHaveBeenThere() {
        List<Stay> movedAway = List.of(stay(SICK, SHELF, 200, 0), stay(BESIDE, SHELF, 200, 40));
        assertThat(contacts(new DisorderId("spider-mites"), 30, movedAway))
                .as("gone ten days before it came")
                .isEmpty();
        List<Contact> longer = contacts(new DisorderId("spider-mites"), 60, movedAway);
        assertThat(longer).hasSize(1);
        assertThat(longer.get(0).days()).isEqualTo(21);
        assertThat(longer.get(0).nearness())
                .as("where it stood then is not known")
                .isEqualTo(Nearness.SHELF);
        assertThat(longer.get(0).last()).isEqualTo(TODAY.minusDays(40));
    }

    @Test
    void twoStaysTogetherAddUp() {
        List<Stay> twice = List.of(stay(SICK, SHELF, 50, 0), stay(ALONG, SHELF, 50, 41), stay(ALONG, SHELF, 10, 0));
        Contact one = contacts(new DisorderId("spider-mites"), 50, twice).get(0);
        assertThat(one.days()).isEqualTo(21);
        assertThat(one.risk())
                .isLessThan(contacts(new DisorderId("spider-mites"), 50, all())
                        .get(1)
                        .risk());
    }

    @Test
    void whatStoodInTheMediumIsCleanedWithIt() {
        assertThat(RULES.cleaning("Nettle", new DisorderId("spider-mites")))
                .anySatisfy(line -> assertThat(line).contains("outer pot of Nettle"));
        assertThat(RULES.cleaning("Nettle", new DisorderId("root-mealybugs")))
                .hasSize(
                        RULES.cleaning("Nettle", new DisorderId("spider-mites")).size() + 1);
        assertThat(RULES.care("feed-again")).startsWith("Half strength");
        assertThatThrownBy(() -> RULES.care("nothing")).hasMessageContaining("no care line");
    }

    @Test
    void aKindThatIsNoUsualHostRanksLower() {
        double host = contacts(new DisorderId("spider-mites"), 30, all()).get(1).risk();
        double guest = RULES.contacts(new Meeting(
                        SICK,
                        new DisorderId("spider-mites"),
                        TODAY.minusDays(30),
                        TODAY,
                        all(),
                        Map.of(),
                        Set.of(),
                        Set.of(),
                        Set.of()))
                .get(0)
                .risk();
        assertThat(guest).isLessThan(host);
    }
}
