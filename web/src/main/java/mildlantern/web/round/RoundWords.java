package mildlantern.web.round;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mildlantern.quantity.Limits;
import mildlantern.round.Due;
import mildlantern.round.DueTime;
import mildlantern.round.Lamp;
import mildlantern.web.log.LogWords;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopNow;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;

/** What the round says of a stop and of what is due there. */
final class RoundWords {
    private RoundWords() {}

    static String lampWords(Lamp lamp) {
        return switch (lamp) {
            case OUT -> Wording.say("round.round-words.lamp-out-nothing-do");
            case LOW -> Wording.say("round.round-words.lamp-low-routine");
            case BRIGHT -> Wording.say("round.round-words.lamp-bright-judgement-needed");
        };
    }

    static String climate(Stop stop, StopNow now) {
        List<String> parts = new ArrayList<>();
        Optional.ofNullable(stop.note()).ifPresent(parts::add);
        now.dayCelsius().ifPresent(day -> parts.add(Units.number(day, Unit.Of.TEMPERATURE) + "°"));
        now.humidityPercent().ifPresent(rh -> parts.add(Limits.plain(rh) + " %"));
        return String.join(" · ", parts);
    }

    static String dueWords(StopDue due) {
        if (due.plants() == 0) {
            return Wording.say("round.round-words.empty");
        }
        List<String> parts = new ArrayList<>();
        int again = due.of(Due.Kind.LOOK_AGAIN);
        int open = due.of(Due.Kind.OPEN_CASE);
        if (again > 0) {
            parts.add(
                    again == 1
                            ? Wording.say("round.round-words.look-again")
                            : Wording.say("round.round-words.look-again-2", again));
        }
        if (open > 0) {
            parts.add(
                    open == 1
                            ? Wording.say("round.round-words.one-case")
                            : Wording.say("round.round-words.cases", open));
        }
        int water = due.of(Due.Kind.WATER) + due.of(Due.Kind.FILL_TRAY);
        if (water > 0) {
            parts.add(Wording.say("round.round-words.water", water));
        }
        if (due.of(Due.Kind.COURSE_STEP) > 0) {
            parts.add(Wording.say("round.round-words.treat", due.of(Due.Kind.COURSE_STEP)));
        }
        if (due.of(Due.Kind.MOVE_STEP) > 0) {
            parts.add(Wording.say("round.round-words.move", due.of(Due.Kind.MOVE_STEP)));
        }
        if (due.of(Due.Kind.BY_HAND) > 0) {
            parts.add(Wording.say("round.round-words.by-hand", due.of(Due.Kind.BY_HAND)));
        }
        int looks = due.of(Due.Kind.ASKED_LOOK) + due.of(Due.Kind.ROUTINE_LOOK) + due.of(Due.Kind.ISOLATION_LOOK);
        if (looks > 0) {
            parts.add(Wording.say("round.round-words.look", looks));
        }
        if (due.of(Due.Kind.FEED) > 0) {
            parts.add(Wording.say("round.round-words.feed", due.of(Due.Kind.FEED)));
        }
        if (due.of(Due.Kind.EMPTY_CUP) > 0) {
            parts.add(
                    due.of(Due.Kind.EMPTY_CUP) == 1
                            ? Wording.say("round.round-words.one-cup")
                            : Wording.say("round.round-words.cups", due.of(Due.Kind.EMPTY_CUP)));
        }
        if (parts.isEmpty()) {
            return Wording.say("round.round-words.nothing-due");
        }
        int said = again + open + (again + open > 0 ? 0 : water);
        return parts.size() < 3
                ? String.join(" · ", parts)
                : Wording.say("round.round-words.more", parts.get(0), (due.all() - said));
    }

    static String sentence(DueToday today, Stop stop, int plants, int due) {
        int number = today.walk.indexOf(stop) + 1;
        String place = Wording.say("round.round-words.stop", number, today.walk.size());
        if (plants == 0) {
            return Wording.say("round.round-words.nothing-stands-here", place);
        }
        int others = plants - due;
        String rest = others == 0
                ? ""
                : others == 1
                        ? Wording.say("round.round-words.one-other-needs-nothing")
                        : Wording.say("round.round-words.others-need-nothing-today", others);
        return place
                + (due == 0
                        ? Wording.say("round.round-words.nothing-due-here")
                        : due == 1
                                ? Wording.say("round.round-words.one-plant-here")
                                : Wording.say("round.round-words.plants-here", due))
                + (due == 0 ? "" : rest);
    }

    static String ahead(ScheduleRow row, LocalDate day) {
        return row.schedule()
                .water()
                .map(water -> {
                    long days = ChronoUnit.DAYS.between(day, water.on());
                    return Wording.say(
                            "round.round-words.water-2", Wording.say("round.round-words.days", Math.max(1, days)));
                })
                .or(() -> row.schedule()
                        .looked()
                        .map(looked -> Wording.say(
                                "round.round-words.looked",
                                Wording.of(DueTime.ago(ChronoUnit.DAYS.between(looked, day))))))
                .orElse(Wording.say("round.round-words.not-looked-yet"));
    }

    static List<RoundViews.Reading> readings(StopNow now) {
        List<RoundViews.Reading> readings = new ArrayList<>();
        now.light()
                .ifPresentOrElse(
                        mol -> readings.add(reading(
                                Wording.say("round.round-words.light-day"), Limits.tenths(mol.value()), "mol", mol)),
                        () -> now.brightness()
                                .ifPresent(light -> readings.add(new RoundViews.Reading(
                                        Wording.say("round.round-words.brightness"),
                                        Wording.of(light),
                                        "",
                                        Wording.say("round.round-words.entered")))));
        now.humidity()
                .ifPresent(rh -> readings.add(
                        reading(Wording.say("round.round-words.humidity"), Limits.plain(rh.value()), "%", rh)));
        now.day()
                .ifPresent(day -> readings.add(reading(
                        Wording.say("round.round-words.day"),
                        Units.number(day.value(), Unit.Of.TEMPERATURE),
                        Units.name(Unit.Of.TEMPERATURE),
                        day)));
        now.night()
                .ifPresent(night -> readings.add(reading(
                        Wording.say("round.round-words.night"),
                        Units.number(night.value(), Unit.Of.TEMPERATURE),
                        Units.name(Unit.Of.TEMPERATURE),
                        night)));
        return readings;
    }

    private static RoundViews.Reading reading(String what, String value, String unit, StopNow.Known known) {
        return new RoundViews.Reading(what, value, unit, LogWords.known(known));
    }
}
