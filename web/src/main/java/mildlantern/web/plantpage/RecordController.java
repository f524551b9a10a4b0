package mildlantern.web.plantpage;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mildlantern.plant.PlantId;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.log.LogWords;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.routine.Edits;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The whole record of a plant: every entry, the latest first, a page at a time, searched by its words. */
@Controller
class RecordController {
    private static final int LINES = 100;
    private static final int MOST_PAGES = 10_000;
    private static final int DAYS_TO_PUT_BACK = 30;

    private final Plants plants;
    private final LogBook log;
    private final Clock clock;

    RecordController(Plants plants, LogBook log, Clock clock) {
        this.plants = plants;
        this.log = log;
        this.clock = clock;
    }

    /**
     * What of the record is asked for.
     *
     * @param q words that an entry holds; empty for all
     * @param page from 1
     */
    record Asked(@Nullable String q, @Nullable Integer page) {
        String words() {
            return q == null ? "" : q.strip();
        }

        int number() {
            return page == null ? 1 : Math.max(1, Math.min(MOST_PAGES, page));
        }

        boolean fits(String entry) {
            return entry.toLowerCase(Locale.ROOT).contains(words().toLowerCase(Locale.ROOT));
        }
    }

    @GetMapping("/plants/{id}/record")
    String record(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, Asked asked, Reply reply) {
        Plant plant = plants.plant(member.collection(), id);
        List<PlantViews.DayLine> all = log.entries(plant).stream()
                .map(entry -> PlantViews.DayLine.of(plant, entry, LogWords.said(entry))
                        .after(before(member.collection(), entry)))
                .filter(line -> asked.fits(line.what()))
                .toList();
        int from = Math.min(all.size(), (asked.number() - 1) * LINES);
        reply.put("plantName", plant.name());
        reply.put("plantId", id);
        reply.put("quickPlant", id);
        reply.put("here", plant.stop());
        reply.put("q", asked.words());
        reply.put("page", asked.number());
        reply.put("count", all.size());
        reply.put("lines", all.subList(from, Math.min(all.size(), from + LINES)));
        reply.put("byName", all.stream().anyMatch(line -> !line.by().isEmpty()));
        reply.put(
                "takenBack",
                log.takenBack(plant, LocalDate.now(clock).minusDays(DAYS_TO_PUT_BACK)).stream()
                        .filter(Edits::may)
                        .map(entry -> PlantViews.DayLine.of(plant, entry, LogWords.said(entry)))
                        .toList());
        reply.put("more", from + LINES < all.size());
        return "plantpage/record";
    }

    /** The words of the entry that another stands for, where they differ. */
    private Optional<String> before(CollectionId collection, LogLine entry) {
        return entry.replaces()
                .flatMap(id -> log.find(collection, id))
                .map(RecordController::dated)
                .filter(words -> !words.equals(dated(entry)));
    }

    private static String dated(LogLine line) {
        return Wording.say("plantpage.record.dated", DayFormat.YEAR.format(line.onDay()), LogWords.said(line));
    }
}
