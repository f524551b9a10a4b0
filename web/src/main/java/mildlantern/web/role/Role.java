package mildlantern.web.role;

import mildlantern.message.MessageKey;

/** What somebody may do in a collection, from the least on; each may do what those before may. */
public enum Role implements MessageKey {
    /** Reads. */
    READER,
    /** Does the round and writes the record. */
    HELPER,
    /** Does everything but what concerns people and what deletes for good. */
    KEEPER,
    /** Does everything. */
    OWNER;

    /** Whether somebody of this role may do what asks for another. */
    public boolean may(Role needed) {
        return compareTo(needed) >= 0;
    }
}
