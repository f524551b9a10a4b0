package mildlantern.season;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.Wants;
import mildlantern.quantity.Range;

/** The years of all kinds: {@code year.yaml}. */
public final class YearKnowledge {
    /**
     * How a phase is told.
     *
     * @param days whose mean light and warmth decide
     * @param stay least days of a phase that the sun and the readings decide
     * @param grows times its growing light under which it goes slow, and over which it grows
     * @param sun the same by the sun alone
     * @param cold °C below its days at which an evergreen goes slow
     * @param early hours before the due length of day at which cool nights begin a rest
     * @param late hours past the end at which spring ends a rest in any case
     * @param lampHours hours of lamplight that keep a plant growing
     * @param warm °C above its rest's nights from which it is kept growing
     * @param tooWarm °C above its rest's nights from which they are too warm
     * @param again days from the end of a rest in which no other falls due
     * @param word days for which the grower's word stands
     * @param buds days after which buds of which nothing more was seen are over
     * @param ahead days ahead in which a coming rest is said
     * @param bloomPast days past its usual bloom after which flowers are over
     * @param shows days from the beginning of growth until the first of it is seen
     */
    record Rules(
            int days,
            int stay,
            Range grows,
            Range sun,
            double cold,
            double early,
            double late,
            double lampHours,
            double warm,
            double tooWarm,
            int again,
            int word,
            int buds,
            int ahead,
            int bloomPast,
            int shows) {
        static Rules read(Entry entry) {
            return new Rules(
                    (int) entry.number("days", 3, 60),
                    (int) entry.number("stay", 7, 90),
                    entry.range("grows", 0.1, 2),
                    entry.range("sun", 0.05, 2),
                    entry.number("cold", 0, 20),
                    entry.number("early", 0, 4),
                    entry.number("late", 0, 4),
                    entry.number("lamp-hours", 8, 24),
                    entry.number("warm", 0, 20),
                    entry.number("too-warm", 0.5, 10),
                    (int) entry.number("again", 30, 330),
                    (int) entry.number("word", 7, 365),
                    (int) entry.number("buds", 7, 365),
                    (int) entry.number("ahead", 0, 90),
                    (int) entry.number("bloom-past", 0, 365),
                    (int) entry.number("shows", 0, 90));
        }
    }

    final Rules rules;
    private final Practice practice;
    private final ReadingsHold readings;
    private final double nightsCooler;
    private final Map<String, KindOfYear> kinds = new HashMap<>();

    private YearKnowledge(Entry file, PlantKnowledge plants) {
        rules = Rules.read(file.at("rules"));
        practice = Practice.read(file.at("practice"));
        readings = ReadingsHold.read(file.at("readings-hold"));
        nightsCooler = file.number("nights-cooler", 0, 15);
        double slowFeed = file.number("slow-feed", 0, 1);
        Map<String, Entry> entries = file.at("kinds").children();
        entries.forEach((id, entry) -> {
            if (plants.profile(id).isEmpty()) {
                throw entry.failure("is no kind");
            }
            kinds.put(id, KindOfYear.read(entry, slowFeed));
        });
        for (Profile profile : plants.profiles()) {
            if (!kinds.containsKey(profile.id())) {
                throw file.at("kinds").failure("says nothing of " + profile.id());
            }
        }
    }

    /**
     * @throws KnowledgeException if {@code year.yaml} is wrong, or says nothing of a kind; the message names the key
     */
    public static YearKnowledge load(PlantKnowledge plants) {
        return new YearKnowledge(KnowledgeFiles.open("year.yaml"), plants);
    }

    /** The year of a kind; that of its nearest for a kind of one's own. */
    public KindOfYear of(Profile kind) {
        return kind.among(kinds).orElseThrow();
    }

    /** What cold takes of a kind; a night that a kind of one's own likes takes nothing of it, however tender its nearest is. */
    public ColdLimits cold(Profile kind) {
        ColdLimits limits = of(kind).cold();
        double liked = kind.night().celsius();
        return new ColdLimits(Math.min(limits.leaves(), liked), Math.min(limits.roots(), liked));
    }

    /**
     * The day from which new growth may be seen; until then a plant that rests is judged by what gets no worse.
     *
     * @return empty where it does not rest now
     */
    public Optional<LocalDate> newGrowth(PlantYear year) {
        return Recovery.newGrowth(year, rules.shows());
    }

    /** How long what was read at a place holds. */
    public ReadingsHold readings() {
        return readings;
    }

    /** What a plant's year asks for now and in the weeks ahead, by day. */
    public List<YearStep> steps(PlantYear year) {
        return YearStep.of(year, practice);
    }

    /**
     * The day by which a plant outdoors is brought in: some nights before the first that is too cold for it, and not before today.
     *
     * @param nights ahead, in order
     * @return empty where no night ahead is too cold
     */
    public Optional<LocalDate> bringIn(Wants wants, List<Outing.Night> nights, LocalDate today) {
        return Outing.bringIn(wants, nights, today, practice);
    }

    /** Whether a plant that likes it outdoors may go out: it grows, and all nights ahead are safely above its limit. */
    public boolean mayGoOut(Wants wants, List<Outing.Night> nights) {
        return Outing.mayGoOut(wants, nights, practice);
    }

    /** The places that suit a plant, the best first; those of whose nights nothing is known are left out. */
    public <T> List<RestPlaces.Place<T>> suiting(Wants wants, List<RestPlaces.Place<T>> places) {
        return RestPlaces.suiting(wants, places, practice);
    }

    /** The coldest of the last nights, where it was too cold for the kind. */
    public Optional<Recovery.Frost> frost(ColdLimits limits, Conditions there, LocalDate today) {
        return Recovery.frost(limits, there, today, practice);
    }

    /**
     * What a kind wants in a phase.
     *
     * @param swollen whether its buds have swollen or opened: from then on it bears warmth
     */
    public Wants wants(Profile kind, Phase phase, boolean swollen) {
        KindOfYear year = of(kind);
        Range nights = new Range(
                kind.night().celsius(),
                Math.max(
                        kind.night().celsius() + 1,
                        year.nightMost().orElse(kind.day().high() - nightsCooler)));
        double hold = Math.min(year.hold(), kind.dailyLight().low());
        Optional<Rest> rest = year.rest().filter(it -> phase.rests());
        if (rest.isPresent()) {
            return inRest(kind, phase, rest.get(), year);
        }
        Optional<KindOfYear.Buds> buds = year.buds().filter(it -> phase == Phase.SPIKING && !swollen);
        return new Wants(
                phase,
                new Range(hold, kind.dailyLight().high()),
                kind.dailyLight().low(),
                kind.humidity(),
                buds.map(KindOfYear.Buds::days).orElse(kind.day()),
                buds.map(KindOfYear.Buds::nights).orElse(nights),
                0,
                kind.dryness(),
                Optional.empty(),
                buds.map(KindOfYear.Buds::feed).orElse(phase.grows() ? 1 : phase.rests() ? 0 : year.slowFeed()),
                year.lightHours());
    }

    private Wants inRest(Profile kind, Phase phase, Rest rest, KindOfYear year) {
        double high = Math.max(rest.hold(), kind.dailyLight().high());
        return new Wants(
                phase,
                new Range(rest.hold(), high),
                Math.max(rest.hold(), kind.dailyLight().low()),
                new Range(Math.min(30, kind.humidity().low()), kind.humidity().high()),
                rest.days(),
                rest.nights(),
                rules.tooWarm(),
                rest.dryness(),
                rest.daysBetween(),
                0,
                year.lightHours());
    }
}
