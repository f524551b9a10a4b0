package mildlantern.plant;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A kind is found by what growers call it. */
class KindNamesTest {
    private final KindNames names = new KindNames(PlantKnowledge.load().profiles());

    @ParameterizedTest
    @CsvSource({
        "phal, phalaenopsis",
        "Phalaenopsis, phalaenopsis",
        "Moth Orchids, phalaenopsis",
        "maple, japanese-maple-bonsai",
        "Acer palmatum, japanese-maple-bonsai",
        "juniper, juniper-bonsai",
        "Streptocarpus, streptocarpus",
        "Heptapleurum arboricola, schefflera",
        "Christmas cactus, schlumbergera",
        "aech, aechmea",
        "Sarracenia flava, sarracenia",
        "Sarracenia × catesbaei, sarracenia",
        "Boston fern, boston-fern",
        "Monstera deliciosa, monstera",
        "Nepenthes 'Miranda', nepenthes",
        "Nepenthes ventrata, nepenthes",
        "venus fly-trap, dionaea",
        "Saintpaulia, african-violet",
        "usambara violet, african-violet",
        "Citrus x microcarpa, calamondin",
        "mother in laws tongue, snake-plant",
    })
    void aKindIsFoundByAnyOfItsNames_fromTheirBeginningOrTheMiddle(String written, String kind) {
        assertThat(names.called(written)).extracting(Profile::id).containsExactly(kind);
    }

    @Test
    void aNameOfTwoKindsGivesBoth_andOneOfNoneGivesNothing() {
        assertThat(names.called("dendrobium"))
                .extracting(Profile::id)
                .containsExactlyInAnyOrder("dendrobium-nobile", "dendrobium-evergreen", "dendrobium-kingianum");
        assertThat(names.called("pitcher plant")).hasSizeGreaterThan(2);
        assertThat(names.called("violet"))
                .extracting(Profile::id)
                .containsExactlyInAnyOrder("african-violet", "cyclamen");
        assertThat(names.called("sundew")).hasSizeGreaterThan(2);
        assertThat(names.named("Sundew"))
                .as("what we call so ourselves")
                .map(Profile::id)
                .contains("drosera");
        assertThat(names.named("phal")).isEmpty();
        assertThat(names.called("tomato")).isEmpty();
        assertThat(names.called("  ")).isEmpty();
        assertThat(names.called("Grey fern")).isEmpty();
    }
}
