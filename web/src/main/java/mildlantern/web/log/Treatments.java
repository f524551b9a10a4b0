package mildlantern.web.log;

import java.util.function.Function;
import mildlantern.log.LogEntry;
import mildlantern.web.platform.CollectionId;

/** What the log needs to know of treatments: what an entry's words say was used. Given by the room that knows them. */
public interface Treatments {
    /** Reads the words of an entry; what is not recognised is treated with nothing known. */
    interface Reader extends Function<String, LogEntry.Treated> {}

    Reader reader(CollectionId collection);
}
