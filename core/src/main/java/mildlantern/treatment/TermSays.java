package mildlantern.treatment;

import java.util.ArrayList;
import java.util.List;
import mildlantern.message.Message;
import mildlantern.message.MessageKey;
import mildlantern.quantity.Temperature;

/** What a person who uses a means is told: conditions, rinsing, gear and cautions, a sentence each. */
public enum TermSays implements MessageKey {
    /** What to wear. */
    WEAR,
    /** From and to how many degrees. */
    BETWEEN,
    NEVER_IN_SUN,
    /** The time of day. */
    NEVER_IN_SUN_AT,
    /** The time of day. */
    AT,
    /** The least humidity. */
    HUMIDITY,
    RINSE_WITHIN_HOUR,
    /** From and to how many hours. */
    RINSE,
    SOFT_WATER,
    /** From and to which pH. */
    PH,
    /** Something said by the knowledge base. */
    CAUTION,
    /** Hours out of the room. */
    REENTRY,
    AIR,
    AQUARIUM,
    LABEL_FIRST;

    /** What to wear and mind for people and animals. */
    public static List<Message> safety(Means means) {
        List<Message> terms = new ArrayList<>();
        if (!means.care().gear().isEmpty()) {
            terms.add(WEAR.with(means.care().gear()));
        }
        means.care().caution().map(CAUTION::with).ifPresent(terms::add);
        if (means.care().reentryHours().isPresent()) {
            terms.add(REENTRY.with(means.care().reentryHours().getAsInt()));
        } else if (means.product() && means.way() == Means.Way.SPRAY) {
            terms.add(AIR.with());
        }
        if (means.care().aquarium()) {
            terms.add(AQUARIUM.with());
        }
        means.care().pets().map(CAUTION::with).ifPresent(terms::add);
        if (means.product()) {
            terms.add(LABEL_FIRST.with());
        }
        return List.copyOf(terms);
    }

    /** When and how: warmth, sun, water, rinsing, and what becomes of the rest. */
    public static List<Message> conditions(Means means) {
        List<Message> terms = new ArrayList<>();
        Means.Terms when = means.terms();
        if (means.product() || means.way() == Means.Way.RELEASE) {
            terms.add(BETWEEN.with(
                    new Temperature(when.celsius().low()),
                    new Temperature(when.celsius().high())));
        }
        if (!when.sun()) {
            terms.add(when.time().map(NEVER_IN_SUN_AT::with).orElseGet(NEVER_IN_SUN::with));
        } else {
            when.time().map(AT::with).ifPresent(terms::add);
        }
        when.humidity().ifPresent(least -> terms.add(HUMIDITY.with(least)));
        if (when.softWater()) {
            terms.add(SOFT_WATER.with());
        }
        when.ph().ifPresent(ph -> terms.add(PH.with(ph.low(), ph.high())));
        when.rinseHours()
                .ifPresent(hours -> terms.add(
                        hours.high() <= 1 ? RINSE_WITHIN_HOUR.with() : RINSE.with(hours.low(), hours.high())));
        means.care().away().map(CAUTION::with).ifPresent(terms::add);
        return List.copyOf(terms);
    }
}
