package mildlantern.bench;

import java.util.Locale;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.LookSearch;
import mildlantern.diagnosis.MadeUpPlants;
import mildlantern.plant.PlantKnowledge;
import mildlantern.treatment.Trials;

/** Prints how soon proposed looks lead to the true cause and to the right change, against other ways to choose them. */
public final class LooksToTruth {
    private static final int PLANTS = 400;
    private static final int MOST = 15;
    private static final int FEW = 6;
    private static final int SOME = 8;
    private static final long SEED = 20_261_128L;

    private LooksToTruth() {}

    public static void main(String[] arguments) {
        int number = arguments.length > 0 ? Integer.parseInt(arguments[0]) : PLANTS;
        PlantKnowledge plants = PlantKnowledge.load();
        DiagnosisKnowledge knowledge = DiagnosisKnowledge.load(plants, Trials.load());
        System.out.printf("looks: %d made-up plants, from one complaint each, %d looks at most%n", number, MOST);
        for (LookSearch.Way way : LookSearch.Way.values()) {
            LookSearch found = LookSearch.of(
                    new MadeUpPlants(knowledge, plants), knowledge, new Diagnosis(knowledge), way, number, MOST, SEED);
            System.out.printf(
                    Locale.ROOT,
                    "%-9s a true cause leads after %2d looks (median), within %d for %.0f %%, within %d for %.0f %%; the right change within %d for %.0f %%, within %d for %.0f %%%n",
                    way.name().toLowerCase(Locale.ROOT),
                    LookSearch.median(found.toCause()),
                    FEW,
                    100 * LookSearch.within(found.toCause(), FEW),
                    MOST,
                    100 * LookSearch.within(found.toCause(), MOST),
                    SOME,
                    100 * LookSearch.within(found.toDeed(), SOME),
                    MOST,
                    100 * LookSearch.within(found.toDeed(), MOST));
        }
    }
}
