package mildlantern.arrival;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.message.MessageKey;
import mildlantern.plant.Profile;

/**
 * Whether leaves were harmed on the way. They come to the temperature of the air as any body does, T = A + (T₀ − A) e^(−t/τ)
 * (Newton's law of cooling), with a τ for each way of wrapping.
 */
public final class Journeys {
    private final Map<Wrap, Double> cools = new EnumMap<>(Wrap.class);
    private final double car;
    private final double start;
    private final double below;
    private final double frostFrom;
    private final double above;
    private final double possible;
    private final double likely;

    private Journeys(Entry file) {
        file.at("cools")
                .children()
                .forEach((id, minutes) -> cools.put(
                        Words.find(Wrap.class, id).orElseThrow(() -> minutes.failure("is no wrap")),
                        minutes.number(1, 1000)));
        for (Wrap wrap : Wrap.values()) {
            if (!cools.containsKey(wrap)) {
                throw file.at("cools").failure("says nothing of " + Words.id(wrap));
            }
        }
        car = file.number("car", 0, 40);
        start = file.number("start", 5, 35);
        below = file.number("below", 0, 20);
        frostFrom = file.number("frost-from", -20, 20);
        above = file.number("above", 0, 30);
        possible = file.at("minutes").number("possible", 0, 600);
        likely = file.at("minutes").number("likely", possible, 600);
    }

    /**
     * @throws KnowledgeException if {@code arrival.yaml} is wrong; the message names the key
     */
    public static Journeys load() {
        return new Journeys(KnowledgeFiles.open("arrival.yaml"));
    }

    /** How likely it is that leaves were harmed. */
    public enum Harm implements MessageKey {
        NONE,
        COLD_POSSIBLE,
        COLD_LIKELY,
        HEAT_POSSIBLE,
        HEAT_LIKELY;

        /** Whether the plant was chilled, as far as can be told. */
        public boolean chilled() {
            return this == COLD_POSSIBLE || this == COLD_LIKELY;
        }
    }

    /**
     * What a plant went through.
     *
     * @param harm how likely it was harmed
     * @param hot whether the limit is one of heat, and not of cold
     * @param limit the temperature from which its leaves are, °C
     * @param reached the temperature furthest beyond it, or nearest to it, that its leaves came to, °C
     * @param minutes how long they were beyond it
     */
    public record Felt(Harm harm, boolean hot, double limit, double reached, double minutes) {}

    /** What a plant of a kind went through on its way. */
    public Felt felt(Profile kind, Journey journey) {
        double tau = Objects.requireNonNull(cools.get(journey.wrap()));
        double parked = journey.celsius() + (journey.sunny() ? car : 0);
        double out = toward(start, journey.celsius(), journey.outMinutes(), tau);
        double end = toward(out, parked, journey.carMinutes(), tau);
        double hot = kind.day().high() + above;
        if (Math.max(out, end) > hot) {
            double minutes = beyond(start, journey.celsius(), journey.outMinutes(), tau, hot, true)
                    + beyond(out, parked, journey.carMinutes(), tau, hot, true);
            return new Felt(
                    minutes >= likely ? Harm.HEAT_LIKELY : minutes >= possible ? Harm.HEAT_POSSIBLE : Harm.NONE,
                    true,
                    hot,
                    Math.max(out, end),
                    minutes);
        }
        double night = kind.night().celsius();
        double cold = night > frostFrom ? Math.max(0, night - below) : night - below;
        double minutes = beyond(start, journey.celsius(), journey.outMinutes(), tau, cold, false)
                + beyond(out, parked, journey.carMinutes(), tau, cold, false);
        double least = Math.min(start, Math.min(out, end));
        boolean frozen = night > frostFrom && least < 0;
        return new Felt(
                frozen || minutes >= likely ? Harm.COLD_LIKELY : minutes >= possible ? Harm.COLD_POSSIBLE : Harm.NONE,
                false,
                cold,
                least,
                minutes);
    }

    private static double toward(double from, double air, double minutes, double tau) {
        return air + (from - air) * Math.exp(-minutes / tau);
    }

    /** Minutes beyond a limit on the way from one temperature towards that of the air. */
    private static double beyond(double from, double air, double minutes, double tau, double limit, boolean over) {
        double end = toward(from, air, minutes, tau);
        boolean at = over ? from > limit : from < limit;
        boolean then = over ? end > limit : end < limit;
        if (at == then) {
            return at ? minutes : 0;
        }
        double crosses = tau * Math.log((from - air) / (limit - air));
        return at ? crosses : minutes - crosses;
    }
}
