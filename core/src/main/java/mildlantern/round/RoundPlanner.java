package mildlantern.round;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.message.Message;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.Profile;
import mildlantern.plant.Wants;
import mildlantern.quantity.Range;
import mildlantern.quarantine.IsolationClock;
import mildlantern.water.WaterOutlook;

/** Works out when a plant's routine is due, and what of everything is due today. */
public final class RoundPlanner {
    private final RoutineDays routine;
    private final int lookNearCatching;
    private final double cupEmptiedBelow;
    private final double driedBelow;

    private RoundPlanner(Entry rules) {
        routine = new RoutineDays(rules);
        lookNearCatching = (int) rules.number("look-near-catching", 1, 60);
        cupEmptiedBelow = rules.number("cup-emptied-below", -20, 30);
        driedBelow = rules.number("dried-below", cupEmptiedBelow, 30);
    }

    /**
     * Reads the rules of the routine.
     *
     * @throws KnowledgeException if the file is wrong
     */
    public static RoundPlanner load() {
        return new RoundPlanner(KnowledgeFiles.open("routine.yaml"));
    }

    /** How many days may pass between looks where a neighbour has something catching. */
    public int lookNearCatching() {
        return lookNearCatching;
    }

    /** Whether a night, °C, is so cold that water is tipped out of any plant before it. */
    public boolean coldForWater(double nightCelsius) {
        return nightCelsius < driedBelow;
    }

    /** Days from and by when after the last one a plant is fed at its roots. */
    public Range feedDays() {
        return routine.feedDays();
    }

    /** Whether a plant of a kind may hold water between its leaves. */
    public static boolean holdsWater(Profile profile) {
        return profile.form() == GrowthForm.TANK_ROSETTE || profile.form() == GrowthForm.AIR_PLANT;
    }

    /**
     * Why water must be tipped out of a plant before so cold a night: a cup stays full, and an air plant that was wetted holds water between its leaves.
     *
     * @param nightCelsius the night, °C
     * @param wetted whether it was wetted today
     */
    public Optional<DueReason> tipOut(Profile profile, double nightCelsius, boolean wetted) {
        return switch (profile.form()) {
            case TANK_ROSETTE ->
                nightCelsius < cupEmptiedBelow ? Optional.of(DueReason.CUP_IN_THE_COLD) : Optional.empty();
            case AIR_PLANT ->
                wetted && nightCelsius < driedBelow ? Optional.of(DueReason.WET_IN_THE_COLD) : Optional.empty();
            default -> Optional.empty();
        };
    }

    /**
     * Chooses the days of a plant's routine, each within what the plant allows, so that the collection's work is level. What
     * must not wait gets no choice.
     *
     * @param wants what it wants at its time of the year
     * @param outlook what its pot lets expect from today on
     * @param tray whether a tray or reservoir is to be filled
     * @param last when things last happened
     * @param feedEvery days from and by when after the last feed it is fed again; empty where it is not fed now
     * @param today the day of reckoning
     * @param before what was chosen last time; a day that is still right is kept
     * @param load the work planned so far, without this plant's; what is chosen here is added to it
     */
    public CareSchedule plan(
            Wants wants,
            WaterOutlook outlook,
            boolean tray,
            LastDone last,
            Optional<Range> feedEvery,
            LocalDate today,
            Optional<CareSchedule> before,
            Load load) {
        return routine.plan(wants, outlook, tray, last, feedEvery, today, before, load);
    }

    /**
     * What is due on a plant today, the most pressing first.
     *
     * @param plant what is known of it
     * @param today the day of the round
     */
    public List<Due> due(PlantToday plant, LocalDate today) {
        List<Due> dues = new ArrayList<>();
        CareSchedule schedule = plant.schedule();
        Optional<PlantToday.Trouble> trouble = plant.trouble().filter(it -> !rests(it, today));
        trouble.flatMap(it -> ofCase(plant, it, today)).ifPresent(dues::add);
        plant.step()
                .ifPresent(
                        what -> dues.add(new Due(plant.id(), Due.Kind.COURSE_STEP, DueReason.AS_PLANNED.with(what))));
        plant.move()
                .ifPresent(what -> dues.add(new Due(plant.id(), Due.Kind.MOVE_STEP, DueReason.AS_PLANNED.with(what))));
        if (schedule.putOff().filter(today::equals).isPresent()) {
            return dues;
        }
        water(plant, today).ifPresent(dues::add);
        if (trouble.isEmpty()) {
            look(plant, today).ifPresent(dues::add);
            if (!plant.feedHeld()
                    && schedule.feedOn().filter(day -> !day.isAfter(today)).isPresent()) {
                Message feed = plant.feed().orElse(DueReason.FEED_ROOTS.with());
                dues.add(new Due(
                        plant.id(),
                        Due.Kind.FEED,
                        schedule.fed()
                                .map(day -> DueReason.FED.with(DueTime.since(day, today), feed))
                                .orElse(DueReason.NOT_FED_YET.with(feed))));
            }
        }
        plant.tipOut().ifPresent(why -> dues.add(new Due(plant.id(), Due.Kind.EMPTY_CUP, why.with())));
        dues.sort(Comparator.comparing(Due::kind));
        return dues;
    }

    private static Optional<Due> water(PlantToday plant, LocalDate today) {
        CareSchedule schedule = plant.schedule();
        if (schedule.water().isEmpty()) {
            return schedule.watered().isPresent()
                    ? Optional.empty()
                    : Optional.of(new Due(plant.id(), Due.Kind.WATER, DueReason.NOT_WATERED_YET.with()));
        }
        CareSchedule.WaterCheck check = schedule.water().get();
        if (check.on().isAfter(today)) {
            return Optional.empty();
        }
        if (check.resting() && schedule.watered().isPresent()) {
            return Optional.of(new Due(
                    plant.id(),
                    Due.Kind.WATER,
                    DueReason.RESTS_DRY.with(
                            DueTime.since(schedule.watered().get(), today), DueTime.span(check.cycleDays()))));
        }
        Message when = DueTime.when(check, today);
        Message cycle = DueTime.span(check.cycleDays());
        Message why = schedule.watered()
                .map(day -> (check.tray() ? DueReason.TRAY_GONE : DueReason.LIKELY_DRY)
                        .with(when, DueTime.since(day, today), cycle))
                .orElseGet(() -> (check.tray() ? DueReason.TRAY_GONE_NEVER_FILLED : DueReason.LIKELY_DRY_NEVER_WATERED)
                        .with(when, cycle));
        return Optional.of(new Due(plant.id(), check.tray() ? Due.Kind.FILL_TRAY : Due.Kind.WATER, why));
    }

    private Optional<Due> look(PlantToday plant, LocalDate today) {
        Optional<LocalDate> looked = plant.schedule().looked();
        if (looked.filter(today::equals).isPresent()) {
            return Optional.empty();
        }
        if (plant.asked()
                .filter(it -> looked.filter(day -> !day.isBefore(it.on())).isEmpty())
                .isPresent()) {
            return plant.asked().map(it -> new Due(plant.id(), Due.Kind.ASKED_LOOK, it.why()));
        }
        if (plant.alone().isPresent()) {
            IsolationClock clock = plant.alone().get();
            return Optional.of(new Due(
                    plant.id(),
                    Due.Kind.ISOLATION_LOOK,
                    clock.until()
                            .map(day -> today.isBefore(day) ? DueReason.ALONE.with(day) : DueReason.ALONE_OVER.with())
                            .orElseGet(() -> DueReason.ALONE_FOR_GOOD.with(clock.reason()))));
        }
        boolean soon = plant.catchingNear()
                && looked.map(day -> DueTime.days(day, today) >= lookNearCatching)
                        .orElse(true);
        if (soon) {
            return Optional.of(
                    new Due(plant.id(), Due.Kind.ROUTINE_LOOK, DueReason.CATCHING_NEAR.with(lookNearCatching)));
        }
        if (plant.schedule().lookOn().isAfter(today)) {
            return Optional.empty();
        }
        return Optional.of(new Due(
                plant.id(),
                Due.Kind.ROUTINE_LOOK,
                looked.map(day -> DueReason.LOOKED.with(DueTime.since(day, today)))
                        .orElse(DueReason.NOT_LOOKED_YET.with())));
    }

    private static boolean rests(PlantToday.Trouble trouble, LocalDate today) {
        return trouble.pausedUntil().filter(today::isBefore).isPresent();
    }

    private static Optional<Due> ofCase(PlantToday plant, PlantToday.Trouble trouble, LocalDate today) {
        if (trouble.pausedUntil().isPresent()) {
            return Optional.of(new Due(plant.id(), Due.Kind.OPEN_CASE, DueReason.CASE_RESTED.with()));
        }
        if (trouble.lookAgainOn().isEmpty()) {
            return Optional.of(new Due(
                    plant.id(),
                    Due.Kind.OPEN_CASE,
                    DueReason.CASE_OPEN.with(DueTime.since(trouble.openedOn(), today))));
        }
        long late = DueTime.days(trouble.lookAgainOn().get(), today);
        if (late < 0) {
            return Optional.empty();
        }
        return Optional.of(new Due(
                plant.id(),
                Due.Kind.LOOK_AGAIN,
                late == 0 ? DueReason.TRIAL_TODAY.with() : DueReason.TRIAL_PAST.with(DueTime.ago(late))));
    }

    /** The brightest lamp that a stop's dues ask for. */
    public static Lamp lamp(List<Due> dues) {
        return dues.stream()
                .map(due -> due.kind().lamp())
                .max(Comparator.naturalOrder())
                .orElse(Lamp.OUT);
    }
}
