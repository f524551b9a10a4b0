package mildlantern.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import mildlantern.care.CareKnowledge;
import mildlantern.care.CareOrigin;
import mildlantern.care.Changes.Resident;
import mildlantern.care.Experience;
import mildlantern.care.Figure;
import mildlantern.care.Gives;
import mildlantern.care.Need;
import mildlantern.care.Needs;
import mildlantern.care.Spot;
import mildlantern.light.Daylight;
import mildlantern.nutrition.Waters;
import mildlantern.place.Moves;
import mildlantern.place.StopId;
import mildlantern.plant.Dryness;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Wants;
import mildlantern.quantity.Range;
import org.junit.jupiter.api.Test;

/** A plan says when a plant will have to go on, and until when one that lacks something has to bear it. */
class SeasonAheadTest {
    private static final LocalDate NOVEMBER = LocalDate.of(2026, 11, 29);
    private static final HousePlanner PLANNER = new HousePlanner(
            PlanKnowledge.load(),
            CareKnowledge.load(),
            new Needs(CareKnowledge.load(), Waters.load()),
            Moves.load(Daylight.load()));
    private static final StopId SILL = new StopId(new UUID(0, 1));
    private static final PlantId FERN = new PlantId(new UUID(0, 2));

    private static Gives light(double mol) {
        return new Gives(
                Optional.of(Figure.of(mol, CareOrigin.EXPECTED)), Optional.empty(), Optional.empty(), Optional.empty());
    }

    private static Wants wants(double from, double most) {
        return new Wants(
                Phase.GROWING,
                new Range(from, most),
                from,
                new Range(40, 70),
                new Range(15, 28),
                new Range(10, 22),
                0,
                Dryness.TOP_DRY,
                Optional.empty(),
                1,
                OptionalDouble.empty());
    }

    /** A sill that gets half a mol more each week. */
    private static SeasonAhead.Ahead ahead(double now, Wants wanted) {
        Resident fern = new Resident(
                FERN, "Fern", PlantKnowledge.load().profiles().iterator().next(), wanted);
        Household house = new Household(
                List.of(new Household.Housed(fern, SILL, 100, false, true, 0)),
                List.of(new Spot(SILL, "Sill", light(now), List.of(), false, false, false, 0.5, false)),
                new Surroundings(Map.of(), Set.of(), Set.of(), 2, false),
                Experience.none());
        HousePlan plan = PLANNER.recall(house, Map.of(), Map.of(), Set.of(), 0);
        return SeasonAhead.of(
                house,
                plan,
                PLANNER,
                new SeasonAhead.Coming() {
                    @Override
                    public Gives gives(StopId stop, LocalDate day) {
                        return light(now + 0.5 * (day.toEpochDay() - NOVEMBER.toEpochDay()) / 7);
                    }

                    @Override
                    public Wants wants(PlantId plant, LocalDate day) {
                        return wanted;
                    }
                },
                NOVEMBER);
    }

    /** It wants 10 at most; a miss of 0.3 is 10 * 2^0.3 = 12.3, which half a mol a week on 4 reaches in week 17. */
    @Test
    void aSillThatGetsTooBrightInSpringIsSaidWithItsWeek() {
        SeasonAhead.Ahead ahead = ahead(4, wants(3, 10));

        assertThat(ahead.until()).isEmpty();
        assertThat(ahead.turns()).singleElement().satisfies(turn -> {
            assertThat(turn.plant()).isEqualTo(FERN);
            assertThat(turn.need().kind()).isEqualTo(Need.Kind.LIGHT);
            assertThat(turn.need().standing()).isEqualTo(Need.Standing.OVER);
            assertThat(turn.from()).isEqualTo(NOVEMBER.plusWeeks(17));
            assertThat(turn.carried()).isFalse();
        });
    }

    /** It wants 6, less the slack that readings leave (a miss of 0.1: 6 / 2^0.1 = 5.6), which half a mol a week on 3 reaches in week 6. */
    @Test
    void aPlantInTheDarkHasToBearItUntilTheSunIsBack() {
        SeasonAhead.Ahead ahead = ahead(3, wants(6, 40));

        assertThat(ahead.until()).containsExactly(Map.entry(FERN, NOVEMBER.plusWeeks(6)));
        assertThat(ahead.turns()).isEmpty();
    }

    @Test
    void whereNoEndIsInSightNoneIsSaid() {
        assertThat(ahead(1, wants(30, 60)).until()).isEmpty();
    }
}
