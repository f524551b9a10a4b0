package mildlantern.light;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import mildlantern.air.Glazing;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.quantity.Limits;
import net.e175.klaus.solarpositioning.Grena3;
import net.e175.klaus.solarpositioning.SolarPosition;

/**
 * The light of a window at a plant: the sky by the solid angle that is seen of it, the sun by its way through the opening. Leaves are taken
 * to lie half flat and half upright towards the glass.
 */
public final class WindowLight {
    private static final int MINUTES = 5;
    private static final double DELTA_T = 69;
    private static final double LEAST_TO_COMPARE = 2;

    /** A sky may be so many times as bright as it is called. Kind of source: reckoned. */
    private static final double MORE_THAN_SKY = 1.3;

    private final double photonsPerJoule;
    private final Sun sun = Sun.load();
    private final Map<Sky, Double> skies = new EnumMap<>(Sky.class);
    private final Map<Glazing, Double> glass = new EnumMap<>(Glazing.class);
    private final Map<Curtain, Double> curtains = new EnumMap<>(Curtain.class);
    private final Map<LightSource, Double> luxPerPpfd = new EnumMap<>(LightSource.class);

    private WindowLight(Entry file) {
        for (Sky sky : Sky.values()) {
            skies.put(sky, file.at("sky").number(Words.id(sky), 0, 1));
        }
        photonsPerJoule = file.number("photons-per-joule", 1, 3);
        for (Glazing glazing : Glazing.values()) {
            glass.put(glazing, file.at("glass").number(Words.id(glazing), 0.1, 1));
        }
        for (Curtain curtain : Curtain.values()) {
            curtains.put(curtain, file.at("curtain").number(Words.id(curtain), 0, 1));
        }
        for (LightSource source : LightSource.values()) {
            luxPerPpfd.put(source, file.at("lux-per-ppfd").number(Words.id(source), 10, 200));
        }
    }

    /**
     * @throws KnowledgeException if {@code light.yaml} is wrong; the message names the key
     */
    public static WindowLight load() {
        return new WindowLight(KnowledgeFiles.open("light.yaml"));
    }

    /** Light of a day of usual weather before a window, where no weather is known; as {@link #day}, over clear and overcast hours as they are usual. */
    public Day usualDay(Window window, double distanceM, double latitude, LocalDate date) {
        return seen(window, distanceM).usualDay(latitude, 0, date.atStartOfDay(ZoneOffset.UTC));
    }

    /** Cloud of a sky, 0 to 1. */
    public double cloud(Sky sky) {
        return Objects.requireNonNull(skies.get(sky));
    }

    /** PPFD of a reading in lux, µmol/m²s. */
    public double ppfd(double lux, LightSource source) {
        return Limits.require("reading", lux, 0, 200_000, "lux") / Objects.requireNonNull(luxPerPpfd.get(source));
    }

    /**
     * A day's light.
     *
     * @param mol mol/m² and day
     * @param sunHours hours in which the sun, if it shines, falls on the plant
     */
    public record Day(double mol, double sunHours) {}

    /**
     * Light of a day.
     *
     * <p>Global radiation G = (910 sin α − 30)(1 − 0.75 n^3.4) W/m² and its diffuse share 0.3 + 0.7 n², with the sun's altitude α and cloud
     * cover n: Kasten and Czeplak (1980), Solar Energy 24, equations 1 to 3. The sky is taken to be evenly bright. Sun position by Grena (2012).
     *
     * @param window the window
     * @param distanceM of the plant from the glass, m, 0.05 to 20
     * @param latitude degrees, north above 0
     * @param date the day
     * @param cloud mean cloud cover, 0 (clear) to 1
     */
    public Day day(Window window, double distanceM, double latitude, LocalDate date, double cloud) {
        return seen(window, distanceM).day(latitude, 0, date.atStartOfDay(ZoneOffset.UTC), cloud);
    }

    /**
     * Light at one moment.
     *
     * @param ppfd µmol/m²s
     * @param sun whether the sun, if it shines, falls on the plant
     */
    public record Moment(double ppfd, boolean sun) {}

    /**
     * What a meter's reading makes of the reckoned light.
     *
     * @param factor the reading over what was reckoned for it
     * @param mol of a usual day at this time of the year, mol/m²; no more than the sky can give here
     * @param moreThanSky whether the meter read more than the open sky gives then: another sky than was said, or a lamp
     */
    public record Corrected(double factor, double mol, boolean moreThanSky) {}

    /** The place of a plant before a window, or under the open sky; what does not change with the hour is reckoned once. */
    public final class Seen {
        private final Optional<Window> window;
        private final double distance;
        private final double through;
        private final double sky;

        private Seen(Optional<Window> window, double distance) {
            this.window = window;
            this.distance = distance;
            this.through = window.map(it -> Objects.requireNonNull(glass.get(it.glazing()))
                            * Objects.requireNonNull(curtains.get(it.curtain())))
                    .orElse(1.0);
            this.sky = window.map(it -> skySeen(it, distance)).orElse(1.0);
        }

        /**
         * Light of the twenty-four hours from a moment on.
         *
         * @param start the moment, as midnight by the clock of the place
         */
        public Day day(double latitude, double longitude, ZonedDateTime start, double cloud) {
            double mol = 0;
            double sunMinutes = 0;
            for (int minute = MINUTES / 2; minute < 24 * 60; minute += MINUTES) {
                Moment moment = at(start.plusMinutes(minute), latitude, longitude, cloud);
                mol += moment.ppfd() * MINUTES * 60 / 1e6;
                sunMinutes += moment.sun() ? MINUTES : 0;
            }
            return new Day(mol, sunMinutes / 60);
        }

        /** Light of twenty-four hours of usual weather from a moment on. */
        public Day usualDay(double latitude, double longitude, ZonedDateTime start) {
            double dull = sun.overcastShare(latitude, start.toLocalDate());
            Day bright = day(latitude, longitude, start, cloud(Sky.CLEAR));
            Day grey = day(latitude, longitude, start, cloud(Sky.OVERCAST));
            return new Day((1 - dull) * bright.mol() + dull * grey.mol(), bright.sunHours());
        }

        /**
         * A day's light from one reading: the reckoned day times what the meter read against what was reckoned for its hour and sky.
         *
         * @param ppfd that the meter read, µmol/m²s
         * @param when it was read
         * @param cloud of the sky at that hour
         * @return empty where next to no light is reckoned for that hour, as before sunrise
         */
        public Optional<Corrected> corrected(
                double ppfd, ZonedDateTime when, double latitude, double longitude, double cloud) {
            Limits.require("reading", ppfd, 0, 3000, "µmol/m²s");
            double reckoned = at(when, latitude, longitude, cloud).ppfd();
            if (reckoned < LEAST_TO_COMPARE) {
                return Optional.empty();
            }
            ZonedDateTime midnight = when.toLocalDate().atStartOfDay(when.getZone());
            Seen open = outdoors();
            double most =
                    most(reckoned, open.at(when, latitude, longitude, cloud).ppfd());
            double usual = usualDay(latitude, longitude, midnight).mol();
            double factor = Math.max(0.02, Math.min(ppfd, most) / reckoned);
            double mol = Math.min(
                    usual * factor,
                    most(usual, open.usualDay(latitude, longitude, midnight).mol()));
            return Optional.of(new Corrected(factor, mol, ppfd > MORE_THAN_SKY * most));
        }

        /** More than this is no light of this place: what the open sky gives through the glass, or twice what was reckoned where the sun shines in. */
        private double most(double reckoned, double underTheSky) {
            return Math.max(2 * reckoned, through * underTheSky);
        }

        /** Share of an evenly bright sky's light that comes here, 0 to 1, before glass and curtain take theirs. */
        public double sky() {
            return sky;
        }

        /**
         * Light at a moment, by the equations of {@link WindowLight#day}.
         *
         * @param when the moment
         * @param latitude degrees, −66 to 66, north above 0
         * @param longitude degrees, −180 to 180, east above 0
         * @param cloud cover, 0 (clear) to 1
         */
        public Moment at(ZonedDateTime when, double latitude, double longitude, double cloud) {
            Limits.require("latitude", latitude, -66, 66, "degrees");
            Limits.require("longitude", longitude, -180, 180, "degrees");
            Limits.require("cloud", cloud, 0, 1, "of the sky");
            SolarPosition sun = Grena3.calculateSolarPosition(when, latitude, longitude, DELTA_T);
            double altitude = Math.toRadians(90 - sun.zenithAngle());
            double global = Sun.radiation(Math.sin(altitude), cloud);
            if (global <= 0) {
                return new Moment(0, false);
            }
            double diffuse = global * (0.3 + 0.7 * cloud * cloud);
            double turned =
                    window.map(it -> Math.toRadians(sun.azimuth() - it.faces())).orElse(0.0);
            boolean shines =
                    window.map(it -> shinesIn(it, distance, altitude, turned)).orElse(true);
            double watts = diffuse * sky;
            if (shines) {
                double beam = (global - diffuse) / Math.max(Math.sin(altitude), 0.05);
                watts += window.isEmpty()
                        ? global - diffuse
                        : beam * (Math.sin(altitude) + Math.cos(altitude) * Math.cos(turned)) / 2;
            }
            return new Moment(watts * through * photonsPerJoule, shines);
        }
    }

    /**
     * A plant's place before a window.
     *
     * @param window the window
     * @param distanceM from the glass, m, 0.05 to 20
     */
    public Seen seen(Window window, double distanceM) {
        return new Seen(Optional.of(window), Limits.require("distance", distanceM, 0.05, 20, "m"));
    }

    /** A place under the open sky, on level ground. */
    public Seen outdoors() {
        return new Seen(Optional.empty(), 0);
    }

    private static boolean shinesIn(Window window, double distance, double altitude, double turned) {
        if (Math.cos(turned) <= 0.01 || Math.toDegrees(altitude) < window.skyline()) {
            return false;
        }
        double aside = distance * Math.tan(turned);
        double up = distance / Math.cos(turned) * Math.tan(altitude);
        return Math.abs(aside) <= window.widthM() / 2 && up >= window.bottomM() && up <= window.topM();
    }

    /**
     * The share of an evenly bright sky's light that comes through the opening: the mean of a flat leaf and of one that faces the glass. View
     * factors of a rectangle from a small area on its axis (Howell's catalogue, B-3 and B-4).
     */
    static double skySeen(Window window, double distance) {
        double bottom = Math.max(window.bottomM(), distance * Math.tan(Math.toRadians(window.skyline())));
        if (bottom >= window.topM()) {
            return 0;
        }
        double half = window.widthM() / 2;
        double flat = 2 * (flat(half, window.topM(), distance) - flat(half, bottom, distance));
        double facing = 2 * (facing(half, window.topM(), distance) - facing(half, bottom, distance));
        return (flat + facing) / 2;
    }

    private static double flat(double half, double height, double distance) {
        double slant = Math.hypot(height, distance);
        return (Math.atan(half / distance) - distance / slant * Math.atan(half / slant)) / (2 * Math.PI);
    }

    private static double facing(double half, double height, double distance) {
        double x = half / distance;
        double y = height / distance;
        double rootX = Math.sqrt(1 + x * x);
        double rootY = Math.sqrt(1 + y * y);
        return (x / rootX * Math.atan(y / rootX) + y / rootY * Math.atan(x / rootY)) / (2 * Math.PI);
    }
}
