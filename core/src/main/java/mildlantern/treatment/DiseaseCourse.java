package mildlantern.treatment;

import java.util.List;
import java.util.Optional;

/**
 * The course against a disease.
 *
 * @param cutToday whether waiting a day loses the plant
 * @param noCure what is said where nothing cures it
 * @param steps usual steps
 * @param severe steps of a bad case, the usual ones where it makes no difference
 * @param lookDays days from the last step to the look again
 */
record DiseaseCourse(
        boolean cutToday, Optional<String> noCure, List<DiseaseStep> steps, List<DiseaseStep> severe, int lookDays) {}
