package mildlantern.web.exchange;

import java.time.Clock;
import java.time.OffsetDateTime;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.NotHere;
import mildlantern.web.words.Wording;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Tables that were sent and are not taken yet. */
@Component
class CsvDrafts {
    private final JdbcClient jdbc;
    private final Clock clock;

    CsvDrafts(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** Keeps a table until it is taken, and forgets those of yesterday. */
    @Transactional
    BatchId keep(CollectionId collection, CsvColumns.What what, String text) throws CsvTable.Unreadable {
        CsvTable.read(text);
        jdbc.sql("delete from import_draft where collection_id = ? and written_at < ?")
                .params(collection.value(), OffsetDateTime.now(clock).minusDays(1))
                .update();
        BatchId id = BatchId.fresh();
        jdbc.sql("insert into import_draft (id, collection_id, what, text, written_at) values (?, ?, ?, ?, ?)")
                .params(id.value(), collection.value(), what.name(), text, OffsetDateTime.now(clock))
                .update();
        return id;
    }

    record Draft(CsvColumns.What what, CsvTable table) {}

    Draft draft(CollectionId collection, BatchId id) {
        return jdbc.sql("select what, text from import_draft where collection_id = ? and id = ?")
                .params(collection.value(), id.value())
                .query((row, number) -> {
                    try {
                        return new Draft(CsvColumns.What.valueOf(row.getString(1)), CsvTable.read(row.getString(2)));
                    } catch (CsvTable.Unreadable e) {
                        throw new IllegalStateException("a kept table was readable before", e);
                    }
                })
                .optional()
                .orElseThrow(() -> new NotHere(Wording.say("exchange.csv-drafts.table-import-again")));
    }
}
