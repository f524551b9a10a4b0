package mildlantern.web.plant;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mildlantern.treatment.Hold;
import mildlantern.web.platform.CaseId;

/** What the pages of a plant need to know of its cases; the cases' own feature answers. */
public interface Troubles {
    /** All cases of a plant, the latest first. */
    List<Trouble> of(Plant plant);

    /** What must wait on a plant while a trial runs. */
    Set<Hold> holds(Plant plant);

    /**
     * A case in a list.
     *
     * @param id the case
     * @param opened when it was opened
     * @param closed when it was closed, if it is
     * @param words what it is or was, in half a sentence
     * @param open whether it is still open
     */
    record Trouble(CaseId id, LocalDate opened, Optional<LocalDate> closed, String words, boolean open) {}
}
