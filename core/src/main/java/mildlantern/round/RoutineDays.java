package mildlantern.round;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.Words;
import mildlantern.plant.Dryness;
import mildlantern.plant.Wants;
import mildlantern.quantity.Range;
import mildlantern.water.WaterOutlook;

/** Chooses the days of a plant's routine. */
final class RoutineDays {
    private final DayWindow look;
    private final DayWindow lookInRest;
    private final DayWindow feed;
    private final int feedAfterRepotting;
    private final double sip;
    private final Map<Dryness, Integer> patience = new EnumMap<>(Dryness.class);

    RoutineDays(Entry rules) {
        look = DayWindow.read(rules.at("look"));
        lookInRest = DayWindow.read(rules.at("look-in-rest"));
        feed = DayWindow.read(rules.at("feed"));
        feedAfterRepotting = (int) rules.number("feed-after-repotting", 0, 365);
        sip = rules.number("sip", 0.05, 1);
        for (Dryness dryness : Dryness.values()) {
            patience.put(dryness, (int) rules.at("patience").number(Words.id(dryness), 0, 30));
        }
    }

    Range feedDays() {
        return new Range(feed.from(), feed.by());
    }

    CareSchedule plan(
            Wants wants,
            WaterOutlook outlook,
            boolean tray,
            LastDone last,
            Optional<Range> feedEvery,
            LocalDate today,
            Optional<CareSchedule> before,
            Load load) {
        Optional<LocalDate> checkBefore = before.flatMap(CareSchedule::water).map(CareSchedule.WaterCheck::on);
        return new CareSchedule(
                outlook.known()
                        ? Optional.of(check(wants, outlook, tray, last, today, checkBefore, load))
                        : Optional.empty(),
                last.watered(),
                last.looked(),
                lookDay(wants, last, today, before.map(CareSchedule::lookOn), load),
                last.fed(),
                feedEvery.map(days -> feedDay(days, last, today, before.flatMap(CareSchedule::feedOn), load)),
                last.putOff());
    }

    private CareSchedule.WaterCheck check(
            Wants wants,
            WaterOutlook outlook,
            boolean tray,
            LastDone last,
            LocalDate today,
            Optional<LocalDate> before,
            Load load) {
        if (wants.daysBetween().isPresent() && last.watered().isPresent()) {
            return sip(wants.daysBetween().get(), outlook, tray, last.watered().get(), today, before, load);
        }
        int wait = patience.getOrDefault(wants.dryness(), 0);
        // What was watered or found moist today is not looked into once more today.
        boolean done = last.watered().filter(today::equals).isPresent()
                || last.moist().filter(today::equals).isPresent();
        LocalDate from = later(after(today, outlook.checkFrom()), done ? today.plusDays(1) : today);
        // What is overdue has waited long enough.
        LocalDate by =
                outlook.checkBy() < 1 ? today : after(today, outlook.checkBy()).plusDays(wait);
        return new CareSchedule.WaterCheck(
                load.keepOrPlace(before, from, by),
                after(today, outlook.dryEarly()),
                after(today, outlook.dryLikely()),
                after(today, outlook.dryLate()),
                (int) Math.round(outlook.wetThroughMl()),
                outlook.cycleDays(),
                tray,
                false);
    }

    /** A plant that rests dry gets a little water after so many days, whenever its pot was dry. */
    private CareSchedule.WaterCheck sip(
            Range every,
            WaterOutlook outlook,
            boolean tray,
            LocalDate watered,
            LocalDate today,
            Optional<LocalDate> before,
            Load load) {
        LocalDate early = watered.plusDays((long) every.low());
        LocalDate late = watered.plusDays((long) every.high());
        LocalDate from = later(early, watered.equals(today) ? today.plusDays(1) : today);
        return new CareSchedule.WaterCheck(
                load.keepOrPlace(before, from, later(late, from)),
                early,
                watered.plusDays(Math.round(every.middle())),
                late,
                (int) Math.round(outlook.wetThroughMl() * sip),
                every.middle(),
                tray,
                true);
    }

    private static LocalDate after(LocalDate today, double days) {
        return today.plusDays((long) Math.floor(days));
    }

    private LocalDate lookDay(Wants wants, LastDone last, LocalDate today, Optional<LocalDate> before, Load load) {
        DayWindow days = wants.phase().rests() ? lookInRest : look;
        if (last.looked().isEmpty()) {
            return load.keepOrPlace(before, today, today.plusDays(days.by()));
        }
        LocalDate by = later(last.looked().get().plusDays(days.by()), today);
        return load.keepOrPlace(before, later(last.looked().get().plusDays(days.from()), today), by);
    }

    private LocalDate feedDay(Range days, LastDone last, LocalDate today, Optional<LocalDate> before, Load load) {
        int soonest = (int) days.low();
        int latest = (int) days.high();
        LocalDate since = last.fed().orElse(today.minusDays(soonest));
        LocalDate rested =
                last.repotted().map(day -> day.plusDays(feedAfterRepotting)).orElse(today);
        LocalDate from = later(later(since.plusDays(soonest), rested), today);
        return load.keepOrPlace(before, from, later(later(since.plusDays(latest), rested), from));
    }

    private static LocalDate later(LocalDate one, LocalDate other) {
        return one.isAfter(other) ? one : other;
    }
}
