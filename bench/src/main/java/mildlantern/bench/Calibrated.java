package mildlantern.bench;

import java.util.Locale;
import mildlantern.diagnosis.Calibration;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.MadeUpPlants;
import mildlantern.plant.PlantKnowledge;
import mildlantern.treatment.Trials;

/** Prints whether probabilities mean what they say, on plants made up from the knowledge base itself. */
public final class Calibrated {
    private static final int PLANTS = 2000;
    private static final int LOOKS = 6;
    private static final long SEED = 20_261_124L;

    private Calibrated() {}

    public static void main(String[] arguments) {
        PlantKnowledge plants = PlantKnowledge.load();
        DiagnosisKnowledge knowledge = DiagnosisKnowledge.load(plants, Trials.load());
        Calibration calibration =
                Calibration.of(new MadeUpPlants(knowledge, plants), new Diagnosis(knowledge), PLANTS, LOOKS, SEED);
        System.out.printf("calibration: %d made-up plants, %d random looks each%n", PLANTS, LOOKS);
        for (Calibration.Band band : calibration.bands()) {
            System.out.printf(
                    Locale.ROOT,
                    "causes given %3.0f to %3.0f %%: %6d of them, said %5.1f %% in the mean, %5.1f %% were there%n",
                    band.low() * 100,
                    band.high() * 100,
                    band.causes(),
                    band.said() * 100,
                    band.were() * 100);
        }
    }
}
