package mildlantern.web.plant;

import mildlantern.plant.PotKind;

/** Pots in words. */
public final class PotWords {
    private PotWords() {}

    public static String of(PotKind kind) {
        return switch (kind) {
            case CLAY -> "clay pot";
            case PLASTIC -> "plastic pot";
            case TRAY -> "bonsai tray";
            case MOUNT -> "mount";
        };
    }
}
