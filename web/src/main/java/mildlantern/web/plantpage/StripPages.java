package mildlantern.web.plantpage;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mildlantern.plant.PlantId;
import mildlantern.water.WaterEstimate;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.plant.Troubles;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.WaterBook;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A plant's time as a strip, from one day to another. */
@Service
@Transactional(readOnly = true)
class StripPages {
    private static final int SHORTEST = 14;
    private static final int LONGEST = 3650;
    /** The curve is estimate from so long before the axis, so that it has settled where the axis begins. */
    private static final int DAYS_BEFORE = 30;

    private final Plants plants;
    private final LogBook logBook;
    private final WaterBook waterBook;
    private final Troubles troubles;
    private final Clock clock;

    StripPages(Plants plants, LogBook logBook, WaterBook waterBook, Troubles troubles, Clock clock) {
        this.plants = plants;
        this.logBook = logBook;
        this.waterBook = waterBook;
        this.troubles = troubles;
        this.clock = clock;
    }

    /**
     * The strip of time.
     *
     * @param days length of the axis
     * @param end its last day; today or earlier
     */
    PlantViews.StripPage strip(CollectionId collection, PlantId id, int days, LocalDate end) {
        Plant plant = plants.plant(collection, id);
        LocalDate today = LocalDate.now(clock);
        int length = Math.max(SHORTEST, Math.min(LONGEST, days));
        LocalDate last = end.isAfter(today) ? today : end;
        LocalDate from = last.minusDays(length);
        // A tenth of the axis is kept for the days to come.
        LocalDate until = last.equals(today) ? today.plusDays(Math.max(4, length / 10)) : last;
        List<LogLine> log = logBook.entries(plant, from.minusDays(DAYS_BEFORE));
        WaterBook.Climates climates = waterBook.climates(collection);
        WaterEstimate estimate = waterBook.estimate(
                plant, plants.profile(plant), log, climates, climates.house().of(plant));
        List<Strip.Span> cases = troubles.of(plant).stream()
                .map(trouble -> new Strip.Span(
                        trouble.opened(),
                        trouble.open() ? Optional.empty() : trouble.closed().or(() -> Optional.of(trouble.opened())),
                        trouble.words(),
                        Strip.caseAddress(trouble.id())))
                .toList();
        Optional<Strip.Span> bloom = Optional.ofNullable(plant.bloomSince())
                .map(since -> new Strip.Span(since, Optional.empty(), Wording.say("plantpage.strip-pages.bloom"), ""));
        Strip.Drawn drawn =
                new Strip(from, until, today).draw(estimate, estimate.outlook().threshold(), log, cases, bloom);
        return new PlantViews.StripPage(
                id,
                drawn,
                Stream.of(42, 120, 425, 1850)
                        .map(span -> new PlantViews.Zoom(
                                span == 42
                                        ? Wording.say("plantpage.strip-pages.weeks", 6)
                                        : span < 1000
                                                ? Wording.say("plantpage.strip-pages.months", span == 120 ? 4 : 14)
                                                : Wording.say("plantpage.strip-pages.years", 5),
                                address(id, span, last),
                                span == length))
                        .toList(),
                Optional.of(address(id, length, last.minusDays(length / 2))),
                last.equals(today) ? Optional.empty() : Optional.of(address(id, length, last.plusDays(length / 2))));
    }

    private static String address(PlantId id, int days, LocalDate end) {
        return "/plants/" + id + "/strip?days=" + days + "&end=" + end;
    }
}
