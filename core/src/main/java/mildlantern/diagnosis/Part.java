package mildlantern.diagnosis;

/** A part of a plant or its pot on which something can be found, and which can be touched on its plate. */
public enum Part {
    WHOLE("the whole plant"),
    LEAF("older leaves"),
    NEW_LEAF("newest growth"),
    CROWN("crown"),
    STEM("stem"),
    TWIG("twigs"),
    CANE("canes"),
    OFFSET("offsets"),
    FLOWER("flowers and buds"),
    PITCHER("traps and pitchers"),
    MEDIUM("medium"),
    POT("pot and saucer"),
    ROOT("roots");

    private final String words;

    Part(String words) {
        this.words = words;
    }

    /** The part in a sentence, as in "older leaves". */
    public String words() {
        return words;
    }
}
