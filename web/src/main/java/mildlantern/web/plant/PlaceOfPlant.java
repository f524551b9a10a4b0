package mildlantern.web.plant;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import mildlantern.place.StopId;
import org.jspecify.annotations.Nullable;

/**
 * Where a plant stands.
 *
 * @param stop at which stop
 * @param placeOnStop in which order there
 * @param planX its middle from the left, cm; null for not placed by hand
 * @param planY its middle from the glass, cm; null for not placed by hand
 */
@Embeddable
public record PlaceOfPlant(
        @Column(name = "stop_id") StopId stop,
        int placeOnStop,
        @Column(name = "plan_x") @Nullable Double planX,
        @Column(name = "plan_y") @Nullable Double planY) {}
