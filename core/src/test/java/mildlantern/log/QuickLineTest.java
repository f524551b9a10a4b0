package mildlantern.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import mildlantern.Tries;
import mildlantern.log.QuickLine.Named;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.SprayKind;
import mildlantern.plant.WaterSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuickLineTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private static final Named<PlantId> FERN_3 = named("Fern 3", "A-17");
    private static final Named<PlantId> FERN_30 = named("Fern 30", "A-18");
    private static final Named<PlantId> ANNA = named("Big Anna", "");
    private static final Named<StopId> SILL = stop("Lamp room sill");
    private static final Named<StopId> SHELF = stop("Chart room shelf");
    private static final QuickLine LINES = new QuickLine(
            new QuickLine.Names(
                    List.of(FERN_3, FERN_30, ANNA),
                    List.of(SILL, SHELF),
                    Map.of("bark", "bark", "peat mix", "peat-mix"),
                    words -> words.contains("soap")
                            ? LogEntry.Treated.with(SprayKind.SOAP)
                            : new LogEntry.Treated(Optional.empty(), Optional.empty(), Optional.empty())),
            TODAY,
            false);

    private static Named<PlantId> named(String name, String also) {
        return new Named<>(PlantId.fresh(), name, also);
    }

    private static Named<StopId> stop(String name) {
        return new Named<>(StopId.fresh(), name, "");
    }

    private static QuickLine.Understood read(String line) {
        return LINES.read(line, Optional.empty());
    }

    private static LogEntry one(String line) {
        QuickLine.Understood understood = read(line);
        assertThat(understood.problems()).isEmpty();
        return understood.said().get(0).entry();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "12.11.2026 | 2026-11-12",
                "12/11/2026 | 2026-11-12",
                "2026-11-12 | 2026-11-12",
                "12 nov | 2026-11-12",
                "12 November 2026 | 2026-11-12",
                "nov 12 | 2026-11-12",
                "12 dec | 2025-12-12",
                "on monday | 2026-11-23",
                "5 days ago | 2026-11-19"
            })
    void aDayIsUnderstoodAsPeopleWriteIt(String day, LocalDate meant) {
        QuickLine.Understood understood = read("fern 3: fed weak " + day);
        assertThat(understood.problems()).isEmpty();
        assertThat(understood.day()).isEqualTo(meant);
        assertThat(understood.said().get(0).entry())
                .isEqualTo(new LogEntry.Fed(Optional.empty(), OptionalDouble.empty()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "fern 3: watered 50000 | SO_MANY_LITRES [50000.0, 50]",
                "fern 3: wtaered 400 | SLIP [wtaered, watered",
                "fern 3: watred 400 rain | SLIP [watred, watered",
                "fern 3: died | GONE [died]"
            })
    void aMistakeIsAskedBackAndNothingIsWritten(String line, String asked) {
        QuickLine.Understood understood = read(line);
        assertThat(understood.complete()).isFalse();
        assertThat(understood.problems())
                .singleElement()
                .satisfies(said -> assertThat(said.what() + " " + said.with()).contains(asked));
    }

    @Test
    void wordsBetweenANameAndAVerbAreSaidOfThePlant() {
        QuickLine.Understood understood = read("anna cup filled");
        assertThat(understood.plants()).containsExactly(ANNA);
    }

    @Test
    void ofTwoThatTheWordsCouldMeanTheOneWhosePageIsOpenIsMeant() {
        assertThat(LINES.read("fern: watered 100", Optional.of(FERN_30)).plants())
                .containsExactly(FERN_30);
    }

    @Test
    void aWateringAndANoteInOneLine() {
        QuickLine.Understood understood = read("fern 3: watered 400 rain, tips brown");
        assertThat(understood.complete()).isTrue();
        assertThat(understood.plants()).containsExactly(FERN_3);
        assertThat(understood.day()).isEqualTo(TODAY);
        assertThat(understood.said())
                .containsExactly(
                        new QuickLine.Said(
                                new LogEntry.Watered(
                                        OptionalInt.of(400),
                                        Optional.of(WaterSource.RAIN),
                                        Way.ABOVE,
                                        Optional.empty()),
                                ""),
                        new QuickLine.Said(new LogEntry.Noted(), "tips brown"));
    }

    @Test
    void everyVerbSaysItsKindOfEntry() {
        assertThat(one("anna soaked 0.5 l rain bone dry"))
                .isEqualTo(new LogEntry.Watered(
                        OptionalInt.of(500), Optional.of(WaterSource.RAIN), Way.SOAKED, Optional.of(Felt.BONE_DRY)));
        assertThat(one("anna watered from below, fine"))
                .isEqualTo(new LogEntry.Watered(OptionalInt.empty(), Optional.empty(), Way.BELOW, Optional.empty()));
        assertThat(one("anna filled 300ml hard tap"))
                .isEqualTo(new LogEntry.Watered(
                        OptionalInt.of(300), Optional.of(WaterSource.HARD_TAP), Way.RESERVOIR, Optional.empty()));
        assertThat(one("anna watered 10 fl oz still wet"))
                .isEqualTo(new LogEntry.Watered(
                        OptionalInt.of(296), Optional.empty(), Way.ABOVE, Optional.of(Felt.STILL_WET)));
        assertThat(one("anna probe dry moist wet"))
                .isEqualTo(new LogEntry.Probed(Wetness.DRY, Wetness.MOIST, Wetness.WET));
        assertThat(one("anna finger moist")).isEqualTo(LogEntry.Probed.all(Wetness.MOIST));
        assertThat(one("anna weighed 1.2 kg wet"))
                .isEqualTo(new LogEntry.Weighed(1200, Optional.of(Yardstick.WET_THROUGH)));
        assertThat(one("anna fed kelp 100 mg"))
                .isEqualTo(new LogEntry.Fed(Optional.of("kelp"), OptionalDouble.of(100)));
        assertThat(one("anna repotted 17 cm in peat mix"))
                .isEqualTo(new LogEntry.Repotted(OptionalDouble.of(17), Optional.of("peat-mix")));
        assertThat(one("anna moved to chart"))
                .isEqualTo(new LogEntry.Moved(
                        Optional.empty(), Optional.of(SHELF.id()), OptionalDouble.empty(), OptionalDouble.empty()));
        assertThat(one("anna counted 12 mites")).isEqualTo(new LogEntry.Count(Counted.PESTS, 12));
        assertThat(one("anna counted 9 leaves")).isEqualTo(new LogEntry.Count(Counted.LEAVES, 9));
        assertThat(one("anna sprayed soap")).isEqualTo(LogEntry.Treated.with(SprayKind.SOAP));
        assertThat(one("anna bloom opened")).isEqualTo(new LogEntry.Bloom(true));
        assertThat(one("anna trimmed crisp tips")).isEqualTo(new LogEntry.Pruned());
        assertThat(one("anna emptied")).isEqualTo(new LogEntry.CupEmptied());
        assertThat(one("anna fine")).isEqualTo(new LogEntry.Looked());
    }

    @ParameterizedTest
    @CsvSource({
        "anna watered yesterday, 2026-11-23",
        "anna watered 300 3 days ago, 2026-11-21",
        "anna watered 2026-10-02, 2026-10-02",
        "anna watered, 2026-11-24"
    })
    void aLineCanSpeakOfAnEarlierDay(String line, LocalDate day) {
        assertThat(read(line).complete()).isTrue();
        assertThat(read(line).day()).isEqualTo(day);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "fern watered 200 | SEVERAL_PLANTS [fern, 2]",
                "oak watered | NO_SUCH_PLANT [oak]",
                "anna watered lots | NOT_AFTER_WATERED [lots]",
                "anna watered 400 gallons | NOT_AFTER_WATERED [gallons]",
                "anna probe soggy | NOT_AFTER_PROBE [soggy]",
                "anna probe dry wet | PROBE_DEPTHS",
                "anna weighed | NO_WEIGHT",
                "anna moved to cellar | NO_STOP [",
                "anna repotted in gravel | NO_MEDIUM [gravel",
                "anna watered 400000 ml | ALLOWED [WATER, 400000, 1, 100000, mL]",
                "anna watered 2026-13-41 | NO_DAY",
                "anna watered 2027-01-01 | DAY_TO_COME",
                "anna bloom | NO_BLOOM"
            })
    void whatIsNotUnderstoodIsSaid_andNothingIsTaken(String line, String problem) {
        assertThat(read(line).complete()).isFalse();
        assertThat(read(line).problems())
                .anySatisfy(said -> assertThat(said.what() + " " + said.with()).contains(problem));
    }

    @Test
    void anAccessionNumberNamesAPlant() {
        assertThat(read("a-18 fine").plants()).containsExactly(FERN_30);
    }

    @Test
    void onAPlantsOwnPageItNeedNotBeNamed() {
        assertThat(LINES.read("watered 200", Optional.of(ANNA)).complete()).isTrue();
        assertThat(LINES.read("tips brown", Optional.of(ANNA)).said())
                .containsExactly(new QuickLine.Said(new LogEntry.Noted(), "tips brown"));
        assertThat(LINES.read("fern 3: watered 200", Optional.of(ANNA)).plants())
                .containsExactly(FERN_3);
    }

    @Test
    void theLineIsCompletedAsItIsWritten() {
        assertThat(read("fe").next()).containsExactly("Fern 3: ", "Fern 30: ");
        assertThat(read("Big Anna: wa").next()).containsExactly("Big Anna: watered ");
        assertThat(read("Big Anna: watered 200, pr").next())
                .containsExactly("Big Anna: watered 200, probe ", "Big Anna: watered 200, pruned ");
        assertThat(read("Big Anna: moved to l").next()).containsExactly("Big Anna: moved to lamp room sill");
    }

    @Test
    void lettersThatGrowWhenWrittenSmallDoNotBreakIt() {
        assertThat(read("Big Anna: \u0130\u0130\u0130").said())
                .containsExactly(new QuickLine.Said(new LogEntry.Noted(), "\u0130\u0130\u0130"));
        assertThat(LINES.read("\u0130watered", Optional.of(ANNA)).complete()).isTrue();
    }

    @Tries(500)
    void noLineBreaksIt(String line) {
        assertThat(read(line).problems()).isNotNull();
        read("anna " + line);
        LINES.read("watered " + line, Optional.of(ANNA));
    }
}
