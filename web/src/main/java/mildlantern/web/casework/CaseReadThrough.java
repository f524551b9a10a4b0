package mildlantern.web.casework;

import mildlantern.diagnosis.Diagnosis;
import mildlantern.knowledge.DisorderId;
import mildlantern.treatment.Trials;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Cases, read as their pages read them. */
@Component
class CaseReadThrough implements ReadThrough {
    private final RowsOf rows;
    private final Diagnosis diagnosis;
    private final Trials trials;

    CaseReadThrough(RowsOf rows, Diagnosis diagnosis, Trials trials) {
        this.rows = rows;
        this.diagnosis = diagnosis;
        this.trials = trials;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(TroubleCase.class, collection, one -> {
            cause(one.decidedCause());
            cause(one.secondCause());
        });
        rows.each(
                CaseAnswer.class,
                collection,
                answer -> RowsOf.require(
                        diagnosis
                                .knowledge()
                                .finding(answer.finding())
                                .filter(finding -> answer.skipped()
                                        || finding.state(answer.state()).isPresent())
                                .isPresent(),
                        answer.finding() + ": " + answer.state(),
                        "answer"));
        rows.each(CaseTrial.class, collection, trial -> {
            RowsOf.require(trials.find(trial.trial()).isPresent(), trial.trial(), "trial");
            trial.holds();
        });
        rows.each(CaseOpinion.class, collection, opinion -> cause(opinion.cause()));
        rows.each(CaseRecall.class, collection, CaseRecall::kind);
    }

    private void cause(@Nullable DisorderId cause) {
        RowsOf.require(
                cause == null || diagnosis.knowledge().disorder(cause).isPresent(), String.valueOf(cause), "cause");
    }
}
