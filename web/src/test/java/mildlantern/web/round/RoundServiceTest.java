package mildlantern.web.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.PlantKnowledge;
import mildlantern.round.PlantToday;
import mildlantern.round.RoundPlanner;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.collection.CollectionService;
import mildlantern.web.collection.HappeningKind;
import mildlantern.web.collection.Plant;
import mildlantern.web.collection.PlatePictures;
import mildlantern.web.collection.Stop;
import mildlantern.web.platform.NotHere;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class RoundServiceTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private static final UUID COLLECTION = UUID.randomUUID();
    private final CollectionService collections = mock(CollectionService.class);
    private final CaseTroubles cases = mock(CaseTroubles.class);
    private final PlatePictures plates = mock(PlatePictures.class);
    private final RoundService rounds = new RoundService(
            collections,
            cases,
            plates,
            RoundPlanner.load(),
            Clock.fixed(Instant.parse("2026-11-24T09:00:00Z"), ZoneOffset.UTC));
    private final Stop sill = new Stop(UUID.randomUUID(), COLLECTION, 1, "Sill");
    private final Stop shelf = new Stop(UUID.randomUUID(), COLLECTION, 2, "Shelf");
    private final Plant fern = plant(sill, "Fern");
    private final Plant orchid = plant(shelf, "Orchid");

    private static Plant plant(Stop stop, String name) {
        return new Plant(UUID.randomUUID(), COLLECTION, stop.id(), 0, name, "boston-fern");
    }

    @BeforeEach
    void twoStopsWithAPlantEach() {
        when(collections.walk(COLLECTION)).thenReturn(List.of(sill, shelf));
        when(collections.plants(COLLECTION)).thenReturn(List.of(fern, orchid));
        when(collections.profile(any()))
                .thenReturn(PlantKnowledge.load().profile("boston-fern").orElseThrow());
        when(plates.fromAbove(any(), anyDouble(), anyDouble(), anyDouble())).thenReturn("<g/>");
        looked(fern, 2, orchid, 2);
    }

    private void looked(Plant one, int daysAgo, Plant other, int otherDaysAgo) {
        when(collections.latestDays(eq(COLLECTION), any()))
                .thenReturn(Map.of(
                        one.id(), Map.of(HappeningKind.LOOKED, TODAY.minusDays(daysAgo)),
                        other.id(), Map.of(HappeningKind.LOOKED, TODAY.minusDays(otherDaysAgo))));
    }

    @Test
    void whenNothingIsDueEveryLampIsOut() {
        assertThat(rounds.walk(rounds.today(COLLECTION))).allSatisfy(stop -> {
            assertThat(stop.lamp()).isEqualTo("out");
            assertThat(stop.due()).isEqualTo("nothing due");
        });
    }

    @Test
    void theRoundBeginsWhereJudgementIsNeeded() {
        looked(fern, 9, orchid, 1);
        when(cases.openTroubles(COLLECTION))
                .thenReturn(Map.of(
                        orchid.id(), new PlantToday.Trouble(TODAY.minusDays(3), Optional.of(TODAY), Optional.empty())));
        RoundViews.RoundPage page =
                rounds.round(rounds.today(COLLECTION), Optional.empty()).orElseThrow();
        assertThat(page.name()).isEqualTo("Shelf");
        assertThat(page.slips()).singleElement().satisfies(slip -> {
            assertThat(slip.name()).isEqualTo("Orchid");
            assertThat(slip.act()).isEqualTo("look again");
            assertThat(slip.mayLook()).isFalse();
        });
        assertThat(page.left())
                .singleElement()
                .satisfies(left -> assertThat(left.due()).isEqualTo("1 to look at"));
        assertThat(rounds.walk(rounds.today(COLLECTION)))
                .extracting(RoundViews.StopLine::lamp)
                .containsExactly("low", "bright");
    }

    @Test
    void aStopSaysWhereOnTheWalkItStands() {
        assertThat(rounds.round(rounds.today(COLLECTION), Optional.of(shelf.id()))
                        .orElseThrow()
                        .sentence())
                .startsWith("Stop 2 of 2. Nothing due here.");
    }

    @Test
    void aStopOfAnotherCollectionIsNotHere() {
        RoundService.Today today = rounds.today(COLLECTION);
        assertThatThrownBy(() -> rounds.round(today, Optional.of(UUID.randomUUID())))
                .isInstanceOf(NotHere.class);
    }

    @Test
    void whatMustWaitIsShownAtItsStop() {
        when(cases.allHolds(COLLECTION)).thenReturn(Map.of(fern.id(), List.of("no feed", "no repotting")));
        RoundViews.RoundPage page =
                rounds.round(rounds.today(COLLECTION), Optional.of(sill.id())).orElseThrow();
        assertThat(page.onHold())
                .singleElement()
                .satisfies(held -> assertThat(held.holds()).isEqualTo("no feed and no repotting"));
        assertThat(page.alsoHere()).extracting(RoundViews.AlsoHere::lately).containsExactly("looked at 2 days ago");
    }

    @Test
    void anEmptyCollectionHasNoRoundYet() {
        when(collections.walk(COLLECTION)).thenReturn(List.of());
        assertThat(rounds.round(rounds.today(COLLECTION), Optional.empty())).isEmpty();
    }
}
