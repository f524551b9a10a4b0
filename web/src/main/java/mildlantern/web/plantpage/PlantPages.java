package mildlantern.web.plantpage;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Disorder;
import mildlantern.place.BenchPlan;
import mildlantern.plant.BotanicalName;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.plant.Wants;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;
import mildlantern.season.PlantYear;
import mildlantern.treatment.CareSetting;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.log.LogWords;
import mildlantern.web.photo.PhotoService;
import mildlantern.web.plant.CareEntry;
import mildlantern.web.plant.CareSheets;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.plant.Standing;
import mildlantern.web.plant.Troubles;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.routine.Schedules;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopNow;
import mildlantern.web.stop.StopStates;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts together a plant's page and its strip of time. */
@Service
@Transactional(readOnly = true)
class PlantPages {
    private static final int RECORD_LINES = 12;

    static final DayFormat DAY = DayFormat.YEAR;

    private final Plants plants;
    private final LogBook logBook;
    private final Stops stops;
    private final CareSheets careSheets;
    private final Schedules schedule;
    private final StopStates states;
    private final PhotoService photos;
    private final Troubles troubles;
    private final Diagnosis diagnosis;
    private final YearBook years;
    private final Clock clock;
    private final PlantFacts plantFacts;

    PlantPages(
            Plants plants,
            LogBook logBook,
            Stops stops,
            CareSheets careSheets,
            Schedules schedule,
            StopStates states,
            PhotoService photos,
            Troubles troubles,
            Diagnosis diagnosis,
            YearBook years,
            Clock clock,
            PlantFacts plantFacts) {
        this.plants = plants;
        this.logBook = logBook;
        this.stops = stops;
        this.careSheets = careSheets;
        this.schedule = schedule;
        this.states = states;
        this.photos = photos;
        this.troubles = troubles;
        this.diagnosis = diagnosis;
        this.years = years;
        this.clock = clock;
        this.plantFacts = plantFacts;
    }

    PlantViews.PlantPage page(CollectionId collection, PlantId id) {
        Plant plant = plants.plant(collection, id);
        List<LogLine> log = logBook.entries(plant);
        Profile profile = plants.profile(plant);
        Stop stop = stops.stop(collection, plant.stop());
        PlantYear year = years.of(plant);
        List<Troubles.Trouble> cases = troubles.of(plant);
        Optional<ScheduleRow> row = schedule.of(collection, id);
        return new PlantViews.PlantPage(
                plant.id(),
                plant.name(),
                profile.name(),
                BotanicalName.of(profile.botanical(), Optional.ofNullable(plant.cultivar())),
                plant.alive() ? Optional.empty() : Optional.of(ended(plant)),
                stop.name(),
                stop.id(),
                profile.harm(),
                profile.rest(),
                Wording.of(year.phase()),
                Wording.listed(profile.habits().stream()
                        .flatMap(habit -> diagnosis.knowledge().disorder(habit).stream())
                        .map(Disorder::name)
                        .map(name -> name.toLowerCase(Locale.ROOT))
                        .toList()),
                plant.version(),
                row.map(plantFacts::water).orElse(""),
                row.map(it -> Math.max(10, Math.round(it.pourMl() / 10f) * 10)).orElse(100),
                wants(year.wants(), profile, stop),
                plantFacts.facts(plant, profile, row, log),
                care(plant),
                log.stream()
                        .limit(RECORD_LINES)
                        .map(happening -> PlantViews.DayLine.of(plant, happening, LogWords.said(happening)))
                        .toList(),
                cases,
                cases.stream().filter(Troubles.Trouble::open).findFirst().map(Troubles.Trouble::id),
                LogWords.holds(troubles.holds(plant)),
                neighbours(plant, stop),
                kin(plant),
                photos.of(plant),
                UUID.randomUUID().toString());
    }

    private static String ended(Plant plant) {
        String how = plant.state() == Plant.State.LOST
                ? Wording.say("plantpage.plant-pages.lost")
                : plant.state() == Plant.State.RETIRED
                        ? Wording.say("plantpage.plant-pages.no-longer-kept")
                        : Wording.say("plantpage.plant-pages.withdrawn");
        return how
                + Optional.ofNullable(plant.endedOn())
                        .map(day -> Wording.say("plantpage.plant-pages.since", DAY.format(day)))
                        .orElse("")
                + Optional.ofNullable(plant.endedCause()).map(why -> ": " + why).orElse("");
    }

    private List<PlantViews.Neighbour> neighbours(Plant plant, Stop stop) {
        List<Plant> beside = plants.plantsAt(plant.collection(), stop.id());
        List<PlantId> near = BenchPlan.withinReach(Standing.at(stop, beside), plant.id());
        return near.stream()
                .flatMap(id -> beside.stream().filter(other -> other.id().equals(id)))
                .map(other -> new PlantViews.Neighbour(
                        other.id(), other.name(), plants.profile(other).name()))
                .toList();
    }

    private List<PlantViews.Neighbour> kin(Plant plant) {
        List<PlantViews.Neighbour> kin = new ArrayList<>();
        if (plant.mother() != null) {
            Plant mother = plants.plant(plant.collection(), plant.mother());
            kin.add(new PlantViews.Neighbour(mother.id(), mother.name(), Wording.say("plantpage.plant-pages.mother")));
        }
        plants.offspring(plant)
                .forEach(child -> kin.add(new PlantViews.Neighbour(
                        child.id(),
                        child.name(),
                        child.alive()
                                ? Wording.say("plantpage.plant-pages.came-from")
                                : Wording.say("plantpage.plant-pages.came-from-no-longer"))));
        return kin;
    }

    private List<PlantViews.Want> wants(Wants now, Profile profile, Stop stop) {
        List<PlantViews.Want> wants = new ArrayList<>();
        StopNow read = states.of(stop);
        read.lightMol()
                .ifPresentOrElse(
                        mol -> number(
                                wants,
                                Wording.say("plantpage.plant-pages.light-day"),
                                new Range(
                                        Math.rint(now.light().low() * 10) / 10,
                                        Math.rint(now.light().high() * 10) / 10),
                                mol,
                                "mol"),
                        () -> read.brightness()
                                .ifPresent(light -> wants.add(new PlantViews.Want(
                                        Wording.say("plantpage.plant-pages.light"),
                                        Wording.of(profile.light()),
                                        Wording.of(light),
                                        light == profile.light() || now.phase().rests()))));
        number(
                wants,
                Wording.say("plantpage.plant-pages.humidity"),
                now.humidity(),
                read.humidityPercent().orElse(null),
                "%");
        read.dayCelsius().ifPresent(day -> wants.add(warmth(Wording.say("plantpage.plant-pages.day"), now.day(), day)));
        read.nightCelsius()
                .ifPresent(night -> wants.add(warmth(Wording.say("plantpage.plant-pages.night"), now.night(), night)));
        return wants;
    }

    private static PlantViews.Want warmth(String what, Range wanted, double given) {
        return new PlantViews.Want(
                what,
                Wording.say(
                        "plantpage.plant-pages.to",
                        Units.number(wanted.low(), Unit.Of.TEMPERATURE),
                        Units.number(wanted.high(), Unit.Of.TEMPERATURE),
                        Units.name(Unit.Of.TEMPERATURE)),
                Units.shown(given, Unit.Of.TEMPERATURE),
                wanted.contains(given));
    }

    private static void number(
            List<PlantViews.Want> wants, String what, Range wanted, @Nullable Double given, String unit) {
        if (given != null) {
            wants.add(new PlantViews.Want(
                    what,
                    Wording.say(
                            "plantpage.plant-pages.to", Limits.plain(wanted.low()), Limits.plain(wanted.high()), unit),
                    Limits.plain(given) + " " + unit,
                    wanted.contains(given)));
        }
    }

    private List<PlantViews.CareLine> care(Plant plant) {
        List<PlantViews.CareLine> lines = new ArrayList<>();
        for (Map.Entry<CareSetting, List<CareEntry>> setting :
                careSheets.careSheet(plant).entrySet()) {
            CareEntry now = setting.getValue().get(0);
            lines.add(new PlantViews.CareLine(
                    Wording.of(setting.getKey()),
                    now.text(),
                    now.reason(),
                    now.since(),
                    setting.getValue().stream()
                            .skip(1)
                            .map(entry ->
                                    Wording.say("plantpage.plant-pages.from", entry.text(), DAY.format(entry.since())))
                            .toList()));
        }
        return lines;
    }
}
