package mildlantern.web.plant;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import mildlantern.look.Looks;
import mildlantern.plant.Profile;
import mildlantern.web.plate.AboveDrawer;
import mildlantern.web.plate.Plate;
import mildlantern.web.plate.PlateDrawer;
import mildlantern.web.plate.PlateSubject;
import org.springframework.stereotype.Component;

/** Draws the plate of a stored plant. */
@Component
public class PlatePictures {
    private final Plants plants;
    private final Looks looks;

    /** Drawn lately: the same numbers always give the same drawing. */
    private final Cache<PlateSubject, Plate> drawn =
            Caffeine.newBuilder().maximumSize(300).build();

    PlatePictures(Plants plants, Looks looks) {
        this.plants = plants;
        this.looks = looks;
    }

    /** The plate, from the side. */
    public Plate of(Plant plant) {
        return drawn.get(subject(plant), PlateDrawer::draw);
    }

    /** Pot and leaves as seen from above, round the origin, with a radius of the pot in the plan's units. */
    public String fromAbove(Plant plant, double radius) {
        return AboveDrawer.draw(subject(plant), radius);
    }

    private PlateSubject subject(Plant plant) {
        Profile profile = plants.profile(plant);
        return new PlateSubject(
                plant.drawnFrom(),
                plant.form() == null ? profile.form() : plant.form(),
                plant.form() == null || plant.form() == profile.form() ? looks.of(profile) : looks.of(plant.form()),
                plant.potKind(),
                plant.medium(),
                plant.leaves(),
                plant.growths(),
                plant.offsets(),
                plant.flowers(),
                plant.buds());
    }
}
