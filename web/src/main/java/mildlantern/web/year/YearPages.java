package mildlantern.web.year;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Wants;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;
import mildlantern.season.PlantYear;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.task.Asked;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The year of one plant on its page. */
@Service
@Transactional(readOnly = true)
class YearPages {
    private static final DayFormat DAY = DayFormat.SHORT;
    private static final int PLACES = 3;

    private final Plants plants;
    private final Stops stops;
    private final YearBook years;
    private final HandTasks tasks;
    private final Clock clock;

    YearPages(Plants plants, Stops stops, YearBook years, HandTasks tasks, Clock clock) {
        this.plants = plants;
        this.stops = stops;
        this.years = years;
        this.tasks = tasks;
        this.clock = clock;
    }

    /**
     * The page.
     *
     * @param now what time of its year it is, and since when
     * @param phase its id, for its colour
     * @param why why that is thought, and how surely
     * @param next what follows, and about when
     * @param rest how its rest stands; empty where it needs none
     * @param wrong whether that is not as it should be
     * @param cold what it bears, and what the last frost took
     * @param chill the cool nights that were counted, in words
     * @param counted share of them, 0 to 1; least what is enough
     * @param wants what it wants now
     * @param places where that is to be had, where it is not as it should be
     * @param steps what the year asks for, by day
     * @param due whether one of them is due
     * @param disputed what growers of its group would say against it
     */
    record Page(
            PlantId plant,
            String name,
            String kind,
            StopId stop,
            String stopName,
            String now,
            String phase,
            String why,
            String next,
            Optional<String> rest,
            boolean wrong,
            List<String> cold,
            Optional<String> chill,
            double counted,
            double least,
            List<Want> wants,
            List<Place> places,
            List<Step> steps,
            boolean due,
            Optional<String> disputed,
            YearDrawing.Drawn drawn,
            FormKey form) {}

    /** Something that it wants now. */
    record Want(String what, String words) {}

    /** A place that would suit it. */
    record Place(StopId id, String name, String words, boolean here) {}

    /** Something that the year asks for. */
    record Step(String day, String words, boolean due) {}

    static final Set<PlantYear.RestStanding> WRONG = Set.of(
            PlantYear.RestStanding.TOO_WARM,
            PlantYear.RestStanding.TOO_COLD,
            PlantYear.RestStanding.KEPT_FROM_IT,
            PlantYear.RestStanding.TOO_SHORT);

    Page page(CollectionId collection, PlantId id) {
        Plant plant = plants.plant(collection, id);
        YearBook.House house = years.house(collection);
        PlantYear year = house.of(plant);
        Stop stop = stops.stop(collection, plant.stop());
        LocalDate today = LocalDate.now(clock);
        List<Step> steps = steps(plant, today);
        return new Page(
                id,
                plant.name(),
                plants.profile(plant).name(),
                stop.id(),
                stop.name(),
                YearSays.now(year),
                YearDrawing.id(year.phase()),
                YearSays.why(year),
                YearSays.next(year),
                YearSays.rest(year),
                WRONG.contains(year.rest()),
                YearSays.cold(
                        years.knowledge().cold(year.kind()),
                        years.knowledge().frost(years.knowledge().cold(year.kind()), house.there(plant), today),
                        years.knowledge().newGrowth(year)),
                YearSays.chill(year),
                YearDrawing.share(year.chill()),
                year.chill().map(it -> it.weeks().low() / it.weeks().high()).orElse(0.0),
                wants(year.wants()),
                places(house, plant, year),
                steps,
                steps.stream().anyMatch(Step::due),
                years.knowledge().of(year.kind()).disputed(),
                new YearDrawing(today, Wording.reader()).draw(year, house.there(plant), years.knowledge()),
                FormKey.fresh());
    }

    private static List<Want> wants(Wants wants) {
        List<Want> all = new ArrayList<>();
        all.add(new Want(Wording.say("year.pages.nights"), degrees(wants.night())));
        all.add(new Want(Wording.say("year.pages.days"), degrees(wants.day())));
        all.add(new Want(
                Wording.say("year.pages.light"),
                wants.light().low() <= 0
                        ? Wording.say("year.pages.no-light")
                        : wants.phase().grows()
                                ? Wording.say(
                                        "year.pages.light-to-grow",
                                        Limits.tenths(wants.growsFrom()),
                                        Limits.tenths(wants.light().high()))
                                : Wording.say(
                                        "year.pages.light-to-hold",
                                        Limits.tenths(wants.light().low()))));
        all.add(new Want(
                Wording.say("year.pages.water"),
                wants.daysBetween()
                        .map(days -> Wording.say("year.pages.sip", days.low(), days.high()))
                        .orElseGet(() -> Wording.of(wants.dryness()))));
        all.add(new Want(
                Wording.say("year.pages.feed"),
                wants.feed() <= 0
                        ? Wording.say("year.pages.no-feed")
                        : wants.feed() < 1
                                ? Wording.say("year.pages.less-feed")
                                : Wording.say("year.pages.full-feed")));
        return List.copyOf(all);
    }

    private static String degrees(Range range) {
        return Wording.say(
                "year.pages.degrees",
                Units.number(range.low(), Unit.Of.TEMPERATURE),
                Units.number(range.high(), Unit.Of.TEMPERATURE),
                Units.name(Unit.Of.TEMPERATURE));
    }

    /** Where its rest would be better, or where it could be when it begins. */
    private List<Place> places(YearBook.House house, Plant plant, PlantYear year) {
        boolean coming = year.rest() == PlantYear.RestStanding.COMING;
        if (!WRONG.contains(year.rest()) && !coming) {
            return List.of();
        }
        Wants wants = coming || year.rest() == PlantYear.RestStanding.KEPT_FROM_IT
                ? years.knowledge()
                        .of(year.kind())
                        .rest()
                        .map(rest -> years.knowledge().wants(year.kind(), rest.phase(), false))
                        .orElse(year.wants())
                : year.wants();
        return years.knowledge().suiting(wants, house.places(plant)).stream()
                .limit(PLACES)
                .map(place -> new Place(
                        place.id().id(),
                        place.id().name(),
                        Wording.say(
                                "year.pages.place",
                                Units.shown(Math.rint(place.night().orElseThrow()), Unit.Of.TEMPERATURE),
                                Limits.tenths(place.light().orElse(0))),
                        place.id().id().equals(plant.stop())))
                .toList();
    }

    private List<Step> steps(Plant plant, LocalDate today) {
        return tasks.of(plant).stream()
                .filter(asked -> asked.what().filter(this::ofTheYear).isPresent())
                .map(asked -> step(asked, today))
                .toList();
    }

    private boolean ofTheYear(HandTask what) {
        return HandTask.OF_THE_YEAR.contains(what) || HandTask.OF_THE_NIGHTS.contains(what) || what == HandTask.REPOT;
    }

    private static Step step(Asked asked, LocalDate today) {
        return new Step(DAY.format(asked.day()), asked.words(), !asked.day().isAfter(today));
    }
}
