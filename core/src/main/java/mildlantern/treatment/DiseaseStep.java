package mildlantern.treatment;

import java.util.List;

/**
 * @param day days after the finding
 * @param means ids of what would serve, the best first
 * @param otherGroup whether it must be of another group than the one before
 */
record DiseaseStep(int day, List<String> means, boolean otherGroup) {}
