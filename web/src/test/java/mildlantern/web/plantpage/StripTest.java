package mildlantern.web.plantpage;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.log.Counted;
import mildlantern.log.LogEntry;
import mildlantern.log.Wetness;
import mildlantern.log.Yardstick;
import mildlantern.place.StopId;
import mildlantern.plant.EventKind;
import mildlantern.plant.PlantId;
import mildlantern.water.DayOfWater;
import mildlantern.water.Prospect;
import mildlantern.water.WaterBalance;
import mildlantern.water.WaterEstimate;
import mildlantern.water.WaterOutlook;
import mildlantern.web.log.LogLine;
import mildlantern.web.log.LogWords;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CollectionId;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;

/** A plant's time on one axis. */
class StripTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private static final Plant FERN =
            new Plant(PlantId.fresh(), CollectionId.fresh(), StopId.fresh(), 0, "Fern", "boston-fern");

    private static WaterEstimate estimate(int days) {
        List<DayOfWater> curve = new ArrayList<>();
        for (int day = days; day >= 0; day--) {
            double left = 1 - (days - day) % 5 * 0.12;
            curve.add(
                    new DayOfWater(TODAY.minusDays(day), left, Math.max(0, left - 0.1), Math.min(1, left + 0.1), left));
        }
        return new WaterEstimate(
                curve,
                List.of(
                        new WaterBalance.Seen(TODAY.minusDays(3), 0.5, 0.9),
                        new WaterBalance.Seen(TODAY.minusDays(8), 0.1, 0.2)),
                new WaterOutlook(true, 1, 2, 4, 1, 3, 0.7, 0.5, 300, 5, 5, 1, 0.2, 3, true, OptionalDouble.empty()),
                Mockito.mock(Prospect.class));
    }

    private static LogLine row(LogEntry entry, int daysAgo) {
        return LogLine.of(FERN.id(), TODAY.minusDays(daysAgo), entry, null, OffsetDateTime.MIN);
    }

    private static Strip.Drawn draw(int days, List<LogLine> log, List<Strip.Span> cases) {
        return new Strip(TODAY.minusDays(days), TODAY.plusDays(days / 10), TODAY)
                .draw(estimate(days), 0.5, log, cases, Optional.empty());
    }

    @Test
    void everyKindOfHappeningHasItsLane_andNoLaneIsEmpty() {
        Strip.Drawn strip = draw(
                120,
                List.of(
                        row(LogEntry.bare(EventKind.FED), 20),
                        row(LogEntry.bare(EventKind.MOVED), 40),
                        row(LogEntry.bare(EventKind.SPRAYED), 12),
                        row(new LogEntry.Bloom(true), 60),
                        row(new LogEntry.Bloom(false), 30)),
                List.of(new Strip.Span(TODAY.minusDays(25), Optional.empty(), "mites", "/cases/1")));
        assertThat(strip.lanes())
                .extracting(Strip.Lane::label)
                .containsExactly("fed", "moved, potted", "treated", "bloom", "cases");
        assertThat(strip.lanes().get(3).bars())
                .singleElement()
                .satisfies(bar -> assertThat(bar.width()).isGreaterThan(100));
    }

    @Test
    void laterThingsStandFurtherRight_andTheDaysToComeBehindToday() {
        Strip.Drawn strip =
                draw(120, List.of(row(LogEntry.Watered.through(), 9), row(LogEntry.Watered.through(), 2)), List.of());
        assertThat(strip.pours()).hasSize(2);
        assertThat(strip.pours().get(0).x()).isLessThan(strip.pours().get(1).x());
        assertThat(strip.pours().get(1).x()).isLessThan(strip.now());
        assertThat(strip.now()).isLessThan(Strip.WIDTH);
        assertThat(strip.ahead()).startsWith("M");
    }

    @Test
    void whatLiesOutsideTheAxisIsNotDrawn() {
        Strip.Drawn strip = draw(
                30, List.of(row(LogEntry.Watered.through(), 90), row(LogEntry.bare(EventKind.FED), 90)), List.of());
        assertThat(strip.pours()).isEmpty();
        assertThat(strip.lanes()).isEmpty();
    }

    @Test
    void aReadingThatIsHardlyBelievedIsSaidToBeASlip() {
        assertThat(draw(120, List.of(), List.of()).seen())
                .extracting(Strip.Mark::words)
                .anySatisfy(words -> assertThat(words).contains("likely a slip of the pen"));
    }

    @Test
    void anAxisOfYearsNamesFewDays() {
        for (int days : new int[] {42, 120, 425, 1850}) {
            assertThat(draw(days, List.of(), List.of()).ticks())
                    .as(days + " days")
                    .hasSizeBetween(4, 16);
        }
    }

    @Test
    void entriesAreSaidInWords() {
        assertThat(LogWords.said(LogEntry.Probed.all(Wetness.DRY), "")).isEqualTo("probed dry");
        assertThat(LogWords.said(new LogEntry.Probed(Wetness.DRY, Wetness.MOIST, Wetness.WET), ""))
                .isEqualTo("probed dry · moist · wet");
        assertThat(LogWords.said(new LogEntry.Noted(), "tips brown")).isEqualTo("tips brown");
        assertThat(LogWords.said(new LogEntry.Count(Counted.PESTS, 12), "on two leaves"))
                .isEqualTo("counted 12 pests on two leaves");
        assertThat(LogWords.said(new LogEntry.Weighed(812, Optional.of(Yardstick.WET_THROUGH)), ""))
                .isEqualTo("weighed 812 g (wet through)");
    }
}
