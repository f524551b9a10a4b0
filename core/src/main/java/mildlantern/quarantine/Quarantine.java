package mildlantern.quarantine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.message.MessageKey;
import mildlantern.pest.Conditions;
import mildlantern.pest.Hopeless;
import mildlantern.pest.LifeTable;
import mildlantern.pest.PestClock;
import mildlantern.pest.Pests;
import mildlantern.place.BenchPlan;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;

/** How long a plant stands alone, and which others may have caught what it has. */
public final class Quarantine {
    private static final Set<String> KEYS = Set.of(
            "arrival-days",
            "least-days",
            "most-days",
            "diseases",
            "incurable",
            "touching-risk",
            "shelf-risk",
            "room-risk",
            "tools-risk",
            "room-risk-of",
            "settles-days",
            "ask-from",
            "by-water",
            "by-tools",
            "carriers",
            "unseen",
            "clean",
            "clean-medium",
            "clean-tools",
            "care");

    private final int arrivalDays;
    private final int leastDays;
    private final int mostDays;
    private final Map<DisorderId, Integer> diseases = new LinkedHashMap<>();
    private final Set<DisorderId> incurable;
    private final Spread spread;
    private final double askFrom;
    private final int unseenDays;
    private final List<String> clean;
    private final String cleanMedium;
    private final String cleanTools;
    private final Map<String, String> care = new LinkedHashMap<>();
    private final Pests pests;

    private Quarantine(Entry file, Pests pests) {
        file.allowOnly(KEYS);
        this.pests = pests;
        arrivalDays = (int) file.number("arrival-days", 14, 365);
        leastDays = (int) file.number("least-days", 7, 365);
        mostDays = (int) file.number("most-days", leastDays, 365);
        file.at("diseases")
                .children()
                .forEach((id, days) -> diseases.put(new DisorderId(id), (int) days.number(leastDays, 365)));
        incurable = Set.copyOf(file.disorders("incurable"));
        spread = new Spread(file);
        askFrom = file.number("ask-from", 0, 1);
        unseenDays = (int) file.number("unseen", 1, 120);
        clean = file.words("clean");
        cleanMedium = file.text("clean-medium");
        cleanTools = file.text("clean-tools");
        file.at("care").children().forEach((what, line) -> care.put(what, line.text()));
    }

    /**
     * @param pests whose life tables tell how long a pest stays unseen
     * @throws KnowledgeException if the file is wrong; the message names the key
     */
    public static Quarantine load(Pests pests) {
        return new Quarantine(KnowledgeFiles.open("quarantine.yaml"), pests);
    }

    /** How long an arrival on which nothing was found stands alone. */
    public IsolationClock arrival(LocalDate arrived) {
        return IsolationClock.of(arrived, arrivalDays, AloneReason.USUAL.with(arrivalDays));
    }

    /**
     * How long a plant that has something stands alone: as long as a survivor that was missed needs to show itself where it stands, counted from
     * the last use or the last find. What cannot be cured or was not treated is ended by no clock.
     *
     * @param last the last use or new find
     * @param disorder what was found
     * @param celsius mean temperature where it stands, °C
     * @param treated whether something was, or is to be, done against it
     */
    public IsolationClock clock(LocalDate last, Optional<DisorderId> disorder, double celsius, boolean treated) {
        if (disorder.isEmpty()) {
            return arrival(last);
        }
        Optional<LifeTable> pest = pests.find(disorder.get());
        boolean hopeless =
                pest.flatMap(LifeTable::hopeless).filter(Hopeless.BIN::equals).isPresent();
        if (hopeless || incurable.contains(disorder.get())) {
            return IsolationClock.never(last, AloneReason.INCURABLE.with());
        }
        if (pest.isPresent() && !pest.get().alone()) {
            return IsolationClock.of(last, 0, AloneReason.NOT_NEEDED.with());
        }
        if (!treated) {
            return IsolationClock.never(last, AloneReason.NOT_TREATED.with());
        }
        return pest.map(table -> pest(last, table, celsius)).orElseGet(() -> disease(last, disorder.get()));
    }

    private IsolationClock disease(LocalDate last, DisorderId disorder) {
        int days = diseases.getOrDefault(disorder, leastDays);
        return IsolationClock.of(last, days, AloneReason.DISEASE.with(days));
    }

    private IsolationClock pest(LocalDate last, LifeTable pest, double celsius) {
        OptionalDouble grows = pest.daysToAdult(celsius);
        OptionalInt shows = grows.isEmpty()
                ? OptionalInt.empty()
                : new PestClock(pest, new Conditions(celsius, 1, pest.start())).rebound();
        if (shows.isEmpty() || shows.getAsInt() > mostDays) {
            return IsolationClock.never(last, AloneReason.COLD.with());
        }
        int days = Math.max(leastDays, shows.getAsInt());
        return IsolationClock.of(last, days, AloneReason.REBOUND.with(days));
    }

    /**
     * A stay of a plant at a place.
     *
     * @param plant its id
     * @param stop the place's id
     * @param outdoors whether that is outdoors
     * @param from its first day there
     * @param until its last day there
     */
    public record Stay(PlantId plant, StopId stop, boolean outdoors, LocalDate from, LocalDate until) {}

    /**
     * Where a pot stands on the plan of its place now.
     *
     * @param xCm from the left, cm; yCm from the front, cm
     * @param radiusCm of the pot, cm
     */
    public record Spot(double xCm, double yCm, double radiusCm) {
        /** Whether leaves of the two usually touch: as the bench plan has it. */
        public boolean touches(Spot other) {
            return Math.hypot(xCm - other.xCm, yCm - other.yCm) <= BenchPlan.LEAF_REACH * (radiusCm + other.radiusCm);
        }
    }

    /** How near two plants came. */
    public enum Nearness implements MessageKey {
        TOUCHING,
        SHELF,
        /** A blade cut the one and then the other. */
        TOOLS,
        ROOM
    }

    /**
     * Those that met.
     *
     * @param source the plant that has it
     * @param disorder what it has
     * @param since the day since which it can have been there
     * @param today the last day that counts
     * @param stays all stays of all plants that reach into that time
     * @param spots where pots stand now
     * @param touched plants that are known to have touched it before it was moved
     * @param cut plants that were cut in that time, if the source was
     * @param hosts plants that are a usual host
     */
    public record Meeting(
            PlantId source,
            DisorderId disorder,
            LocalDate since,
            LocalDate today,
            List<Stay> stays,
            Map<PlantId, Spot> spots,
            Set<PlantId> touched,
            Set<PlantId> cut,
            Set<PlantId> hosts) {}

    /**
     * Ranks the plants that may have caught something.
     *
     * @return the likeliest first; nobody with less than a chance in a thousand
     */
    public List<Contact> contacts(Meeting meeting) {
        return spread.contacts(meeting);
    }

    /** Days that something may have been there before it was found, where no pest clock tells. */
    public int unseenDays() {
        return unseenDays;
    }

    /** What is cleaned where a plant with something catching stood, a sentence each. */
    public List<String> cleaning(String plant, DisorderId disorder) {
        List<String> all = new ArrayList<>(
                clean.stream().map(line -> line.replace("{plant}", plant)).toList());
        if (spread.byWater(disorder)) {
            all.add(cleanMedium);
        }
        if (spread.byTools(disorder)) {
            all.add(cleanTools);
        }
        return List.copyOf(all);
    }

    /**
     * A line for a care sheet after a course.
     *
     * @param what "feed-again" or "treated" for the plant itself, "near" for one that stood near
     * @throws IllegalArgumentException if the knowledge base has no such line
     */
    public String care(String what) {
        if (!care.containsKey(what)) {
            throw new IllegalArgumentException("quarantine.yaml has no care line '" + what + "'");
        }
        return care.getOrDefault(what, "");
    }

    /** Days that an arrival on which nothing was found stands alone. */
    public int arrivalDays() {
        return arrivalDays;
    }

    /** Whether a plant is so likely to have caught it that a look of its own is asked for; for others the usual round is enough. */
    public boolean worthALook(Contact contact) {
        return contact.risk() >= askFrom;
    }

    /** What the file names as disorders, so that a test can hold it against the knowledge of disorders. */
    public Set<DisorderId> disorders() {
        Set<DisorderId> named = new LinkedHashSet<>(diseases.keySet());
        named.addAll(incurable);
        named.addAll(spread.disorders());
        return named;
    }
}
