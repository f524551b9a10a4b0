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
import mildlantern.quarantine.Quarantine.Nearness;
import mildlantern.quarantine.Quarantine.Spot;
import mildlantern.quarantine.Quarantine.Stay;
import org.junit.jupiter.api.Test;

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
        return new Stay(plant, stop, TODAY.minusDays(fromDaysAgo), TODAY.minusDays(untilDaysAgo));
    }

    private static List<Contact> contacts(DisorderId disorder, int sinceDaysAgo, List<Stay> stays) {
        return RULES.contacts(
                SICK,
                disorder,
                TODAY.minusDays(sinceDaysAgo),
                TODAY,
                stays,
                Map.of(SICK, new Spot(20, 20, 7), BESIDE, new Spot(35, 20, 7), ALONG, new Spot(90, 20, 7)),
                Set.of(),
                Set.of(BESIDE, ALONG, ELSEWHERE));
    }

    private static List<Stay> all() {
        return List.of(
                stay(SICK, SHELF, 200, 0),
                stay(BESIDE, SHELF, 200, 0),
                stay(ALONG, SHELF, 200, 0),
                stay(ELSEWHERE, SILL, 200, 0));
    }

    @Test
    void isolationIsNeverShorterThanFourteenDays() {
        assertThat(RULES.clock(TODAY, Optional.empty(), 22).until()).isEqualTo(TODAY.plusDays(14));
        assertThat(RULES.clock(TODAY, Optional.of(new DisorderId("spider-mites")), 28)
                        .days())
                .isEqualTo(14);
        assertThat(RULES.clock(TODAY, Optional.of(new DisorderId("grey-mould")), 20)
                        .days())
                .isEqualTo(14);
    }

    @Test
    void itRunsLongerWhereThePestNeedsLongerToShowItself() {
        int warm =
                RULES.clock(TODAY, Optional.of(new DisorderId("mealybugs")), 25).days();
        int cool =
                RULES.clock(TODAY, Optional.of(new DisorderId("mealybugs")), 18).days();
        assertThat(warm).isBetween(28, 31);
        assertThat(cool).isGreaterThan(warm);
        assertThat(RULES.clock(TODAY, Optional.of(new DisorderId("scale-insects")), 12)
                        .days())
                .as("not for ever")
                .isEqualTo(90);
        assertThat(RULES.clock(TODAY, Optional.of(new DisorderId("scale-insects")), 5)
                        .days())
                .isEqualTo(90);
    }

    @Test
    void aNewFindStartsTheClockAgain() {
        assertThat(RULES.clock(TODAY.minusDays(10), Optional.empty(), 20).left(TODAY))
                .isEqualTo(4);
        assertThat(RULES.clock(TODAY, Optional.empty(), 20).left(TODAY)).isEqualTo(14);
        assertThat(RULES.clock(TODAY.minusDays(40), Optional.empty(), 20).left(TODAY))
                .isZero();
    }

    @Test
    void whoTouchesComesBeforeWhoSharesTheStopAndTheRoom() {
        List<Contact> contacts = contacts(new DisorderId("spider-mites"), 30, all());
        assertThat(contacts).extracting(Contact::plant).containsExactly(BESIDE, ALONG, ELSEWHERE);
        assertThat(contacts)
                .extracting(Contact::nearness)
                .containsExactly(Nearness.TOUCHING, Nearness.SHELF, Nearness.ROOM);
        assertThat(contacts.get(0).days()).isEqualTo(31);
        assertThat(contacts).extracting(RULES::worthALook).containsExactly(true, true, false);
    }

    @Test
    void whoTouchedItBeforeItWasMovedIsRemembered() {
        List<Stay> apart = List.of(stay(SICK, SHELF, 200, 3), stay(SICK, SILL, 3, 0), stay(BESIDE, SHELF, 200, 0));
        Set<PlantId> hosts = Set.of(BESIDE);
        assertThat(RULES.contacts(
                                SICK,
                                new DisorderId("spider-mites"),
                                TODAY.minusDays(30),
                                TODAY,
                                apart,
                                Map.of(),
                                Set.of(BESIDE),
                                hosts)
                        .get(0)
                        .nearness())
                .isEqualTo(Nearness.TOUCHING);
        assertThat(RULES.contacts(
                                SICK,
                                new DisorderId("spider-mites"),
                                TODAY.minusDays(30),
                                TODAY,
                                apart,
                                Map.of(),
                                Set.of(),
                                hosts)
                        .get(0)
                        .nearness())
                .isEqualTo(Nearness.SHELF);
    }

    @Test
    void pestsThatFlyReachFurther() {
        double mites =
                contacts(new DisorderId("spider-mites"), 30, all()).get(2).risk();
        double flies = contacts(new DisorderId("whitefly"), 30, all()).get(2).risk();
        assertThat(flies).isGreaterThan(3 * mites);
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
        double guest = RULES.contacts(
                        SICK,
                        new DisorderId("spider-mites"),
                        TODAY.minusDays(30),
                        TODAY,
                        all(),
                        Map.of(),
                        Set.of(),
                        Set.of())
                .get(0)
                .risk();
        assertThat(guest).isLessThan(host);
    }
}
