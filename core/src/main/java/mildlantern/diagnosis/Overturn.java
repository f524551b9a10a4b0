package mildlantern.diagnosis;

/**
 * A single answer that would turn what is thought of a cause.
 *
 * @param finding what would have to be looked for
 * @param state what would have to be seen
 * @param before probability of the cause now
 * @param after its probability with that answer
 */
public record Overturn(Finding finding, Finding.State state, double before, double after) {}
