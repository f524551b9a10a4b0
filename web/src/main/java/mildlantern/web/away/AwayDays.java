package mildlantern.web.away;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mildlantern.away.AwayPlan;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The days of an absence for a calendar: what is done before, who waters when, and the return. */
@Component
public class AwayDays {
    private final Absences absences;

    AwayDays(Absences absences) {
        this.absences = absences;
    }

    /**
     * A day.
     *
     * @param key the same for the same thing, whenever it is asked
     * @param path of the page to it
     */
    public record Day(String key, LocalDate day, String words, String path) {}

    /** What comes up until a day. */
    @Transactional(readOnly = true)
    public List<Day> until(CollectionId collection, LocalDate until) {
        return absences.open(collection).stream()
                .flatMap(this::days)
                .filter(day -> !day.day().isAfter(until))
                .toList();
    }

    private Stream<Day> days(Absence absence) {
        Absence.Dates dates = absence.dates();
        AwayPlan plan = absences.plan(absence);
        Optional<Day> before = absence.leftOn().isPresent()
                ? Optional.empty()
                : Optional.of(new Day(
                        "away-before-" + absence.key(), dates.leaves(), Wording.say("away.days.before"), "/away"));
        Stream<Day> visits = plan.visits().stream()
                .map(visit -> new Day(
                        "away-" + absence.key() + "-" + visit.day(),
                        visit.day(),
                        Wording.say("away.days.visit", visit.portions().size()),
                        "/away/sheet"));
        Day back = new Day("away-back-" + absence.key(), dates.back(), Wording.say("away.days.back"), "/away/back");
        return Stream.concat(Stream.concat(before.stream(), visits), Stream.of(back));
    }
}
