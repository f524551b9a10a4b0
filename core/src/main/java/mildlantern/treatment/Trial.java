package mildlantern.treatment;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.Words;
import mildlantern.plant.Profile;

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
 * @param byKind what is said otherwise of some kinds; the first that fits counts
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
        Set<Situation.State> onlyWhen,
        List<ForKinds> byKind) {
    /**
     * What a trial says of some kinds of plants.
     *
     * @param of ids of kinds, families, growth forms or drynesses
     * @param name its name; as usual where empty
     * @param instruction the change, as an instruction
     * @param expectation what should be seen; as usual where empty
     * @param care what becomes of the care sheet; as usual where empty
     */
    public record ForKinds(
            Set<String> of,
            Optional<String> name,
            String instruction,
            Optional<String> expectation,
            Map<CareSetting, String> care) {
        private boolean fits(Profile kind) {
            return kind.isAmong(of)
                    || of.contains(Words.id(kind.family()))
                    || of.contains(Words.id(kind.form()))
                    || of.contains(Words.id(kind.dryness()));
        }
    }

    /** The same trial in the words of a kind. */
    public Trial on(Profile kind) {
        return byKind.stream()
                .filter(one -> one.fits(kind))
                .findFirst()
                .map(one -> new Trial(
                        id,
                        one.name().orElse(name),
                        one.instruction(),
                        one.expectation().orElse(expectation),
                        lookAgainDays,
                        does,
                        holds,
                        recheck,
                        one.care().isEmpty() ? care : one.care(),
                        caution,
                        uses,
                        notOn,
                        onlyOn,
                        notWhen,
                        onlyWhen,
                        byKind))
                .orElse(this);
    }
}
