package mildlantern.web.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;

class ArchiveListsTest {
    private static String read(String table, String field, String text) {
        return ArchiveLists.read(table, field, JsonNodeFactory.instance.stringNode(text))
                .toString();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "stop        | near   | DOOR_DRAUGHT,HEATER | [\"DOOR_DRAUGHT\",\"HEATER\"]",
                "stop        | near   | ''                  | []",
                "case_trial  | holds  | FEED                | [\"FEED\"]",
                "own_product | not_on | fern,,moss          | [\"fern\",\"moss\"]",
                "stop        | name   | bench, south        | \"bench, south\""
            })
    void aListInAnOlderArchiveIsReadAsOne(String table, String field, String text, String list) {
        assertThat(read(table, field, text)).isEqualTo(list);
    }

    @Test
    void aListOfTodayIsLeftAsItIs() {
        assertThat(ArchiveLists.read(
                        "stop", "near", JsonMapper.shared().createArrayNode().add("HEATER")))
                .hasToString("[\"HEATER\"]");
    }

    @ParameterizedTest
    @ValueSource(strings = {"[[\"HEATER\"]]", "[{\"means\":{\"deep\":1}}]", "[{\"means\":[1]}]"})
    void aListHoldsWordsOrFlatObjects_andNothingDeeper(String list) {
        assertThatThrownBy(() -> parsed(list)).isInstanceOf(ArchiveIn.Unreadable.class);
    }

    @Test
    void aListOfThousandsIsNone() {
        assertThatThrownBy(() -> parsed("[" + "\"HEATER\",".repeat(5000) + "\"HEATER\"]"))
                .isInstanceOf(ArchiveIn.Unreadable.class);
    }

    private static JsonNode parsed(String list) throws ArchiveIn.Unreadable {
        JsonParser parser = JsonMapper.shared().createParser(list);
        parser.nextToken();
        return ArchiveLists.read(parser);
    }
}
