package mildlantern.web.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import mildlantern.care.Change;
import mildlantern.outcome.Promised;
import mildlantern.place.StopId;
import mildlantern.web.care.OutcomeWriter;
import mildlantern.web.plant.CareEntry;
import mildlantern.web.plant.CareSheets;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.FormKey;
import org.springframework.stereotype.Component;

/** How the plants of the signal house are kept, and which moves its keepers tried. */
@Component
class SignalHouseCare {
    private final CareSheets careSheets;
    private final OutcomeWriter outcomes;
    private final Clock clock;

    SignalHouseCare(CareSheets careSheets, OutcomeWriter outcomes, Clock clock) {
        this.careSheets = careSheets;
        this.outcomes = outcomes;
        this.clock = clock;
    }

    void tell(SignalHouseStory story, Function<String, Plant> plants, Function<String, StopId> stops, LocalDate today) {
        for (SignalHouseStory.Noted noted : story.care()) {
            careSheets.store(new CareEntry(
                    plants.apply(noted.plant()),
                    null,
                    noted.setting(),
                    noted.text(),
                    noted.reason(),
                    today.minusDays(noted.since()),
                    OffsetDateTime.now(clock).minusDays(noted.since())));
        }
        story.moves().forEach(moved -> tell(moved, plants.apply(moved.plant()), stops.apply(moved.from()), today));
    }

    private void tell(SignalHouseStory.Moved moved, Plant plant, StopId from, LocalDate today) {
        BatchId plan = new BatchId(DemoLoader.id("move " + moved.plant()));
        outcomes.began(
                plant,
                new OutcomeWriter.Began(
                        plan, Change.Kind.MOVE, from, plant.stop(), moved.text(), today.minusDays(moved.ago())),
                today.minusDays(moved.lookAgain()),
                List.of(new Promised(moved.need(), moved.before(), moved.expected(), OptionalDouble.empty())));
        moved.found()
                .ifPresent(found -> outcomes.judge(
                        plant.collection(),
                        plant.id(),
                        new FormKey(DemoLoader.id("judged " + moved.plant())),
                        plan,
                        Optional.of(found),
                        today.minusDays(moved.lookAgain())));
    }
}
