package mildlantern.web.plate;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.Finding;
import mildlantern.diagnosis.Part;
import mildlantern.look.Looks;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.treatment.Trials;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Each growth form looks like itself: the parts that such a plant has can be touched, in the number that this plant has. */
class FiguresTest {
    private static final Looks LOOKS = Looks.load(PlantKnowledge.load());
    private static final PlantId PLANT = new PlantId(UUID.nameUUIDFromBytes(new byte[] {3}));
    private static final Pattern ABSOLUTE = Pattern.compile("[MLC](-?\\d+\\.?\\d*) (-?\\d+\\.?\\d*)");

    /** So far a leaf tip may stick out of the sheet, as in a herbarium. */
    private static final double OVER_THE_EDGE = 24;

    private static Plate draw(GrowthForm form, int leaves, int growths, int offsets, int flowers, int buds) {
        PotKind vessel = form == GrowthForm.AIR_PLANT
                ? PotKind.MOUNT
                : form == GrowthForm.BONSAI ? PotKind.TRAY : PotKind.PLASTIC;
        return PlateDrawer.draw(new PlateSubject(
                PLANT, form, LOOKS.of(form), vessel, "peat-mix", leaves, growths, offsets, flowers, buds));
    }

    private static Set<Part> parts(Plate plate) {
        Set<Part> parts = new HashSet<>();
        plate.layers().forEach(layer -> parts.add(layer.part()));
        return parts;
    }

    private static Plate.Layer part(Plate plate, Part part) {
        return plate.layers().stream()
                .filter(layer -> layer.part() == part)
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "CANED_ORCHID, CANE LEAF NEW_LEAF POT ROOT",
        "AIR_PLANT, LEAF NEW_LEAF CROWN MEDIUM ROOT",
        "HANGING_PITCHER, PITCHER LEAF NEW_LEAF STEM CROWN MEDIUM POT",
        "FLAT_STICKY_ROSETTE, LEAF NEW_LEAF CROWN MEDIUM POT",
        "DOWNY_ROSETTE, LEAF NEW_LEAF CROWN MEDIUM POT",
        "SNAP_TRAP_ROSETTE, PITCHER LEAF NEW_LEAF CROWN MEDIUM",
        "LEAFY_STEM, STEM LEAF NEW_LEAF MEDIUM POT ROOT",
        "FERN, LEAF NEW_LEAF CROWN MEDIUM POT",
        "FLESHY_ROSETTE, LEAF NEW_LEAF CROWN STEM MEDIUM POT",
        "UPRIGHT_SWORDS, LEAF NEW_LEAF STEM MEDIUM POT",
        "COLUMNAR_CACTUS, STEM NEW_LEAF MEDIUM POT ROOT",
        "SMALL_TREE, STEM TWIG LEAF NEW_LEAF MEDIUM POT",
        "CLIMBER, STEM LEAF NEW_LEAF ROOT MEDIUM POT",
        "BONSAI, STEM TWIG LEAF NEW_LEAF MEDIUM POT"
    })
    void aFormHasThePartsThatSuchAPlantHas(GrowthForm form, String expected) {
        Set<Part> drawn = parts(draw(form, 0, 0, 0, 0, 0));
        for (String name : List.of(expected.split(" "))) {
            assertThat(drawn).as(form.name()).contains(Part.valueOf(name));
        }
        assertThat(drawn).doesNotContain(Part.OFFSET, Part.FLOWER);
    }

    @ParameterizedTest
    @EnumSource(
            mode = EnumSource.Mode.EXCLUDE,
            names = {"FERN", "BONSAI", "UPRIGHT_PITCHER", "HANGING_PITCHER", "LEAFY_STEM", "UPRIGHT_SWORDS"})
    void flowersAreDrawnWhenItHasThem(GrowthForm form) {
        assertThat(parts(draw(form, 9, 4, 0, 3, 2))).contains(Part.FLOWER);
        assertThat(part(draw(form, 9, 4, 0, 3, 2), Part.FLOWER).svg()).contains("<path");
    }

    @ParameterizedTest
    @EnumSource(
            names = {
                "CANED_ORCHID",
                "TANK_ROSETTE",
                "AIR_PLANT",
                "HANGING_PITCHER",
                "FLAT_STICKY_ROSETTE",
                "DOWNY_ROSETTE",
                "FLESHY_ROSETTE",
                "UPRIGHT_SWORDS",
                "COLUMNAR_CACTUS"
            })
    void offsetsAreDrawnWhenItHasThem(GrowthForm form) {
        assertThat(parts(draw(form, 9, 4, 2, 0, 0))).contains(Part.OFFSET);
    }

    @Test
    void itsOwnNumbersAreDrawn() {
        assertThat(part(draw(GrowthForm.HANGING_PITCHER, 8, 3, 0, 0, 0), Part.PITCHER)
                        .anchors())
                .hasSize(3);
        assertThat(part(draw(GrowthForm.HANGING_PITCHER, 8, 6, 0, 0, 0), Part.PITCHER)
                        .anchors())
                .hasSize(6);
        assertThat(part(draw(GrowthForm.CANED_ORCHID, 6, 4, 0, 0, 0), Part.CANE).anchors())
                .hasSize(4);
        assertThat(part(draw(GrowthForm.FERN, 7, 0, 0, 0, 0), Part.LEAF).anchors())
                .hasSize(7);
        assertThat(part(draw(GrowthForm.FERN, 12, 0, 0, 0, 0), Part.LEAF).anchors())
                .hasSize(12);
        assertThat(part(draw(GrowthForm.SNAP_TRAP_ROSETTE, 8, 4, 0, 0, 0), Part.PITCHER)
                        .anchors())
                .hasSize(4);
        assertThat(part(draw(GrowthForm.COLUMNAR_CACTUS, 0, 0, 2, 0, 0), Part.OFFSET)
                        .anchors())
                .hasSize(2);
    }

    @ParameterizedTest
    @EnumSource
    void aFigureStaysOnItsSheet_whateverItsNumbers(GrowthForm form) {
        for (int many : new int[] {1, 9, 5000}) {
            Plate plate = draw(form, many, Math.min(many, 500), Math.min(many, 500), many, many);
            for (Plate.Layer layer : plate.layers()) {
                assertThat(layer.svg()).doesNotContain("NaN", "Infinity", "style=");
                Matcher point = ABSOLUTE.matcher(layer.svg());
                while (point.find()) {
                    assertThat(Double.parseDouble(point.group(1)))
                            .as("%s, %s", form, layer.part())
                            .isBetween(-OVER_THE_EDGE, Plate.WIDTH + OVER_THE_EDGE);
                    assertThat(Double.parseDouble(point.group(2)))
                            .as("%s, %s", form, layer.part())
                            .isBetween(-OVER_THE_EDGE, Plate.HEIGHT + OVER_THE_EDGE);
                }
            }
        }
    }

    @Test
    void noTwoFormsLookAlike() {
        Set<String> pictures = new HashSet<>();
        for (GrowthForm form : GrowthForm.values()) {
            pictures.add(
                    PlateDrawer.draw(new PlateSubject(PLANT, form, LOOKS.of(form), PotKind.CLAY, "bark", 8, 4, 1, 2, 1))
                            .picture());
        }
        assertThat(pictures).hasSize(GrowthForm.values().length);
    }

    /**
     * What can be seen on a plant must have a place on its plate; what has none is asked of the whole plant. A cactus has no
     * leaves, and so a third of its looks have no part of their own.
     */
    @Test
    void mostFindingsOfEveryKindHaveTheirPlaceOnItsPlate() {
        PlantKnowledge plants = PlantKnowledge.load();
        DiagnosisKnowledge knowledge = DiagnosisKnowledge.load(plants, Trials.load());
        for (Profile profile : plants.profiles()) {
            double least = profile.form() == GrowthForm.COLUMNAR_CACTUS ? 0.65 : 0.85;
            Set<Part> drawn = parts(draw(profile.form(), 8, 4, 1, 2, 1));
            List<Finding> onParts = knowledge.findings().stream()
                    .filter(finding -> finding.appliesTo(PlantRecord.of(profile)))
                    .filter(finding -> !finding.parts().contains(Part.WHOLE))
                    .toList();
            long placed = onParts.stream()
                    .filter(finding -> finding.parts().stream().anyMatch(drawn::contains))
                    .count();
            assertThat((double) placed / onParts.size()).as(profile.id()).isGreaterThan(least);
        }
    }

    /** Every kind of the knowledge base, as a plant of it in flower. */
    private static PlateSubject of(Profile kind) {
        return new PlateSubject(PLANT, kind.form(), LOOKS.of(kind), kind.usualPot(), kind.usualMedium(), 0, 0, 1, 3, 1);
    }

    static Collection<Profile> kinds() {
        return PlantKnowledge.load().profiles();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindIsDrawnWhole_eachPartOnce_andLight(Profile kind) {
        Plate plate = PlateDrawer.draw(of(kind));
        assertThat(plate.layers())
                .extracting(Plate.Layer::part)
                .doesNotHaveDuplicates()
                .contains(Part.NEW_LEAF);
        assertThat(plate.layers())
                .allSatisfy(layer -> assertThat(layer.anchors()).isNotEmpty());
        assertThat(plate.picture()).doesNotContain("NaN").hasSizeLessThan(70_000);
        assertThat(asSent(plate.picture())).as("bytes on their way to a phone").isLessThan(25_000);
    }

    /** How many bytes a browser gets of it: pages and pictures are sent packed. */
    private static int asSent(String picture) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream packed = new GZIPOutputStream(bytes)) {
            packed.write(picture.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.size();
    }

    @Test
    void noTwoKindsLookTheSame() {
        Map<String, String> pictures = new HashMap<>();
        kinds().forEach(kind -> assertThat(
                        pictures.put(PlateDrawer.draw(of(kind)).picture(), kind.id()))
                .as(kind.id())
                .isNull());
    }
}
