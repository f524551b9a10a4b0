package mildlantern.web.stop;

import java.util.Optional;
import mildlantern.air.Glazing;
import mildlantern.light.Curtain;
import org.jspecify.annotations.Nullable;

/** The windows of stops, for the window model. */
public final class Windows {
    private static final double A_PANE_M = 1.2;
    private static final double SKYLINE = 10;

    private Windows() {}

    /** The window of a stop; usual measures where they are not known, empty where it has none. */
    public static Optional<mildlantern.light.Window> of(Stop stop) {
        return Optional.ofNullable(stop.glass())
                .filter(glass -> stop.kind() != StopKind.OUTDOORS && glass != Glass.OVERHEAD)
                .map(glass -> new mildlantern.light.Window(
                        glass.degrees(),
                        metres(stop.paneWidthCm(), A_PANE_M),
                        metres(stop.paneSillCm(), 0),
                        metres(stop.paneSillCm(), 0) + metres(stop.paneHeightCm(), A_PANE_M),
                        Optional.ofNullable(stop.glazing()).orElse(Glazing.DOUBLE),
                        Optional.ofNullable(stop.curtain()).orElse(Curtain.NONE),
                        Optional.ofNullable(stop.skyline())
                                .map(Integer::doubleValue)
                                .orElse(SKYLINE)));
    }

    /** How far the middle of a stop is from its glass, m. */
    public static double distanceM(Stop stop) {
        double glass = Optional.ofNullable(stop.glassCm()).orElse(0);
        return Math.max(0.05, (glass + stop.depthCm() / 2.0) / 100);
    }

    private static double metres(@Nullable Integer cm, double usual) {
        return cm == null ? usual : cm / 100.0;
    }
}
