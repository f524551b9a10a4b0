package mildlantern.web.plantpage;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import mildlantern.care.Needs;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Disorder;
import mildlantern.knowledge.Words;
import mildlantern.log.LogEntry;
import mildlantern.nutrition.FeedPlan;
import mildlantern.nutrition.PotAccount;
import mildlantern.place.BenchPlan;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;
import mildlantern.treatment.CareSetting;
import mildlantern.water.WaterStory;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.log.LogWords;
import mildlantern.web.photo.PhotoService;
import mildlantern.web.plant.CareEntry;
import mildlantern.web.plant.CareSheets;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.plant.PotWords;
import mildlantern.web.plant.Standing;
import mildlantern.web.plant.Troubles;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.FoodBook;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.routine.Schedules;
import mildlantern.web.routine.WaterBook;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopNow;
import mildlantern.web.stop.StopStates;
import mildlantern.web.stop.Stops;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts together a plant's page and its strip of time. */
@Service
@Transactional(readOnly = true)
class PlantPages {
    private static final int RECORD_LINES = 12;
    private static final int SHORTEST = 14;
    private static final int LONGEST = 3650;

    /** The curve is told from so long before the axis, so that it has settled where the axis begins. */
    private static final int DAYS_BEFORE = 30;

    private static final DateTimeFormatter SHORT = DateTimeFormatter.ofPattern("d MMM", Locale.UK);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK);

    private final Plants plants;
    private final LogBook logBook;
    private final Stops stops;
    private final CareSheets careSheets;
    private final WaterBook waterBook;
    private final FoodBook food;
    private final Schedules upkeep;
    private final StopStates states;
    private final PhotoService photos;
    private final Troubles troubles;
    private final Diagnosis diagnosis;
    private final Needs needs;
    private final FeedPlan feeds;
    private final Houses houses;
    private final Clock clock;

    PlantPages(
            Plants plants,
            LogBook logBook,
            Stops stops,
            CareSheets careSheets,
            WaterBook waterBook,
            FoodBook food,
            Schedules upkeep,
            StopStates states,
            PhotoService photos,
            Troubles troubles,
            Diagnosis diagnosis,
            Needs needs,
            FeedPlan feeds,
            Houses houses,
            Clock clock) {
        this.plants = plants;
        this.logBook = logBook;
        this.stops = stops;
        this.careSheets = careSheets;
        this.waterBook = waterBook;
        this.food = food;
        this.upkeep = upkeep;
        this.states = states;
        this.photos = photos;
        this.troubles = troubles;
        this.diagnosis = diagnosis;
        this.needs = needs;
        this.feeds = feeds;
        this.houses = houses;
        this.clock = clock;
    }

    PlantViews.PlantPage page(CollectionId collection, PlantId id) {
        Plant plant = plants.plant(collection, id);
        List<LogLine> log = logBook.entries(plant);
        Profile profile = plants.profile(plant);
        Stop stop = stops.stop(collection, plant.stop());
        List<Troubles.Trouble> cases = troubles.of(plant);
        Optional<ScheduleRow> row = upkeep.of(collection, id);
        return new PlantViews.PlantPage(
                plant.id(),
                plant.name(),
                profile.name()
                        + Optional.ofNullable(plant.cultivar())
                                .map(name -> " ‘" + name + "’")
                                .orElse(""),
                profile.botanical(),
                plant.alive() ? Optional.empty() : Optional.of(ended(plant)),
                stop.name(),
                stop.id(),
                profile.harm(),
                profile.rest(),
                Words.listed(profile.habits().stream()
                        .flatMap(habit -> diagnosis.knowledge().disorder(habit).stream())
                        .map(Disorder::name)
                        .map(name -> name.toLowerCase(Locale.ROOT))
                        .toList()),
                plant.version(),
                row.map(this::water).orElse(""),
                row.map(it -> Math.max(10, Math.round(it.wetThroughMl() / 10f) * 10))
                        .orElse(100),
                wants(profile, stop),
                facts(plant, profile, row, log),
                care(plant),
                log.stream()
                        .limit(RECORD_LINES)
                        .map(happening -> new PlantViews.DayLine(
                                happening.id(), happening.onDay(), LogWords.said(happening), plant.alive()))
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
                ? "Lost"
                : plant.state() == Plant.State.RETIRED ? "No longer kept" : "Withdrawn";
        return how
                + Optional.ofNullable(plant.endedOn())
                        .map(day -> " since " + DAY.format(day))
                        .orElse("")
                + Optional.ofNullable(plant.endedCause()).map(why -> ": " + why).orElse("");
    }

    private String water(ScheduleRow row) {
        LocalDate today = LocalDate.now(clock);
        String thirst = row.observations() == 0
                ? "reckoned for its kind; a probe or a weight makes it this plant's own"
                : "%s readings: it drinks %s what is usual for its kind here"
                        .formatted(
                                row.observations(),
                                row.factor() > 1.15
                                        ? Limits.tenths(row.factor()) + " times"
                                        : row.factor() < 0.87
                                                ? "only " + Limits.tenths(row.factor()) + " times"
                                                : "about");
        return row.upkeep()
                .water()
                .map(check -> "%s in %s (%s to %s). A soak lasts about %s days here; %s."
                        .formatted(
                                check.tray() ? "Tray empty" : "Dry enough",
                                days(today, check.likely()),
                                SHORT.format(check.early()),
                                SHORT.format(check.late()),
                                Limits.tenths(row.cycleDays()),
                                thirst))
                .orElse("No watering is written down yet. Note one, and the next look into the pot is worked out.");
    }

    private static String days(LocalDate from, LocalDate to) {
        long days = Math.max(0, ChronoUnit.DAYS.between(from, to));
        return days == 0 ? "less than a day" : days == 1 ? "about a day" : "about " + days + " days";
    }

    private List<PlantViews.Want> facts(Plant plant, Profile profile, Optional<ScheduleRow> row, List<LogLine> log) {
        List<PlantViews.Want> facts = new ArrayList<>();
        Optional.ofNullable(plant.accession()).ifPresent(number -> fact(facts, "Number", number));
        String pot = Stream.of(
                        plant.potDiameterCm() == null ? "" : Limits.plain(plant.potDiameterCm()) + " cm",
                        PotWords.of(plant.potKind()),
                        Boolean.TRUE.equals(plant.outerPot()) ? "in an outer pot" : "",
                        plant.reservoirMl() > 0 ? "reservoir " + Limits.plain(plant.reservoirMl()) + " mL" : "")
                .filter(text -> !text.isEmpty())
                .reduce((a, b) -> a + ", " + b)
                .orElse("");
        fact(facts, "Pot", pot);
        Optional.ofNullable(plant.medium())
                .ifPresent(medium -> fact(
                        facts,
                        "Medium",
                        Words.spoken(medium)
                                + Optional.ofNullable(plant.pottedOn())
                                        .map(day -> ", since " + DAY.format(day))
                                        .orElse("")));
        Optional.ofNullable(plant.acquiredOn())
                .ifPresent(day -> fact(
                        facts,
                        "Came",
                        DAY.format(day)
                                + Optional.ofNullable(plant.source())
                                        .map(from -> ", " + from)
                                        .orElse("")));
        row.filter(it -> it.upkeep().water().isPresent())
                .ifPresent(it -> fact(facts, "To wet it through", Math.round(it.wetThroughMl() / 10.0) * 10 + " mL"));
        if (plant.wetGrams() != null || plant.dryGrams() != null) {
            fact(
                    facts,
                    "Weighs",
                    Optional.ofNullable(plant.wetGrams()).map(g -> g + " g wet").orElse("wet not known") + ", "
                            + Optional.ofNullable(plant.dryGrams())
                                    .map(g -> g + " g dry")
                                    .orElse("dry not known"));
        }
        newLeaf(log).ifPresent(words -> fact(facts, "New leaf", words));
        food.balance(plant, profile, log, LocalDate.now(clock))
                .ifPresent(balance -> fact(facts, "In its pot", held(balance)));
        return facts;
    }

    /** The newest leaf against the one before: the measure of whether it thrives. */
    private Optional<String> newLeaf(List<LogLine> log) {
        List<Double> lengths = log.stream()
                .flatMap(line -> line.as(LogEntry.NewLeaf.class).stream())
                .map(LogEntry.NewLeaf::lengthCm)
                .limit(2)
                .toList();
        if (lengths.isEmpty()) {
            return Optional.empty();
        }
        String now = Limits.plain(lengths.get(0)) + " cm";
        return Optional.of(
                lengths.size() < 2
                        ? now + ", the first that was measured"
                        : "%s, %s than the last (%s cm)%s"
                                .formatted(
                                        now,
                                        switch (feeds.leaf(lengths.get(0), lengths.get(1))) {
                                            case BIGGER -> "bigger";
                                            case ALIKE -> "no other";
                                            case SMALLER -> "smaller";
                                        },
                                        Limits.plain(lengths.get(1)),
                                        feeds.leaf(lengths.get(0), lengths.get(1)) == FeedPlan.LeafVerdict.BIGGER
                                                ? ": it thrives"
                                                : ""));
    }

    private static String held(PotAccount.Balance balance) {
        String words = "roughly %d mg/L nitrogen, salts %.1f mS/cm"
                .formatted(Math.round(balance.nitrogenPerLitre()), balance.conductivity());
        return words
                + (balance.flushDue()
                        ? ": wants a flush"
                        : balance.hungry() ? ": goes short, feed it if nothing holds" : "");
    }

    private static void fact(List<PlantViews.Want> facts, String what, String value) {
        facts.add(new PlantViews.Want(what, value, "", true));
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
            kin.add(new PlantViews.Neighbour(mother.id(), mother.name(), "mother"));
        }
        plants.offspring(plant)
                .forEach(child -> kin.add(new PlantViews.Neighbour(
                        child.id(), child.name(), child.alive() ? "came from it" : "came from it; no longer kept")));
        return kin;
    }

    private List<PlantViews.Want> wants(Profile profile, Stop stop) {
        List<PlantViews.Want> wants = new ArrayList<>();
        StopNow now = states.of(stop);
        now.lightMol()
                .ifPresentOrElse(
                        mol -> {
                            Range wanted = needs.light(profile, houses.season(stop.collection(), LocalDate.now(clock)));
                            number(
                                    wants,
                                    "Light a day",
                                    new Range(Math.rint(wanted.low() * 10) / 10, Math.rint(wanted.high() * 10) / 10),
                                    mol,
                                    "mol");
                        },
                        () -> now.brightness()
                                .ifPresent(light -> wants.add(new PlantViews.Want(
                                        "Light",
                                        Words.id(profile.light()),
                                        Words.id(light),
                                        light == profile.light()))));
        number(wants, "Humidity", profile.humidity(), now.humidityPercent().orElse(null), "%");
        number(wants, "Day", profile.day(), now.dayCelsius().orElse(null), "°C");
        now.nightCelsius()
                .ifPresent(night -> wants.add(new PlantViews.Want(
                        "Night",
                        Limits.plain(profile.night().celsius()) + " °C or more",
                        Limits.plain(night) + " °C",
                        night >= profile.night().celsius())));
        return wants;
    }

    private static void number(
            List<PlantViews.Want> wants, String what, Range wanted, @Nullable Double given, String unit) {
        if (given != null) {
            wants.add(new PlantViews.Want(
                    what,
                    "%s to %s %s".formatted(Limits.plain(wanted.low()), Limits.plain(wanted.high()), unit),
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
                    setting.getKey().words(),
                    now.text(),
                    now.reason(),
                    now.since(),
                    setting.getValue().stream()
                            .skip(1)
                            .map(entry -> entry.text() + " (from " + DAY.format(entry.since()) + ")")
                            .toList()));
        }
        return lines;
    }

    /**
     * The strip of time.
     *
     * @param days length of the axis
     * @param end its last day; today or earlier
     */
    PlantViews.StripPage strip(CollectionId collection, PlantId id, int days, LocalDate end) {
        Plant plant = plants.plant(collection, id);
        LocalDate today = LocalDate.now(clock);
        int length = Math.max(SHORTEST, Math.min(LONGEST, days));
        LocalDate last = end.isAfter(today) ? today : end;
        LocalDate from = last.minusDays(length);
        // A tenth of the axis is kept for the days to come.
        LocalDate until = last.equals(today) ? today.plusDays(Math.max(4, length / 10)) : last;
        List<LogLine> log = logBook.entries(plant, from.minusDays(DAYS_BEFORE));
        WaterStory.Told told = waterBook.tell(plant, plants.profile(plant), log, waterBook.climates(collection));
        List<Strip.Span> cases = troubles.of(plant).stream()
                .map(trouble -> new Strip.Span(
                        trouble.opened(),
                        trouble.open() ? Optional.empty() : trouble.closed().or(() -> Optional.of(trouble.opened())),
                        trouble.words(),
                        Strip.caseAddress(trouble.id())))
                .toList();
        Optional<Strip.Span> bloom = Optional.ofNullable(plant.bloomSince())
                .map(since -> new Strip.Span(since, Optional.empty(), "in bloom", ""));
        Strip.Drawn drawn =
                new Strip(from, until, today).draw(told, told.outlook().threshold(), log, cases, bloom);
        return new PlantViews.StripPage(
                id,
                drawn,
                Stream.of(42, 120, 425, 1850)
                        .map(span -> new PlantViews.Zoom(
                                span == 42
                                        ? "6 weeks"
                                        : span == 120 ? "4 months" : span == 425 ? "14 months" : "5 years",
                                address(id, span, last),
                                span == length))
                        .toList(),
                Optional.of(address(id, length, last.minusDays(length / 2))),
                last.equals(today) ? Optional.empty() : Optional.of(address(id, length, last.plusDays(length / 2))));
    }

    private static String address(PlantId id, int days, LocalDate end) {
        return "/plants/" + id + "/strip?days=" + days + "&end=" + end;
    }
}
