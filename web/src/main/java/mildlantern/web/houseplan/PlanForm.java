package mildlantern.web.houseplan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import org.jspecify.annotations.Nullable;

/**
 * What the address of the page carries.
 *
 * @param moves most plants to move, as typed
 * @param price of a kWh, as typed
 * @param pin plants that stay
 * @param bare stops at which nothing is put up
 * @param air stops in whose rooms the air is left as it is
 * @param keep plants that stay together, two ids joined by an underscore each
 * @param one a plant that is to stay together with another from now on
 */
record PlanForm(
        @Nullable String moves,
        @Nullable String price,
        @Nullable Boolean noLamps,
        @Nullable Boolean noMoney,
        @Nullable List<PlantId> pin,
        @Nullable List<StopId> bare,
        @Nullable List<StopId> air,
        @Nullable List<String> keep,
        @Nullable PlantId one,
        @Nullable PlantId other) {
    PlanDials dials() {
        List<String> pairs =
                new ArrayList<>(listed(keep).stream().filter(PlanDials::isPair).toList());
        if (one != null && other != null && !one.equals(other)) {
            pairs.add(one + PlanDials.JOINED + other);
        }
        return new PlanDials(
                moves == null ? "" : moves.strip(),
                price == null ? "" : price.strip(),
                Boolean.TRUE.equals(noLamps),
                Boolean.TRUE.equals(noMoney),
                listed(pin),
                listed(bare),
                listed(air),
                List.copyOf(pairs));
    }

    private static <T> List<T> listed(@Nullable Collection<T> given) {
        return given == null ? List.of() : given.stream().distinct().toList();
    }
}
