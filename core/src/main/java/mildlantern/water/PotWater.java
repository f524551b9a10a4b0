package mildlantern.water;

/**
 * The water of one plant: what its medium holds, in mL from bone dry, with tray or reservoir above that, and what its leaves and stems store.
 *
 * <p>Loss of the medium a day = thirst · leaf · pull of the day · stress + bare · deficit · saturation^falls + what the tissue takes up. Stress is 1
 * while more than the given share of the available water is left and falls in proportion below it (Allen et al. 1998, FAO paper 56, equation 84).
 * Surface and wall dry as they do under any plant: thirst does not scale them; they fall with a power of saturation that the medium's pores set (1
 * where it draws water up to its surface, 2 where it dries from outside in). What roots cannot bring and the leaves lose all the same comes out of
 * the tissue, which fills again when the medium is wet.
 */
public final class PotWater {
    /** Most of medium or tissue that may go in one step; the error of a dry-down then stays below 1 %. */
    private static final double A_STEP = 0.06;

    private static final int MOST_STEPS = 40;
    private static final double LONGEST_STEP = 2;
    private static final double LONGEST_DAYS = 120;

    private final PotParts of;
    private final double store;
    private final double capacityMl;
    private final double boundMl;
    private final double availableMl;

    PotWater(PotParts of) {
        this(of, 1);
    }

    private PotWater(PotParts of, double store) {
        this.of = of;
        this.store = store;
        this.capacityMl = of.capacityMl() * store;
        this.boundMl = (1 - of.available()) * capacityMl;
        this.availableMl = capacityMl - boundMl;
    }

    /** The same pot, were its medium to hold so many times as much. */
    PotWater storing(double store) {
        return new PotWater(of, store);
    }

    /** The same pot with a reservoir of its own, mL, on a wick. */
    PotWater onWick(double reservoirMl) {
        return new PotWater(of.withReservoir(reservoirMl), store);
    }

    /** What the medium holds when it has drained, mL. */
    public double capacityMl() {
        return capacityMl;
    }

    /** What reservoir or tray hold when full, mL; 0 without one. */
    public double reservoirMl() {
        return of.reservoirMl();
    }

    /** All the pot can hold: medium and reservoir, mL. */
    public double topMl() {
        return capacityMl + of.reservoirMl();
    }

    /** Wet through, and tissue full. */
    public Held full() {
        return new Held(topMl(), of.tissueMl());
    }

    /** What is left in the medium, mL, when the plant wants water again; with a reservoir, when that has just run out. */
    public double thresholdMl() {
        return of.reservoirMl() > 0 ? capacityMl : boundMl + of.left() * availableMl;
    }

    /** Share of the available water in the medium that is left: 1 at capacity, 0 when roots find nothing, below 0 towards bone dry. */
    public double moisture(double mediumMl) {
        return (Math.min(mediumMl, capacityMl) - boundMl) / availableMl;
    }

    /** The water, mL, at which so much of the available share is left. */
    public double waterAt(double moisture) {
        return boundMl + moisture * availableMl;
    }

    /** What is there to be used, 0 to 1, reservoir included: for drawing. */
    public double fullness(double mediumMl) {
        return Math.max(0, (mediumMl - boundMl) / (topMl() - boundMl));
    }

    /** How far it is on its way from wet through to wanting water: 0 to 1, above 1 where it has wanted some for long. */
    public double used(Held held) {
        if (of.reservoirMl() > 0) {
            return (topMl() - held.mediumMl()) / of.reservoirMl();
        }
        double medium = capacityMl - thresholdMl();
        double gone = capacityMl - held.mediumMl();
        double tissue = of.spent() * of.tissueMl();
        return tissue == 0
                ? gone / medium
                : (Math.min(gone, medium) + of.tissueMl() - held.tissueMl()) / (medium + tissue);
    }

    /** Whether its own store decides when it wants water. */
    boolean livesOnItsStore() {
        return of.spent() > 0;
    }

    /** Share of what it can bear to lose out of its tissue that it has lost: from 1 on it is harmed. */
    public double harm(Held held) {
        return (1 - held.tissueMl() / of.tissueMl()) / of.harmed();
    }

    /**
     * What is poured in.
     *
     * @param pouredMl what is poured, 0 or more; a dry medium lets part of it run through
     */
    public Poured pour(Held held, double pouredMl) {
        double kept = pouredMl * (held.mediumMl() > capacityMl ? 1 : keeps(held.mediumMl()));
        double after = Math.min(topMl(), held.mediumMl() + kept);
        return new Poured(new Held(after, held.tissueMl()), held.mediumMl() + pouredMl - after);
    }

    /** Wetted through as its grower does it: what is on wood is soaked, and its leaves drink as well. */
    Held wetThrough(Held held) {
        return new Held(topMl(), of.onWood() ? of.tissueMl() : held.tissueMl());
    }

    private double keeps(double mediumMl) {
        return of.keepsDry() + (1 - of.keepsDry()) * Math.max(0, Math.min(1, moisture(mediumMl)));
    }

    /**
     * After pouring.
     *
     * @param runOffMl what ran out below
     */
    public record Poured(Held held, double runOffMl) {}

    /**
     * How much to pour to wet it through so that some runs out below.
     *
     * @param mediumMl what is there
     * @return mL; with a reservoir just what fills it
     */
    public double toWetThroughMl(double mediumMl) {
        double missing = Math.max(0, topMl() - mediumMl);
        return of.reservoirMl() > 0
                ? missing
                : missing / Math.min(keeps(mediumMl), 1 - of.losses().runOff().middle());
    }

    /**
     * What a day's climate draws from this pot and brings it.
     *
     * @param leafMl by the leaves, mL a day at a thirst of 1 while nothing is short
     * @param bareMl by surface and wall while wet, mL a day
     * @param rainMl what falls into it, mL a day
     */
    record Pull(double leafMl, double bareMl, double rainMl) {
        /** The same of a plant that does a share of its usual leaf work. */
        Pull atWork(double share) {
            return new Pull(leafMl * share, bareMl, rainMl);
        }
    }

    Pull pull(Climate climate) {
        Losses losses = of.losses();
        return new Pull(
                of.leafMl() * losses.ofLeaves(climate, of.byNight()),
                (of.surfaceMl() + of.wallMl()) * losses.ofBare(climate),
                losses.rain(climate) * of.topCm2() / 10);
    }

    /** Loss a day, mL, of leaves and medium at this much water. */
    public double lossPerDay(Held held, Climate climate, double thirst) {
        Pull pull = pull(climate);
        double stress = stress(held.mediumMl());
        return thirst * pull.leafMl() * stress + bare(held.mediumMl(), pull);
    }

    private double stress(double mediumMl) {
        return Math.max(0, Math.min(1, moisture(mediumMl) / of.losses().stressBelow()));
    }

    private double bare(double mediumMl, Pull pull) {
        double saturation = Math.max(0, Math.min(1, mediumMl / capacityMl));
        double falls = of.falls();
        return pull.bareMl()
                * (falls == 1 ? saturation : falls == 2 ? saturation * saturation : Math.pow(saturation, falls));
    }

    /**
     * What is left after some days without watering.
     *
     * @param days how long, 0 or more
     */
    public Held after(Held held, Climate climate, double thirst, double days) {
        return after(held, pull(climate), thirst, days);
    }

    Held after(Held held, Pull pull, double thirst, double days) {
        double medium = Math.min(topMl(), held.mediumMl() + pull.rainMl() * days * keeps(held.mediumMl()));
        double tissue = held.tissueMl();
        double demand = thirst * pull.leafMl();
        double fastest =
                Math.max((demand + pull.bareMl()) / capacityMl, of.idle() * demand / Math.max(1e-9, of.tissueMl()));
        int steps = (int) Math.max(1, Math.min(MOST_STEPS, Math.ceil(days * fastest / A_STEP)));
        double step = days / steps;
        for (int i = 0; i < steps; i++) {
            double stress = stress(medium);
            double half = Math.max(0, medium - (demand * stress + bare(medium, pull)) * step / 2);
            stress = stress(half);
            double supplied = demand * stress;
            double shortfall = Math.max(0, of.idle() * demand * tissue / of.tissueMl() - supplied);
            double missing = of.tissueMl() - tissue;
            double taken = Math.min(missing, missing * of.losses().refill() * stress * step);
            medium = Math.max(0, medium - (supplied + bare(half, pull)) * step - taken);
            tissue = Math.max(0, tissue + taken - shortfall * step);
        }
        return new Held(medium, tissue);
    }

    /**
     * Days until the plant wants water.
     *
     * @return 0 where it does now; at most 120, where it never comes to that
     */
    public double daysToDry(Held held, Climate climate, double thirst) {
        return daysToDry(held, pull(climate), thirst);
    }

    double daysToDry(Held held, Pull pull, double thirst) {
        Held now = held;
        double used = used(now);
        double days = 0;
        while (used < 1 && days < LONGEST_DAYS) {
            double step = Math.min(LONGEST_STEP, Math.max(0.02, (1 - used) / 4 * spell(pull, thirst)));
            Held next = after(now, pull, thirst, step);
            double then = used(next);
            if (then >= 1) {
                return days + step * (1 - used) / Math.max(1e-9, then - used);
            }
            now = next;
            used = then;
            days += step;
        }
        return Math.min(days, LONGEST_DAYS);
    }

    /** Days that a dry-down would take were nothing ever short: a yardstick for steps. */
    private double spell(Pull pull, double thirst) {
        double way = of.reservoirMl() > 0 ? of.reservoirMl() : capacityMl - thresholdMl() + of.spent() * of.tissueMl();
        return way / Math.max(1e-9, thirst * pull.leafMl() + pull.bareMl());
    }
}
