package mildlantern.web.demo;

import java.time.LocalDate;
import java.util.Map;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.treatment.Trials;
import mildlantern.web.casework.CaseWriter;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import org.springframework.stereotype.Component;

/** Opens the cases of the signal house, answers them, decides them and ends those that are over. */
@Component
class SignalHouseCases {
    private final CaseWriter cases;
    private final Trials trials;
    private final Diagnosis diagnosis;

    SignalHouseCases(CaseWriter cases, Trials trials, Diagnosis diagnosis) {
        this.cases = cases;
        this.trials = trials;
        this.diagnosis = diagnosis;
    }

    void tell(Plant plant, SignalHouseStory.Trouble trouble, LocalDate today) {
        CollectionId collection = plant.collection();
        CaseId id = cases.open(
                plant, new CaseId(DemoLoader.id("case " + trouble.plant())), today.minusDays(trouble.opened()));
        trouble.seen().forEach(seen -> answer(collection, id, seen, today));
        trouble.decided()
                .ifPresent(decided -> cases.decide(
                        collection,
                        id,
                        diagnosis
                                .knowledge()
                                .disorder(new DisorderId(decided.cause()))
                                .orElseThrow(),
                        trials.find(decided.trial()).orElseThrow(),
                        "",
                        new CaseWriter.Days(today.minusDays(decided.ago()), today.minusDays(decided.lookAgain()))));
        trouble.again().ifPresent(seen -> {
            cases.lookAgain(collection, id);
            answer(collection, id, seen, today);
            cases.finish(collection, id, today.minusDays(seen.ago()));
        });
        trouble.closed()
                .ifPresent(closed -> cases.close(
                        collection,
                        id,
                        closed.outcome(),
                        closed.lesson(),
                        Map.of(closed.care(), new CaseWriter.CareChange(closed.text(), closed.reason())),
                        today.minusDays(closed.ago())));
    }

    private void answer(CollectionId collection, CaseId id, SignalHouseStory.Seen seen, LocalDate today) {
        cases.answer(
                collection, id, new FindingId(seen.finding()), seen.state(), seen.part(), today.minusDays(seen.ago()));
    }
}
