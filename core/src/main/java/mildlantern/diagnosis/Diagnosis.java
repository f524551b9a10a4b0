package mildlantern.diagnosis;

import mildlantern.plant.PlantRecord;

/** The way in: what can be the matter with a plant. Immutable and safe to share. */
public final class Diagnosis {
    private final DiagnosisKnowledge knowledge;

    public Diagnosis(DiagnosisKnowledge knowledge) {
        this.knowledge = knowledge;
    }

    public DiagnosisKnowledge knowledge() {
        return knowledge;
    }

    /**
     * Weighs record and evidence.
     *
     * @param record what is known of the plant
     * @param evidence what was seen, and what was looked for and is not there
     * @return all causes with their probabilities, with reasons and next looks on request
     * @throws IllegalArgumentException if the evidence names a finding or state that the knowledge base lacks
     */
    public Differential consider(PlantRecord record, Evidence evidence) {
        return new Differential(knowledge, record, evidence);
    }
}
