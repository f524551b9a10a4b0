package mildlantern.treatment;

/** A line of a care sheet: one matter in which a plant's keeping is settled. */
public enum CareSetting {
    WATERING("watering"),
    WATER("water"),
    LIGHT("light"),
    PLACE("place"),
    HUMIDITY("humidity"),
    FEEDING("feeding"),
    POTTING("potting"),
    HEALTH("looking");

    private final String words;

    CareSetting(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
