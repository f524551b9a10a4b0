package mildlantern.care;

import java.util.Optional;
import mildlantern.air.Air;
import mildlantern.care.Need.Standing;
import mildlantern.light.Photons;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;

/** Lamps and humidifiers as changes: how strong, for how long, at what cost. */
final class Appliances {
    private static final double HOURS = 24;

    private final CareKnowledge knowledge;
    private final Weighing weighing;

    Appliances(CareKnowledge knowledge, Weighing weighing) {
        this.knowledge = knowledge;
        this.weighing = weighing;
    }

    Optional<Change> lamp(Subject subject, Season season, Need need, double lightHours) {
        if (need.standing() != Standing.SHORT
                || subject.here().glassCase() && need.gets().value() <= 0) {
            return Optional.empty();
        }
        Profile profile = subject.plant().profile();
        double shortfall =
                need.wanted().low() * knowledge.lampMargin - need.gets().value();
        double most = knowledge.lightHours(profile.nearest());
        double hours = Math.min(most, Photons.hoursFor(Math.min(80, shortfall), knowledge.lampPpfd));
        double added = Photons.daily(knowledge.lampPpfd, hours);
        Figure light = need.gets().shifted(added, 0, 80, "with a lamp");
        double gain = weighing.gain(subject, season, subject.here().gives().withLight(light));
        double others = weighing.others(subject, season, subject.here().gives().withLight(light));
        String dark = knowledge.needsLongNights(profile.nearest())
                ? " Let it shine by day only: it flowers after long nights."
                : hours + lightHours > most
                        ? " Begin before dusk, so that the day is no longer than %s hours."
                                .formatted(Limits.plain(most))
                        : "";
        return Optional.of(weighing.change(
                Change.Kind.LAMP,
                "Hang a lamp of %s µmol/m²s at the leaf, %s hours a day.%s"
                        .formatted(Limits.plain(knowledge.lampPpfd), Limits.tenths(hours), dark),
                "It gets %s mol/m² a day and wants %s; the lamp adds %s."
                        .formatted(
                                Limits.tenths(need.gets().value()),
                                Limits.tenths(need.wanted().low()),
                                Limits.tenths(added)),
                "about %s kWh a day".formatted(Limits.plain(Math.round(knowledge.lampWatts * hours / 10) / 100.0)),
                gain,
                others));
    }

    Optional<Change> humidifier(Subject subject, Season season, Need need, Changes.Outside outside) {
        Optional<Figure> warmth = subject.here().gives().byDay();
        if (need.standing() != Standing.SHORT || warmth.isEmpty()) {
            return Optional.empty();
        }
        double target = Math.min(knowledge.mostHumidity, need.wanted().low() + knowledge.aboveLow);
        Range room = subject.here().glassCase() ? knowledge.cabinet : knowledge.room;
        double volume = subject.here().glassCase() ? room.low() : room.high();
        double air = subject.here().glassCase() ? room.high() : room.low();
        double litres = Air.humidifierGramsPerHour(
                        volume,
                        air,
                        new Temperature(warmth.get().value()),
                        new RelativeHumidity(target),
                        new Temperature(outside.celsius()),
                        new RelativeHumidity(outside.humidity()))
                * HOURS
                / 1000;
        Gives after = subject.here()
                .gives()
                .withHumidity(need.gets().shifted(target - need.gets().value(), 0, 100, "with a humidifier"));
        return Optional.of(weighing.change(
                Change.Kind.HUMIDIFIER,
                "Run a humidifier that holds %s %%.".formatted(Limits.plain(target)),
                "The air is at %s %% and it wants %s %%."
                        .formatted(
                                Limits.plain(Math.rint(need.gets().value())),
                                Limits.plain(need.wanted().low())),
                "about %s litres a day for %s"
                        .formatted(
                                Limits.tenths(litres),
                                subject.here().glassCase()
                                        ? "the case"
                                        : "a room of %s m³".formatted(Limits.plain(volume))),
                weighing.gain(subject, season, after),
                weighing.others(subject, season, after)));
    }
}
