package mildlantern.web.pestclock;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.pest.Aim;
import mildlantern.pest.Application;
import mildlantern.pest.Effect;
import mildlantern.pest.LifeTable;
import mildlantern.pest.PestClock;
import mildlantern.pest.Search;
import mildlantern.pest.Stage;
import mildlantern.pest.StageKind;
import mildlantern.quantity.Limits;
import mildlantern.treatment.Means;
import mildlantern.web.words.Percent;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;

/** What the pest clock says of a pest, of a means and of a course. */
final class PestClockWords {
    private PestClockWords() {}

    static List<String> growth(LifeTable table, PestClock clock, double celsius) {
        List<String> words = new ArrayList<>();
        OptionalDouble doubling = clock.doublingDays();
        words.add(
                doubling.isPresent()
                        ? Wording.say(
                                "pestclock.pages.numbers-double-every-without",
                                Units.shown(celsius, Unit.Of.TEMPERATURE),
                                days(doubling.getAsDouble()))
                        : Wording.say(
                                "pestclock.pages.numbers-do-not-grow", Units.shown(celsius, Unit.Of.TEMPERATURE)));
        OptionalDouble grown = table.daysToAdult(celsius);
        grown.ifPresent(days -> words.add(Wording.say(
                "pestclock.pages.from-egg-adult-takes", table.stages().get(0).kind() == StageKind.EGG, days(days))));
        clock.firstNoticed()
                .ifPresent(range -> words.add(Wording.say(
                        "pestclock.pages.when-first-noticed-has", Math.round(range.low()), Math.round(range.high()))));
        return words;
    }

    static List<String> words(
            LifeTable table,
            PestClock clock,
            double celsius,
            Means means,
            Effect effect,
            List<Effect> each,
            Optional<Means> wash) {
        List<String> words = new ArrayList<>(growth(table, clock, celsius));
        List<String> spared = new ArrayList<>();
        for (int i = 0; i < table.stages().size(); i++) {
            Stage stage = table.stages().get(i);
            double daily = 1 - Math.pow(1 - effect.daily().get(i).middle(), effect.lastsDays());
            if (Math.max(effect.atOnce().get(i).middle(), daily) < 0.3 && !spared.contains(stage.name())) {
                spared.add(stage.name());
            }
        }
        if (!spared.isEmpty()) {
            words.add(Wording.say("pestclock.pages.hardly-reached-by-they", means.name(), Wording.listed(spared)));
        }
        wash.ifPresent(one -> words.add(Wording.say("pestclock.pages.wash-before", one.name())));
        words.add(Wording.say(
                "pestclock.pages.one-use-alone-leaves",
                Percent.of(Math.min(
                        1, clock.movingAfter(List.of(new Application(0, each))) / clock.movingAfter(List.of())))));
        words.add(Wording.say("pestclock.pages.look", table.look(), table.unit()));
        return words;
    }

    static String verdict(
            int uses, int interval, Aim aim, double moving, double risk, boolean reached, Means means, Search.At best) {
        String what = uses == 1
                ? Wording.say("pestclock.pages.one-use", means.name())
                : Wording.say("pestclock.pages.uses-every", uses, means.name(), days(interval));
        String left = aim == Aim.CONTROL
                ? Wording.say("pestclock.pages.moving-left", Math.round(moving * 10) / 10.0)
                : Wording.say("pestclock.pages.chance-any-left", Percent.of(risk));
        if (reached) {
            return what + ": " + left;
        }
        return what + ": " + left
                + (best.plan().reached()
                        ? Wording.say(
                                "pestclock.pages.uses-every-would", best.plan().applications(), days(best.interval()))
                        : Wording.say("pestclock.pages.no-number-uses-allowed"));
    }

    static List<PestClockPages.IntervalLine> lines(Search search, Search.At best, int chosen) {
        return search.byInterval().stream()
                .map(at -> new PestClockPages.IntervalLine(
                        at.interval(),
                        at.plan().reached()
                                ? String.valueOf(at.plan().applications())
                                : Wording.say("pestclock.pages.not", at.plan().applications()),
                        Limits.tenths(at.plan().moving()),
                        Percent.of(at.plan().risk()),
                        at.plan().reached(),
                        at.equals(best) && at.plan().reached(),
                        at.interval() == chosen))
                .toList();
    }

    private static String days(double days) {
        String number = days < 10 && Math.abs(days - Math.rint(days)) > 0.05
                ? String.format(Locale.ROOT, "%.1f", days)
                : String.valueOf(Math.round(days));
        return Wording.say("pestclock.pages.days", number, number.equals("1") ? "one" : "more");
    }
}
