package mildlantern.treatment;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.message.MessageKey;
import mildlantern.mixing.Rate;
import mildlantern.pest.Place;
import mildlantern.pest.StageKind;
import mildlantern.plant.SprayKind;
import mildlantern.quantity.Range;

/**
 * Something that is used against a pest or a disease.
 *
 * @param id its id
 * @param name its name in a sentence
 * @param summary what it is, in a line
 * @param styles house styles that use it
 * @param way how it is given
 * @param product whether it has a label that must be followed
 * @param wash whether it can go before every spray, to take off what it can
 * @param works against what, and how
 * @param pace how often, and what it costs
 * @param rate usual strength
 * @param strongest the strongest that is ever right
 * @param terms under which it may be used
 * @param plants whom it harms, and whom it is for
 * @param group mode-of-action group by the public codes
 * @param cancels what must stay away from it
 * @param care for people and surroundings
 * @param refused why it is never used, where it is not
 * @param instead id of what serves instead
 * @param known by what it is known where it was written down
 */
public record Means(
        String id,
        String name,
        String summary,
        Set<Style> styles,
        Way way,
        boolean product,
        boolean wash,
        Works works,
        Pace pace,
        Optional<Rate> rate,
        Optional<Rate> strongest,
        Terms terms,
        Plants plants,
        Optional<String> group,
        List<Cancel> cancels,
        Care care,
        Optional<String> refused,
        Optional<String> instead,
        Known known) {

    /** How a means is given. */
    public enum Way implements MessageKey {
        SPRAY,
        SWAB,
        DRENCH,
        DIP,
        RELEASE,
        CARD,
        TRAP,
        HAND
    }

    /**
     * Against what it works.
     *
     * @param against ids of the disorders that it is used on
     * @param kills share of a stage that dies of being met
     * @param reach share of that by the place where the stage sits; a place that is missing is not reached
     * @param lasting what goes on working afterwards
     * @param shareFor share of what it does to other pests, where one is hit less
     * @param thorough whether it reaches every spot, as a dip does
     */
    public record Works(
            Set<DisorderId> against,
            Map<StageKind, Range> kills,
            Map<Place, Double> reach,
            Optional<Lasting> lasting,
            Map<DisorderId, Double> shareFor,
            boolean thorough) {}

    /**
     * What goes on working.
     *
     * @param days how long, once it works
     * @param starts days until it works
     * @param kills share of a stage that dies each day
     * @param reach share of that by place
     * @param shareFor share of what it does so to other pests, where one is hit less
     */
    public record Lasting(
            int days,
            int starts,
            Map<StageKind, Range> kills,
            Map<Place, Double> reach,
            Map<DisorderId, Double> shareFor) {}

    /**
     * How often it may be used.
     *
     * @param interval days between two uses
     * @param intervalFor the same where a pest wants its own
     * @param mostUses most uses in a season
     * @param inRow most uses in a row, before something else must come
     * @param effort what one use costs
     */
    public record Pace(Range interval, Map<DisorderId, Range> intervalFor, int mostUses, int inRow, Effort effort) {}

    /**
     * What one use costs the grower and the plant.
     *
     * @param minutes on a usual plant
     * @param perLeaf minutes that each leaf adds
     * @param stress 0 none to 3 hard on the plant
     */
    public record Effort(double minutes, double perLeaf, double stress) {}

    /**
     * Under what it may be used.
     *
     * @param celsius air temperature of that day and the next, °C
     * @param mediumCelsius temperature of the medium, °C
     * @param humidity least relative humidity, percent
     * @param sun whether it may be used while the sun is on the plant
     * @param rinseHours hours after which it is rinsed off
     * @param time of the day, where it matters
     * @param testLeaf whether one leaf is tried a day ahead
     * @param onThirsty whether it may be used on a plant that wants water, or was just potted
     * @param onFlowering whether it may be used on a plant in flower
     * @param beforeFlower days before flowers open in which it is not used
     * @param edible whether it may be used on what is eaten
     * @param harvestDays days until something may be eaten again
     * @param indoors whether it may be used in a home
     * @param softWater whether hard water spoils it
     * @param ph of the spray
     * @param wetsCrown whether water gets into the crown
     * @param takesLeaves whether it takes leaves off
     * @param pots whether the plant stands in fresh medium after it
     */
    public record Terms(
            Range celsius,
            Optional<Range> mediumCelsius,
            OptionalDouble humidity,
            boolean sun,
            Optional<Range> rinseHours,
            Optional<TimeOfDay> time,
            boolean testLeaf,
            boolean onThirsty,
            boolean onFlowering,
            int beforeFlower,
            boolean edible,
            int harvestDays,
            boolean indoors,
            boolean softWater,
            Optional<Range> ph,
            boolean wetsCrown,
            boolean takesLeaves,
            boolean pots) {}

    /** When in the day. */
    public enum TimeOfDay implements MessageKey {
        MORNING,
        EVENING
    }

    /**
     * Which plants bear it.
     *
     * @param neverOn traits of plants that it harms
     * @param mindOn traits of plants that it may mark
     * @param onlyOn traits of the only plants it is for; empty for all
     */
    public record Plants(Set<String> neverOn, Set<String> mindOn, Set<String> onlyOn) {}

    /**
     * Something that must stay away in time.
     *
     * @param means ids of the other means
     * @param days days that lie between the other and this, where the other comes first
     * @param then days that lie between this and the other, where this comes first
     * @param why in a sentence
     */
    public record Cancel(Set<String> means, int days, int then, String why) {}

    /**
     * For people and surroundings.
     *
     * @param gear what to wear
     * @param caution what to mind
     * @param away what becomes of what is left
     * @param reentryHours hours until people and pets come back into an aired room
     * @param aquarium whether one is covered and its pump stopped
     * @param pets what to mind for them
     */
    public record Care(
            List<String> gear,
            Optional<String> caution,
            Optional<String> away,
            OptionalInt reentryHours,
            boolean aquarium,
            Optional<String> pets) {}

    /**
     * By what a means is known where somebody wrote down that he used it.
     *
     * @param words what growers write for it, in small letters
     * @param ingredients active ingredients in small letters, each with its mode-of-action group by the public codes where it has one
     * @param entry the kind of spray that a plant's record knows it as
     */
    public record Known(List<String> words, Map<String, Optional<String>> ingredients, Optional<SprayKind> entry) {}

    /** Ids of the disorders that it is used on. */
    public Set<DisorderId> against() {
        return works.against();
    }

    /** Days between two uses against one disorder. */
    public Range intervalAgainst(DisorderId disorder) {
        return pace.intervalFor().getOrDefault(disorder, pace.interval());
    }

    /** Days that must lie between another means that came first and this one; 0 where either may follow the other. */
    int daysAfter(Means other) {
        int cancelled = Math.max(
                cancel(other.id).map(Cancel::days).orElse(0),
                other.cancel(id).map(Cancel::then).orElse(0));
        return waitsFor(other) ? Math.max(cancelled, Situation.SETTLES_DAYS) : cancelled;
    }

    /** Whether it waits until a plant has settled in the medium that the other gave it. */
    boolean waitsFor(Means other) {
        return other.terms.pots() && !terms.onThirsty();
    }

    Optional<Cancel> cancel(String other) {
        return cancels.stream().filter(cancel -> cancel.means().contains(other)).findFirst();
    }

    /** Whether it does all it does at once, so that it is used again and again. */
    boolean repeats() {
        return way == Way.SPRAY || way == Way.SWAB || way == Way.HAND || way == Way.DIP;
    }

    /** Whether it lives. */
    boolean living() {
        return styles.contains(Style.LIVING) && !styles.contains(Style.SYSTEMIC) && way == Way.RELEASE
                || styles.equals(Set.of(Style.LIVING));
    }
}
