package mildlantern.web.collection;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import mildlantern.plant.Profile;
import mildlantern.web.plate.AboveDrawer;
import mildlantern.web.plate.Plate;
import mildlantern.web.plate.PlateDrawer;
import mildlantern.web.plate.PlateSubject;
import org.springframework.stereotype.Component;

/** Draws the plate of a stored plant. */
@Component
public class PlatePictures {
    private static final int KEPT = 300;

    private final RecordReader reader;

    /** Plates drawn lately: the same numbers always give the same drawing. */
    private final Map<PlateSubject, Plate> drawn = Collections.synchronizedMap(new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<PlateSubject, Plate> eldest) {
            return size() > KEPT;
        }
    });

    PlatePictures(RecordReader reader) {
        this.reader = reader;
    }

    /** The plate, from the side. */
    public Plate of(Plant plant) {
        return drawn.computeIfAbsent(subject(plant), PlateDrawer::draw);
    }

    /** Pot and leaves as seen from above, at a place and with a radius in the plan's units. */
    public String fromAbove(Plant plant, double x, double y, double radius) {
        return AboveDrawer.draw(subject(plant), x, y, radius);
    }

    private PlateSubject subject(Plant plant) {
        Profile profile = reader.profile(plant);
        return new PlateSubject(
                plant.id(),
                plant.form() == null ? profile.form() : plant.form(),
                PlateSubject.Vessel.valueOf(plant.potKind().name()),
                plant.medium(),
                plant.leaves(),
                plant.growths(),
                plant.offsets(),
                plant.flowers(),
                plant.buds());
    }
}
