package mildlantern.diagnosis;

import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PlantRecord;
import mildlantern.treatment.Trials;

/** The knowledge base, read once for all tests. */
final class Known {
    static final PlantKnowledge PLANTS = PlantKnowledge.load();
    static final Trials TRIALS = Trials.load();
    static final DiagnosisKnowledge KNOWLEDGE = DiagnosisKnowledge.load(PLANTS, TRIALS);
    static final Diagnosis DIAGNOSIS = new Diagnosis(KNOWLEDGE);

    private Known() {}

    static PlantRecord bare(String profile) {
        return PlantRecord.of(PLANTS.profile(profile).orElseThrow());
    }
}
