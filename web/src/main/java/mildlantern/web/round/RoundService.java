package mildlantern.web.round;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import mildlantern.knowledge.Words;
import mildlantern.quantity.Limits;
import mildlantern.round.Due;
import mildlantern.round.Lamp;
import mildlantern.round.PlantToday;
import mildlantern.round.RoundPlanner;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.collection.CollectionService;
import mildlantern.web.collection.HappeningKind;
import mildlantern.web.collection.Plant;
import mildlantern.web.collection.PlatePictures;
import mildlantern.web.collection.Stop;
import mildlantern.web.platform.NotHere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts together today's round from the walk, the plants and their cases. */
@Service
@Transactional(readOnly = true)
public class RoundService {
    private static final double PLAN_WIDTH = 640;
    private static final double PLAN_EDGE = 40;
    private static final double PLAN_MIDDLE = 78;
    private static final double USUAL_POT_CM = 13;

    private final CollectionService collections;
    private final CaseTroubles cases;
    private final PlatePictures plates;
    private final RoundPlanner planner;
    private final Clock clock;

    RoundService(
            CollectionService collections,
            CaseTroubles cases,
            PlatePictures plates,
            RoundPlanner planner,
            Clock clock) {
        this.collections = collections;
        this.cases = cases;
        this.plates = plates;
        this.planner = planner;
        this.clock = clock;
    }

    /** What is due today in a collection; worked out once for a page and its frame. */
    Today today(UUID collection) {
        return new Today(collection);
    }

    /** Everything that is due, worked out once. */
    final class Today {
        final UUID collection;
        final LocalDate day = LocalDate.now(clock);
        final List<Stop> walk;
        final Map<UUID, List<Plant>> byStop;
        final Map<UUID, Due> dues = new LinkedHashMap<>();
        final Map<UUID, LocalDate> looked = new LinkedHashMap<>();

        private Today(UUID collection) {
            this.collection = collection;
            walk = collections.walk(collection);
            List<Plant> plants = collections.plants(collection);
            byStop = plants.stream().collect(Collectors.groupingBy(Plant::stop));
            Map<UUID, Map<HappeningKind, LocalDate>> latest = collections.latestDays(
                    collection, List.of(HappeningKind.LOOKED, HappeningKind.MOVED, HappeningKind.ARRIVED));
            Map<UUID, PlantToday.Trouble> troubles = cases.openTroubles(collection);
            for (Stop stop : walk) {
                for (Plant plant : at(stop)) {
                    Map<HappeningKind, LocalDate> days = latest.getOrDefault(plant.id(), Map.of());
                    Optional.ofNullable(days.get(HappeningKind.LOOKED))
                            .ifPresent(lookedOn -> looked.put(plant.id(), lookedOn));
                    planner.due(
                                    new PlantToday(
                                            plant.id(),
                                            Optional.ofNullable(days.get(HappeningKind.LOOKED)),
                                            stop.isolation() ? since(plant, days) : Optional.empty(),
                                            Optional.ofNullable(troubles.get(plant.id()))),
                                    day)
                            .ifPresent(due -> dues.put(plant.id(), due));
                }
            }
        }

        private Optional<LocalDate> since(Plant plant, Map<HappeningKind, LocalDate> days) {
            return Optional.ofNullable(days.get(HappeningKind.MOVED))
                    .or(() -> Optional.ofNullable(days.get(HappeningKind.ARRIVED)))
                    .or(() -> Optional.ofNullable(plant.acquiredOn()));
        }

        List<Plant> at(Stop stop) {
            return byStop.getOrDefault(stop.id(), List.of());
        }

        List<Due> due(Stop stop) {
            return at(stop).stream()
                    .flatMap(plant -> Optional.ofNullable(dues.get(plant.id())).stream())
                    .toList();
        }
    }

    /** The walk for the frame of every page. */
    List<RoundViews.StopLine> walk(Today today) {
        List<RoundViews.StopLine> lines = new ArrayList<>();
        int i = 0;
        for (Stop stop : today.walk) {
            List<Due> dues = today.due(stop);
            Lamp lamp = RoundPlanner.lamp(dues);
            lines.add(new RoundViews.StopLine(
                    stop.id(),
                    stop.name(),
                    climate(stop),
                    Words.id(lamp),
                    lampWords(lamp),
                    dueWords(dues, today.at(stop).size()),
                    (int) Math.round(33 + 6 * Math.sin(i * 1.7)),
                    46 + 76 * i));
            i++;
        }
        return lines;
    }

    private static String lampWords(Lamp lamp) {
        return switch (lamp) {
            case OUT -> "lamp out: nothing to do";
            case LOW -> "lamp low: routine";
            case BRIGHT -> "lamp bright: judgement needed";
        };
    }

    private static String climate(Stop stop) {
        List<String> parts = new ArrayList<>();
        Optional.ofNullable(stop.note()).ifPresent(parts::add);
        Optional.ofNullable(stop.dayCelsius()).ifPresent(day -> parts.add(Limits.plain(day) + "°"));
        Optional.ofNullable(stop.humidityPercent()).ifPresent(rh -> parts.add(Limits.plain(rh) + " %"));
        return String.join(" · ", parts);
    }

    private static String dueWords(List<Due> dues, int plants) {
        if (plants == 0) {
            return "empty";
        }
        long again = count(dues, Due.Kind.LOOK_AGAIN);
        long open = count(dues, Due.Kind.OPEN_CASE);
        long looks = dues.size() - again - open;
        List<String> parts = new ArrayList<>();
        if (again > 0) {
            parts.add(again == 1 ? "look again" : again + " to look again");
        }
        if (open > 0) {
            parts.add(open == 1 ? "1 case" : open + " cases");
        }
        if (looks > 0) {
            parts.add(looks + " to look at");
        }
        return parts.isEmpty() ? "nothing due" : String.join(" · ", parts);
    }

    private static long count(List<Due> dues, Due.Kind kind) {
        return dues.stream().filter(due -> due.kind() == kind).count();
    }

    /** The round at a stop; without one, at the first stop whose lamp burns brightest. */
    Optional<RoundViews.RoundPage> round(Today today, Optional<UUID> stopId) {
        if (today.walk.isEmpty()) {
            return Optional.empty();
        }
        Stop stop = stopId.map(id -> today.walk.stream()
                        .filter(s -> s.id().equals(id))
                        .findFirst()
                        .orElseThrow(() -> new NotHere("stop")))
                .orElseGet(() -> today.walk.stream()
                        .max(Comparator.comparing((Stop s) -> RoundPlanner.lamp(today.due(s)))
                                .thenComparing(
                                        Comparator.comparingInt(Stop::position).reversed()))
                        .orElseThrow());
        List<Plant> plants = today.at(stop);
        Map<UUID, Integer> marks = new LinkedHashMap<>();
        List<RoundViews.Slip> slips = new ArrayList<>();
        today.due(stop).stream().sorted(Comparator.comparing(Due::kind)).forEach(due -> {
            int mark = marks.size() + 1;
            marks.put(due.plant(), mark);
            plants.stream()
                    .filter(plant -> plant.id().equals(due.plant()))
                    .forEach(plant -> slips.add(slip(mark, plant, due)));
        });
        Map<UUID, List<String>> holds = cases.allHolds(today.collection);
        return Optional.of(new RoundViews.RoundPage(
                stop.id(),
                stop.name(),
                Optional.ofNullable(stop.note()).orElse(""),
                sentence(today, stop, plants, slips.size()),
                plan(plants, marks, today),
                Optional.ofNullable(stop.note()).orElse(""),
                slips,
                plants.stream()
                        .filter(plant -> !today.dues.containsKey(plant.id()))
                        .map(plant -> alsoHere(plant, today))
                        .toList(),
                readings(stop),
                plants.stream()
                        .filter(plant ->
                                !holds.getOrDefault(plant.id(), List.of()).isEmpty())
                        .map(plant -> new RoundViews.Held(
                                plant.id(), plant.name(), Words.listed(holds.getOrDefault(plant.id(), List.of()))))
                        .toList(),
                elsewhere(today, stop)));
    }

    private static String sentence(Today today, Stop stop, List<Plant> plants, int due) {
        int number = today.walk.indexOf(stop) + 1;
        String place = "Stop %d of %d. ".formatted(number, today.walk.size());
        if (plants.isEmpty()) {
            return place + "Nothing stands here.";
        }
        String rest = plants.size() - due == 0
                ? ""
                : plants.size() - due == 1
                        ? " One other needs nothing today."
                        : " %d others need nothing today.".formatted(plants.size() - due);
        return place
                + (due == 0 ? "Nothing due here." : due == 1 ? "One thing here." : due + " things here.")
                + (due == 0 ? "" : rest);
    }

    private static RoundViews.Slip slip(int mark, Plant plant, Due due) {
        String words = switch (due.kind()) {
            case LOOK_AGAIN -> "case · look again";
            case OPEN_CASE -> "case · causes to weigh";
            case ISOLATION_LOOK -> "on its own · daily look";
            case ROUTINE_LOOK -> "look";
        };
        boolean inCase = due.kind() == Due.Kind.LOOK_AGAIN || due.kind() == Due.Kind.OPEN_CASE;
        return new RoundViews.Slip(
                mark,
                plant.id(),
                plant.name(),
                Words.id(due.kind()),
                words,
                Words.id(due.kind().lamp()),
                due.why(),
                due.kind() == Due.Kind.LOOK_AGAIN ? "look again" : inCase ? "open the case" : "found something",
                "/plants/" + plant.id() + "/cases",
                !inCase,
                UUID.randomUUID().toString());
    }

    private RoundViews.AlsoHere alsoHere(Plant plant, Today today) {
        String looked = Optional.ofNullable(today.looked.get(plant.id()))
                .map(day -> "looked at " + RoundPlanner.ago(ChronoUnit.DAYS.between(day, today.day)))
                .orElse("not looked at yet");
        return new RoundViews.AlsoHere(
                plant.id(),
                plant.name(),
                collections.profile(plant).name(),
                looked,
                UUID.randomUUID().toString());
    }

    private List<RoundViews.PotOnPlan> plan(List<Plant> plants, Map<UUID, Integer> marks, Today today) {
        double widths = plants.stream().mapToDouble(RoundService::diameter).sum();
        double scale = Math.min(4.2, (PLAN_WIDTH - 2 * PLAN_EDGE) / Math.max(1, widths * 1.55));
        double gap = plants.isEmpty() ? 0 : (PLAN_WIDTH - 2 * PLAN_EDGE - widths * scale) / plants.size();
        List<RoundViews.PotOnPlan> pots = new ArrayList<>();
        double x = PLAN_EDGE;
        for (Plant plant : plants) {
            double radius = diameter(plant) * scale / 2;
            x += gap / 2 + radius;
            pots.add(new RoundViews.PotOnPlan(
                    plant.id(),
                    plant.name(),
                    plates.fromAbove(plant, x, PLAN_MIDDLE, radius),
                    x,
                    x,
                    PLAN_MIDDLE + 72,
                    x + radius * 0.9 + 4,
                    PLAN_MIDDLE - radius * 0.9 - 4,
                    marks.getOrDefault(plant.id(), 0),
                    Optional.ofNullable(today.dues.get(plant.id()))
                            .map(due -> Words.id(due.kind().lamp()))
                            .orElse("out")));
            x += radius + gap / 2;
        }
        return pots;
    }

    private static double diameter(Plant plant) {
        return plant.potDiameterCm() == null ? USUAL_POT_CM : Math.min(24, plant.potDiameterCm());
    }

    private static List<RoundViews.Reading> readings(Stop stop) {
        List<RoundViews.Reading> readings = new ArrayList<>();
        Optional.ofNullable(stop.light())
                .ifPresent(light -> readings.add(new RoundViews.Reading("Light", Words.id(light), "")));
        Optional.ofNullable(stop.humidityPercent())
                .ifPresent(rh -> readings.add(new RoundViews.Reading("Humidity", Limits.plain(rh), "%")));
        Optional.ofNullable(stop.dayCelsius())
                .ifPresent(day -> readings.add(new RoundViews.Reading("Day", Limits.plain(day), "°C")));
        Optional.ofNullable(stop.nightCelsius())
                .ifPresent(night -> readings.add(new RoundViews.Reading("Night", Limits.plain(night), "°C")));
        return readings;
    }

    private List<RoundViews.Elsewhere> elsewhere(Today today, Stop here) {
        return today.walk.stream()
                .filter(stop -> !stop.id().equals(here.id()) && !today.due(stop).isEmpty())
                .map(stop -> new RoundViews.Elsewhere(
                        stop.id(),
                        stop.name(),
                        dueWords(today.due(stop), today.at(stop).size())))
                .toList();
    }

    String weekday() {
        return LocalDate.now(clock).format(DateTimeFormatter.ofPattern("EEEE", Locale.UK));
    }

    String day() {
        return LocalDate.now(clock).format(DateTimeFormatter.ofPattern("d MMMM", Locale.UK));
    }
}
