package mildlantern.web.away;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import mildlantern.away.AwayPlan;
import mildlantern.away.AwayPlanner;
import mildlantern.away.Measure;
import mildlantern.away.Waterer;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The return, for reading: leaves first, then roots, then pests, the plant most at risk first. */
@Service
@Transactional(readOnly = true)
class BackPages {
    /** Mites need about so many days in warm air from a few to many. */
    private static final int UNSEEN = 8;

    private final Absences absences;
    private final AwayPlanner planner;
    private final Plants plants;
    private final Stops stops;
    private final Clock clock;

    BackPages(Absences absences, AwayPlanner planner, Plants plants, Stops stops, Clock clock) {
        this.absences = absences;
        this.planner = planner;
        this.plants = plants;
        this.stops = stops;
        this.clock = clock;
    }

    /** The return: the plants in the order in which they are looked at. */
    record Back(String title, String summary, boolean helped, List<BackLine> first, List<BackLine> then) {}

    /** What is looked at on a plant: leaves, roots, pests, in that order. */
    record BackLine(PlantId plant, String name, String kind, List<String> looks) {}

    Optional<Back> back(CollectionId collection) {
        return absences.open(collection)
                .filter(absence -> absence.gone(LocalDate.now(clock)))
                .map(absence -> back(collection, absence));
    }

    private Back back(CollectionId collection, Absence absence) {
        LocalDate today = LocalDate.now(clock);
        Known known = Known.of(plants, stops, collection);
        AwayPlan plan = absences.plan(absence);
        Absence.Dates dates = absence.dates();
        long days = ChronoUnit.DAYS.between(dates.leaves(), today);
        Predicate<AwayPlan.Line> inDanger = planner::endangers;
        List<AwayPlan.Line> lines = plan.lines().stream()
                .filter(line -> known.plants().containsKey(line.plant()))
                .filter(line ->
                        inDanger.test(line) || !looks(line, absence, today).isEmpty())
                .toList();
        Function<AwayPlan.Line, BackLine> drawn = line -> {
            Plant plant = Objects.requireNonNull(known.plants().get(line.plant()));
            return new BackLine(
                    plant.id(),
                    plant.name(),
                    plants.profile(plant).name() + ", " + known.stop(plant),
                    looks(line, absence, today));
        };
        return new Back(
                Wording.say("away.back.title", DayFormat.LONG.format(dates.leaves())),
                Wording.say("away.back.summary", days, lines.size()),
                !plan.visits().isEmpty(),
                lines.stream().filter(inDanger).map(drawn).toList(),
                lines.stream().filter(inDanger.negate()).map(drawn).toList());
    }

    private static List<String> looks(AwayPlan.Line line, Absence absence, LocalDate today) {
        Absence.Dates dates = absence.dates();
        long days = ChronoUnit.DAYS.between(dates.leaves(), today);
        boolean rests = line.measure() == Measure.KEPT_DRY;
        Optional<String> leaves = line.wantsOn().isBefore(today) && !rests
                ? Optional.of(leaves(line, absence.leftOn().isPresent()))
                : Optional.empty();
        Optional<String> roots = line.helped() && dates.who() == Waterer.HELPER
                ? Optional.of(Wording.say("away.back.roots-helped"))
                : line.measure() == Measure.RESERVOIR
                        ? Optional.of(Wording.say("away.back.roots-reservoir"))
                        : Optional.empty();
        Optional<String> pests =
                days >= UNSEEN && !rests ? Optional.of(Wording.say("away.back.pests")) : Optional.empty();
        return Stream.of(leaves, roots, pests).flatMap(Optional::stream).toList();
    }

    private static String leaves(AwayPlan.Line line, boolean done) {
        String day = DayFormat.SHORT.format(line.wantsOn());
        return done && line.measure().soaked()
                ? Wording.say("away.back.leaves-soaked", day)
                : Wording.say("away.back.leaves", day);
    }
}
