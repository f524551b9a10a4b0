package mildlantern.web.stop;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import mildlantern.air.Glazing;
import mildlantern.light.Curtain;
import org.jspecify.annotations.Nullable;

/**
 * A stop's window; null is not known.
 *
 * @param glazing its panes
 * @param curtain what hangs before it
 * @param paneWidthCm its width, cm
 * @param paneHeightCm its height, cm
 * @param paneSillCm how far its lower edge is above the pots, cm; below 0 if it reaches lower
 * @param skyline how high what stands outside reaches, degrees
 * @param lightFactor how many times the reckoned light a meter read here
 */
@Embeddable
public record Window(
        @Enumerated(EnumType.STRING) @Nullable Glazing glazing,
        @Enumerated(EnumType.STRING) @Nullable Curtain curtain,
        @Nullable Integer paneWidthCm,
        @Nullable Integer paneHeightCm,
        @Nullable Integer paneSillCm,
        @Nullable Integer skyline,
        @Nullable Double lightFactor) {
    static final Window UNKNOWN = new Window(null, null, null, null, null, null, null);
}
