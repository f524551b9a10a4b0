package mildlantern.treatment;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
 * @param uses ids of means that it uses
 * @param notOn traits of plants that it is not for
 * @param onlyOn traits of the only plants it is for; empty for all
 * @param notWhen states of a plant in which it is not for it
 * @param onlyWhen states in which alone it is; empty for all
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
        Optional<String> caution,
        List<String> uses,
        Set<String> notOn,
        Set<String> onlyOn,
        Set<Situation.State> notWhen,
        Set<Situation.State> onlyWhen) {}
