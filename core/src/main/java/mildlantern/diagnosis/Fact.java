package mildlantern.diagnosis;

import java.util.List;
import java.util.OptionalDouble;

/**
 * One thing that the record of a plant tells.
 *
 * @param id its id, as in {@code rh.gap}
 * @param number its value, for a fact that is a number
 * @param words its value, for a fact that is a word, and after it the broader ones that it falls under; empty otherwise
 * @param speaksFor the fact in words, with its figures, where it speaks for a cause
 * @param speaksAgainst the same where it speaks against one
 */
public record Fact(String id, OptionalDouble number, List<String> words, String speaksFor, String speaksAgainst) {}
