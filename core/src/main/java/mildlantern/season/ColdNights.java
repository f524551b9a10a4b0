package mildlantern.season;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.quantity.Range;

/** Counts the nights that are cool enough. */
final class ColdNights {
    private final LocalDate from;
    private final double below;
    private final Range weeks;
    private int nights;
    private int warm;
    private int unread;

    /**
     * @param below nights count up to it, °C
     */
    ColdNights(LocalDate from, double below, Range weeks) {
        this.from = from;
        this.below = below;
        this.weeks = weeks;
    }

    void add(OptionalDouble night) {
        if (night.isEmpty()) {
            unread++;
        } else if (night.getAsDouble() <= below) {
            nights++;
        } else {
            warm++;
        }
    }

    boolean enough() {
        return nights >= 7 * weeks.low();
    }

    boolean most() {
        return nights >= 7 * weeks.high();
    }

    /** Whether it was surely too short: not even the nights of which nothing was read make it long enough. */
    boolean surelyShort() {
        return nights + unread < 7 * weeks.low();
    }

    /** Whether nothing was read at all. */
    boolean unknown() {
        return nights + warm == 0;
    }

    PlantYear.Chill told(OptionalDouble lately) {
        return new PlantYear.Chill(
                from,
                nights,
                warm,
                unread,
                below,
                weeks,
                lately.isPresent() ? Optional.of(lately.getAsDouble()) : Optional.empty());
    }
}
