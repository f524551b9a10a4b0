package mildlantern.care;

import java.util.Optional;
import mildlantern.care.Need.Standing;
import mildlantern.light.Photons;
import mildlantern.plant.Wants;

/** Lamps and humidifiers as changes: how strong, for how long, at what cost. */
final class Appliances {
    private final CareKnowledge knowledge;
    private final Weighing weighing;

    Appliances(CareKnowledge knowledge, Weighing weighing) {
        this.knowledge = knowledge;
        this.weighing = weighing;
    }

    /** A lamp for the whole stop, so strong that in its usual hours it makes up what this plant is short of; none for a plant at rest. */
    Optional<Change> lamp(Subject subject, Need need, double lightHours) {
        Wants wants = subject.plant().wants();
        if (need.standing() != Standing.SHORT
                || wants.phase().rests()
                || subject.here().glassCase() && need.gets().value() <= 0) {
            return Optional.empty();
        }
        double shortfall =
                need.wanted().low() * knowledge.lampMargin - need.gets().value();
        double most = wants.lightHours().orElse(knowledge.lampHours);
        double hours = Math.min(most, knowledge.lampHours);
        double ppfd = Math.min(knowledge.lampPpfd, shortfall / Photons.daily(1, hours));
        double watts = knowledge.lampWatts(ppfd, subject.here().boardSquareM());
        double added = Photons.daily(ppfd, hours);
        Figure light = need.gets().shifted(added, 0, 80, CareOrigin.WITH_A_LAMP);
        double gain = weighing.gain(subject, subject.here().gives().withLight(light));
        double others = weighing.others(subject, subject.here().gives().withLight(light));
        ChangeSays how = wants.lightHours().isPresent()
                ? ChangeSays.LAMP_BY_DAY_ONLY
                : lightHours > hours ? ChangeSays.LAMP : ChangeSays.LAMP_BEFORE_DUSK;
        return Optional.of(weighing.change(
                Change.Kind.LAMP,
                need,
                how.with(Math.rint(ppfd), tenths(hours), most),
                ChangeSays.LAMP_ADDS.with(
                        tenths(need.gets().value()), tenths(need.wanted().low()), tenths(added)),
                ChangeSays.LAMP_COSTS.with(Math.rint(watts), Math.round(watts * hours / 10) / 100.0),
                gain,
                others));
    }

    Optional<Change> humidifier(Subject subject, Need need, Changes.Outside outside) {
        Optional<Figure> warmth = subject.here().gives().byDay();
        if (need.standing() != Standing.SHORT || warmth.isEmpty()) {
            return Optional.empty();
        }
        double target = Math.min(knowledge.mostHumidity, need.wanted().low() + knowledge.aboveLow);
        boolean glassCase = subject.here().glassCase();
        double litres = knowledge.humidifierLitres(glassCase, warmth.get().value(), target, outside);
        Gives after = subject.here()
                .gives()
                .withHumidity(need.gets().shifted(target - need.gets().value(), 0, 100, CareOrigin.WITH_A_HUMIDIFIER));
        return Optional.of(weighing.change(
                Change.Kind.HUMIDIFIER,
                need,
                ChangeSays.HUMIDIFIER.with(target),
                ChangeSays.HUMIDIFIER_WHY.with(
                        Math.rint(need.gets().value()), need.wanted().low()),
                glassCase
                        ? ChangeSays.HUMIDIFIER_COSTS_IN_A_CASE.with(tenths(litres))
                        : ChangeSays.HUMIDIFIER_COSTS_IN_A_ROOM.with(tenths(litres), knowledge.room.high()),
                weighing.gain(subject, after),
                weighing.others(subject, after)));
    }

    private static double tenths(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
