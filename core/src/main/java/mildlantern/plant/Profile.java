package mildlantern.plant;

import java.util.List;
import java.util.Optional;
import mildlantern.knowledge.DisorderId;
import mildlantern.quantity.Range;
import mildlantern.quantity.Temperature;

/**
 * A kind of plant and what it wants. Ranges are what it is comfortable in, not what it survives.
 *
 * @param id its id, as in {@code phalaenopsis}
 * @param nearest id of the kind in the knowledge base that it is most like, by which causes and looks are told; its own id for
 *     a kind of the knowledge base
 * @param name its common name
 * @param botanical its botanical name
 * @param also further names by which growers call it
 * @param family its family
 * @param form its growth form
 * @param light wanted brightness of the place
 * @param dailyLight wanted daily light integral, mol photons per square metre and day
 * @param humidity wanted relative humidity, percent
 * @param day wanted temperature by day, °C
 * @param night coldest night it likes
 * @param wateringDays usual days between waterings in the growing season; a yardstick, not a rule
 * @param dryness how dry it gets before the next watering
 * @param water how free of minerals its water must be
 * @param media ids of the media it is usually grown in
 * @param feedMgN nitrogen at each feed while growing, mg per litre
 * @param bloomWeeks how long its flowers last, weeks
 * @param rest what rest it wants, in a sentence, if it wants one
 * @param habits ids of harmless causes that belong to its way of growing and look like trouble
 * @param harm what it does to people or pets, if anything
 */
public record Profile(
        String id,
        String nearest,
        String name,
        String botanical,
        List<String> also,
        Family family,
        GrowthForm form,
        Brightness light,
        Range dailyLight,
        Range humidity,
        Range day,
        Temperature night,
        Range wateringDays,
        Dryness dryness,
        WaterWant water,
        List<String> media,
        Range feedMgN,
        Range bloomWeeks,
        Optional<String> rest,
        List<DisorderId> habits,
        Optional<String> harm) {
    /** Id of what it usually grows in. */
    public String usualMedium() {
        return media.get(0);
    }

    /** What it usually stands in: trees of bonsai in trays, what grows on wood on a mount, all others in plastic. */
    public PotKind usualPot() {
        if (usualMedium().equals("mounted")) {
            return PotKind.MOUNT;
        }
        return family == Family.BONSAI ? PotKind.TRAY : PotKind.PLASTIC;
    }
}
