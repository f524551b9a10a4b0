package mildlantern.web.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.place.StopId;
import mildlantern.web.RandomEntries;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whatever an entry says is read back as it was written. */
class EntryJsonPropertiesTest {
    private final JsonMapper json = JsonMapper.builder().build();
    private final EntryJson entries = new EntryJson(json);

    @Test
    void everyEntryIsReadBackAsItWasWritten_andItsFieldsAreThoseOfAnArchive() {
        Set<LogKind> seen = EnumSet.noneOf(LogKind.class);
        RandomEntries random = new RandomEntries(new Random(13), List.of(StopId.fresh(), StopId.fresh()));
        for (LogEntry entry : random.some(2000)) {
            String text = entries.write(entry);
            assertThat(entries.read(entry.kind(), text)).as(text).isEqualTo(entry);
            JsonNode fields = json.readTree(text);
            assertThat(EntryJson.FIELDS).containsAll(fields.propertyNames());
            seen.add(entry.kind());
        }
        for (LogKind kind : LogKind.values()) {
            assertThat(seen.contains(kind) || RandomEntries.comesOtherwise(kind))
                    .as(kind.name())
                    .isTrue();
        }
    }
}
