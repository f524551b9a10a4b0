package mildlantern.web.task;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Work by hand for pages: what is due, and what comes in the weeks ahead. */
@Service
@Transactional(readOnly = true)
public class HandPages {
    private final HandTasks tasks;
    private final Plants plants;
    private final Clock clock;

    HandPages(HandTasks tasks, Plants plants, Clock clock) {
        this.tasks = tasks;
        this.plants = plants;
        this.clock = clock;
    }

    /**
     * A line of work.
     *
     * @param task id of the task, or blank
     * @param errand the errand, or blank
     * @param plant the plant's id, or blank
     * @param name what it is done to
     * @param words what is done
     * @param path where it is answered, or blank
     * @param day its day, in words
     * @param late whether its day is over
     * @param form the key of its form
     */
    public record Line(
            String task,
            String errand,
            String plant,
            String name,
            String words,
            String path,
            String day,
            boolean late,
            FormKey form) {}

    /** What is due, and what comes. */
    public record Page(List<Line> due, List<Line> coming) {}

    /** All work by hand of a collection. */
    public Page page(CollectionId collection) {
        LocalDate today = LocalDate.now(clock);
        List<Asked> all = tasks.ahead(collection, today);
        Map<PlantId, Plant> named = named(collection, all);
        List<Line> due = new ArrayList<>();
        List<Line> coming = new ArrayList<>();
        all.forEach(asked -> (asked.day().isAfter(today) ? coming : due).add(line(asked, named, today)));
        return new Page(List.copyOf(due), List.copyOf(coming));
    }

    /** What is due, of plants for which something is so, and of the house. */
    public List<Line> due(CollectionId collection, HandsToday hands, Predicate<Plant> those) {
        List<Asked> all = hands.due();
        Map<PlantId, Plant> named = named(collection, all);
        return all.stream()
                .filter(asked -> asked.plant()
                        .map(plant -> Optional.ofNullable(named.get(plant))
                                .filter(those)
                                .isPresent())
                        .orElse(true))
                .map(asked -> line(asked, named, hands.day()))
                .toList();
    }

    /** What is planned for a plant. */
    public List<Line> of(Plant plant) {
        LocalDate today = LocalDate.now(clock);
        return tasks.of(plant).stream()
                .map(asked -> line(asked, Map.of(plant.id(), plant), today))
                .toList();
    }

    private Map<PlantId, Plant> named(CollectionId collection, List<Asked> all) {
        return all.isEmpty()
                ? Map.of()
                : plants
                        .plants(
                                collection,
                                all.stream()
                                        .flatMap(asked -> asked.plant().stream())
                                        .distinct()
                                        .toList())
                        .stream()
                        .collect(Collectors.toMap(Plant::id, Function.identity()));
    }

    private static Line line(Asked asked, Map<PlantId, Plant> named, LocalDate today) {
        return new Line(
                asked.task().map(String::valueOf).orElse(""),
                asked.errand().map(Enum::name).orElse(""),
                asked.plant().map(String::valueOf).orElse(""),
                asked.plant()
                        .flatMap(plant -> Optional.ofNullable(named.get(plant)))
                        .map(Plant::name)
                        .orElseGet(() -> Wording.say("task.hands.house")),
                asked.words(),
                asked.path().orElse(""),
                asked.day().equals(today) ? Wording.say("task.hands.today") : DayFormat.WEEKDAY.format(asked.day()),
                asked.day().isBefore(today),
                FormKey.fresh());
    }
}
