package mildlantern.web.plate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import mildlantern.diagnosis.Part;
import mildlantern.look.Looks;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PotKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PlateDrawerTest {
    private static final Looks LOOKS = Looks.load(PlantKnowledge.load());
    private static final PlantId PLANT = new PlantId(UUID.nameUUIDFromBytes(new byte[] {7}));

    @ParameterizedTest
    @EnumSource
    void everyGrowthFormHasAPlateWithPartsToTouch(GrowthForm form) {
        Plate plate = PlateDrawer.draw(subject(form, 8, 6, 1, 2));
        assertThat(plate.layers())
                .extracting(Plate.Layer::part)
                .doesNotHaveDuplicates()
                .contains(Part.MEDIUM, Part.NEW_LEAF);
        assertThat(plate.layers()).allSatisfy(layer -> {
            assertThat(layer.svg()).contains("<").doesNotContain("NaN");
            assertThat(layer.anchors()).isNotEmpty().allSatisfy(anchor -> {
                assertThat(anchor.x()).isBetween(0.0, (double) Plate.WIDTH);
                assertThat(anchor.y()).isBetween(0.0, (double) Plate.HEIGHT);
            });
        });
    }

    @Test
    void theSamePlantIsAlwaysDrawnTheSameWay_anotherDiffers() {
        PlateSubject one = subject(GrowthForm.LEAFY_CLUMP, 8, 0, 0, 0);
        assertThat(PlateDrawer.draw(one).picture())
                .isEqualTo(PlateDrawer.draw(one).picture());
        PlateSubject other =
                new PlateSubject(PlantId.fresh(), one.form(), one.look(), one.vessel(), one.medium(), 8, 0, 0, 0, 0);
        assertThat(PlateDrawer.draw(other).picture())
                .isNotEqualTo(PlateDrawer.draw(one).picture());
    }

    @Test
    void itIsDrawnWithItsOwnNumbers() {
        assertThat(part(subject(GrowthForm.UPRIGHT_PITCHER, 0, 9, 0, 0), Part.PITCHER)
                        .anchors())
                .hasSize(9);
        assertThat(part(subject(GrowthForm.UPRIGHT_PITCHER, 0, 4, 0, 0), Part.PITCHER)
                        .anchors())
                .hasSize(4);
        assertThat(PlateDrawer.draw(subject(GrowthForm.TANK_ROSETTE, 9, 0, 0, 0))
                        .layers())
                .extracting(Plate.Layer::part)
                .doesNotContain(Part.OFFSET, Part.FLOWER);
        assertThat(PlateDrawer.draw(subject(GrowthForm.TANK_ROSETTE, 9, 0, 2, 1))
                        .layers())
                .extracting(Plate.Layer::part)
                .contains(Part.OFFSET, Part.FLOWER);
    }

    @Test
    void pinsKeepTheirNumbersAndStandApart() {
        Plate plate = PlateDrawer.draw(subject(GrowthForm.SINGLE_CROWN_ORCHID, 6, 0, 0, 3));
        List<Plate.Found> found = new ArrayList<>();
        for (int i = 1; i <= 10; i++) {
            found.add(new Plate.Found(i, i % 3 == 0 ? Part.MEDIUM : Part.LEAF));
        }
        List<Plate.Pin> pins = plate.pins(found);
        assertThat(pins).extracting(Plate.Pin::number).containsExactly(1, 2, 3, 4, 5, 6, 7, 8, 9, 10);
        for (Plate.Pin one : pins) {
            assertThat(one.y()).isBetween(0.0, (double) Plate.HEIGHT);
            for (Plate.Pin other : pins) {
                if (one.number() < other.number() && one.x() == other.x()) {
                    assertThat(Math.abs(one.y() - other.y())).isGreaterThanOrEqualTo(29);
                }
            }
        }
    }

    private static Plate.Layer part(PlateSubject subject, Part part) {
        return PlateDrawer.draw(subject).layers().stream()
                .filter(layer -> layer.part() == part)
                .findFirst()
                .orElseThrow();
    }

    private static PlateSubject subject(GrowthForm form, int leaves, int growths, int offsets, int flowers) {
        return new PlateSubject(
                PLANT, form, LOOKS.of(form), PotKind.CLAY, "bark", leaves, growths, offsets, flowers, 0);
    }
}
