package mildlantern.web.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Tables as spreadsheets of all ages and places write them. */
class CsvTableTest {
    @ParameterizedTest
    @ValueSource(strings = {"name,kind\nGull,pothos\n", "name;kind\nGull;pothos\n", "name\tkind\r\nGull\tpothos\r\n"})
    void commasSemicolonsAndTabsAreTold(String text) throws Exception {
        CsvTable table = CsvTable.read(text);
        assertThat(table.heads()).containsExactly("name", "kind");
        assertThat(table.rows()).containsExactly(List.of("Gull", "pothos"));
    }

    @Test
    void quotedCellsKeepTheirCommasAndLines() throws Exception {
        assertThat(CsvTable.read("name,words\nGull,\"limp, then\nfirm\"\n").rows())
                .containsExactly(List.of("Gull", "limp, then\nfirm"));
    }

    @Test
    void shortRowsAreFilledAndLongOnesCut() throws Exception {
        assertThat(CsvTable.read("a,b\n1\n1,2,3\n").rows()).containsExactly(List.of("1", ""), List.of("1", "2"));
    }

    @Test
    void headsAreMatchedWithoutCaseSpacesAndSigns() {
        assertThat(CsvTable.plain("Accession no.")).isEqualTo("accessionno");
        assertThat(CsvTable.plain("Pot (cm)")).isEqualTo("potcm");
    }

    @Test
    void tooManyRowsAreRefused() {
        String text = "name\n" + "Gull\n".repeat(20_001);
        assertThatThrownBy(() -> CsvTable.read(text)).hasMessageContaining("in parts");
    }
}
