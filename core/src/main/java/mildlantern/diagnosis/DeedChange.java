package mildlantern.diagnosis;

/**
 * A look whose answer would put another change first.
 *
 * @param finding what would have to be looked for
 * @param state what would have to be seen
 * @param chance how likely that is, 0 to 1
 * @param trial id of the change that would be first then
 */
public record DeedChange(Finding finding, Finding.State state, double chance, String trial) {}
