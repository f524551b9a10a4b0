package mildlantern.web.log;

import java.util.List;
import mildlantern.log.LogEntry;
import mildlantern.message.Message;
import mildlantern.web.plant.Plant;

/** What speaks against something that is used on a plant now. */
public interface UseTerms {
    /** Why it would be refused, in the order of weight; nothing where it may be used or is not known. */
    List<Message> against(Plant plant, LogEntry.Treated used);
}
