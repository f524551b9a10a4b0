package mildlantern.season;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.light.Sun;
import mildlantern.plant.GrowthSign;
import mildlantern.plant.Phase;
import mildlantern.plant.Profile;
import mildlantern.season.PlantYear.Cause;
import mildlantern.season.PlantYear.RestStanding;
import mildlantern.season.PlantYear.Stretch;
import org.jspecify.annotations.Nullable;

/**
 * One plant's year, followed day by day. What the grower says stands first, what he sees second; then the length of day, the cool nights that were counted,
 * and the mean light and warmth of the last days. A phase that was not seen or said lasts some weeks at least, so that a bright week does not turn it.
 */
final class YearWalk {
    /** Days after its end in which a rest that was too short is still said. */
    private static final int SAID_AFTER = 60;

    private static final int DAYS_A_WEEK = 7;

    private final YearKnowledge knowledge;
    private final YearKnowledge.Rules rules;
    private final Profile kind;
    private final KindOfYear year;
    private final Sun.Year sun;
    private final Conditions there;
    private final List<Mark> marks;
    private final LocalDate today;
    private final Recent recent;
    private final ColdCount cold;
    private final List<Stretch> stretches = new ArrayList<>();

    private @Nullable Phase phase;
    private Cause cause = Cause.SUN;
    private LocalDate since = LocalDate.MIN;
    private LocalDate restEnded = LocalDate.MIN;
    private LocalDate wordUntil = LocalDate.MIN;
    private boolean opened;
    private boolean swollen;
    private boolean keptFromRest;
    private int mark;

    private boolean swollenToday;
    private RestStanding restToday = RestStanding.NONE;
    private Optional<PlantYear.Chill> chillToday = Optional.empty();

    YearWalk(YearKnowledge knowledge, Profile kind, Sun.Year sun, Conditions there, List<Mark> marks, LocalDate today) {
        this.knowledge = knowledge;
        this.rules = knowledge.rules;
        this.kind = kind;
        this.year = knowledge.of(kind);
        this.sun = sun;
        this.there = there;
        this.marks = marks;
        this.today = today;
        this.recent = new Recent(kind, rules, sun, there);
        this.cold = new ColdCount(year, rules, sun);
    }

    void step(LocalDate day) {
        recent.add(day);
        if (phase == null) {
            begin(day);
        }
        cold.count(day, there.night(day), phase, restedLately(day));
        boolean marked = false;
        while (mark < marks.size() && !marks.get(mark).on().isAfter(day)) {
            marked |= take(marks.get(mark), day);
            mark++;
        }
        if (!marked && !day.isBefore(wordUntil)) {
            turn(day);
        }
        if (day.equals(today)) {
            swollenToday = swollen || opened;
            chillToday = cold.told(recent.night());
            restToday = standing(day);
        }
    }

    PlantYear told() {
        close(today.plusDays(PlantYears.AHEAD + 1));
        Phase now = stretches.stream()
                .filter(it -> it.holds(today))
                .findFirst()
                .orElseThrow()
                .phase();
        boolean coming = restToday == RestStanding.NONE
                && stretches.stream()
                        .anyMatch(it -> it.phase().rests()
                                && it.from().isAfter(today)
                                && !it.from().isAfter(today.plusDays(rules.ahead())));
        return new PlantYear(
                kind,
                today,
                List.copyOf(stretches),
                knowledge.wants(kind, now, swollenToday),
                chillToday,
                coming ? RestStanding.COMING : restToday);
    }

    private void begin(LocalDate day) {
        boolean dark = year.rest().filter(rest -> rest.inItsTime(sun, day)).isPresent();
        since = day;
        phase = dark ? year.rest().orElseThrow().phase() : recent.grows(day, true) ? Phase.GROWING : Phase.SLOW;
        cause = Cause.SUN;
    }

    private boolean restedLately(LocalDate day) {
        return restEnded.isAfter(day.minusDays(rules.again()));
    }

    private boolean resting() {
        return phase != null && phase.rests();
    }

    /** @return whether it decides this day */
    private boolean take(Mark seen, LocalDate day) {
        if (seen instanceof Mark.Said said) {
            enter(said.phase(), day, Cause.SAID);
            wordUntil = day.plusDays(rules.word());
            return true;
        }
        if (seen instanceof Mark.Bloom bloom) {
            return bloom.opened() ? flowers(day) : faded(day);
        }
        return seen instanceof Mark.Seen what && sign(what.what(), day);
    }

    private boolean flowers(LocalDate day) {
        enter(Phase.SPIKING, day, Cause.SEEN);
        opened = true;
        return true;
    }

    private boolean faded(LocalDate day) {
        opened = false;
        swollen = false;
        if (phase == Phase.SPIKING) {
            enter(recent.grows(day, true) ? Phase.GROWING : Phase.SLOW, day, Cause.OVER);
        }
        return true;
    }

    private boolean sign(GrowthSign what, LocalDate day) {
        switch (what) {
            case NEW_GROWTH -> {
                if (phase != Phase.SPIKING) {
                    enter(Phase.GROWING, day, Cause.SEEN);
                }
            }
            case BARE -> year.rest().ifPresent(rest -> enter(rest.phase(), day, Cause.SEEN));
            case SPIKE -> enter(Phase.SPIKING, day, Cause.SEEN);
            case BUDS_SWELL -> {
                enter(Phase.SPIKING, day, Cause.SEEN);
                swollen = true;
            }
        }
        return true;
    }

    private void turn(LocalDate day) {
        keptFromRest = false;
        if (resting()) {
            turnFromRest(day);
            return;
        }
        if (phase == Phase.SPIKING && flowersStill(day)) {
            return;
        }
        if (restFallsDue(day)) {
            return;
        }
        if (phase == Phase.SPIKING) {
            opened = false;
            swollen = false;
            enter(recent.grows(day, true) ? Phase.GROWING : Phase.SLOW, day, Cause.OVER);
        } else if (settled(day)) {
            boolean grows = recent.grows(day, phase == Phase.GROWING);
            if (grows != (phase == Phase.GROWING)) {
                enter(grows ? Phase.GROWING : Phase.SLOW, day, recent.light().isPresent() ? Cause.LIGHT : Cause.SUN);
            }
        }
    }

    /** A phase that its grower saw begin gives way to the season all the same, but not within the same weeks. */
    private boolean settled(LocalDate day) {
        return !day.isBefore(since.plusDays(rules.stay()));
    }

    private void turnFromRest(LocalDate day) {
        if (year.rest().isEmpty()) {
            enter(recent.grows(day, true) ? Phase.GROWING : Phase.SLOW, day, Cause.SUN);
            return;
        }
        Rest rest = year.rest().get();
        if (rest.summer()) {
            if (settled(day) && !rest.inItsTime(sun, day)) {
                enter(rest.then(), day, Cause.SUN);
            }
            return;
        }
        boolean spring = sun.rising(day) && sun.hours(day) >= rest.ends();
        boolean lateSpring = sun.rising(day) && sun.hours(day) >= rest.ends() + rules.late();
        // What has had its cold goes on resting while it is still cold and dark; buds need no more than the cold.
        boolean woken = rest.then() == Phase.SPIKING
                || recent.night().orElse(rest.nights().high()) > rest.nights().high();
        boolean chilled = cold.most() && woken || spring && cold.enough();
        boolean unread = cold.unknown();
        boolean longEnough = ChronoUnit.DAYS.between(since, day)
                >= DAYS_A_WEEK * rest.weeks().middle();
        if (settled(day)
                && (chilled || lateSpring || unread && longEnough && (spring || rest.then() == Phase.SPIKING))) {
            enter(rest.then(), day, chilled ? Cause.CHILLED : Cause.SPRING);
        }
    }

    private boolean flowersStill(LocalDate day) {
        long days = ChronoUnit.DAYS.between(since, day);
        return opened
                ? days < DAYS_A_WEEK * kind.bloomWeeks().high() + rules.buds() + rules.bloomPast()
                : days < rules.buds();
    }

    private boolean restFallsDue(LocalDate day) {
        if (year.rest().isEmpty() || restedLately(day) || !settled(day)) {
            return false;
        }
        Rest rest = year.rest().get();
        if (rest.summer()) {
            return sun.rising(day) && rest.inItsTime(sun, day) && enter(rest.phase(), day, Cause.SUN);
        }
        OptionalDouble night = recent.night();
        boolean falling = !sun.rising(day);
        boolean due = falling && sun.hours(day) < rest.begins();
        boolean cool = night.isPresent() && night.getAsDouble() <= rest.nights().high();
        boolean warm = night.isPresent() && night.getAsDouble() > rest.nights().high() + rules.warm();
        boolean lit = there.lampHours(day) >= rules.lampHours();
        boolean bright = recent.light().isPresent() && recent.grows(day, false);
        if (due && warm && (lit || rest.growsOn() && bright)) {
            keptFromRest = !rest.growsOn();
            return false;
        }
        if (due || cool && falling && sun.hours(day) < rest.begins() + rules.early()) {
            return enter(rest.phase(), day, due ? Cause.SUN : Cause.COOL);
        }
        return false;
    }

    /** @return true */
    private boolean enter(Phase next, LocalDate day, Cause why) {
        if (phase == next) {
            cause = why == Cause.SAID || why == Cause.SEEN ? why : cause;
            return true;
        }
        if (resting()) {
            restEnded = day;
            cold.ended();
        }
        if (next != Phase.SPIKING) {
            opened = false;
            swollen = false;
        }
        close(day);
        phase = next;
        since = day;
        cause = why;
        return true;
    }

    private void close(LocalDate day) {
        if (phase != null && since.isBefore(day)) {
            stretches.add(new Stretch(phase, since, day, cause, cause.sure()));
        }
    }

    private RestStanding standing(LocalDate day) {
        if (keptFromRest) {
            return RestStanding.KEPT_FROM_IT;
        }
        if (resting()) {
            return year.rest()
                    .map(rest -> rest.standing(recent.night(), rules.tooWarm()))
                    .orElse(RestStanding.FITS);
        }
        return cold.wasShort() && restEnded.isAfter(day.minusDays(SAID_AFTER))
                ? RestStanding.TOO_SHORT
                : RestStanding.NONE;
    }
}
