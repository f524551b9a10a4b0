package mildlantern.diagnosis;

import java.util.List;

/**
 * A look that would tell much for its price.
 *
 * @param finding what to look for
 * @param gain expected fall of uncertainty over all causes, in bits
 * @param saves what it is expected to save the plant, as another change would be made after one answer than after another: 1 is a plant lost
 * @param worth both together less its price, as a share of a plant, by which looks are ordered
 * @param answers what each answer would do
 */
public record NextLook(Finding finding, double gain, double saves, double worth, List<Answer> answers) {
    /**
     * One possible answer.
     *
     * @param state the state that would be seen
     * @param chance how likely that answer is, 0 to 1
     * @param shifts what it would do to the first causes of the ladder
     */
    public record Answer(Finding.State state, double chance, List<Shift> shifts) {}

    /**
     * What an answer would do to a cause.
     *
     * @param disorder the cause
     * @param before its probability now
     * @param after its probability with that answer
     */
    public record Shift(Disorder disorder, double before, double after) {}
}
