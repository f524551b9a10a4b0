package mildlantern.diagnosis;

/**
 * A finding in a state that was seen.
 *
 * @param finding the finding
 * @param state position of the state among the finding's states
 * @param likelihoods how likely its states are under any set of causes
 */
record Observation(Finding finding, int state, Likelihoods likelihoods) {
    String words() {
        return finding.states().get(state).words();
    }
}
