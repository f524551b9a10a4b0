package mildlantern.cases;

import java.util.List;
import java.util.Optional;
import mildlantern.diagnosis.Evidence;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.PlantRecord;

/**
 * One plant's trouble, written up.
 *
 * @param file the file it stands in
 * @param id its id
 * @param record what is known of the plant
 * @param evidence what was seen
 * @param expected what a good diagnosis must conclude
 */
public record WrittenCase(String file, String id, PlantRecord record, Evidence evidence, Expected expected) {
    /**
     * What a good diagnosis must conclude; an empty list expects nothing.
     *
     * @param first one of these is ranked first
     * @param among each of these is among the first four
     * @param not none of these reaches 15 %
     * @param ask one of these is among the first three suggested looks
     * @param actNow whether it asks for isolation or a deed today
     */
    public record Expected(
            List<DisorderId> first,
            List<DisorderId> among,
            List<DisorderId> not,
            List<FindingId> ask,
            Optional<Boolean> actNow) {}
}
