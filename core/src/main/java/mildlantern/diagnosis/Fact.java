package mildlantern.diagnosis;

import java.util.OptionalDouble;

/**
 * One thing that the record of a plant tells.
 *
 * @param id its id, as in {@code rh.gap}
 * @param number its value, for a fact that is a number
 * @param word its value, for a fact that is a word; empty otherwise
 * @param sentence the fact in words, with its figures
 */
public record Fact(String id, OptionalDouble number, String word, String sentence) {}
