package mildlantern.sign;

import java.util.List;
import mildlantern.knowledge.FindingId;

/**
 * What one state of a finding looks like.
 *
 * @param finding which finding
 * @param state which of its states
 * @param scene on what it is seen
 * @param marks what is seen there; none where all is sound
 */
public record Sign(FindingId finding, String state, Scene scene, List<Mark> marks) {
    /** Whether a mark of a sort is part of it. */
    public boolean shows(Mark.Sort sort) {
        return marks.stream().anyMatch(mark -> mark.sort() == sort);
    }
}
