package mildlantern.plant;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BotanicalNameTest {
    private static String set(BotanicalName name) {
        return name.parts().stream()
                .map(part -> part.italic()
                        ? "<" + part.text().strip() + ">"
                        : part.text().strip())
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                Phalaenopsis hybrids            | <Phalaenopsis> hybrids
                Dionaea muscipula               | <Dionaea muscipula>
                Pinguicula vulgaris and grandiflora | <Pinguicula vulgaris> and <grandiflora>
                Haworthia and Haworthiopsis     | <Haworthia> and <Haworthiopsis>
                Echeveria and its like          | <Echeveria> and its like
                Dendrobium nobile hybrids       | <Dendrobium nobile> hybrids
                Dendrobium phalaenopsis type    | <Dendrobium phalaenopsis> type
                Nepenthes of the lowlands       | <Nepenthes> of the lowlands
                terrestrial Utricularia         | terrestrial <Utricularia>
                velvet-leaved Anthurium         | velvet-leaved <Anthurium>
                Bromeliaceae with a cup         | Bromeliaceae with a cup
                tropical trees in trays         | tropical trees in trays
                Citrus × microcarpa             | <Citrus> × <microcarpa>
                Dracaena fragrans var. compacta | <Dracaena fragrans> var. <compacta>
                Hibiscus rosa-sinensis          | <Hibiscus rosa-sinensis>
                Phalaenopsis Lamplight Harbour  | <Phalaenopsis> Lamplight Harbour
                """)
    void genusAndSpeciesAreInItalicsAndNothingElseIs(String written, String asSet) {
        assertThat(set(BotanicalName.of(written, Optional.empty()))).isEqualTo(asSet);
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '~',
            value = {"Lamplight", "'Lamplight'", "‘Lamplight’", "\"Lamplight\"", "cv. 'Lamplight'", "' Lamplight '"})
    void aCultivarStandsInSingleQuotesOnceHoweverItWasTyped(String typed) {
        BotanicalName name = BotanicalName.of("Cattleya alliance", Optional.of(typed));
        assertThat(set(name)).isEqualTo("<Cattleya> alliance ‘Lamplight’");
        assertThat(name.plain()).isEqualTo("Cattleya alliance ‘Lamplight’");
    }

    @Test
    void aCultivarInTheKindsNameIsNotSaidTwice() {
        assertThat(set(BotanicalName.of("Drosera capensis 'Red Tide'", Optional.of("Red Tide"))))
                .isEqualTo("<Drosera capensis> ‘Red Tide’");
        assertThat(BotanicalName.of("Drosera capensis 'Red Tide'", Optional.empty())
                        .plain())
                .isEqualTo("Drosera capensis ‘Red Tide’");
        assertThat(BotanicalName.of("Drosera", Optional.of(" '' ")).plain()).isEqualTo("Drosera");
    }

    @Test
    void everyKindOfTheBookHasANameOfWhichNoLatinIsLost() {
        for (Profile kind : PlantKnowledge.load().profiles()) {
            assertThat(BotanicalName.of(kind.botanical(), Optional.empty()).plain())
                    .isEqualTo(kind.botanical());
        }
    }
}
