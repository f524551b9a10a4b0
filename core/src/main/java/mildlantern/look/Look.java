package mildlantern.look;

/**
 * What a kind is told by at a glance.
 *
 * @param leaf shape of its leaves
 * @param margin their edge
 * @param pattern what is to be seen on them
 * @param habit how it carries itself among plants of its growth form
 * @param sticky whether its leaves bear drops on stalks
 * @param flower shape of its flowers
 * @param green colour of its leaves, as in {@code #5f7d46}
 * @param mark colour of their pattern
 * @param bloom colour of its flowers
 */
public record Look(
        LeafShape leaf,
        LeafMargin margin,
        LeafPattern pattern,
        GrowthHabit habit,
        boolean sticky,
        FlowerShape flower,
        String green,
        String mark,
        String bloom) {
    /** The same with leaves of another shape. */
    public Look withLeaf(LeafShape shape) {
        return new Look(shape, margin, pattern, habit, sticky, flower, green, mark, bloom);
    }

    /** The same with leaves of another colour. */
    public Look withGreen(String colour) {
        return new Look(leaf, margin, pattern, habit, sticky, flower, colour, mark, bloom);
    }

    /** The same with flowers of another colour. */
    public Look withBloom(String colour) {
        return new Look(leaf, margin, pattern, habit, sticky, flower, green, mark, colour);
    }

    /** The same without a pattern, its leaves of another colour. */
    public Look plain(String colour) {
        return new Look(leaf, margin, LeafPattern.PLAIN, habit, sticky, flower, colour, mark, bloom);
    }
}
