package mildlantern.web.treatment;

import mildlantern.diagnosis.Diagnosis;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.springframework.stereotype.Component;

/** Courses and products, read as their pages read them. */
@Component
class TreatmentReadThrough implements ReadThrough {
    private final RowsOf rows;
    private final TreatmentKnowledge knowledge;
    private final Diagnosis diagnosis;

    TreatmentReadThrough(RowsOf rows, TreatmentKnowledge knowledge, Diagnosis diagnosis) {
        this.rows = rows;
        this.knowledge = knowledge;
        this.diagnosis = diagnosis;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(StoredCourse.class, collection, course -> {
            RowsOf.require(
                    diagnosis.knowledge().disorder(course.disorder()).isPresent(),
                    course.disorder().value(),
                    "cause");
            course.choice().turns().forEach(turn -> means(turn.means()));
        });
        rows.each(StoredStep.class, collection, step -> step.step().means().ifPresent(this::means));
        rows.each(ContactLook.class, collection, ContactLook::nearness);
        rows.each(OwnProduct.class, collection, product -> means(product.label().means()));
    }

    private void means(String means) {
        RowsOf.require(knowledge.find(means).isPresent(), means, "means of treatment");
    }
}
