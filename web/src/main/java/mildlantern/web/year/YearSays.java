package mildlantern.web.year;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mildlantern.season.ColdLimits;
import mildlantern.season.PlantYear;
import mildlantern.season.Recovery;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;

/** A plant's year in sentences. */
final class YearSays {
    private static final DayFormat DAY = DayFormat.SHORT;
    private static final int A_WEEK = 7;

    /** What began longer ago is no news. */
    private static final int LONG_AGO = 330;

    private YearSays() {}

    /** What time of its year it is, and since when. */
    static String now(PlantYear year) {
        PlantYear.Stretch now = year.now();
        return now.from().isBefore(year.today().minusDays(LONG_AGO))
                ? Wording.of(now.phase())
                : Wording.say("year.says.since", Wording.of(now.phase()), DAY.format(now.from()));
    }

    /** What follows, and about when. */
    static String next(PlantYear year) {
        return year.next()
                .map(next -> Wording.say("year.says.next", Wording.of(next.phase()), DAY.format(next.from())))
                .orElse(Wording.say("year.says.no-next"));
    }

    /** Why, and how sure that is. */
    static String why(PlantYear year) {
        PlantYear.Stretch now = year.now();
        String sure = now.sure() >= 0.85
                ? Wording.say("year.says.sure")
                : now.sure() >= 0.7 ? Wording.say("year.says.likely") : Wording.say("year.says.about");
        return Wording.say("year.says.why", Wording.of(now.cause()), sure);
    }

    /** How its rest stands, with figures; empty where it needs none. */
    static Optional<String> rest(PlantYear year) {
        Optional<PlantYear.Chill> chill = year.chill();
        if (year.rest() == PlantYear.RestStanding.NONE || chill.isEmpty()) {
            return year.rest() == PlantYear.RestStanding.NONE ? Optional.empty() : Optional.of(Wording.of(year.rest()));
        }
        String standing = Wording.of(year.rest());
        boolean tells = chill.get().lately().isPresent() && year.rest() != PlantYear.RestStanding.TOO_SHORT;
        return Optional.of(
                tells
                        ? standing + " "
                                + Wording.say(
                                        "year.says.nights",
                                        Units.shown(
                                                Math.rint(chill.get().lately().get()), Unit.Of.TEMPERATURE),
                                        Units.shown(chill.get().below(), Unit.Of.TEMPERATURE),
                                        weeks(chill.get().missing()))
                        : standing);
    }

    /** The cool nights that were counted. */
    static Optional<String> chill(PlantYear year) {
        return year.chill()
                .map(chill -> Wording.say(
                        "year.says.chill",
                        chill.nights(),
                        Units.shown(chill.below(), Unit.Of.TEMPERATURE),
                        (long) (A_WEEK * chill.weeks().low()),
                        (long) (A_WEEK * chill.weeks().high()),
                        chill.warm(),
                        chill.unread()));
    }

    /** The frost that it had lately and what is to be expected of it, then how much cold it bears. */
    static List<String> cold(ColdLimits limits, Optional<Recovery.Frost> lately, Optional<LocalDate> growth) {
        List<String> said = new ArrayList<>();
        lately.ifPresent(frost -> said.add(Wording.say(
                        "year.says.frost",
                        DAY.format(frost.day()),
                        Units.shown(Math.rint(frost.celsius()), Unit.Of.TEMPERATURE))
                + " "
                + Wording.of(frost.harm())));
        growth.ifPresent(day -> said.add(Wording.say("year.says.new-growth", DAY.format(day))));
        said.add(Wording.say(
                "year.says.bears",
                Units.shown(limits.leaves(), Unit.Of.TEMPERATURE),
                Units.shown(limits.roots(), Unit.Of.TEMPERATURE)));
        return List.copyOf(said);
    }

    /** How its rest stands, in few words; empty where it needs none. */
    static Optional<String> brief(PlantYear year) {
        boolean warm = year.rest() == PlantYear.RestStanding.TOO_WARM || year.rest() == PlantYear.RestStanding.NEARLY;
        if (year.rest() == PlantYear.RestStanding.NONE || year.chill().isEmpty()) {
            return Optional.empty();
        }
        PlantYear.Chill chill = year.chill().get();
        String counted = Wording.say("year.says.counted", chill.nights(), (long)
                Math.ceil(A_WEEK * chill.weeks().low()));
        return Optional.of(
                warm && chill.lately().isPresent()
                        ? Wording.say(
                                "year.says.brief",
                                Units.shown(Math.rint(chill.lately().get()), Unit.Of.TEMPERATURE),
                                Units.shown(chill.below(), Unit.Of.TEMPERATURE),
                                counted)
                        : Wording.say("year.says.standing", Wording.of(year.rest()), counted));
    }

    private static int weeks(int nights) {
        return (int) Math.ceil(nights / (double) A_WEEK);
    }

    /** Days until its next phase; far ahead where none is in sight. */
    static long daysToNext(PlantYear year) {
        return year.next()
                .map(next -> ChronoUnit.DAYS.between(year.today(), next.from()))
                .orElse(Long.MAX_VALUE);
    }
}
