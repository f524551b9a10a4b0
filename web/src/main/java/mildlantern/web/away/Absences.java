package mildlantern.web.away;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import mildlantern.away.AwayPlan;
import mildlantern.away.AwayPlanner;
import mildlantern.away.LeftPlant;
import mildlantern.log.LogEntry;
import mildlantern.log.Way;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.season.PlantYear;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.routine.WaterBook;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans for the days on which the grower is away, and writes down what was done. */
@Service
class Absences {
    private static final int DAYS_BACK = 180;

    private final AwayPlanner planner;
    private final AwayRows.Absences rows;
    private final AwayRows.Plants left;
    private final AwayRows.Visits visits;
    private final Plants plants;
    private final Stops stops;
    private final LogBook logBook;
    private final WaterBook water;
    private final RecordWriter log;
    private final Routine routine;
    private final WrittenForms forms;
    private final Clock clock;

    Absences(
            AwayPlanner planner,
            AwayRows.Absences rows,
            AwayRows.Plants left,
            AwayRows.Visits visits,
            Plants plants,
            Stops stops,
            LogBook logBook,
            WaterBook water,
            RecordWriter log,
            Routine routine,
            WrittenForms forms,
            Clock clock) {
        this.planner = planner;
        this.rows = rows;
        this.left = left;
        this.visits = visits;
        this.plants = plants;
        this.stops = stops;
        this.logBook = logBook;
        this.water = water;
        this.log = log;
        this.routine = routine;
        this.forms = forms;
        this.clock = clock;
    }

    /** The absence that is planned or runs. */
    @Transactional(readOnly = true)
    public Optional<Absence> open(CollectionId collection) {
        return rows.findByCollectionAndState(collection, Absence.State.OPEN);
    }

    /** What was planned. */
    @Transactional(readOnly = true)
    public AwayPlan plan(Absence absence) {
        Map<LocalDate, List<AwayPlan.Portion>> days =
                visits.findByCollectionAndAbsenceOrderByOnDay(absence.collection(), absence.key()).stream()
                        .collect(Collectors.groupingBy(
                                HelperVisit::onDay,
                                TreeMap::new,
                                Collectors.mapping(
                                        it -> new AwayPlan.Portion(it.plant(), it.ml()), Collectors.toList())));
        return new AwayPlan(
                left.findByCollectionAndAbsence(absence.collection(), absence.key()).stream()
                        .map(LeftBehind::line)
                        .sorted(AwayPlan.MOST_AT_RISK_FIRST)
                        .toList(),
                days.entrySet().stream()
                        .map(day -> new AwayPlan.Visit(day.getKey(), day.getValue()))
                        .toList());
    }

    /** Makes the plan, or makes it anew with other dates; a form sent twice makes it once. */
    @Transactional
    public void plan(CollectionId collection, FormKey form, Absence.Dates dates) {
        if (!forms.firstTime(collection, form)) {
            return;
        }
        Absence absence =
                open(collection).orElseGet(() -> new Absence(collection)).planned(dates, LocalDate.now(clock));
        AwayPlan plan = planner.plan(leftPlants(collection), dates.leaves(), dates.back(), dates.who());
        rows.save(absence);
        left.forget(collection, absence.key());
        visits.forget(collection, absence.key());
        plan.lines().forEach(line -> left.save(new LeftBehind(absence, line)));
        plan.visits()
                .forEach(visit -> visit.portions()
                        .forEach(portion ->
                                visits.save(new HelperVisit(absence, visit.day(), portion.plant(), portion.ml()))));
    }

    private List<LeftPlant> leftPlants(CollectionId collection) {
        List<Plant> all =
                plants.plants(collection).stream().filter(Plant::alive).toList();
        Set<StopId> outdoors = stops.walk(collection).stream()
                .filter(stop -> stop.kind() == StopKind.OUTDOORS)
                .map(Stop::id)
                .collect(Collectors.toSet());
        WaterBook.Climates climates = water.climates(collection);
        Map<PlantId, PlantYear> years = climates.house().of(all);
        Map<PlantId, List<LogLine>> logs = logBook.entries(
                collection,
                all.stream().map(Plant::id).toList(),
                LocalDate.now(clock).minusDays(DAYS_BACK));
        return all.stream()
                .map(plant -> {
                    Profile kind = plants.profile(plant);
                    PlantYear year = Objects.requireNonNull(years.get(plant.id()));
                    return new LeftPlant(
                            plant.id(),
                            water.estimate(plant, kind, logs.getOrDefault(plant.id(), List.of()), climates, year)
                                    .prospect(),
                            year.wants(),
                            water.wicks(plant, kind),
                            outdoors.contains(plant.stop()));
                })
                .toList();
    }

    /** Calls it off; nothing of it is written into the record. */
    @Transactional
    public void callOff(CollectionId collection) {
        open(collection)
                .ifPresent(
                        absence -> rows.end(collection, absence.key(), Absence.State.CALLED_OFF, Absence.State.OPEN));
    }

    /** What was to be done before is done: what was wetted through goes into the record. */
    @Transactional
    public void left(CollectionId collection, FormKey form) {
        Optional<Absence> absence = open(collection);
        if (absence.isEmpty()) {
            return;
        }
        List<PlantId> soaked = plan(absence.get()).lines().stream()
                .filter(line -> line.measure().soaked())
                .map(AwayPlan.Line::plant)
                .toList();
        LocalDate today = LocalDate.now(clock);
        routine.write(collection, soaked, () -> {
            // From another page it may have been noted by now.
            if (forms.firstTime(collection, form)
                    && rows.leave(collection, absence.get().key(), today, Absence.State.OPEN) == 1) {
                BatchId batch = BatchId.fresh();
                alive(collection, soaked)
                        .forEach(plant -> log.write(
                                collection,
                                plant.id(),
                                today,
                                List.of(RecordWriter.Line.of(watered(plant, OptionalInt.empty()))),
                                Optional.of(batch)));
            }
        });
    }

    /**
     * The grower is back: what happened meanwhile goes into the record of every plant, and can be taken back together.
     *
     * @param asPlanned whether the helper came on the days that were planned; else nobody came
     */
    @Transactional
    public void back(CollectionId collection, FormKey form, boolean asPlanned) {
        Optional<Absence> absence = open(collection).filter(it -> it.gone(LocalDate.now(clock)));
        if (absence.isEmpty()) {
            return;
        }
        AwayPlan plan = plan(absence.get());
        List<PlantId> all = plan.lines().stream().map(AwayPlan.Line::plant).toList();
        routine.write(collection, all, () -> {
            if (forms.firstTime(collection, form)
                    && rows.end(collection, absence.get().key(), Absence.State.OVER, Absence.State.OPEN) == 1) {
                write(absence.get(), plan, asPlanned);
            }
        });
    }

    private void write(Absence absence, AwayPlan plan, boolean asPlanned) {
        LocalDate today = LocalDate.now(clock);
        LocalDate leaves = absence.dates().leaves();
        BatchId batch = BatchId.fresh();
        String from = DayFormat.SHORT.format(leaves);
        String until = DayFormat.SHORT.format(today);
        String words = asPlanned && !plan.visits().isEmpty()
                ? Wording.say("away.record.helped", from, until)
                : Wording.say("away.record.alone", from, until);
        for (Plant plant : alive(
                absence.collection(),
                plan.lines().stream().map(AwayPlan.Line::plant).toList())) {
            plan.visits().stream()
                    .filter(visit -> asPlanned && visit.day().isBefore(today))
                    .forEach(visit -> visit.portions().stream()
                            .filter(portion -> portion.plant().equals(plant.id()))
                            .forEach(portion -> log.write(
                                    absence.collection(),
                                    plant.id(),
                                    visit.day(),
                                    List.of(RecordWriter.Line.of(watered(plant, OptionalInt.of(portion.ml())))),
                                    Optional.of(batch))));
            log.write(
                    absence.collection(),
                    plant.id(),
                    leaves.isBefore(today) ? leaves : today,
                    List.of(new RecordWriter.Line(new LogEntry.Noted(), words)),
                    Optional.of(batch));
        }
    }

    private List<Plant> alive(CollectionId collection, List<PlantId> some) {
        Set<PlantId> wanted = Set.copyOf(some);
        return plants.plants(collection).stream()
                .filter(plant -> plant.alive() && wanted.contains(plant.id()))
                .toList();
    }

    private LogEntry watered(Plant plant, OptionalInt ml) {
        Way way = water.tray(plant, plants.profile(plant)) ? Way.RESERVOIR : Way.ABOVE;
        return new LogEntry.Watered(ml, Optional.ofNullable(plant.waterSource()), way, Optional.empty());
    }
}
