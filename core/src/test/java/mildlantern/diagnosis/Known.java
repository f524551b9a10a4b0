package mildlantern.diagnosis;

import java.util.LinkedHashMap;
import java.util.Map;
import mildlantern.knowledge.FindingId;
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

    /** What was seen: ids of findings and of their states, in turns. */
    static Evidence seen(String... findingsAndStates) {
        Map<FindingId, String> states = new LinkedHashMap<>();
        for (int i = 0; i < findingsAndStates.length; i += 2) {
            states.put(new FindingId(findingsAndStates[i]), findingsAndStates[i + 1]);
        }
        return Evidence.of(states);
    }
}
