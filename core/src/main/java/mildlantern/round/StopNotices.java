package mildlantern.round;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import mildlantern.air.AirKnowledge;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.message.Message;
import mildlantern.quantity.Temperature;
import mildlantern.sensing.DayOfAir;
import mildlantern.weather.WeatherHour;

/** Tells from the air of the last nights what a stop asks for: dry leaves, and water early in the day. */
public final class StopNotices {
    private static final double A_DAY = 24;

    private final AirKnowledge air;
    private final double coldNight;
    private final double moistHours;
    private final double drizzle;
    private final int nights;

    private StopNotices(Entry rules, AirKnowledge air) {
        this.air = air;
        coldNight = rules.at("water-early").number("night", -5, 25);
        moistHours = rules.at("water-early").number("moist-hours", 1, 24);
        drizzle = rules.at("wet-air").number("drizzle", 0.01, 5);
        nights = (int) rules.at("wet-air").number("nights", 1, 14);
    }

    /**
     * @throws KnowledgeException if {@code routine.yaml} is wrong; the message names the key
     */
    public static StopNotices load(AirKnowledge air) {
        return new StopNotices(KnowledgeFiles.open("routine.yaml"), air);
    }

    /** The last nights whose air tells, where no sensor hangs. */
    public int nights() {
        return nights;
    }

    /** Whether leaves outdoors are wet in such an hour. */
    public boolean wets(WeatherHour hour) {
        return hour.humidity().percent() >= DayOfAir.WET || hour.rainMm() >= drizzle;
    }

    /**
     * The air of a stop lately.
     *
     * @param moistHours hours a day with air so moist that leaves stay wet; empty where it is not known
     * @param day temperature by day, °C
     * @param night lowest at night, °C
     */
    public record StopAir(OptionalDouble moistHours, OptionalDouble day, OptionalDouble night) {}

    /**
     * What the air asks for.
     *
     * @param waters whether anything is to be watered there today
     */
    public List<Message> of(StopAir stop, boolean waters) {
        List<Message> notices = new ArrayList<>();
        if (stop.moistHours().isPresent() && stop.night().isPresent()) {
            // Leaves are wet from evening to morning: between the day's warmth and the night's lowest.
            double wet = Math.min(A_DAY, stop.moistHours().getAsDouble());
            double warmth = (stop.day().orElse(stop.night().getAsDouble())
                            + stop.night().getAsDouble())
                    / 2;
            Temperature celsius = new Temperature(Math.rint(warmth));
            if (air.leafSpotRisk(celsius, wet) >= air.marks().risky()) {
                notices.add(StopNotice.LEAF_SPOT.with(Math.rint(wet), celsius));
            }
        }
        if (waters && stop.night().isPresent() && stop.night().getAsDouble() < coldNight) {
            notices.add(StopNotice.WATER_EARLY_COLD.with(
                    new Temperature(Math.rint(stop.night().getAsDouble()))));
        } else if (waters && stop.moistHours().orElse(0) >= moistHours) {
            notices.add(StopNotice.WATER_EARLY_MOIST.with(
                    Math.rint(stop.moistHours().getAsDouble())));
        }
        return List.copyOf(notices);
    }
}
