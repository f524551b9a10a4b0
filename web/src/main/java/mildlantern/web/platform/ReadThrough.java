package mildlantern.web.platform;

/** Reads through all that a room keeps of a collection, as its pages would, so that rows from elsewhere that would break a page are found. */
public interface ReadThrough {
    /**
     * @throws RuntimeException if a row cannot be read; its message says which word or number is not known
     */
    void readThrough(CollectionId collection);
}
