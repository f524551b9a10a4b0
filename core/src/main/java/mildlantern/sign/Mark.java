package mildlantern.sign;

import java.util.Optional;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.Words;

/**
 * Something that is to be seen in a scene.
 *
 * @param sort what
 * @param colour its colour, as in {@code #7a4a26}; empty where it has none of its own
 * @param size how large, 1 as usual
 * @param many how many, or which of several; 0 as usual
 */
public record Mark(Sort sort, Optional<String> colour, double size, int many) {
    /** What can be seen. */
    public enum Sort {
        /** All of it in another colour. */
        WASH,
        /** A patch with a dry rim. */
        PATCH,
        /** A patch without a rim, as if wet. */
        SOAKED,
        /** From the tip. */
        TIP,
        /** Along the edge. */
        EDGE,
        /** Veins of another colour. */
        NET,
        SPOTS,
        /** Spots with a rim, sunken or raised. */
        RIMMED,
        HALO,
        DOTS,
        STREAKS,
        RINGS,
        /** Dots in rows. */
        ROWS,
        /** Patches bounded by veins. */
        ANGULAR,
        POWDER,
        WEB,
        DROPS,
        FILM,
        TUFTS,
        BUMPS,
        SHIELD,
        NOTCHES,
        HOLES,
        TUNNELS,
        TRAIL,
        FUZZ,
        PELLETS,
        WRINKLES,
        PLEATS,
        DROOP,
        CURL,
        TEAR,
        SMELL,
        /** Eight legs, under a lens. */
        MITES,
        SLENDER,
        APHIDS,
        FLIES,
        ANTS,
        SNAILS,
        GRUBS,
        SPRINGTAILS,
        /** Leaves of this colour: how many, counted from the lowest. */
        OLDEST,
        /** The same from the newest. */
        NEWEST,
        ALL_AGES,
        /** One side. */
        SUN_SIDE,
        GLASS_SIDE,
        HEAT_SIDE,
        LOWEST,
        FALLEN,
        BARE,
        LEGGY,
        NEIGHBOUR,
        ONE_BRANCH,
        SEED_LEAVES,
        SMALL,
        LARGE,
        TWISTED,
        DEAD_TIP,
        NONE,
        SOFT_BASE,
        CRESTED,
        INSIDE,
        WET_BLACK,
        CORK,
        WOOL,
        GROWTH,
        STRANDS,
        BENT,
        SNAPPED,
        SCRATCHED,
        CLOSED,
        STUCK,
        SPENT,
        LOOSE,
        WATER,
        DEFORMED,
        FEW,
        PAPERY,
        MUSHY,
        CIRCLING,
        LESIONS,
        EATEN,
        SEEN_THROUGH,
        TOP,
        DEEP,
        WEIGHT,
        BELOW,
        RUNS_THROUGH,
        DRIES_FAST,
        SHRUNK,
        DENSE,
        CRUST,
        BUDS_FALLEN,
        BUDS_DRY,
        PLANTLETS,
        NO_BUDS,
        FLOWERS_FALLEN,
        PETAL_SPECKS,
        LID,
        FROM_TOP,
        FLECKS,
        BAND,
        /** Days that it took. */
        DAYS,
        /** How far it has spread since. */
        SPREAD,
        NO_DEW,
        RECOVERS
    }

    static Mark read(Entry entry) {
        String key = entry.keys().stream()
                .filter(one -> !one.equals("size") && !one.equals("many"))
                .findFirst()
                .orElseThrow(() -> entry.failure("says nothing that can be seen"));
        String colour = entry.text(key);
        if (!colour.equals("-") && !colour.matches("#[0-9a-f]{6}")) {
            throw entry.at(key).failure("'" + colour + "' is no colour");
        }
        return new Mark(
                Words.find(Sort.class, key)
                        .orElseThrow(() -> entry.failure("'" + key + "' is nothing that can be seen")),
                colour.equals("-") ? Optional.empty() : Optional.of(colour),
                entry.optionalNumber("size", 0.1, 4).orElse(1),
                (int) entry.optionalNumber("many", 0, 120).orElse(0));
    }
}
