package mildlantern.plant;

import java.util.List;
import java.util.Optional;
import mildlantern.quantity.Range;
import mildlantern.quantity.Temperature;

/**
 * A kind of plant and what it wants. Ranges are what it is comfortable in, not what it survives.
 *
 * @param id its id, as in {@code phalaenopsis}
 * @param name its common name
 * @param botanical its botanical name
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
 * @param harm what it does to people or pets, if anything
 */
public record Profile(
        String id,
        String name,
        String botanical,
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
        Optional<String> harm) {}
