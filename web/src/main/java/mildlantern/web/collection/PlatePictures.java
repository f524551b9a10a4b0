package mildlantern.web.collection;

import mildlantern.plant.Profile;
import mildlantern.web.plate.AboveDrawer;
import mildlantern.web.plate.Plate;
import mildlantern.web.plate.PlateDrawer;
import mildlantern.web.plate.PlateSubject;
import org.springframework.stereotype.Component;

/** Draws the plate of a stored plant. */
@Component
public class PlatePictures {
    private final RecordReader reader;

    PlatePictures(RecordReader reader) {
        this.reader = reader;
    }

    /** The plate, from the side. */
    public Plate of(Plant plant) {
        return PlateDrawer.draw(subject(plant));
    }

    /** Pot and leaves as seen from above, at a place and with a radius in the plan's units. */
    public String fromAbove(Plant plant, double x, double y, double radius) {
        return AboveDrawer.draw(subject(plant), x, y, radius);
    }

    private PlateSubject subject(Plant plant) {
        Profile profile = reader.profile(plant);
        return new PlateSubject(
                plant.id(),
                profile.form(),
                PlateSubject.Vessel.valueOf(plant.potKind().name()),
                plant.medium(),
                plant.leaves(),
                plant.growths(),
                plant.offsets(),
                plant.flowers(),
                plant.buds());
    }
}
