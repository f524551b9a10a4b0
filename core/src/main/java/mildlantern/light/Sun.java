package mildlantern.light;

import java.time.LocalDate;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.quantity.Limits;

/** The sun of each day of the year at a latitude: how long it stands in the sky, and what light usual weather lets through. */
public final class Sun {
    private static final int YEAR = 366;
    private static final double YARDSTICK_LATITUDE = 45;
    private static final int YARDSTICK_DAY = 80;
    private static final int STEPS = 96;
    private static final double SECONDS_A_DAY = 86_400;
    private static final double MICRO = 1e6;

    private final double photonsPerJoule;
    private final double winterCloud;
    private final double summerCloud;
    private final double cloudLatitude;
    private final double clear;
    private final double overcast;

    private Sun(Entry file) {
        photonsPerJoule = file.number("photons-per-joule", 1, 3);
        Entry cloud = file.at("usual-cloud");
        winterCloud = cloud.number("winter", 0, 1);
        summerCloud = cloud.number("summer", 0, 1);
        cloudLatitude = cloud.number("latitude", 10, 66);
        clear = file.at("sky").number("clear", 0, 1);
        overcast = file.at("sky").number("overcast", 0, 1);
    }

    /**
     * @throws KnowledgeException if {@code light.yaml} is wrong; the message names the key
     */
    public static Sun load() {
        return new Sun(KnowledgeFiles.open("light.yaml"));
    }

    /**
     * Hours from sunrise to sunset, of a flat horizon: 24/π · ω, with the sunset's hour angle ω = arccos(−tan φ tan δ) and the sun's
     * declination δ; Allen et al. 1998, FAO paper 56, equations 24, 25 and 34.
     *
     * @param latitude degrees, north above 0, -90 to 90
     * @return 0 in the polar night to 24
     */
    public static double hours(double latitude, LocalDate date) {
        return hours(latitude, date.getDayOfYear());
    }

    private static double hours(double latitude, int day) {
        return 24 / Math.PI * sunset(radians(latitude), declination(day));
    }

    private static double radians(double latitude) {
        return Math.toRadians(Limits.require("latitude", latitude, -90, 90, "degrees"));
    }

    private static double declination(int dayOfYear) {
        return 0.409 * Math.sin(2 * Math.PI / 365 * dayOfYear - 1.39);
    }

    private static double sunset(double phi, double declination) {
        return Math.acos(Math.max(-1, Math.min(1, -Math.tan(phi) * Math.tan(declination))));
    }

    /** Mean cloud of usual days, 0 to 1: more in winter than in summer, and the less so the nearer the equator. */
    public double usualCloud(double latitude, LocalDate date) {
        return cloud(latitude, date.getDayOfYear());
    }

    private double cloud(double latitude, int dayOfYear) {
        double middle = (winterCloud + summerCloud) / 2;
        double swing = (winterCloud - summerCloud) / 2 * Math.max(-1, Math.min(1, latitude / cloudLatitude));
        return middle - swing * Math.sin(2 * Math.PI / 365 * dayOfYear - 1.39);
    }

    /** The year of a latitude, reckoned once. */
    public Year year(double latitude) {
        double[] hours = new double[YEAR + 1];
        double[] mol = new double[YEAR + 1];
        for (int day = 1; day <= YEAR; day++) {
            hours[day] = hours(latitude, day);
            mol[day] = outdoors(latitude, day);
        }
        return new Year(hours, mol, outdoors(YARDSTICK_LATITUDE, YARDSTICK_DAY));
    }

    /**
     * Share of usual hours that are overcast, 0 to 1; the others are clear. Light falls faster than cloud grows, so that a day of both is darker than one of
     * middling cloud: the mean is taken over skies, not over cloud.
     */
    public double overcastShare(double latitude, LocalDate date) {
        return overcastShare(latitude, date.getDayOfYear());
    }

    private double overcastShare(double latitude, int day) {
        return (cloud(latitude, day) - clear) / (overcast - clear);
    }

    private double outdoors(double latitude, int day) {
        double phi = radians(latitude);
        double declination = declination(day);
        double dull = overcastShare(latitude, day);
        double joule = 0;
        for (int step = 0; step < STEPS; step++) {
            double angle = 2 * Math.PI * (step + 0.5) / STEPS;
            double sine =
                    Math.sin(phi) * Math.sin(declination) + Math.cos(phi) * Math.cos(declination) * Math.cos(angle);
            joule += (1 - dull) * radiation(sine, clear) + dull * radiation(sine, overcast);
        }
        return joule * SECONDS_A_DAY / STEPS * photonsPerJoule / MICRO;
    }

    /**
     * Global radiation on level ground: (910 sin α − 30)(1 − 0.75 n^3.4), Kasten and Czeplak (1980), Solar Energy 24, equations 1 and 2.
     *
     * @param sine of the sun's altitude
     * @param cloud 0 to 1
     * @return W/m², not below 0
     */
    static double radiation(double sine, double cloud) {
        return sine <= 0 ? 0 : Math.max(0, (910 * sine - 30) * (1 - 0.75 * Math.pow(cloud, 3.4)));
    }

    /** The sun of each day of the year at one latitude. */
    public static final class Year {
        private final double[] hours;
        private final double[] mol;
        private final double yardstick;

        private Year(double[] hours, double[] mol, double yardstick) {
            this.hours = hours;
            this.mol = mol;
            this.yardstick = yardstick;
        }

        /** Hours of daylight. */
        public double hours(LocalDate date) {
            return hours[date.getDayOfYear()];
        }

        /** Whether days grow longer. */
        public boolean rising(LocalDate date) {
            return hours(date) > hours(date.minusDays(1));
        }

        /** Light outdoors in usual weather, mol/m² and day. */
        public double outdoors(LocalDate date) {
            return mol[date.getDayOfYear()];
        }

        /** The same against the spring equinox at 45°, by which the words for brightness are meant; never quite 0. */
        public double share(LocalDate date) {
            return Math.max(0.02, outdoors(date) / yardstick);
        }
    }
}
