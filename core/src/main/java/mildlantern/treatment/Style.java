package mildlantern.treatment;

/** How a grower prefers to treat: chosen once for the house, and anew for a course where it fits better. */
public enum Style {
    LIVING("living controls first", "Predators, nematodes and water before anything that is sprayed."),
    WASH("wash and soap first", "Water, hands, soap, alcohol and oil, which leave nothing behind."),
    SYSTEMIC(
            "systemic where justified",
            "What works from inside or longest, by its label, where the plant is worth it.");

    private final String words;
    private final String meaning;

    Style(String words, String meaning) {
        this.words = words;
        this.meaning = meaning;
    }

    public String words() {
        return words;
    }

    public String meaning() {
        return meaning;
    }
}
