package mildlantern.plant;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mildlantern.knowledge.DisorderId;
import mildlantern.quantity.Range;
import mildlantern.quantity.Temperature;

/**
 * A kind of plant and what it wants. Ranges are what it is comfortable in, not what it survives.
 *
 * @param id its id, as in {@code phalaenopsis}
 * @param kin ids by which the knowledge base may know it, the closest first: its own, then that of the broader kind that it belongs to; a kind of one's
 *     own begins with the kind that it is most like
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
 * @param edible whether it, or what it bears, is eaten
 * @param group whether it stands for many kinds, some of which have needs of their own
 */
public record Profile(
        String id,
        List<String> kin,
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
        Optional<String> harm,
        boolean edible,
        boolean group) {
    public Profile {
        kin = List.copyOf(kin);
    }

    /** Id of the kind in the knowledge base that it is, or is most like. */
    public String nearest() {
        return kin.get(0);
    }

    /** Id of the broad kind whose causes and looks it shares; its own where it has none. */
    public String broad() {
        return kin.get(kin.size() - 1);
    }

    /** Whether it, or the broader kind that it belongs to, is among some kinds. */
    public boolean isAmong(Collection<String> kinds) {
        return kin.stream().anyMatch(kinds::contains);
    }

    /** What is said of it among kinds; else what is said of the broader kind that it belongs to. */
    public <T> Optional<T> among(Map<String, T> kinds) {
        return kin.stream().flatMap(id -> Stream.ofNullable(kinds.get(id))).findFirst();
    }

    /** Id of what it usually grows in. */
    public String usualMedium() {
        return media.get(0);
    }

    /** What it usually stands in: trees of bonsai in trays, what grows on wood on a mount, all others in plastic. */
    public PotKind usualPot() {
        if (usualMedium().equals(Medium.MOUNTED)) {
            return PotKind.MOUNT;
        }
        return family == Family.BONSAI ? PotKind.TRAY : PotKind.PLASTIC;
    }
}
