package mildlantern.handwork;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.Disorder;
import mildlantern.knowledge.DisorderId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Season;
import mildlantern.treatment.Trials;
import org.junit.jupiter.api.Test;

/** Errands come with a case or a season, come again while it lasts, and end with it. */
class GuardTest {
    private static final Guard GUARD = Guard.load();
    private static final LocalDate DAY = LocalDate.parse("2026-11-01");

    private static List<Errand> due(String cause, Map<Errand, LocalDate> done, int days) {
        return GUARD
                .ofCase(
                        List.of(new DisorderId(cause)),
                        DAY,
                        errand -> Optional.ofNullable(done.get(errand)),
                        DAY.plusDays(days),
                        DAY.plusDays(days))
                .stream()
                .map(Guard.Due::errand)
                .toList();
    }

    @Test
    void aVirusAsksForFlameAndForToolsOfItsOwn_aGnatForCleanSaucers() {
        assertThat(due("virus", Map.of(), 0)).containsExactly(Errand.FLAME_TOOLS, Errand.OWN_TOOLS);
        assertThat(due("fungus-gnats", Map.of(), 0)).containsExactly(Errand.CLEAR_DEBRIS, Errand.EMPTY_SAUCERS);
        assertThat(due("aphids", Map.of(), 0)).containsExactly(Errand.KEEP_ANTS_OFF);
        assertThat(due("underwatering", Map.of(), 0)).isEmpty();
    }

    @Test
    void whatWasDoneComesAgainAfterItsDays_andWhatIsDoneOnceDoesNot() {
        Map<Errand, LocalDate> done = Map.of(Errand.KEEP_ANTS_OFF, DAY.plusDays(2));
        assertThat(due("aphids", done, 4)).isEmpty();
        assertThat(due("aphids", done, 5)).containsExactly(Errand.KEEP_ANTS_OFF);
        assertThat(due("virus", Map.of(Errand.FLAME_TOOLS, DAY), 30)).containsExactly(Errand.OWN_TOOLS);
        assertThat(due("aphids", Map.of(Errand.KEEP_ANTS_OFF, DAY.minusDays(3)), 0))
                .as("done for an earlier case")
                .containsExactly(Errand.KEEP_ANTS_OFF);
    }

    @Test
    void trapsAreAskedForEachMorning_andNotForEver() {
        assertThat(due("slugs-snails", Map.of(Errand.SLUG_TRAPS, DAY), 1)).contains(Errand.SLUG_TRAPS);
        assertThat(due("slugs-snails", Map.of(Errand.SLUG_TRAPS, DAY.plusDays(20)), 22))
                .doesNotContain(Errand.SLUG_TRAPS);
        assertThat(due("slugs-snails", Map.of(), 90)).isEmpty();
    }

    private static final Guard.House OPEN = new Guard.House(true, true);

    @Test
    void aSeasonAsksOnce_onBothHalvesOfTheEarth() {
        Season[] quarters = {Season.WINTER, Season.SPRING, Season.SUMMER, Season.AUTUMN};
        Function<LocalDate, Season> north = day -> quarters[day.getMonthValue() % 12 / 3];
        Function<LocalDate, Season> south = day -> quarters[(day.getMonthValue() % 12 / 3 + 2) % 4];
        LocalDate september = LocalDate.parse("2026-09-10");
        assertThat(GUARD.ofSeason(september, north, OPEN, errand -> Optional.empty()))
                .extracting(Guard.Due::errand)
                .containsExactly(Errand.WASH_GLASS, Errand.BEFORE_THEY_COME_IN, Errand.RELEASE_GUARDS);
        assertThat(GUARD.ofSeason(september, north, new Guard.House(false, true), errand -> Optional.of(september)))
                .isEmpty();
        assertThat(GUARD.ofSeason(september, south, OPEN, errand -> Optional.empty()))
                .extracting(Guard.Due::errand)
                .containsExactly(Errand.CLEAN_TABLES);
        assertThat(GUARD.ofSeason(LocalDate.parse("2026-11-28"), north, OPEN, errand -> Optional.empty()))
                .as("too late in the season")
                .isEmpty();
        assertThat(GUARD.ofSeason(september, north, new Guard.House(false, false), errand -> Optional.empty()))
                .as("no enemies of pests where the sap is poison to them")
                .extracting(Guard.Due::errand)
                .containsExactly(Errand.WASH_GLASS);
    }

    @Test
    void everyCauseThatIsNamedExists() {
        PlantKnowledge plants = PlantKnowledge.load();
        assertThat(DiagnosisKnowledge.load(plants, Trials.load()).disorders())
                .extracting(Disorder::id)
                .containsAll(GUARD.causes());
    }
}
