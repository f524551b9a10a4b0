package mildlantern.treatment;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mildlantern.knowledge.FindingId;

/**
 * One change that can be made, and how to tell whether it worked.
 *
 * @param id its id
 * @param name its name
 * @param instruction the change, as an instruction
 * @param expectation what should be seen by the look again
 * @param lookAgainDays days until the look again, 1 or more
 * @param does what the change itself does, in the terms of holds
 * @param holds what must wait meanwhile
 * @param recheck ids of findings to ask at the look again, besides those of the first look
 * @param care what becomes of the care sheet when the trial was right
 * @param caution what to mind
 */
public record Trial(
        String id,
        String name,
        String instruction,
        String expectation,
        int lookAgainDays,
        List<Hold> does,
        List<Hold> holds,
        List<FindingId> recheck,
        Map<CareSetting, String> care,
        Optional<String> caution) {}
