package mildlantern.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mildlantern.care.Gives;
import mildlantern.care.Spot;
import mildlantern.place.StopId;

/** Where the plants of a house may stand at all. */
final class Places {
    private final Weighed weighed;
    private final int most;

    /** @param most so many places are looked at for a plant */
    Places(Weighed weighed, int most) {
        this.weighed = weighed;
        this.most = most;
    }

    /** The plants that a plant must not part from and stands beside, itself among them. */
    List<Household.Housed> company(Household.Housed housed) {
        return weighed.dials().together().stream()
                .filter(group -> group.contains(housed.plant().id()))
                .findFirst()
                .map(group -> weighed.house().plants().stream()
                        .filter(other -> group.contains(other.plant().id())
                                && other.stop().equals(housed.stop()))
                        .toList())
                .orElse(List.of(housed));
    }

    /** Where a plant may stand, its own stop first, then those where it and its company would miss least with the best that may be put up there. */
    List<StopId> of(Household.Housed housed) {
        List<StopId> places = new ArrayList<>(List.of(housed.stop()));
        List<Household.Housed> company = company(housed);
        if (weighed.dials().mostMoves() == 0
                || company.stream()
                        .anyMatch(one -> one.stays()
                                || weighed.dials().pinned().contains(one.plant().id()))) {
            return places;
        }
        Map<StopId, Double> least = new HashMap<>();
        for (Spot spot : weighed.house().spots()) {
            if (!spot.id().equals(housed.stop()) && company.stream().allMatch(one -> mayGo(one, spot))) {
                least.put(
                        spot.id(),
                        company.stream().mapToDouble(one -> least(one, spot)).sum());
            }
        }
        least.entrySet().stream()
                .sorted(Map.Entry.<StopId, Double>comparingByValue()
                        .thenComparing(entry -> entry.getKey().toString()))
                .limit(most - 1L)
                .forEach(entry -> places.add(entry.getKey()));
        return places;
    }

    private double least(Household.Housed housed, Spot spot) {
        return weighed.hangings(spot).stream()
                .filter(fitting -> weighed.bears(housed, spot, fitting))
                .mapToDouble(fitting -> weighed.missed(housed, spot.id(), fitting))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** Whether a plant may be carried to a stop: it is neither chilled nor is its rest broken there, nor drowned, nor set beside what is catching. */
    private boolean mayGo(Household.Housed housed, Spot spot) {
        Gives there = spot.gives();
        Gives here = weighed.spot(housed.stop()).gives();
        boolean asMuchKnown = (there.light().isPresent() || here.light().isEmpty())
                && (there.humidity().isPresent()
                        || here.humidity().isEmpty()
                        || weighed.house().around().outdoors().contains(spot.id()))
                && (there.byDay().isPresent() || here.byDay().isEmpty());
        return !spot.alone()
                && !weighed.house().around().closed().contains(spot.id())
                && asMuchKnown
                && spot.dryEnoughFor(housed.plant().profile())
                && weighed.nights(weighed.house().around().room(spot.id())).stream()
                        .anyMatch(by -> weighed.bearsNights(housed, spot, by));
    }
}
