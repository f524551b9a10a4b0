package mildlantern.web.potting;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.time.temporal.WeekFields;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PotKind;
import mildlantern.plant.Season;
import mildlantern.potting.MixList;
import mildlantern.potting.PotDeed;
import mildlantern.potting.PotWork;
import mildlantern.potting.Potting;
import mildlantern.season.PlantYear;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Houses;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The potting bench: which plants are potted this week, and what is put ready for them. */
@Service
@Transactional(readOnly = true)
class BenchPages {
    private static final int LATER = 12;

    private final Plants plants;
    private final PlantKnowledge knowledge;
    private final PotStates pots;
    private final PotWork work;
    private final MixList mixes;
    private final Potting potting;
    private final HandTasks tasks;
    private final CaseTroubles cases;
    private final Houses houses;
    private final YearBook years;
    private final Clock clock;

    BenchPages(
            Plants plants,
            PlantKnowledge knowledge,
            PotStates pots,
            PotWork work,
            MixList mixes,
            Potting potting,
            HandTasks tasks,
            CaseTroubles cases,
            Houses houses,
            YearBook years,
            Clock clock) {
        this.plants = plants;
        this.knowledge = knowledge;
        this.pots = pots;
        this.work = work;
        this.mixes = mixes;
        this.potting = potting;
        this.tasks = tasks;
        this.cases = cases;
        this.houses = houses;
        this.years = years;
        this.clock = clock;
    }

    /**
     * What was chosen for a plant.
     *
     * @param acrossCm the pot that it goes into, cm
     * @param medium id of its medium
     */
    record Choice(PlantId plant, double acrossCm, String medium) {}

    /** A plant on the bench. */
    record Line(PlantId plant, String name, String why, String from, String to, String medium, boolean chosen) {}

    /** A plant whose time comes later. */
    record Later(PlantId plant, String name, String why, String day) {}

    /** A mix to be made. */
    record Mix(String name, String litres, List<String> parts) {}

    /** Something to be bought. */
    record Buy(String what, String much) {}

    /** The bench. */
    record Page(
            String week,
            List<Line> lines,
            List<Later> later,
            List<Medium> media,
            List<Plant> others,
            List<Buy> pots,
            List<Mix> mixes,
            List<Buy> materials,
            long extraPercent) {}

    /** The last day of this week, as the reader begins it. */
    private LocalDate weekEnds() {
        return LocalDate.now(clock)
                .with(TemporalAdjusters.nextOrSame(
                        WeekFields.of(Wording.reader()).getFirstDayOfWeek().minus(1)));
    }

    /**
     * The bench.
     *
     * @param choices what was chosen; empty for all that is due
     * @param asked whether anything was chosen yet
     */
    Page page(CollectionId collection, List<Choice> choices, boolean asked) {
        LocalDate today = LocalDate.now(clock);
        LocalDate ends = weekEnds();
        Function<LocalDate, Season> sun = houses.seasons(collection);
        List<Plant> alive = plants.plants(collection).stream()
                .filter(Plant::alive)
                .sorted(Comparator.comparing(Plant::name))
                .toList();
        Map<PlantId, PlantYear> told = years.house(collection).of(alive);
        Map<PlantId, Choice> chosen =
                choices.stream().collect(Collectors.toMap(Choice::plant, Function.identity(), (one, other) -> one));
        Set<PlantId> planned = planned(collection, ends);
        List<Line> lines = new ArrayList<>();
        Map<Later, LocalDate> later = new LinkedHashMap<>();
        List<Plant> others = new ArrayList<>();
        List<MixList.Job> jobs = new ArrayList<>();
        for (Plant plant : alive) {
            PotDeed deed = work.decide(
                    plants.profile(plant),
                    pots.of(plant, PotStates.Seen.NOTHING),
                    today,
                    Objects.requireNonNull(told.get(plant.id())).seasons(sun));
            boolean due = deed.deed().repots() && deed.when() == PotDeed.When.NOW || planned.contains(plant.id());
            boolean added = !due && chosen.containsKey(plant.id());
            if (due || added) {
                lines.add(line(plant, deed, chosen, asked, added, jobs));
            } else {
                deed.from()
                        .filter(day -> deed.deed().repots() && day.isAfter(today))
                        .ifPresent(day -> later.put(
                                new Later(
                                        plant.id(),
                                        plant.name(),
                                        Wording.of(deed.because()),
                                        DayFormat.YEAR.format(day)),
                                day));
                if (plant.potKind() != PotKind.MOUNT) {
                    others.add(plant);
                }
            }
        }
        MixList.Ready ready = mixes.ready(jobs);
        return new Page(
                DayFormat.WEEKDAY.format(ends),
                List.copyOf(lines),
                later.entrySet().stream()
                        .sorted(Map.Entry.comparingByValue())
                        .limit(LATER)
                        .map(Map.Entry::getKey)
                        .toList(),
                List.copyOf(knowledge.media()),
                List.copyOf(others),
                ready.potsNeeded().entrySet().stream()
                        .map(pot -> new Buy(
                                Wording.say(
                                        "potting.bench.pots",
                                        pot.getValue(),
                                        Units.shown(pot.getKey(), Unit.Of.LENGTH)),
                                ""))
                        .toList(),
                ready.mixes().stream().map(this::mix).toList(),
                ready.materials().entrySet().stream()
                        .map(one -> new Buy(Wording.of(one.getKey()), litres(one.getValue())))
                        .toList(),
                Math.round(100 * (potting.mixExtra() - 1)));
    }

    /** Plants that are to be repotted until a day: planned, or asked for by a trial. */
    private Set<PlantId> planned(CollectionId collection, LocalDate until) {
        Set<PlantId> planned = new HashSet<>(cases.toRepot(collection));
        tasks.until(collection, until).stream()
                .filter(asked -> asked.what().filter(HandTask.REPOT::equals).isPresent())
                .forEach(asked -> asked.plant().ifPresent(planned::add));
        return planned;
    }

    private Line line(
            Plant plant,
            PotDeed deed,
            Map<PlantId, Choice> chosen,
            boolean asked,
            boolean added,
            List<MixList.Job> jobs) {
        Optional<Choice> choice = Optional.ofNullable(chosen.get(plant.id()));
        double to = choice.map(Choice::acrossCm).orElse(deed.potCm().orElse(plant.acrossCm()));
        String medium = choice.map(Choice::medium)
                .orElse(Optional.ofNullable(plant.medium())
                        .orElse(plants.profile(plant).usualMedium()));
        boolean potted = choice.isPresent() || !asked;
        if (potted) {
            jobs.add(new MixList.Job(
                    to > plant.acrossCm() && deed.because() != PotDeed.Because.SPENT
                            ? PotDeed.Deed.POT_ON
                            : PotDeed.Deed.FRESH,
                    plant.potKind(),
                    plant.acrossCm(),
                    to,
                    medium));
        }
        return new Line(
                plant.id(),
                plant.name(),
                added || !deed.deed().repots() ? Wording.say("potting.bench.added") : Wording.of(deed.because()),
                Units.shown(plant.acrossCm(), Unit.Of.LENGTH),
                Units.number(to, Unit.Of.LENGTH),
                medium,
                potted);
    }

    private Mix mix(MixList.Mix mix) {
        return new Mix(
                knowledge.medium(mix.medium()).map(Medium::name).orElse(mix.medium()),
                litres(mix.litres()),
                mix.parts().entrySet().stream()
                        .map(part -> Wording.say("potting.bench.measure", litres(part.getValue()), part.getKey()))
                        .toList());
    }

    /** Litres as they are measured at a bench: to the tenth, and never none. */
    private static String litres(double litres) {
        return Units.shown(Math.max(100, Math.round(litres * 10) * 100), Unit.Of.VOLUME);
    }
}
