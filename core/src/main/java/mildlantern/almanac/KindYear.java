package mildlantern.almanac;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.light.Sun;
import mildlantern.nutrition.FedSoFar;
import mildlantern.nutrition.FeedPlan;
import mildlantern.plant.Brightness;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.Wants;
import mildlantern.quantity.Range;
import mildlantern.season.Conditions;
import mildlantern.season.KindOfYear;
import mildlantern.season.PlantYear;
import mildlantern.season.PlantYears;
import mildlantern.season.YearStep;
import mildlantern.water.Climate;
import mildlantern.water.Held;
import mildlantern.water.LeafClass;
import mildlantern.water.PotOfPlant;
import mildlantern.water.PotWater;
import mildlantern.water.WaterKnowledge;

/**
 * Follows a plant of a kind through a year where it stands well: light by the sun at its latitude, nights cool when days are short as far as its rest asks for it, watered and
 * fed when it wants it.
 */
public final class KindYear {
    private static final int SETTLES = 60;
    private static final double POT_CM = 13;
    private static final double SHORTEST = 9;
    private static final double LONGEST = 15;
    private static final double ROOM_NIGHT = 17;
    private static final double COOLER_BY_NIGHT = 5;
    private static final double GOOD_LIGHT = 1.5;

    private final PlantKnowledge plants;
    private final PlantYears years;
    private final WaterKnowledge water;
    private final FeedPlan feeds;
    private final Sun sun;
    private final Range feedDays;

    /**
     * @param feedDays days from and by when after the last feed a growing plant is fed at its roots
     */
    public KindYear(
            PlantKnowledge plants, PlantYears years, WaterKnowledge water, FeedPlan feeds, Sun sun, Range feedDays) {
        this.plants = plants;
        this.years = years;
        this.water = water;
        this.feeds = feeds;
        this.sun = sun;
        this.feedDays = feedDays;
    }

    /**
     * A month of it.
     *
     * @param phases in their order
     * @param waterings how often it wanted water
     * @param feeds how often it was fed
     * @param steps what its year asked for
     */
    public record InMonth(Set<Phase> phases, int waterings, int feeds, Set<YearStep.What> steps) {}

    /** A day of it. */
    record Day(LocalDate day, Wants wants, boolean watered, boolean fed, List<YearStep> steps) {}

    /**
     * The year, month by month.
     *
     * @param latitude degrees, north above 0
     * @param year of the calendar
     */
    public Map<Month, InMonth> months(Profile kind, double latitude, int year) {
        Map<Month, InMonth> months = new EnumMap<>(Month.class);
        for (Day day : days(kind, latitude, year)) {
            InMonth month = months.computeIfAbsent(
                    day.day().getMonth(), it -> new InMonth(new LinkedHashSet<>(), 0, 0, new LinkedHashSet<>()));
            month.phases().add(day.wants().phase());
            day.steps().stream()
                    .filter(step -> step.on().equals(day.day()))
                    .forEach(step -> month.steps().add(step.what()));
            months.put(
                    day.day().getMonth(),
                    new InMonth(
                            month.phases(),
                            month.waterings() + (day.watered() ? 1 : 0),
                            month.feeds() + (day.fed() ? 1 : 0),
                            month.steps()));
        }
        return months;
    }

    List<Day> days(Profile kind, double latitude, int year) {
        Sun.Year there = sun.year(latitude);
        StandsWell place = new StandsWell(kind, years.knowledge().of(kind), there);
        PlantYear told = years.of(kind, there, place, List.of(), LocalDate.of(year, 1, 1));
        PotWater pot = water.pot(pot(kind));
        double thirst = Math.exp(water.usualLogThirst(kind));
        Held held = pot.full();
        int sinceWatered = 0;
        int sinceFed = 0;
        List<Day> days = new ArrayList<>();
        for (LocalDate day = LocalDate.of(year, 1, 1).minusDays(SETTLES);
                day.getYear() <= year;
                day = day.plusDays(1)) {
            PlantYear today = day.getDayOfMonth() % 5 == 1 ? years.of(kind, there, place, List.of(), day) : told;
            told = today;
            Wants wants = years.knowledge().wants(kind, today.at(day).phase(), false);
            boolean watered = wants.daysBetween().isPresent()
                    ? sinceWatered >= wants.daysBetween().get().middle()
                    : pot.used(held) >= 1;
            held = watered ? pot.full() : held;
            sinceWatered = watered ? 0 : sinceWatered + 1;
            int since = sinceFed;
            boolean fed = feeds.next(kind, wants, FedSoFar.NOTHING, feedDays)
                    .filter(next -> since >= next.days().low() && (watered || next.way() != FeedPlan.Way.ROOTS))
                    .isPresent();
            sinceFed = fed ? 0 : sinceFed + 1;
            if (day.getYear() == year) {
                days.add(new Day(day, wants, watered, fed, years.knowledge().steps(today)));
            }
            held = pot.after(held, place.climate(day), thirst * water.atWork(kind, wants.phase()), 1);
        }
        return days;
    }

    private PotOfPlant pot(Profile kind) {
        return new PotOfPlant(
                kind,
                kind.usualPot(),
                POT_CM,
                OptionalDouble.empty(),
                plants.medium(kind.usualMedium()).orElseThrow(),
                LeafClass.USUAL,
                0);
    }

    /** A place that gives a kind what it asks for, as far as sun and season let it. */
    private final class StandsWell implements Conditions {
        private final Profile kind;
        private final Sun.Year there;
        private final double winterNight;
        private final double summerNight;
        private final double equinoxMol;

        private StandsWell(Profile kind, KindOfYear year, Sun.Year there) {
            this.kind = kind;
            this.there = there;
            this.winterNight = year.rest()
                    .map(rest -> rest.nights().middle())
                    .orElse(Math.max(ROOM_NIGHT, kind.night().celsius()));
            this.summerNight = Math.max(ROOM_NIGHT, kind.day().middle() - COOLER_BY_NIGHT);
            this.equinoxMol = GOOD_LIGHT * kind.dailyLight().low();
        }

        private double warmth(LocalDate day) {
            double summer = Math.max(0, Math.min(1, (there.hours(day) - SHORTEST) / (LONGEST - SHORTEST)));
            return winterNight + (summerNight - winterNight) * summer;
        }

        @Override
        public OptionalDouble light(LocalDate day) {
            return OptionalDouble.of(equinoxMol * there.share(day));
        }

        @Override
        public OptionalDouble day(LocalDate day) {
            return OptionalDouble.of(warmth(day) + COOLER_BY_NIGHT);
        }

        @Override
        public OptionalDouble night(LocalDate day) {
            return OptionalDouble.of(warmth(day));
        }

        @Override
        public double lampHours(LocalDate day) {
            return 0;
        }

        private Climate climate(LocalDate day) {
            return water.climate(
                    new WaterKnowledge.AirRead(
                            day(day),
                            night(day),
                            OptionalDouble.of(kind.humidity().middle()),
                            light(day)),
                    Brightness.MEDIUM,
                    1);
        }
    }
}
