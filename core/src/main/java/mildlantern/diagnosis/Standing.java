package mildlantern.diagnosis;

/** What a differential comes to, for the first line of a page. */
public enum Standing {
    /** Something that is catching or kills in days is likely: isolation or a deed today. */
    ACT_TODAY,
    /** Most likely nothing here harms the plant: no treatment. */
    ALL_WELL,
    /** Something was seen that nothing weighed explains: no name should be forced. */
    UNEXPLAINED,
    /** Causes to weigh. */
    OPEN
}
