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
 * @param room the room whose air it shares with other stops; null where that is not said
 */
@Embeddable
public record BuildOfStop(
        @Enumerated(EnumType.STRING) StopKind kind,
        @Enumerated(EnumType.STRING) @Nullable Glass glass,
        @Nullable Integer glassCm,
        int widthCm,
        int depthCm,
        boolean isolation,
        @Nullable Double lampHours,
        @Nullable String room) {

    static final BuildOfStop USUAL = new BuildOfStop(StopKind.SHELF, null, null, 160, 40, false, null, null);

    BuildOfStop lamp(@Nullable Double hours) {
        return new BuildOfStop(kind, glass, glassCm, widthCm, depthCm, isolation, hours, room);
    }

    BuildOfStop sized(int width, int depth) {
        return new BuildOfStop(kind, glass, glassCm, width, depth, isolation, lampHours, room);
    }

    BuildOfStop in(@Nullable String other) {
        return new BuildOfStop(kind, glass, glassCm, widthCm, depthCm, isolation, lampHours, other);
    }

    /** What stands in an isolation stop stands alone. */
    BuildOfStop of(StopKind what, @Nullable Glass looks, @Nullable Integer distanceCm) {
        return new BuildOfStop(what, looks, distanceCm, widthCm, depthCm, what == StopKind.ISOLATION, lampHours, room);
    }
}
