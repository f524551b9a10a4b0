package mildlantern.web.round;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mildlantern.knowledge.Words;
import mildlantern.quantity.Limits;
import mildlantern.round.Due;
import mildlantern.round.DueWords;
import mildlantern.round.Lamp;
import mildlantern.web.log.LogWords;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopNow;

/** What the round says of a stop and of what is due there. */
final class RoundWords {
    private RoundWords() {}

    static String lampWords(Lamp lamp) {
        return switch (lamp) {
            case OUT -> "lamp out: nothing to do";
            case LOW -> "lamp low: routine";
            case BRIGHT -> "lamp bright: judgement needed";
        };
    }

    static String climate(Stop stop, StopNow now) {
        List<String> parts = new ArrayList<>();
        Optional.ofNullable(stop.note()).ifPresent(parts::add);
        now.dayCelsius().ifPresent(day -> parts.add(Limits.plain(day) + "°"));
        now.humidityPercent().ifPresent(rh -> parts.add(Limits.plain(rh) + " %"));
        return String.join(" · ", parts);
    }

    static String dueWords(StopDue due) {
        if (due.plants() == 0) {
            return "empty";
        }
        List<String> parts = new ArrayList<>();
        int again = due.of(Due.Kind.LOOK_AGAIN);
        int open = due.of(Due.Kind.OPEN_CASE);
        if (again > 0) {
            parts.add(again == 1 ? "look again" : again + " to look again");
        }
        if (open > 0) {
            parts.add(open == 1 ? "1 case" : open + " cases");
        }
        int water = due.of(Due.Kind.WATER) + due.of(Due.Kind.FILL_TRAY);
        if (water > 0) {
            parts.add(water + " to water");
        }
        if (due.of(Due.Kind.COURSE_STEP) > 0) {
            parts.add(due.of(Due.Kind.COURSE_STEP) + " to treat");
        }
        if (due.of(Due.Kind.MOVE_STEP) > 0) {
            parts.add(due.of(Due.Kind.MOVE_STEP) + " to move");
        }
        int looks = due.of(Due.Kind.ASKED_LOOK) + due.of(Due.Kind.ROUTINE_LOOK) + due.of(Due.Kind.ISOLATION_LOOK);
        if (looks > 0) {
            parts.add(looks + " to look at");
        }
        if (due.of(Due.Kind.FEED) > 0) {
            parts.add(due.of(Due.Kind.FEED) + " to feed");
        }
        if (due.of(Due.Kind.EMPTY_CUP) > 0) {
            parts.add(due.of(Due.Kind.EMPTY_CUP) == 1 ? "1 cup" : due.of(Due.Kind.EMPTY_CUP) + " cups");
        }
        if (parts.isEmpty()) {
            return "nothing due";
        }
        int said = again + open + (again + open > 0 ? 0 : water);
        return parts.size() < 3 ? String.join(" · ", parts) : parts.get(0) + " · " + (due.all() - said) + " more";
    }

    static String sentence(DueToday today, Stop stop, int plants, int due) {
        int number = today.walk.indexOf(stop) + 1;
        String place = "Stop %d of %d. ".formatted(number, today.walk.size());
        if (plants == 0) {
            return place + "Nothing stands here.";
        }
        int others = plants - due;
        String rest = others == 0
                ? ""
                : others == 1 ? " One other needs nothing today." : " %d others need nothing today.".formatted(others);
        return place
                + (due == 0 ? "Nothing due here." : due == 1 ? "One plant here." : due + " plants here.")
                + (due == 0 ? "" : rest);
    }

    static String ahead(ScheduleRow row, LocalDate day) {
        return row.schedule()
                .water()
                .map(water -> {
                    long days = ChronoUnit.DAYS.between(day, water.on());
                    return "water in " + (days == 1 ? "a day" : Math.max(1, days) + " days");
                })
                .or(() -> row.schedule()
                        .looked()
                        .map(looked -> "looked at " + DueWords.ago(ChronoUnit.DAYS.between(looked, day))))
                .orElse("not looked at yet");
    }

    static List<RoundViews.Reading> readings(StopNow now) {
        List<RoundViews.Reading> readings = new ArrayList<>();
        now.light()
                .ifPresentOrElse(
                        mol -> readings.add(reading("Light a day", Limits.tenths(mol.value()), "mol", mol)),
                        () -> now.brightness()
                                .ifPresent(light -> readings.add(
                                        new RoundViews.Reading("Light", Words.id(light), "", "as typed"))));
        now.humidity().ifPresent(rh -> readings.add(reading("Humidity", Limits.plain(rh.value()), "%", rh)));
        now.day().ifPresent(day -> readings.add(reading("Day", Limits.plain(day.value()), "°C", day)));
        now.night().ifPresent(night -> readings.add(reading("Night", Limits.plain(night.value()), "°C", night)));
        return readings;
    }

    private static RoundViews.Reading reading(String what, String value, String unit, StopNow.Known known) {
        return new RoundViews.Reading(what, value, unit, LogWords.known(known));
    }
}
