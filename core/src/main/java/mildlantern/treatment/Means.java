package mildlantern.treatment;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
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
 * @param against ids of the disorders that it is used on
 * @param kills share of a stage that dies of being met
 * @param reach share of that by the place where the stage sits; a place that is missing is not reached
 * @param lasting what goes on working afterwards
 * @param interval days between two uses
 * @param intervalFor the same where a pest wants its own
 * @param shareFor share of what it does to other pests, where one is hit less
 * @param mostUses most uses in one course
 * @param rate usual strength
 * @param strongest the strongest that is ever right
 * @param terms under which it may be used
 * @param neverOn traits of plants that it harms
 * @param mindOn traits of plants that it may mark
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
        Set<DisorderId> against,
        Map<StageKind, Range> kills,
        Map<Place, Double> reach,
        Optional<Lasting> lasting,
        Range interval,
        Map<DisorderId, Range> intervalFor,
        Map<DisorderId, Double> shareFor,
        int mostUses,
        Optional<Rate> rate,
        Optional<Rate> strongest,
        Terms terms,
        Set<String> neverOn,
        Set<String> mindOn,
        Optional<String> group,
        List<Cancel> cancels,
        Care care,
        Optional<String> refused,
        Optional<String> instead,
        Known known) {

    /**
     * By what a means is known where somebody wrote down that he used it.
     *
     * @param words what growers write for it, in small letters
     * @param ingredients active ingredients in small letters, each with its mode-of-action group by the public codes where it has one
     * @param entry the kind of spray that a plant's record knows it as
     */
    public record Known(List<String> words, Map<String, Optional<String>> ingredients, Optional<SprayKind> entry) {}

    /** How a means is given. */
    public enum Way {
        SPRAY("spray"),
        SWAB("swab"),
        DRENCH("drench"),
        RELEASE("let go"),
        CARD("hang up"),
        TRAP("set out"),
        HAND("by hand");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * What goes on working.
     *
     * @param days how long, once it works
     * @param starts days until it works
     * @param kills share of a stage that dies each day
     * @param reach share of that by place
     */
    public record Lasting(int days, int starts, Map<StageKind, Range> kills, Map<Place, Double> reach) {}

    /**
     * Under what it may be used.
     *
     * @param celsius air temperature, °C
     * @param mediumCelsius temperature of the medium, °C
     * @param humidity least relative humidity, percent
     * @param sun whether it may be used while the sun is on the plant
     * @param rinseHours hours after which it is rinsed off
     * @param time "morning" or "evening", where it matters
     * @param testLeaf whether one leaf is tried a day ahead
     * @param onThirsty whether it may be used on a plant that wants water
     * @param onFlowering whether it may be used on a plant in flower
     */
    public record Terms(
            Range celsius,
            Optional<Range> mediumCelsius,
            OptionalDouble humidity,
            boolean sun,
            Optional<Range> rinseHours,
            Optional<String> time,
            boolean testLeaf,
            boolean onThirsty,
            boolean onFlowering) {}

    /**
     * Something that must stay away in time.
     *
     * @param means ids of the other means
     * @param days days between the two, whichever comes first
     * @param why in a sentence
     */
    public record Cancel(Set<String> means, int days, String why) {}

    /**
     * For people and surroundings.
     *
     * @param gear what to wear
     * @param caution what to mind
     * @param away what becomes of what is left
     */
    public record Care(List<String> gear, Optional<String> caution, Optional<String> away) {}

    /** Days between two uses against one disorder. */
    public Range intervalAgainst(DisorderId disorder) {
        return intervalFor.getOrDefault(disorder, interval);
    }
}
