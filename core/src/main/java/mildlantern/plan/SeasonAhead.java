package mildlantern.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.care.Gives;
import mildlantern.care.Need;
import mildlantern.care.Need.Standing;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Wants;

/** What the year will ask of a plan: which plants will have to go on again and when, and until when one that lacks something has to bear it. */
public final class SeasonAhead {
    private static final int A_WEEK = 7;

    private SeasonAhead() {}

    /** What stops are expected to give, and plants to want, on days to come. */
    public interface Coming {
        Gives gives(StopId stop, LocalDate day);

        Wants wants(PlantId plant, LocalDate day);
    }

    /**
     * A plant that is well where it will stand, and will not be.
     *
     * @param need what it will miss first
     * @param from about when
     * @param carried whether the plan carries it there: it would have to be carried on
     */
    public record Turn(PlantId plant, StopId stop, Need need, LocalDate from, boolean carried) {}

    /**
     * What is ahead.
     *
     * @param turns plants that will have to go on, the earliest first
     * @param until by plant, the day from which nothing is amiss any more of what is amiss with it now; only where that day is in sight
     */
    public record Ahead(List<Turn> turns, Map<PlantId, LocalDate> until) {}

    /** @param today the day of the plan */
    public static Ahead of(Household house, HousePlan plan, HousePlanner planner, Coming coming, LocalDate today) {
        Weighed weighed = planner.weigh(house);
        PlanKnowledge knowledge = planner.knowledge();
        List<Turn> turns = new ArrayList<>();
        Map<PlantId, LocalDate> until = new HashMap<>();
        for (HousePlan.Fate fate : plan.fates()) {
            List<List<Need>> weeks = new ArrayList<>();
            Fitting fitting = plan.fittings().getOrDefault(fate.to(), Fitting.NONE);
            for (int week = 1; week <= knowledge.weeksAhead; week++) {
                LocalDate day = today.plusDays((long) A_WEEK * week);
                weeks.add(weighed.needs(
                        coming.wants(fate.plant(), day), weighed.gives(coming.gives(fate.to(), day), fitting)));
            }
            turn(fate, weeks, knowledge.missAhead, today).ifPresent(turns::add);
            until(fate, weeks, today).ifPresent(day -> until.put(fate.plant(), day));
        }
        turns.sort(Comparator.comparing(Turn::from)
                .thenComparing(turn -> turn.plant().toString()));
        return new Ahead(List.copyOf(turns), Map.copyOf(until));
    }

    /** The first need that is met today and will be missed for two weeks on end. */
    private static Optional<Turn> turn(HousePlan.Fate fate, List<List<Need>> weeks, double miss, LocalDate today) {
        Set<Need.Kind> amiss = amiss(fate.after());
        for (int week = 0; week + 1 < weeks.size(); week++) {
            Set<Need.Kind> still = missed(weeks.get(week + 1), miss);
            Optional<Need> first = weeks.get(week).stream()
                    .filter(need -> need.miss() >= miss && !amiss.contains(need.kind()) && still.contains(need.kind()))
                    .max(Comparator.comparingDouble(Need::miss));
            if (first.isPresent()) {
                return Optional.of(new Turn(
                        fate.plant(),
                        fate.to(),
                        first.get(),
                        today.plusDays((long) A_WEEK * (week + 1)),
                        fate.moves()));
            }
        }
        return Optional.empty();
    }

    /** The first week from which nothing of what is amiss now is amiss for two weeks on end. */
    private static Optional<LocalDate> until(HousePlan.Fate fate, List<List<Need>> weeks, LocalDate today) {
        Set<Need.Kind> amiss = amiss(fate.after());
        if (amiss.isEmpty()) {
            return Optional.empty();
        }
        for (int week = 0; week + 1 < weeks.size(); week++) {
            if (met(weeks.get(week), amiss) && met(weeks.get(week + 1), amiss)) {
                return Optional.of(today.plusDays((long) A_WEEK * (week + 1)));
            }
        }
        return Optional.empty();
    }

    /** Whether all of some needs are met; one of which nothing is known on that day is not. */
    private static boolean met(List<Need> needs, Set<Need.Kind> kinds) {
        Set<Need.Kind> fit = needs.stream()
                .filter(need -> need.standing() == Standing.FITS)
                .map(Need::kind)
                .collect(Collectors.toSet());
        return fit.containsAll(kinds);
    }

    private static Set<Need.Kind> amiss(List<Need> needs) {
        return missed(needs, Double.MIN_VALUE);
    }

    private static Set<Need.Kind> missed(List<Need> needs, double miss) {
        return needs.stream()
                .filter(need -> need.miss() >= miss)
                .map(Need::kind)
                .collect(Collectors.toSet());
    }
}
