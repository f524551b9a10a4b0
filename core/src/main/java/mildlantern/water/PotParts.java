package mildlantern.water;

/**
 * What a plant and its pot are made of.
 *
 * @param capacityMl what the medium holds when it has drained
 * @param available share of that which roots can take
 * @param reservoirMl what tray or reservoir hold when full
 * @param leafMl lost by all leaves a day at 1 kPa in good light, at a thirst of 1
 * @param surfaceMl lost by the surface a day at 1 kPa while it is wet
 * @param wallMl lost by an unglazed wall likewise
 * @param falls power of saturation with which that falls
 * @param left share of the available water at which it wants water
 * @param tissueMl what leaves and stems store
 * @param spent share of that which it gives up before it is watered; 0 where the medium alone decides
 * @param harmed share of that after which it is harmed
 * @param idle share of its loss that goes on out of the tissue when roots bring nothing
 * @param keepsDry share of what is poured that stays in a dry medium
 * @param topCm2 area on which rain falls
 * @param byNight whether its pores open by night
 * @param onWood whether it grows on wood, and drinks with its leaves when it is soaked
 */
record PotParts(
        double capacityMl,
        double available,
        double reservoirMl,
        double leafMl,
        double surfaceMl,
        double wallMl,
        double falls,
        double left,
        double tissueMl,
        double spent,
        double harmed,
        double idle,
        double keepsDry,
        double topCm2,
        boolean byNight,
        boolean onWood,
        Losses losses) {
    PotParts withReservoir(double ml) {
        return new PotParts(
                capacityMl,
                available,
                ml,
                leafMl,
                surfaceMl,
                wallMl,
                falls,
                left,
                tissueMl,
                spent,
                harmed,
                idle,
                keepsDry,
                topCm2,
                byNight,
                onWood,
                losses);
    }
}
