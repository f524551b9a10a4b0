package mildlantern.web.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import mildlantern.web.platform.CollectionId;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The names by which the rows of an archive know one another. */
class ArchiveKeysTest {
    private static final ArchiveTables.Table PLANT =
            ArchiveTables.named("plant").orElseThrow();

    private final CollectionId collection = CollectionId.fresh();
    private final ArchiveKeys keys = new ArchiveKeys(collection);

    private static ObjectNode row(String key) {
        return JsonMapper.shared().createObjectNode().put("key", key);
    }

    @BeforeEach
    void aPlantAndAStop() throws Exception {
        keys.add(PLANT, row("plant-12"));
        keys.add(ArchiveTables.named("stop").orElseThrow(), row("stop-1"));
    }

    @Test
    void theSameKeyIsTheSameIdInOneCollection_andAnotherInAnother() {
        assertThat(keys.id("plant-12")).isEqualTo(keys.id("plant-12"));
        assertThat(new ArchiveKeys(CollectionId.fresh()).id("plant-12")).isNotEqualTo(keys.id("plant-12"));
    }

    @Test
    void aRowNamesRowsThatAreThere() throws Exception {
        assertThat(keys.reference(PLANT, "stop_id", "stop-1"))
                .isEqualTo(keys.id("stop-1").toString());
    }

    @ParameterizedTest
    @ValueSource(strings = {"stop-2", "plant-12", "stop-1 ", "stop", "11111111-1111-1111-1111-111111111111"})
    void whatNamesNoSuchRowIsRefused(String named) {
        assertThatThrownBy(() -> keys.reference(PLANT, "stop_id", named)).isInstanceOf(ArchiveIn.Unreadable.class);
    }

    @Test
    void aKeyThatStandsTwiceIsRefused() {
        assertThatThrownBy(() -> keys.add(PLANT, row("plant-12")))
                .isInstanceOf(ArchiveIn.Unreadable.class)
                .hasMessageContaining("twice");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "12", "stop-3", "plant-x", "plant-123456789"})
    void whatIsNoKeyOfItsTableIsRefused(String key) {
        assertThatThrownBy(() -> keys.add(PLANT, row(key))).isInstanceOf(ArchiveIn.Unreadable.class);
    }

    @Test
    void keysWithinATextBecomeIds_andWordsThatLookLikeKeysStay() throws Exception {
        assertThat(keys.reference(PLANT, "before_state", "{\"stop\":\"stop-1\",\"was\":\"stop-9\"}"))
                .isEqualTo("{\"stop\":\"" + keys.id("stop-1") + "\",\"was\":\"stop-9\"}");
    }
}
