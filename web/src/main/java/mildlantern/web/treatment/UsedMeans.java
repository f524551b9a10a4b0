package mildlantern.web.treatment;

import java.util.List;
import java.util.Optional;
import mildlantern.log.LogEntry;
import mildlantern.treatment.Label;
import mildlantern.treatment.Means;
import mildlantern.treatment.Recognition;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.log.Treatments;
import mildlantern.web.platform.CollectionId;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Tells what was used on a plant, however it was written down: by press, by course, in a line, in a table. */
@Component
public class UsedMeans implements Treatments {
    private final TreatmentKnowledge knowledge;
    private final CourseRepositories.Products products;

    UsedMeans(TreatmentKnowledge knowledge, CourseRepositories.Products products) {
        this.knowledge = knowledge;
        this.products = products;
    }

    /** Recognises what a house uses: its own products beside all that is known. */
    @Transactional(readOnly = true)
    public Recognition recognition(CollectionId collection) {
        return new Recognition(
                knowledge,
                products.of(collection).stream().map(OwnProduct::label).toList());
    }

    @Override
    @Transactional(readOnly = true)
    public Reader reader(CollectionId collection) {
        Recognition recognition = recognition(collection);
        return words -> recognition
                .find(words)
                .map(used -> new LogEntry.Treated(
                        used.means().known().entry(), Optional.of(used.means().id()), used.product()))
                .orElseGet(() -> new LogEntry.Treated(Optional.empty(), Optional.empty(), Optional.empty()));
    }

    /** The entry for a means that was chosen; the product is the house's own where it has one of it. */
    @Transactional(readOnly = true)
    public LogEntry.Treated chosen(CollectionId collection, Means means) {
        List<Label> own = products.of(collection).stream()
                .map(OwnProduct::label)
                .filter(label -> label.means().equals(means.id()))
                .toList();
        return new LogEntry.Treated(
                means.known().entry(),
                Optional.of(means.id()),
                own.size() == 1 ? Optional.of(own.get(0).name()) : Optional.empty());
    }
}
