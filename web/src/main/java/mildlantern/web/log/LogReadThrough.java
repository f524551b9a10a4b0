package mildlantern.web.log;

import mildlantern.log.LogEntry;
import mildlantern.plant.PlantKnowledge;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.springframework.stereotype.Component;

/** The log, read as its pages read it. */
@Component
class LogReadThrough implements ReadThrough {
    private final RowsOf rows;
    private final LogBook book;
    private final PlantKnowledge knowledge;

    LogReadThrough(RowsOf rows, LogBook book, PlantKnowledge knowledge) {
        this.rows = rows;
        this.book = book;
        this.knowledge = knowledge;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(LogRow.class, collection, row -> {
            LogLine line = book.line(row);
            line.as(LogEntry.Repotted.class)
                    .flatMap(LogEntry.Repotted::medium)
                    .ifPresent(medium -> RowsOf.require(knowledge.medium(medium).isPresent(), medium, "medium"));
            LogWords.said(line);
        });
    }
}
