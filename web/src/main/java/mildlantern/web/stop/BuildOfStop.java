package mildlantern.web.stop;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import org.jspecify.annotations.Nullable;

/**
 * What a stop is.
 *
 * @param glass which way its glass looks; null for none
 * @param glassCm how far the glass is, cm
 * @param widthCm how wide it is, cm
 * @param depthCm how deep it is, cm
 * @param isolation whether plants stand there alone
 * @param lampHours how long a lamp shines there a day, hours; null for no lamp
 */
@Embeddable
public record BuildOfStop(
        @Enumerated(EnumType.STRING) StopKind kind,
        @Enumerated(EnumType.STRING) @Nullable Glass glass,
        @Nullable Integer glassCm,
        int widthCm,
        int depthCm,
        boolean isolation,
        @Nullable Double lampHours) {
    static final BuildOfStop USUAL = new BuildOfStop(StopKind.SHELF, null, null, 160, 40, false, null);
}
