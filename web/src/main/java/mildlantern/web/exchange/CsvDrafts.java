package mildlantern.web.exchange;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Map;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.NotHere;
import mildlantern.web.words.Wording;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Tables that were sent and are not taken yet. */
@Component
class CsvDrafts {
    private static final TypeReference<Map<String, String>> MENDS = new TypeReference<>() {};

    private final JdbcClient jdbc;
    private final Clock clock;
    private final JsonMapper json;

    CsvDrafts(JdbcClient jdbc, Clock clock, JsonMapper json) {
        this.jdbc = jdbc;
        this.clock = clock;
        this.json = json;
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

    /**
     * A kept table.
     *
     * @param mends what was mended of it since
     */
    record Draft(CsvColumns.What what, CsvTable table, CsvMends mends) {}

    /** Keeps what was mended of a table. */
    @Transactional
    void mend(CollectionId collection, BatchId id, Map<String, String> further) {
        CsvMends mends = draft(collection, id).mends().with(further);
        jdbc.sql("update import_draft set mends = cast(? as jsonb) where collection_id = ? and id = ?")
                .params(json.writeValueAsString(mends.all()), collection.value(), id.value())
                .update();
    }

    Draft draft(CollectionId collection, BatchId id) {
        return jdbc.sql("select what, text, mends::text from import_draft where collection_id = ? and id = ?")
                .params(collection.value(), id.value())
                .query((row, number) -> {
                    try {
                        return new Draft(
                                CsvColumns.What.valueOf(row.getString(1)),
                                CsvTable.read(row.getString(2)),
                                new CsvMends(json.readValue(row.getString(3), MENDS)));
                    } catch (CsvTable.Unreadable e) {
                        throw new IllegalStateException("a kept table was readable before", e);
                    }
                })
                .optional()
                .orElseThrow(() -> new NotHere(Wording.say("exchange.csv-drafts.table-import-again")));
    }
}
