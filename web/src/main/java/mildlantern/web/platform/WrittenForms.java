package mildlantern.web.platform;

import java.time.Clock;
import java.time.OffsetDateTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Remembers which forms have been stored, so that a form sent twice is stored once. */
@Component
public class WrittenForms {
    private final JdbcClient jdbc;
    private final Clock clock;

    WrittenForms(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** Whether a form has been stored before. */
    public boolean stored(CollectionId collection, FormKey form) {
        return jdbc.sql("select count(*) from written_form where collection_id = ? and form_key = ?")
                        .params(collection.value(), form.value())
                        .query(Integer.class)
                        .single()
                == 1;
    }

    /** Runs a piece of writing once, however often its form is sent. */
    @Transactional
    public void once(CollectionId collection, FormKey form, Runnable writing) {
        if (firstTime(collection, form)) {
            writing.run();
        }
    }

    /**
     * Claims a form. Part of the caller's transaction: if that fails, the form may be sent again.
     *
     * @param collection the collection it belongs to
     * @param form the key that the form carries
     * @return true for the first time, false if it has been stored before
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public boolean firstTime(CollectionId collection, FormKey form) {
        return jdbc.sql("insert into written_form (collection_id, form_key, written_at) values (?, ?, ?)"
                                + " on conflict do nothing")
                        .params(collection.value(), form.value(), OffsetDateTime.now(clock))
                        .update()
                == 1;
    }
}
